/** What a piece of a device's text speaks of. `none`: nothing says so. */
export type Subject = "solar" | "input" | "batteryAmps" | "other" | "none";

const solar =
  /\bsol(?:ar|aire|eil)|\bsun(?:shine)?\b|\bsonne|\bzonne|\bpv\b|\bpv(?=\d)|photovolta|fotovolta|\bmppt?\b|\bpanels?\b|panneau|\bmodul|\barray\b|generatorspannung|\b[vu]oc\b|open[ -]?circuit|leerlauf|circuit ouvert|tension à vide|circuito abierto|start[ -]?up|turn[ -]?on voltage|wake|startspannung|anlaufspannung|einschaltspannung|open spanning|kortsluit|short[ -]?circuit|kurzschlu(?:ss|ß)|court[ -]circuit/i;
const input =
  /\binputs?\b|eingang|eingänge|entr[ée]e|entrada|ingresso|ingang|\bcharg(?:ing|es?|er)\b|\bdc[ -]?in\b|\blade(?!schluss|spannung)|recharge|accepts?\b|takes\b/i;
/** What the device gives its battery. */
const batteryAmps =
  /(?:(?:rated|nominal|max\w*\.?|full|total|mppt|solar|pv|battery) ){0,3}(?:charg(?:e|ing)|battery|output) (?:current|amps|amperage)|\b(?:nenn-?|max\.? ?)?ladestrom|laadstroom|courant de (?:charge|sortie)|corriente de carga|(?:current|amps?) (?:in)?to (?:the )?batter|^(?:max\w*\.? )?(?:rated|nominal|nenn) ?(?:current|strom)|^nennstrom|^current rating|batteriestrom|charges the battery (?:with|at)/i;
/** Never of the sun's side, whatever else the words say. */
const neverSolar =
  /consumption|verbrauch|consommation|efficiency|wirkungsgrad|rendement|temperatur|température|weight|gewicht|poids|dimension|abmess|\bsize\b|warranty|garantie|terminal|klemm|cross-section|\bprice|preis|\busb\b|absorption|\bfloat|erhaltung|equali[sz]|boost (?:charge|volt)|(?:battery )?charge voltage|(?<!max\. pv-)ladeschluss|ladespannung|recommended|empfohlen|recommandé|suitable for|suits|ideal for|e\.g\.|for example|\btime\b|\bhours?\b|dauer|\bload\b(?! ?dump)|lastausgang|\boutput (?:voltage|power)|\busage|surge|bluetooth|protection|schutz|humidity|altitude|lvd|reconnect|disconnect|ripple|standby|\bcable|\bfuse\b|sicherung|accessor|zubehör|in the box|lieferumfang|tested with|panels? sold/i;
/** Not of the sun's side, unless the words name the sun as well. */
const otherwise =
  /\bac\b|wechselstrom|\bnetz|\bmains\b|\bgrid\b|\bwall\b|steckdose|secteur|\boutputs?\b|ausgang|ausgänge|sortie|salida|uscita|uitgang|\bcar\b|vehicle|\bkfz|\bauto(?:laden|ladung)\b|cigar|zigarett|voiture|coche|alternator|lichtmaschine|alternateur|\bups\b|\binverter\b|wechselrichter|onduleur|capacity|kapazität|capacité|\bbatter(?:y|ie|ies|ien|ía)\b|\bakku|system(?: |-)?(?:voltage|spannung)|systemspannung|nominal voltage|\bcell|zyklen|cycle|\bfan\b|display|noise|wi-?fi|sockets?\b.*\b[12]\d0 ?v|laptop|phone|light\b|\blamp/i;
/** Names a figure by its kind alone; what it is of, a heading says. */
const generic =
  /^(?:max\w*\.?|min\w*\.?|rated|nominal|nenn\w*|operating|working|allowed|permitted|range|limit|voltage|volts?|current|amps?|power|watts?|spannung|spannungsbereich|strom|leistung|tension|courant|puissance|plage|bereich|total|in total|combined|up to|bis|of|de|in|gesamt|[ ,.()/-])*$/i;

/** What the name of a figure says it is of, or the words about it. */
export function subjectOf(words: string): Subject {
  if (batteryAmps.test(words) && !/short|isc|kurzschlu/i.test(words)) return "batteryAmps";
  if (neverSolar.test(words)) return "other";
  const [isSolar, isOther] = [solar.test(words), otherwise.test(words)];
  // both at once: what mains and sun do together is no limit of the sun's side
  if (isSolar && isOther && /\bac\b|netz|mains|grid|wall|dual|simultan|\+/i.test(words)) return "other";
  if (isSolar) return "solar";
  if (isOther) return "other";
  return input.test(words) ? "input" : "none";
}

export function isGeneric(label: string): boolean {
  return generic.test(label);
}

export const says = {
  shortCircuit: /short|\bi_?sc\b|kurzschlu|kortsluit|court|cortocirc|absolute|never exceed|must not/i,
  openCircuit: /open|\b[vu]_?oc\b|leerlauf|open spanning|à vide|abierto/i,
  tracking: /mppt?|operating|working|tracking|arbeits|betriebs|fonctionnement|trabajo|full power|best/i,
  start: /start|wake|einschalt|anlauf|turn[ -]?on|switch[ -]?on|begin|démarr|arranque/i,
  stay: /stay|keep|continue|run on|danach|hold|afterwards|weiter|sustain|then/i,
  overBattery:
    /(?:above|over|higher than|plus|\+|exceeds?|greater than|über|mehr als)[^;.]{0,24}(?:batt|akku|vbat)|(?:batt\w*|vbat\w*|akku\w*)[^;.]{0,24}(?:\+|plus|by)|über (?:der )?batterie/i,
  most: /max|up to|\bbis\b|höchst|≤|<|limit|at most|no more than|not exceed|never more|jusqu|hasta|tops?\b|ceiling|below|under/i,
  least: /\bmin|from\b|\bab\b|at least|mindest|lowest|≥|>|dès|desde/i,
  total: /total|combined|together|altogether|insgesamt|gesamt|zusammen|overall|in all|all inputs|both|au total|shared/i,
  each: /\beach\b|\bper\b|\bje\b|\bpro\b|chaque|jeweils|every/i,
  battery: /batt|akku|system/i,
} as const;
