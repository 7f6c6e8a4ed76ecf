import { words } from '../../../base/words/words.ts';
import type { Edge } from '../edge.ts';
import { END } from '../figures.ts';
import { pattern } from '../pattern.ts';
import { LENGTH, measure, type Rule } from './rule.ts';

/** Figures that are set elsewhere or belong to something else: understood, shown, without a part in the plan. */
const DECIMAL = String.raw`\d+(?:[.,]\d+)?`;
const RANGE = String.raw`${DECIMAL}(?:\s*(?:-|to|–)\s*${DECIMAL})?`;
const NOTED: readonly (readonly [as: string, starts: Rule['starts'], source: string])[] = [
  [
    'wire speed, set on the plan',
    'digit',
    String.raw`${RANGE}\s*(?:m\/min|mpm|m\s+per\s+min(?:ute)?|ipm|in\/min|inch(?:es)?\/min|mm\/min|m?\s*wfs|wire\s*speed|wire\s*feed(?:\s*speed)?)`,
  ],
  [
    'wire speed, set on the plan',
    'letter',
    String.raw`(?:wfs|wire\s*speed|wire\s*feed(?:\s*speed)?)\s*[=:]?\s*(?:of\s+)?${RANGE}(?:\s*(?:m\/min|mpm|ipm|in\/min))?`,
  ],
  ['travel, set on the plan', 'digit', String.raw`${RANGE}\s*(?:mm\/s|cm\/min|travel(?:\s*speed)?)`],
  [
    'gas flow, set on the plan',
    'digit',
    String.raw`(?:${RANGE}\s*(?:l\/min|l\s+per\s+min(?:ute)?|lpm|lit(?:re|er)s?(?:\s*(?:per|a|\/)\s*min(?:ute)?)?|cfh|scfh)|(?:[1-5]?\d)(?:\s*-\s*\d{1,2})?\s*l(?:\s+gas)?)`,
  ],
  [
    'gas flow, set on the plan',
    'letter',
    String.raw`(?:flow|gas\s+flow|gas\s+at)\s*[=:]?\s*${RANGE}(?:\s*(?:l\/min|lpm|l|cfh))?`,
  ],
  ['volts, set on the plan', 'digit', String.raw`(?:[89]|[1-4]\d)(?:[.,]\d+)?\s*(?:v|volts?)`],
  [
    'volts, set on the plan',
    'letter',
    String.raw`volts?\s*[=:]?\s*(?:at\s+)?(?:[89]|[1-4]\d)(?:[.,]\d+)?\s*v?`,
  ],
  [
    'mains',
    'digit',
    String.raw`(?:(?:1[01]\d|2[0-4]\d|3[89]\d|4[0-6]\d)\s*(?:v|volts?)|[13][\s-]*(?:ph|phase))(?:\s*(?:supply|mains|machine|set|input))?`,
  ],
  ['mains', 'letter', String.raw`(?:single|three)[\s-]*phase`],
  ['supply', 'digit', String.raw`\d+\s*(?:amps?|a)\s*(?:plug|socket|supply|fuse|breaker|outlet|circuit)`],
  [
    'current, set on the plan by the wire speed',
    'digit',
    String.raw`\d+(?:\s*(?:-|to)\s*\d+)?\s*(?:amps?|a)(?:\s*(?:set|machine|inverter|max))?`,
  ],
  ['heat input: a record of the weld', 'digit', String.raw`${RANGE}\s*kj(?:\s*\/\s*mm|\s*\/\s*in)?`],
  [
    'heat input: a record of the weld',
    'letter',
    String.raw`heat\s*input\s*[=:]?\s*(?:max\s+|of\s+)?${RANGE}\s*(?:kj(?:\s*\/\s*mm)?)?`,
  ],
  [
    'the machine’s own scale',
    'letter',
    String.raw`(?:(?:machine\s+)?set\s+(?:to|at|on)|setting|dial|knob|tap|position|heat)\s+\d{1,2}(?:\.\d)?(?:\s+(?:of|out\s+of)\s+\d{1,2})?(?!\s*(?:mm|"|ga|\/))`,
  ],
  [
    'weight',
    'digit',
    String.raw`(?:\d{1,2}\/\d{1,2}|${DECIMAL})k?\s*(?:lbs?|pounds?|kgs?|kilos?|tonnes?|tons?|t(?=\s+(?:swl|wll|lift|jack|press|excavator|digger|trailer|truck|crane))|swl|wll)(?:\s+(?:swl|wll))?`,
  ],
  ['weight', 'letter', String.raw`(?:half|quarter|one|two|three|five|ten)[\s-]+ton(?:ne)?s?`],
  [
    'volume',
    'digit',
    String.raw`${DECIMAL}\s*(?:gal(?:lons?)?|lit(?:re|er)s?|ltrs?|l)\s+(?=drum|tank|barrel|ibc|trough|bowser|keg|bucket|kettle|pot|can)`,
  ],
  [
    'volume',
    'digit',
    String.raw`(?:\d{2,4}\s*gal|\d{1,4}\s*gallons?|${DECIMAL}\s*(?:cc|ml|m3|m³|yards?|cu\.?\s*ft))`,
  ],
  ['pressure', 'digit', String.raw`${DECIMAL}\s*(?:bar|psi|kpa|mpa)`],
  [
    'no part in the plan',
    'digit',
    String.raw`${RANGE}\s*(?:hz|%|hp|kw|nm|rpm|mph|km\/h|kph|mins?|minutes?|secs?|seconds?|hours?|hrs?|days?|weeks?|years?|yrs?|(?:st|nd|rd|th)\s+(?:gear|gen|scale)|series|link|stroke|speed|point|lug|bolt|hole|post|wheel|seater|man|axle|leaf|spoke|cyl(?:inder)?|door|tier|ply|bay|horse)`,
  ],
  [
    'angle of the edges: the plan names its own',
    'digit',
    String.raw`${RANGE}\s*(?:°|degs?\.?|degrees?|º)(?:\s*[cf])?(?:\s*(?:included|incl\.?|vee?|bevels?|angle|prep|chamfer|preheat|interpass|max))*`,
  ],
  ['angle of the edges: the plan names its own', 'digit', String.raw`${DECIMAL}\s*(?:bevels?|chamfers?)`],
  [
    'preheat or interpass: the plan says when',
    'letter',
    String.raw`(?:preheat|pre-heat|interpass)(?:\s*(?:to|of|max|min|temp(?:erature)?|=|:))*\s*${RANGE}\s*(?:°|deg(?:rees?)?)?\s*[cf]?(?:\s*(?:max|min))?`,
  ],
  [
    'preheat or interpass: the plan says when',
    'digit',
    String.raw`\d{2,3}\s*(?:°|deg(?:rees?)?)?\s*[cf]?\s*(?:preheat|interpass)`,
  ],
  ['how warm or cold it is', 'digit', String.raw`\d{2,3}\s*[cf](?=\s|,|$)`],
  [
    'stick-out, set on the plan',
    'digit',
    String.raw`${LENGTH}[\s-]*(?:stick[\s-]*out|eso|ctwd|ctw|electrode\s+extension|tip\s+to\s+work)`,
  ],
  [
    'stick-out, set on the plan',
    'letter',
    String.raw`(?:stick[\s-]*out|ctwd|eso|tip\s+to\s+work|electrode\s+extension)\s*[=:]?\s*(?:of\s+)?${LENGTH}`,
  ],
  ['nozzle, named on the plan', 'digit', String.raw`${LENGTH}[\s-]*(?:nozzle|shroud|cup)`],
  ['nozzle, named on the plan', 'letter', String.raw`(?:nozzle|shroud|cup)\s*${LENGTH}`],
  [
    'the edge: see the plan’s fit-up',
    'digit',
    String.raw`${LENGTH}[\s-]*(?:root\s*face|land|nose|root\s*radius|radius|rad|root\s*nose)`,
  ],
  [
    'the edge: see the plan’s fit-up',
    'letter',
    String.raw`(?:root\s*face|land|nose|c\s*=)\s*[=:]?\s*(?:of\s+)?${LENGTH}`,
  ],
  [
    'a size that is no thickness',
    'digit',
    String.raw`${LENGTH}[\s-]*(?:wide|width|high|height|tall|deep|hole|holes|bore|i\.?d\.?|overlap|square\s+hole|apart|away|reach|from\s+(?:the\s+)?(?:end|edge)|offset)`,
  ],
  [
    'a size that is no thickness',
    'letter',
    String.raw`(?:width|height|depth|overlap(?:\s+of)?|bore)\s*[=:]?\s*${LENGTH}`,
  ],
  [
    'a thread',
    'letter',
    String.raw`m\d{1,2}(?:\s*x\s*\d+(?:\.\d+)?)?(?=\s*(?:weld\s+)?(?:nuts?|bolts?|studs?|thread(?:ed)?|screws?|set\s*screws?|rods?|inserts?|bush|boss|eye|holes?|tapped))`,
  ],
  [
    'a thread',
    'digit',
    String.raw`(?:\d{1,2}\/\d{1,2}|\d{1,2})-(?:1[0-9]|2[048]|32|[4-9])(?:\s*(?:un[cf]|nc|nf))?(?=\s+(?:weld\s+)?(?:nuts?|bolts?|studs?|thread|threaded|all\s*thread|coupling))`,
  ],
  [
    'plug and spot welds are not planned',
    'digit',
    String.raw`${LENGTH}[\s-]*(?:holes?\s+)?(?:plug|slot|spot)\s*welds?`,
  ],
  [
    'a stick electrode',
    'digit',
    String.raw`(?:1\/8|3\/32|5\/32|2\.5|3\.2|4\.0)\s*(?:mm\s*)?(?=70\d\d\b|60\d\d\b|rods?\b)`,
  ],
  ['a bead’s width', 'digit', String.raw`${LENGTH}[\s-]*(?:bead|cap|weave|wide\s+bead)`],
  ['a stringer’s width', 'digit', String.raw`\d+\/\d+\s*stringers?(?=\s+(?:beads?|on|in|over))`],
  [
    'tacks: the plan gives their length and spacing',
    'digit',
    String.raw`(?:${LENGTH}|\d+)[\s-]*(?:tacks?|tack\s*welds?)`,
  ],
  ['purity of the gas', 'digit', String.raw`[45][.,][0568](?=\s|,|$)(?<=(?:argon|ar|co2|helium)\s+\S{3})`],
  ['several passes', 'letter', String.raw`multi[\s-]*(?:pass(?:es)?|runs?)`],
  [
    'a drawing number',
    'letter',
    String.raw`(?:(?:dwg|drg|drawing|rev|item|detail|det|wo|po|mk|ref|fig|nr|cat)(?:\.|\s+no\.?|\s+nr\.?)?|(?:job|part|line|sheet|mark|weld|piece|machine)\s+(?:no|nr|number)\.?)\s*[:#]?\s*[a-z]{0,3}[-\s]?\d{1,6}[a-z]?(?=\s|,|;|:|$)`,
  ],
  [
    'a standard',
    'letter',
    String.raw`(?:en|iso|din|bs|as|asme|aws|astm|csa)(?:\s+(?:en|iso|nzs))*\s+[a-z]?\d+(?:[-.\/]\d+)*(?:[-:]\d+)*`,
  ],
  ['a year or a model', 'digit', String.raw`(?:19[4-9]\d|20(?!11|14|17|24)[0-3]\d)(?=\s)`],
  [
    'a wire class that is not in the table',
    'letter',
    String.raw`t\s*\d{2}\s+\d\s+[a-z]\s+[a-z]\s*\d(?:\s+h\d+)?`,
  ],
  ['a wire class by its strength', 'letter', String.raw`g\s*\d{2}\s+\d(?=\s+(?:m\d\d|c1?)\b)`],
  ['a stick electrode', 'letter', String.raw`e\s*\d{2}\s+\d\s+[a-z]+\s*\d*`],
  ['so many parts', 'digit', String.raw`\d{1,2}[x×](?=\s+\d)`],
  [
    'so many seams',
    'digit',
    String.raw`\d{1,2}\s?[x×](?=\s*\d+\s*(?:mm|cm|m|in|"|ft)?\s*(?:long|seams?|runs?|stitch|welds?))`,
  ],
  ['so many parts', 'letter', String.raw`stack\s+of\s+\d+(?:\s*[x×])?`],
  ['so many of them', 'digit', String.raw`\d{1,4}\s+seams?(?:\s+of)?`],
];

export const NOTED_RULES: readonly Rule[] = NOTED.map(([as, starts, source]) => ({
  starts,
  pattern: pattern(source + END),
  read: (match): Omit<Edge, 'end'> => ({
    meanings: measure(words`${match[0].trim()}: ${as}`, []),
    terms: [as === 'a thread' ? 'figureThread' : starts === 'digit' ? 'figureNoted' : 'figureNotedFirst'],
    // a word with a figure of its own behind or before it, without a sign between
    ...(!/\d/.test(match[0]) || /[=:]/.test(match[0]) || as === 'a thread'
      ? {}
      : { style: starts === 'digit' ? 'head-behind' : 'head-first' }),
  }),
}));
