import { type PaperTable } from "@/features/print-tables";
import { PrintTable, SvgPicture } from "@/ui";
import { type SheetContent } from "./sheet-content";
import { sheetLooks } from "./looks";

type Props = {
  readonly content: SheetContent;
  readonly script: string;
  readonly sha256: string;
  readonly data: string;
};

/** The whole sheet as one page that asks for nothing: its looks, its script and its drawings are in it. */
export function Page({ content, script, sha256, data }: Props) {
  const { title, under, verdict, surfaces, diagrams, cables, lists, gates, ports, airC, brightAt, cautions } = content;
  const policy = `default-src 'none'; img-src data:; style-src 'unsafe-inline'; script-src 'sha256-${sha256}'; base-uri 'none'; form-action 'none'`;
  return (
    <html lang="en">
      {/* eslint-disable-next-line @next/next/no-head-element -- a file of its own, outside the framework */}
      <head>
        <meta charSet="utf-8" />
        <meta httpEquiv="Content-Security-Policy" content={policy} />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="referrer" content="no-referrer" />
        <title>{`${title}: sheet for the roof`}</title>
        <style dangerouslySetInnerHTML={{ __html: sheetLooks }} />
      </head>
      <body>
        <header>
          <h1>{title}</h1>
          <p>{under}</p>
          <p className="verdict">{verdict}</p>
          <noscript>
            <p className="warn">
              Scripts are off here: everything can be read and boxes tick, but nothing is kept and nothing comes home.
              Open the file in a browser, or write on paper.
            </p>
          </noscript>
          <p className="warn" id="not-kept" role="status" hidden>
            This browser keeps nothing: what you tick and type is gone when you close it. Before that take the text, the
            file or the codes at the end of this sheet.
          </p>
        </header>
        <p id="wrong" role="alert" />
        <nav aria-label="On this sheet">
          <a href="#drawings">Drawings</a>
          <a href="#work">Order of work</a>
          <a href="#due">What is due</a>
          <a href="#read">Readings</a>
          <a href="#home">Bring it home</a>
        </nav>
        <main>
          <section id="drawings">
            <h2>Drawings and dimensions</h2>
            {surfaces.map(({ id, name, svg, places, more }) => (
              <div key={id}>
                <SvgPicture svg={svg} alt={`Drawing of ${name}`} />
                {[places, ...more].map((table) => (
                  <Ruled key={table.caption} table={table} />
                ))}
              </div>
            ))}
            {diagrams.map((svg, k) => (
              <SvgPicture key={k} svg={svg} alt="Wiring" />
            ))}
            {cables !== null && <Ruled table={cables} />}
          </section>
          <section id="work">
            <h2>Order of work</h2>
            {lists.map(({ id, name, steps }) => (
              <div key={id}>
                <h3>{name}</h3>
                <ol className="steps">
                  {steps.map((step) => (
                    <li key={step.id}>
                      <label>
                        <input type="checkbox" data-list={id} data-step={step.id} defaultChecked={step.isDone} />
                        <span>
                          <strong>{step.what}</strong> {step.how}
                        </span>
                      </label>
                    </li>
                  ))}
                </ol>
              </div>
            ))}
            {gates.length > 0 && (
              <>
                <h3>Measured twice before what cannot be undone</h3>
                <table>
                  <caption>
                    From the left and from the back edge, mm; cover the first while you take the second.
                  </caption>
                  <tbody>
                    {gates.map(({ key, name, planned }) => (
                      <tr key={key} data-measure={key}>
                        <th scope="row">
                          {name}
                          {planned === "" ? "" : <small> plan: {planned}</small>}
                        </th>
                        <td>
                          <input inputMode="decimal" aria-label={`${name}, from the left, mm`} placeholder="left" />
                        </td>
                        <td>
                          <input inputMode="decimal" aria-label={`${name}, from the back, mm`} placeholder="back" />
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </>
            )}
          </section>
          <section id="due">
            <h2>What is due, hour by hour</h2>
            <p id="due-now" role="status" />
            <p>
              Reckoned for a clear sky and {airC} °C of air, on panels that are clean and lit all over; a reckoned sky
              is good to a tenth.
            </p>
            {ports.map(({ name, hours }) => (
              <table key={name}>
                <caption>{name}</caption>
                <thead>
                  <tr>
                    <th scope="col">Hour</th>
                    <th scope="col">Open</th>
                    <th scope="col">Running</th>
                    <th scope="col">Clear</th>
                    <th scope="col">Cloud</th>
                  </tr>
                </thead>
                <tbody>
                  {hours.map(({ atMs, day, hour, openV, runV, runA, clearW, overcastW }) => (
                    <tr key={atMs} data-at={atMs}>
                      <th scope="row">
                        {day} {hour}
                      </th>
                      <td>{`${openV}\u00a0V`}</td>
                      <td>{`${runV}\u00a0V, ${runA}\u00a0A`}</td>
                      <td>{`${clearW.toFixed(0)}\u00a0W`}</td>
                      <td>{`${overcastW.toFixed(0)}\u00a0W`}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            ))}
          </section>
          <section id="read">
            <h2>Readings</h2>
            <p>Due about {brightAt} under a clear sky. Volts hardly depend on the light; amps and watts follow it.</p>
            {ports.map(({ name, reads }) => (
              <table key={name}>
                <caption>{name}</caption>
                <tbody>
                  {reads.map(({ key, place, what, unit, low, high, due }) => (
                    <tr key={key}>
                      <th scope="row">
                        {place}, {what}
                        <small> {due}</small>
                      </th>
                      <td className="field">
                        <input
                          inputMode="decimal"
                          aria-label={`${name}, ${place}, ${what}, ${unit}`}
                          data-read={key}
                          data-low={low ?? ""}
                          data-high={high ?? ""}
                        />
                        {`\u00a0${unit}`}
                      </td>
                      <td data-told="" role="status" />
                    </tr>
                  ))}
                </tbody>
              </table>
            ))}
            <h3>For the log</h3>
            <div className="log">
              <label>
                Watts <input id="log-watts" inputMode="decimal" />
              </label>
              <label>
                Sky
                <select id="log-sky" defaultValue="">
                  <option value="">not said</option>
                  <option value="clear">clear</option>
                  <option value="haze">thin haze</option>
                  <option value="broken">broken cloud</option>
                  <option value="overcast">overcast</option>
                </select>
              </label>
              <label>
                Battery, % <input id="log-charge" inputMode="decimal" />
              </label>
              <button type="button" id="log-write">
                Write it down
              </button>
            </div>
            <p id="log-fault" role="alert" />
            <ul id="log-list" />
          </section>
          <section id="home">
            <h2>Bring it home</h2>
            <p id="counted" role="status" />
            <p>
              In the plan, under Log, “For the roof” reads the file, the text or a picture of the codes. Twice is once.
            </p>
            <div className="buttons">
              <button type="button" id="save-file">
                As a file
              </button>
              <button type="button" id="show-codes">
                As codes
              </button>
            </div>
            <div id="codes" />
            <label>
              As text, to copy
              <textarea id="as-text" readOnly rows={4} />
            </label>
          </section>
          <section>
            <h2>Take care</h2>
            <ul>
              {cautions.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
            <p>
              A plan, not a permit: check it against the things themselves. Your local code and a licensed person have
              the last word.
            </p>
          </section>
        </main>
        <script type="application/json" id="sheet-data" dangerouslySetInnerHTML={{ __html: data }} />
        <script dangerouslySetInnerHTML={{ __html: script }} />
      </body>
    </html>
  );
}

/** A table that is wider than the phone is moved by itself. */
function Ruled({ table }: { readonly table: PaperTable }) {
  return (
    <div className="wide">
      <PrintTable {...table} />
    </div>
  );
}
