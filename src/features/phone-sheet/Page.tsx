import { type PaperTable } from "@/features/print-tables";
import { PrintTable, SvgPicture } from "@/ui";
import { type SheetContent } from "./sheet-content";
import { sheetLooks } from "./looks";
import { pageTexts } from "@/messages/en/phone-sheet/view";

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
        <title>{pageTexts.titlePhoneSheet(title)}</title>
        <style dangerouslySetInnerHTML={{ __html: sheetLooks }} />
      </head>
      <body>
        <header>
          <h1>{title}</h1>
          <p>{under}</p>
          <p className="verdict">{verdict}</p>
          <noscript>
            <p className="warn">{pageTexts.scriptsAreOffHereYouCanRead}</p>
          </noscript>
          <p className="warn" id="not-kept" role="status" hidden>
            {pageTexts.thisBrowserSavesNothingWhatYou}
          </p>
        </header>
        <p id="wrong" role="alert" />
        <nav aria-label={pageTexts.onThisPhoneSheet}>
          <a href="#drawings">{pageTexts.drawings}</a>
          <a href="#work">{pageTexts.orderOfWork}</a>
          <a href="#due">{pageTexts.expectedValues}</a>
          <a href="#read">{pageTexts.readings}</a>
          <a href="#home">{pageTexts.export}</a>
        </nav>
        <main>
          <section id="drawings">
            <h2>{pageTexts.drawingsAndDimensions}</h2>
            {surfaces.map(({ id, name, svg, places, more }) => (
              <div key={id}>
                <SvgPicture svg={svg} alt={pageTexts.drawingOfName(name)} />
                {[places, ...more].map((table) => (
                  <Ruled key={table.caption} table={table} />
                ))}
              </div>
            ))}
            {diagrams.map((svg, k) => (
              <SvgPicture key={k} svg={svg} alt={pageTexts.wiring} />
            ))}
            {cables !== null && <Ruled table={cables} />}
          </section>
          <section id="work">
            <h2>{pageTexts.orderOfWork}</h2>
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
                <h3>{pageTexts.measureTwiceBeforeAStepThat}</h3>
                <table>
                  <caption>{pageTexts.fromTheLeftAndFromTheBackEdgeIn}</caption>
                  <tbody>
                    {gates.map(({ key, name, planned }) => (
                      <tr key={key} data-measure={key}>
                        <th scope="row">
                          {name}
                          {planned === "" ? "" : <small> {pageTexts.planPlanned(planned)}</small>}
                        </th>
                        <td>
                          <input
                            inputMode="decimal"
                            aria-label={pageTexts.nameFromTheLeftMm(name)}
                            placeholder={pageTexts.left}
                          />
                        </td>
                        <td>
                          <input
                            inputMode="decimal"
                            aria-label={pageTexts.nameFromTheBackMm(name)}
                            placeholder={pageTexts.back}
                          />
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </>
            )}
          </section>
          <section id="due">
            <h2>{pageTexts.expectedValuesHourByHour}</h2>
            <p id="due-now" role="status" />
            <p>{pageTexts.calculatedForAClearSkyAirOfAirCC(airC)}</p>
            {ports.map(({ name, hours }) => (
              <table key={name}>
                <caption>{name}</caption>
                <thead>
                  <tr>
                    <th scope="col">{pageTexts.hour}</th>
                    <th scope="col">{pageTexts.voc}</th>
                    <th scope="col">{pageTexts.operating}</th>
                    <th scope="col">{pageTexts.clear}</th>
                    <th scope="col">{pageTexts.cloud}</th>
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
            <h2>{pageTexts.readings}</h2>
            <p>{pageTexts.expectedAboutBrightAtUnderAClear(brightAt)}</p>
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
            <h3>{pageTexts.forTheLog}</h3>
            <div className="log">
              <label>
                {pageTexts.watts} <input id="log-watts" inputMode="decimal" />
              </label>
              <label>
                {pageTexts.sky}
                <select id="log-sky" defaultValue="">
                  <option value="">{pageTexts.notEntered}</option>
                  <option value="clear">{pageTexts.clear2}</option>
                  <option value="haze">{pageTexts.thinHaze}</option>
                  <option value="broken">{pageTexts.brokenCloud}</option>
                  <option value="overcast">{pageTexts.overcast}</option>
                </select>
              </label>
              <label>
                {pageTexts.stateOfCharge} <input id="log-charge" inputMode="decimal" />
              </label>
              <button type="button" id="log-write">
                {pageTexts.saveEntry}
              </button>
            </div>
            <p id="log-fault" role="alert" />
            <ul id="log-list" />
          </section>
          <section id="home">
            <h2>{pageTexts.export}</h2>
            <p id="counted" role="status" />
            <p>{pageTexts.inThePlanUnderPhoneSheetImport}</p>
            <div className="buttons">
              <button type="button" id="save-file">
                {pageTexts.asAFile}
              </button>
              <button type="button" id="show-codes">
                {pageTexts.asCodes}
              </button>
            </div>
            <div id="codes" />
            <label>
              {pageTexts.asTextToCopy}
              <textarea id="as-text" readOnly rows={4} />
            </label>
          </section>
          <section>
            <h2>{pageTexts.safety}</h2>
            <ul>
              {cautions.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
            <p>{pageTexts.thisIsAPlanNotAPermitCheckIt}</p>
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
