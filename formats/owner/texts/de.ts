import { formatFixed, formatShort } from '../../../core/units/formatNumber';
import type { OwnerTexts } from './OwnerTexts';

const comma = (text: string): string => text.replace('.', ',');

const dates = new Intl.DateTimeFormat('de-DE', { dateStyle: 'long', timeZone: 'UTC' });

export const de: OwnerTexts = {
  language: 'Deutsch',
  day: (iso) => dates.format(new Date(`${iso}T12:00:00Z`)),
  pageOf: (n, of) => `Seite ${n} von ${of}`,
  title: 'Ihre Dieselheizung',
  invented: 'DEMO: Werkstatt, Personen, Fahrzeug und Zahlen sind erfunden.',
  serial: (serial) => `Heizgerät, Nummer ${serial}`,
  inside: {
    road: 'Niemals in einer Garage, in einer Halle oder auf einem Fährdeck laufen lassen.',
    trailer: 'Niemals in einer Garage, in einer Halle oder unter einem geschlossenen Vorzelt laufen lassen.',
    boat: 'Niemals im Bootshaus oder unter einer geschlossenen Persenning laufen lassen.',
    building: 'Niemals mit verdecktem Auspuff oder verdeckter Luft laufen lassen.',
  },
  never: {
    title: 'Niemals',
    lines: [
      'Niemals einem heißen Gerät den Strom nehmen, weder am Schalter noch an der Sicherung: Sein Gebläse muss es kühlen.',
      'Niemals beim Tanken laufen lassen oder wo Kraftstoffdampf sein kann: Tankstelle, Lackiererei.',
      'Niemals Auspuff, Brennluft oder eine Öffnung für Frischluft verschließen, verdecken oder kürzen.',
      'Niemals Wäsche darauf trocknen oder etwas dagegen stauen.',
    ],
  },
  alarm: {
    title: 'Kohlenmonoxid tötet und riecht nicht',
    lines: [
      'Alarm, Kopfschmerz, Übelkeit oder Schwindel: alle hinaus, Türen auf, Heizung am Taster aus, Hilfe rufen. Draußen bleiben, bis nachgesehen wurde.',
      'Prüftaste des Melders vor jeder Fahrt und einmal im Monat drücken; Batterie und Melder bis zum Datum auf der Rückseite ersetzen.',
    ],
  },
  light: ({ mode, ignitionS }) => ({
    title: 'Anzünden',
    lines: [
      'Nachsehen, dass Auspuff und Luft frei sind von Schnee, Schlamm, Laub und Nestern und eine Öffnung für Frischluft offen ist.',
      `Am Bediengerät einschalten, wie seine Anleitung zeigt. Das Gebläse läuft gleich an${ignitionS === null ? '; eine Flamme braucht zwei bis fünf Minuten.' : `; bei der Probe hier kam die Flamme nach ${formatFixed(ignitionS)} Sekunden.`}`,
      mode === 'fixed'
        ? 'Sie läuft mit fester Leistung: mehr oder weniger mit den Pfeilen wählen.'
        : mode === 'target'
          ? 'Sie läuft nach Temperatur: Grad mit den Pfeilen wählen.'
          : 'Mehr oder weniger Wärme wählen die Pfeile, wie die Anleitung zeigt.',
      'Zündet sie nach zwei Versuchen nicht, aufhören: nicht wieder und wieder einschalten, denn unverbrannter Kraftstoff sammelt sich. Rufen Sie uns an.',
    ],
  }),
  stop: ({ afterrunS }) => ({
    title: 'Ausschalten',
    lines: [
      `Am Taster ausschalten und den Strom an lassen. Das Gebläse läuft${afterrunS === null ? ' zwei bis fünf Minuten' : ` etwa ${formatShort(Math.max(1, Math.ceil(afterrunS / 60)))} min`} nach und hält von selbst an: Erst dann ist sie aus.`,
    ],
  }),
  signs: {
    title: 'Was ein Zeichen bedeutet',
    lines: [
      'Ein dünner weißer Hauch beim Start, an den ersten Tagen Geruch nach Farbe: üblich.',
      'Weißer Rauch, der bleibt: Sie brennt schlecht; aus, rufen Sie uns an.',
      'Schwarzer Rauch, Ruß am Ende: zu wenig Luft; aus, Luft und Auspuff frei machen, rufen Sie uns an.',
      'Geruch nach Diesel oder Abgas innen: aus, Türen auf, hinaus; nicht wieder an, bis nachgesehen wurde.',
      'Das Ticken der Pumpe wird laut: Luft in der Leitung, oder der Tank ist fast leer.',
      'Sie wird in der Kälte schwach und geht aus: Kraftstoff zu dick für das Wetter oder Batterie schwach.',
    ],
  },
  codes: (codes) => ({
    title: 'Codes, die sie zeigen kann',
    lines: codes.map(({ code, meaning }) => `${code}: ${meaning}`),
  }),
  fuel: ({ goodToC }) => ({
    title: 'Kraftstoff im Winter',
    lines: [
      goodToC === null
        ? 'Vor dem Frost Winterdiesel tanken; Sommerdiesel wird nahe null Grad dick.'
        : `Nach unserer Rechnung fördert diese Leitung den eingetragenen Kraftstoff bis ${comma(formatShort(goodToC))} °C an der Pumpe (gerechnet, nicht erprobt). Darunter kann sie hungern: vor dem Frost Winter- oder Polardiesel tanken.`,
      'Nur Diesel: kein Benzin, kein Pflanzenöl. Wasser und Schmutz fernhalten; den Tank über einem Viertel halten.',
    ],
  }),
  burnHot: {
    title: 'Heiß brennen',
    lines: [
      'Nach je zehn Stunden auf kleiner Stufe eine halbe Stunde voll laufen lassen, damit der Ruß verbrennt. Einmal im Monat, auch im Sommer, zehn Minuten laufen lassen.',
    ],
  },
  spares: (names) => ({
    title: 'Gut dabeizuhaben',
    lines: [['eine Sicherung gleicher Stärke', 'eine Glühkerze mit ihrem Sieb', 'ein Kraftstofffilter', ...names].join(', ')],
  }),
  dates: {
    title: 'Termine',
    handedOver: (day) => `Übergeben: ${day}`,
    due: (what, day, months) =>
      months === null
        ? `${what}: bis ${day}`
        : `${what}: zuerst am ${day}, dann ${months === 1 ? 'jeden Monat' : months === 12 ? 'jedes Jahr' : `alle ${months} Monate`}`,
    none: 'Gezählt ab der Übergabe; fragen Sie Ihre Werkstatt.',
  },
  dues: {
    leaks: 'Kraftstoffverbindungen ansehen, trocken',
    exhaust: 'Auspuff, Schellen und Luft ansehen',
    alarm: 'Melder prüfen',
    service: 'Wartung in der Werkstatt',
    alarmEnds: 'Melder ersetzen',
  },
  dueWhy: {
    alarmEnds:
      'Das Datum des Kohlenmonoxid-Melders läuft ab: ein alter spürt vielleicht nichts mehr. Durch einen gleicher Art ersetzen.',
    leaks:
      'Jede Verbindung der Kraftstoffleitung abwischen und nach einer Stunde Betrieb wieder ansehen. Geruch nach Diesel: Heizung aus, Werkstatt anrufen.',
    exhaust: 'Schellen, Rohr, sein Ende und den Lufteinlass ansehen: kein Ruß an einer Verbindung, nichts im Weg.',
    alarm: 'Prüftaste des Kohlenmonoxidmelders drücken und auf das Datum auf seiner Rückseite sehen.',
    service:
      'Filter, Sieb, Kerze, Ruß, Verbindungen, ein Start mit Messungen. Die Anleitung des Herstellers kann es früher wollen.',
  },
  call: ({ workshop, signedBy }) => ({
    title: 'Wen Sie anrufen',
    lines: [
      `${workshop}${signedBy ? `; unterschrieben hat ${signedBy}` : ''}. Bei Gefahr: der Notruf des Ortes, an dem Sie sind.`,
    ],
  }),
  notice:
    'Übliche Praxis, aus dem Gedächtnis. Die Anleitung des Herstellers und örtliche Regeln gehen diesem Blatt vor; es ist keine Zulassung. Die Abstände sind der Rat der Werkstatt.',
  labels: {
    refuel: ['NUR DIESEL', 'Heizung aus, bevor Sie tanken'],
    stop: (minutes) => ['AM TASTER AUSSCHALTEN', `Strom an lassen, bis das Gebläse steht (etwa ${minutes} min)`],
    fuse: (amps) => [`HEIZUNG  ${comma(formatShort(amps))} A`, 'Niemals ziehen, solange sie heiß ist'],
    isolator: ['TRENNSCHALTER HEIZUNG', 'Erst aus, wenn das Gebläse steht'],
    hot: ['HEISS', 'Nicht berühren, nicht abdecken'],
    scale: 'Dieser Balken ist 100 mm lang. Mit 100 %, „Originalgröße“, drucken.',
  },
};
