/** How the sheet looks: black on white for the sun, large enough for gloves, one column, good on paper too. */
export const sheetLooks = `
*{box-sizing:border-box}
body{margin:0;padding:0 14px 40px;background:#fff;color:#000;font:18px/1.45 system-ui,sans-serif;max-width:900px}
h1{font:700 26px/1.2 Georgia,serif;margin:16px 0 4px}
h2{font:700 22px/1.2 Georgia,serif;margin:34px 0 8px;padding-top:8px;border-top:4px solid #e9a000}
h3{font-size:18px;margin:20px 0 6px}
.verdict{font-weight:700;border-left:8px solid #000;padding-left:10px}
.warn{border:3px solid #000;padding:8px 10px;font-weight:700}
#wrong:not(:empty){position:sticky;top:0;z-index:1;margin:0 -14px;padding:10px 14px;background:#000;color:#fff;font-weight:700}
nav{display:flex;flex-wrap:wrap;gap:8px;margin:12px 0}
nav a,button{display:inline-flex;align-items:center;min-height:48px;padding:4px 14px;border:2px solid #000;border-radius:6px;background:#fff;color:#000;font:700 17px/1.2 system-ui,sans-serif;text-decoration:none}
button{background:#ffc94d}
img{width:100%;border:1px solid #000}
table{width:100%;border-collapse:collapse;margin:12px 0;font-size:16px}
.wide{overflow-x:auto}
.field{white-space:nowrap}
caption{text-align:left;font-weight:700;padding-bottom:4px}
th,td{text-align:left;border-bottom:1px solid #000;padding:6px 8px 6px 0;vertical-align:middle;font-variant-numeric:tabular-nums}
th small{display:block;font-weight:400}
tr[data-now] th,tr[data-now] td{background:#ffe7ad}
.steps{list-style:none;margin:0;padding:0}
.steps label{display:flex;gap:12px;align-items:flex-start;padding:9px 0;border-bottom:1px solid #000;min-height:48px}
input[type=checkbox]{width:32px;height:32px;flex:none;margin:0;accent-color:#000}
input,select,textarea{font:inherit;color:#000;background:#fff;border:2px solid #000;border-radius:6px}
input:not([type=checkbox]),select{min-height:48px;width:6em;max-width:100%;padding:4px 8px}
input[aria-invalid=true]{border-style:dashed;border-width:4px}
textarea{width:100%;font-size:14px}
.log{display:flex;flex-wrap:wrap;gap:12px;align-items:flex-end}
.log label{display:grid;gap:2px;font-weight:700}
.buttons{display:flex;gap:10px;margin-bottom:10px}
figure{margin:12px 0;max-width:420px}
fig.wide{overflow-x:auto}
.field{white-space:nowrap}
caption{font-weight:700}
:focus-visible{outline:4px solid #0b57d0;outline-offset:2px}
@media print{nav,.buttons{display:none}body{font-size:12px}}
`;
