<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>daruma</name>
  <message>
   <location filename="app.py" />
   <source>There is no display here. Set DISPLAY, or run without a window by QT_QPA_PLATFORM=offscreen.</source>
   <translation>Hier gibt es keine Anzeige. DISPLAY setzen, oder ohne Fenster starten mit QT_QPA_PLATFORM=offscreen.</translation>
  </message>
  <message>
   <location filename="app.py" />
   <source>PySide6 6.12.0 aborts on Python 3.11 and earlier. Install 6.11 with: make setup</source>
   <translation>PySide6 6.12.0 bricht unter Python 3.11 und früher ab. 6.11 installieren mit: make setup</translation>
  </message>
  <message>
   <location filename="app.py" />
   <source>daruma: {reason}</source>
   <translation>daruma: {reason}</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>The backup is safe.</source>
   <translation>Die Sicherung ist unversehrt.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>Look at the part, then plan again from here.</source>
   <translation>Das Teil ansehen, dann von hier aus neu planen.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>done</source>
   <translation>erledigt</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>The device reported success, the {looked} differs.</source>
   <translation>Das Gerät meldete Erfolg, {looked} weicht ab.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>read-back</source>
   <translation>das Zurückgelesene</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>state after it</source>
   <translation>der Zustand danach</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>read-back is equal</source>
   <translation>das Zurückgelesene ist gleich</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>Not done, an interlock is dark: {label} ({evidence}).</source>
   <translation>Nicht getan, eine Verriegelung ist dunkel: {label} ({evidence}).</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>no answer: {said}</source>
   <translation>keine Antwort: {said}</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>{said}; looking after it: {trouble}</source>
   <translation>{said}; beim Nachsehen: {trouble}</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>{said} The part carries what was meant all the same.</source>
   <translation>{said} Das Teil trägt trotzdem, was gemeint war.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>Nothing was sent to the part.</source>
   <translation>An das Teil wurde nichts gesendet.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>nobody watched it to its end</source>
   <translation>niemand hat bis zum Ende zugesehen</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>You stopped watching: it is not known yet what the {kind} did.</source>
   <translation>Sie haben nicht weiter zugesehen: Was dabei geschah ({kind}), ist noch nicht bekannt.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>It is not known what the {kind} did: {trouble}</source>
   <translation>Was der Vorgang „{kind}“ bewirkt hat, ist nicht bekannt: {trouble}</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>The device says that it is busy: it is not known whether it has begun the {kind}.</source>
   <translation>Das Gerät meldet, dass es beschäftigt ist: Ob es damit begonnen hat ({kind}), ist nicht bekannt.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>never sent: it was stopped</source>
   <translation>nie gesendet: es wurde angehalten</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>The backup is safe. The act counts until it has been checked.</source>
   <translation>Die Sicherung ist sicher. Der Vorgang zählt, bis er geprüft ist.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>Wait until the phone has started, connect it, then settle the act.</source>
   <translation>Warten, bis das Telefon gestartet ist, es anschließen, dann den Vorgang klären.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>never sent: {error}</source>
   <translation>nie gesendet: {error}</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>The backup is safe. Until the part is read it counts against the part.</source>
   <translation>Die Sicherung ist unversehrt. Bis das Teil gelesen ist, zählt der Vorgang gegen das Teil.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>Put the same part back, connect again and settle the act. Do not repeat it.</source>
   <translation>Dasselbe Teil wieder einsetzen, neu verbinden und den Vorgang klären. Nicht wiederholen.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>The backup is safe. Until the part is looked at once more it counts against the part.</source>
   <translation>Die Sicherung ist sicher. Bis das Teil noch einmal geprüft ist, zählt es gegen das Teil.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>Leave everything as it is for a minute, then settle the act. Do not repeat it.</source>
   <translation>Eine Minute alles lassen, wie es ist, dann den Vorgang klären. Nicht wiederholen.</translation>
  </message>
  <message>
   <location filename="bench/acting.py" />
   <source>The part is as it was: nothing was counted.</source>
   <translation>Das Teil ist, wie es war: nichts wurde gezählt.</translation>
  </message>
  <message>
   <location filename="bench/doing.py" />
   <source>Another phone is on the cable: IMEI ends in {imei}, the ticket's in {ticket}.</source>
   <translation>Ein anderes Telefon hängt am Kabel: Ende der IMEI {imei}, im Auftrag {ticket}.</translation>
  </message>
  <message>
   <location filename="bench/doing.py" />
   <source>The catalogue has no model {model}.</source>
   <translation>Der Katalog hat kein Modell {model}.</translation>
  </message>
  <message>
   <location filename="bench/doing.py" />
   <source>Nothing was done.</source>
   <translation>Nichts wurde getan.</translation>
  </message>
  <message>
   <location filename="bench/doing.py" />
   <source>Put this job's phone on the cable.</source>
   <translation>Das Telefon dieses Auftrags ans Kabel nehmen.</translation>
  </message>
  <message>
   <location filename="bench/doing.py" />
   <source>The ticket is kept.</source>
   <translation>Der Auftrag bleibt erhalten.</translation>
  </message>
  <message>
   <location filename="bench/doing.py" />
   <source>Choose a model in the ticket, or add its file to the shop's catalogue folder.</source>
   <translation>Im Auftrag ein Modell wählen, oder dessen Datei in den Katalogordner der Werkstatt legen.</translation>
  </message>
  <message>
   <location filename="bench/doing.py" />
   <source>(none chosen)</source>
   <translation>(keines gewählt)</translation>
  </message>
  <message>
   <location filename="bench/example.py" />
   <source>{model}, display broken, a used genuine panel at hand</source>
   <translation>{model}, Display gebrochen, ein gebrauchtes Originalpanel zur Hand</translation>
  </message>
  <message>
   <location filename="bench/example.py" />
   <source>{way}, {minutes:.0f} min, {cost:.0f} {money}, worth {worth:.0f} {money}</source>
   <translation>{way}, {minutes:.0f} min, {cost:.0f} {money}, Wert {worth:.0f} {money}</translation>
  </message>
  <message>
   <location filename="bench/example.py" />
   <source>no way is worth it</source>
   <translation>kein Weg lohnt sich</translation>
  </message>
  <message>
   <location filename="bench/firmware.py" />
   <source>an earlier update was never settled</source>
   <translation>eine frühere Aktualisierung wurde nie geklärt</translation>
  </message>
  <message>
   <location filename="bench/firmware.py" />
   <source>has {firmware}, {model} needs {needed}</source>
   <translation>hat {firmware}, {model} braucht {needed}</translation>
  </message>
  <message>
   <location filename="bench/firmware.py" />
   <source>Programmer ready for an update</source>
   <translation>Programmiergerät bereit zur Aktualisierung</translation>
  </message>
  <message>
   <location filename="bench/firmware.py" />
   <source>Settle the act in doubt first.</source>
   <translation>Zuerst den ungewissen Vorgang klären.</translation>
  </message>
  <message>
   <location filename="bench/firmware.py" />
   <source>No part was touched.</source>
   <translation>Kein Teil wurde berührt.</translation>
  </message>
  <message>
   <location filename="bench/firmware.py" />
   <source>Update it once more.</source>
   <translation>Noch einmal aktualisieren.</translation>
  </message>
  <message>
   <location filename="bench/firmware.py" />
   <source>the programmer has firmware {now}</source>
   <translation>das Programmiergerät hat Firmware {now}</translation>
  </message>
  <message>
   <location filename="bench/firmware.py" />
   <source>updating the programmer</source>
   <translation>Programmiergerät wird aktualisiert</translation>
  </message>
  <message>
   <location filename="bench/heating.py" />
   <source>thermocouple {serial}</source>
   <translation>Thermoelement {serial}</translation>
  </message>
  <message>
   <location filename="bench/heating.py" />
   <source>A step's heat is watched already.</source>
   <translation>Die Hitze eines Schritts wird schon überwacht.</translation>
  </message>
  <message>
   <location filename="bench/heating.py" />
   <source>It goes on.</source>
   <translation>Das läuft weiter.</translation>
  </message>
  <message>
   <location filename="bench/heating.py" />
   <source>End that first.</source>
   <translation>Das zuerst beenden.</translation>
  </message>
  <message>
   <location filename="bench/holder.py" />
   <source>Seat the {noun} again, then write once more.</source>
   <translation>{noun} neu einsetzen, dann noch einmal schreiben.</translation>
  </message>
  <message>
   <location filename="bench/holder.py" />
   <source>{part} answers</source>
   <translation>{part} antwortet</translation>
  </message>
  <message>
   <location filename="bench/holder.py" />
   <source>The original's data are safe.</source>
   <translation>Die Originaldaten sind unversehrt.</translation>
  </message>
  <message>
   <location filename="bench/holder.py" />
   <source>Nothing to write to the {noun} yet.</source>
   <translation>Für {noun} gibt es noch nichts zu schreiben.</translation>
  </message>
  <message>
   <location filename="bench/holder.py" />
   <source>the holder for a {noun} is empty</source>
   <translation>der Halter für {noun} ist leer</translation>
  </message>
  <message>
   <location filename="bench/holder.py" />
   <source>Nothing was sent.</source>
   <translation>Nichts wurde gesendet.</translation>
  </message>
  <message>
   <location filename="bench/holder.py" />
   <source>Get the original {noun}'s data.</source>
   <translation>Die Originaldaten holen: {noun}.</translation>
  </message>
  <message>
   <location filename="bench/holding.py" />
   <source>the phone answers on the cable: it is on</source>
   <translation>das Telefon antwortet am Kabel: es ist an</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>{backup} of {taken}{imported}</source>
   <translation>{backup} vom {taken}{imported}</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>The vault holds no backup of this phone.</source>
   <translation>Der Tresor hat keine Sicherung dieses Telefons.</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source> (imported: {arrived})</source>
   <translation> (importiert: {arrived})</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>phone over the cable</source>
   <translation>Telefon über das Kabel</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>Nothing was changed.</source>
   <translation>Nichts wurde geändert.</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>Take another source of the codes.</source>
   <translation>Eine andere Quelle der Codes nehmen.</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>Backup {kept} did not come back from the vault as it went in.</source>
   <translation>Die Sicherung {kept} kam nicht so aus dem Tresor zurück, wie sie hineinging.</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>Backup {backup} is of no part that a {model} has.</source>
   <translation>Die Sicherung {backup} gehört zu keinem Teil, das ein {model} hat.</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>The part is untouched.</source>
   <translation>Das Teil ist unberührt.</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>Check the disk, then read the part again.</source>
   <translation>Den Datenträger prüfen, dann das Teil noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="bench/keeping.py" />
   <source>Choose another backup.</source>
   <translation>Eine andere Sicherung wählen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/__init__.py" />
   <source>There is no proof yet for {function}.</source>
   <translation>Für {function} gibt es noch keinen Nachweis.</translation>
  </message>
  <message>
   <location filename="bench/kinds/__init__.py" />
   <source>Proofs are taken at the Proof stage.</source>
   <translation>Nachweise werden auf der Seite Nachweis geführt.</translation>
  </message>
  <message>
   <location filename="bench/kinds/__init__.py" />
   <source>the board is unbound</source>
   <translation>die Platine ist entkoppelt</translation>
  </message>
  <message>
   <location filename="bench/kinds/__init__.py" />
   <source>Go to Proof.</source>
   <translation>Zur Seite Nachweis gehen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>The phone shows {percent} %{learns}.</source>
   <translation>Das Telefon zeigt {percent} %{learns}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>The parts page says {status}, {notice}.</source>
   <translation>Die Teileseite sagt {status}, {notice}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>; it said {percent} %, {cycles} cycles</source>
   <translation>; er meldete {percent} %, {cycles} Zyklen</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>; the gauge itself does not answer</source>
   <translation>; der Ladezähler selbst antwortet nicht</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>kept as {backup}{told}</source>
   <translation>gesichert als {backup}{told}</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>first start: an unknown part and a red state are expected</source>
   <translation>erster Start: ein unbekanntes Teil und ein roter Zustand sind zu erwarten</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>second start</source>
   <translation>zweiter Start</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>unknown part, as expected</source>
   <translation>unbekanntes Teil, wie erwartet</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>known at once</source>
   <translation>sofort erkannt</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>first start: {told}</source>
   <translation>erster Start: {told}</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>second start: {percent} %, {cycles} cycles</source>
   <translation>zweiter Start: {percent} %, {cycles} Zyklen</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>The new cell holds {share} of its rated {rated:.0f} mAh ({method})</source>
   <translation>Die neue Zelle fasst {share} ihrer Nennkapazität von {rated:.0f} mAh ({method})</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>The maker's own gauge says {percent} %.</source>
   <translation>Der Ladezähler des Herstellers meldet {percent} %.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Nothing was measured of this cell.</source>
   <translation>An dieser Zelle wurde nichts gemessen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>The phone shows {percent} %, {whether} the measurement supports ({supported} %).</source>
   <translation>Das Telefon zeigt {percent} %, {whether} die Messung stützt ({supported} %).</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>; the gauge learns the new cell in use</source>
   <translation>; der Ladezähler lernt die neue Zelle im Gebrauch</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>The gauge's registers came with wrong packet checks.</source>
   <translation>Die Register des Ladezählers kamen mit falschen Paketprüfsummen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>After the second start the phone still knows no battery: the data flex protects itself.</source>
   <translation>Nach dem zweiten Start kennt das Telefon noch immer keine Batterie: das Datenflex schützt sich.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>The phone shows {percent} % and {cycles} cycles, not {written} % and {written_cycles}.</source>
   <translation>Das Telefon zeigt {percent} % und {cycles} Zyklen, nicht {written} % und {written_cycles}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>, surely at least the shop's {claim:.0f} %.</source>
   <translation>, sicher mindestens die {claim:.0f} %, die die Werkstatt zusagt.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>: not surely the shop's {claim:.0f} %.</source>
   <translation>: nicht sicher die {claim:.0f} %, die die Werkstatt zusagt.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>the phone shows</source>
   <translation>das Telefon zeigt</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>The phone shows no battery health.</source>
   <translation>Das Telefon zeigt keinen Batteriezustand.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Nothing was kept, nothing was changed.</source>
   <translation>Nichts wurde gesichert, nichts geändert.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Read the gauge once more.</source>
   <translation>Den Ladezähler noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Nothing is lost: it was put on the wrong way round.</source>
   <translation>Nichts ist verloren: es wurde verkehrt herum aufgesetzt.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Take the flex off, fold and fit it again, then start twice once more.</source>
   <translation>Das Flex abnehmen, neu falten und aufsetzen, dann noch zweimal starten.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Nothing is lost.</source>
   <translation>Nichts ist verloren.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Write the flex again.</source>
   <translation>Das Flex noch einmal schreiben.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>capacity</source>
   <translation>Kapazität</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>{mah:.0f} ± {spread:.0f} mAh</source>
   <translation>{mah:.0f} ± {spread:.0f} mAh</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>of its rated capacity</source>
   <translation>der Nennkapazität</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>gauge</source>
   <translation>Ladezähler</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>{percent} %, {cycles} cycles</source>
   <translation>{percent} %, {cycles} Zyklen</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>without a notice</source>
   <translation>ohne Hinweis</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>and a notice stands</source>
   <translation>und ein Hinweis steht da</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>parts page</source>
   <translation>Teileseite</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>as</source>
   <translation>wie es</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>not as</source>
   <translation>anders, als es</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Judge the cell by its log</source>
   <translation>Die Zelle nach ihrem Protokoll beurteilen</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Read the battery health</source>
   <translation>Den Batteriezustand lesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/__init__.py" />
   <source>Read the parts page</source>
   <translation>Die Teileseite lesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>data flex</source>
   <translation>Datenflex</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>activated {activations} times</source>
   <translation>{activations} Mal aktiviert</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>health {percent} % and {cycles} cycles, as the cell's measurement supports</source>
   <translation>Zustand {percent} % und {cycles} Zyklen, wie es die Messung der Zelle stützt</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>the measured cell is in {cell}</source>
   <translation>die gemessene Zelle steckt in {cell}</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>The cell was measured</source>
   <translation>Die Zelle wurde gemessen</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>Measure the cell on the station.</source>
   <translation>Die Zelle an der Station messen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>activated, read back</source>
   <translation>aktiviert, zurückgelesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>the data flex is activated</source>
   <translation>das Datenflex ist aktiviert</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>{percent} %, {cycles} cycles; {note}</source>
   <translation>{percent} %, {cycles} Zyklen; {note}</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>These figures are not written. {reasons}</source>
   <translation>Diese Werte werden nicht geschrieben. {reasons}</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>{count_t} samples, the last of {when}</source>
   <translation>{count_t} Messwerte, der letzte vom {when}</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>nothing supports a figure yet</source>
   <translation>noch stützt nichts einen Wert</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>No data flex answers on the holder.</source>
   <translation>Am Halter antwortet kein Datenflex.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>The original figures are in the vault. The activation counts as spent.</source>
   <translation>Die Originalwerte sind im Tresor. Die Aktivierung zählt als verbraucht.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>Take another pack, then plan again.</source>
   <translation>Einen anderen Akku nehmen, dann neu planen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>Nothing was sent. The original figures are in the vault.</source>
   <translation>Nichts wurde gesendet. Die Originalwerte sind im Tresor.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>At most {percent} % and at least {cycles} cycles can be written.</source>
   <translation>Höchstens {percent} % und mindestens {cycles} Zyklen dürfen geschrieben werden.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/figures.py" />
   <source>Seat the flex, then try again.</source>
   <translation>Das Flex einsetzen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>{mah:.0f} ± {spread:.0f} mAh, {mah_2:.1f} % of {rated:.0f}</source>
   <translation>{mah:.0f} ± {spread:.0f} mAh, {mah_2:.1f} % von {rated:.0f}</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>at most {left:.1f} h left</source>
   <translation>höchstens noch {left:.1f} h</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>{mah:.0f} ± {spread:.0f} mAh so far, {left}.</source>
   <translation>Bisher {mah:.0f} ± {spread:.0f} mAh, {left}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>{said}; {decision}, after {elapsed:.1f} h</source>
   <translation>{said}; {decision}, nach {elapsed:.1f} h</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>Nothing is measured yet, {left}.</source>
   <translation>Noch ist nichts gemessen, {left}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>The catalogue does not say what battery a {model} has.</source>
   <translation>Der Katalog sagt nicht, welche Batterie ein {model} hat.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>The cell is below the shop's claim of {claim:.0f} %: {said}.</source>
   <translation>Die Zelle liegt unter den zugesagten {claim:.0f} %: {said}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>{ref}, the cell on the station: {why}</source>
   <translation>{ref}, die Zelle an der Station: {why}</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>The station is at work on another job's cell.</source>
   <translation>Die Station arbeitet an der Zelle eines anderen Auftrags.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>The cell's log is too long.</source>
   <translation>Das Protokoll der Zelle ist zu lang.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>Add cell_rated and cell_chemistry to the model's file.</source>
   <translation>cell_rated und cell_chemistry in die Datei des Modells eintragen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>No part was spent. Its log is kept.</source>
   <translation>Kein Teil wurde verbraucht. Das Protokoll ist gesichert.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>Send it back, take another one.</source>
   <translation>Zurückschicken, eine andere nehmen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>Wait for it, or take that cell off first.</source>
   <translation>Darauf warten, oder zuerst jene Zelle abnehmen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>The station gave sample {first} where those after {last} were asked for.</source>
   <translation>Die Station gab Messwert {first}, gefragt war nach denen hinter {last}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>What was measured is kept.</source>
   <translation>Was gemessen wurde, ist gesichert.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>Take the cell off.</source>
   <translation>Die Zelle abnehmen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>The station is switched off.</source>
   <translation>Die Station ist ausgeschaltet.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>Take another cell, then plan again.</source>
   <translation>Eine andere Zelle nehmen, dann neu planen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/battery/measuring.py" />
   <source>Connect the station again; if it does so again, measure the cell anew.</source>
   <translation>Die Station neu anschließen; geschieht es wieder, die Zelle neu messen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/__init__.py" />
   <source>Read the touch test</source>
   <translation>Den Touch-Test lesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>it is {said}, of another phone: compare it with the paper</source>
   <translation>er ist {said}, eines anderen Telefons: mit dem Papier vergleichen</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>the board's {identity}</source>
   <translation>{identity} der Platine</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>The vault holds no complete record of a {model} panel by {maker}.</source>
   <translation>Der Tresor hat keinen vollständigen Datensatz eines {model}-Panels von {maker}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>The serial on the ticket: {said}.</source>
   <translation>Die Seriennummer im Auftrag: {said}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>that of {whose}</source>
   <translation>der von {whose}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>Take another way, or read a sound panel of this kind first.</source>
   <translation>Einen anderen Weg nehmen, oder zuerst ein heiles Panel dieser Art lesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>The phone gave no display codes.</source>
   <translation>Das Telefon gab keine Displaycodes.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>it is {sentence}</source>
   <translation>er ist {sentence}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>Nothing was kept.</source>
   <translation>Nichts wurde gesichert.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>Type it again at Intake.</source>
   <translation>In der Annahme noch einmal eintippen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/codes.py" />
   <source>Read the phone once more with trust confirmed, or take another source of the codes.</source>
   <translation>Das Telefon mit bestätigtem Vertrauen noch einmal lesen, oder eine andere Quelle der Codes nehmen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/facts.py" />
   <source>another maker</source>
   <translation>anderer Hersteller</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/looking.py" />
   <source>{there} is on socket {socket}</source>
   <translation>{there} ist auf Sockel {socket}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/looking.py" />
   <source>socket {socket} is empty</source>
   <translation>Sockel {socket} ist leer</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>file {name}</source>
   <translation>Datei {name}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>{index} of {count}: {shot}</source>
   <translation>{index} von {count}: {shot}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>{said}, black field first</source>
   <translation>{said}, zuerst das schwarze Feld</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>{words}, once more</source>
   <translation>{words}, noch einmal</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>{said}, waiting until it stands still</source>
   <translation>{said}, es wird gewartet, bis es stillsteht</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>The screen gives no light under {light} light.</source>
   <translation>Unter Licht „{light}“ gibt der Bildschirm kein Licht.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>{said}, reading {number} of {repeats}</source>
   <translation>{said}, Messung {number} von {repeats}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>Nothing was kept; what was measured before stays.</source>
   <translation>Nichts wurde gesichert; was vorher gemessen wurde, bleibt.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/measuring.py" />
   <source>Lay the instrument on the screen, wake the phone and measure again.</source>
   <translation>Das Messgerät auf den Bildschirm legen, das Telefon wecken und noch einmal messen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>none: too far from any black body</source>
   <translation>keine: zu weit von jedem Schwarzkörper</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>{value}{unit}, at the edge</source>
   <translation>{value}{unit}, am Rand</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>reading the parts page</source>
   <translation>Teileseite wird gelesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>The parts page says {status} for the display</source>
   <translation>Die Teileseite sagt für das Display {status}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>reading the touch test</source>
   <translation>Touch-Test wird gelesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>The phone's touch test passes.</source>
   <translation>Der Touch-Test des Telefons ist bestanden.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>The phone's touch test fails: no sound touch chip answers.</source>
   <translation>Der Touch-Test des Telefons schlägt fehl: kein heiler Touch-Chip antwortet.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>{said} The brightness curve on the panel is {fault}.</source>
   <translation>{said} Die Helligkeitskurve auf dem Panel ist {fault}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>tolerance</source>
   <translation>Toleranz</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>The parts page says nothing of the display.</source>
   <translation>Die Teileseite sagt nichts über das Display.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>, with a notice.</source>
   <translation>, mit einem Hinweis.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>, no notice.</source>
   <translation>, ohne Hinweis.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>cd/m²: {lux:g} lx</source>
   <translation>cd/m²: {lux:g} lx</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>{measured:.0f} ± {spread:.0f}, wanted {wanted:.0f}</source>
   <translation>{measured:.0f} ± {spread:.0f}, gewollt {wanted:.0f}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>{light}: Duv</source>
   <translation>{light}: Duv</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>{light}: off its path</source>
   <translation>{light}: neben seiner Bahn</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>{light}: off in u', v'</source>
   <translation>{light}: Abweichung in u', v'</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>{light}: measured with</source>
   <translation>{light}: gemessen mit</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>Restart the phone.</source>
   <translation>Das Telefon neu starten.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>touch test</source>
   <translation>Touch-Test</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>range (times)</source>
   <translation>Umfang (Faktor)</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>{reach:.1f}, wanted {wanted_reach:.1f}</source>
   <translation>{reach:.1f}, gewollt {wanted_reach:.1f}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>hysteresis</source>
   <translation>Hysterese</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>passed</source>
   <translation>bestanden</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/proving.py" />
   <source>failed</source>
   <translation>fehlgeschlagen</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>complete record of {whole}{imported} with the codes of {kept}</source>
   <translation>vollständiger Datensatz von {whole}{imported} mit den Codes von {kept}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>the panel carried it already: nothing was written</source>
   <translation>das Panel trug es schon: nichts wurde geschrieben</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>kept as {backup}</source>
   <translation>gesichert als {backup}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>kept as {made}</source>
   <translation>gesichert als {made}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>every field is on the panel already, other bytes differ from the write that failed: nothing was written</source>
   <translation>jedes Feld ist schon auf dem Panel, andere Bytes weichen vom gescheiterten Schreiben ab: nichts wurde geschrieben</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>This is the new panel, not the original.</source>
   <translation>Das ist das neue Panel, nicht das Original.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>This is the original, not the new panel.</source>
   <translation>Das ist das Original, nicht das neue Panel.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>Nothing to write yet.</source>
   <translation>Noch nichts zu schreiben.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>The panel carries something else than when it was read.</source>
   <translation>Das Panel trägt etwas anderes als beim Lesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>Put the original on the socket.</source>
   <translation>Das Original auf den Sockel setzen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>Put the new panel on the socket.</source>
   <translation>Das neue Panel auf den Sockel setzen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>the serial of {kept} with the code of the chip on the panel</source>
   <translation>die Seriennummer von {kept} mit dem Code des Chips auf dem Panel</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>Read the original and the new panel first.</source>
   <translation>Zuerst das Original und das neue Panel lesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>Nothing was written.</source>
   <translation>Nichts wurde geschrieben.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/steps.py" />
   <source>It was read anew: look at the record, then write.</source>
   <translation>Es wurde neu gelesen: den Datensatz ansehen, dann schreiben.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/tuning.py" />
   <source>tuned for this panel: white and greys ΔE00 {worst:.1f} expected, from its own fields</source>
   <translation>für dieses Panel abgestimmt: Weiß und Graustufen ΔE00 {worst:.1f} erwartet, aus seinen eigenen Feldern</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/tuning.py" />
   <source>The panel is not measured yet.</source>
   <translation>Das Panel ist noch nicht gemessen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/tuning.py" />
   <source>The panel that was measured was never read on the programmer.</source>
   <translation>Das gemessene Panel wurde nie am Programmiergerät gelesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/tuning.py" />
   <source>The fields do not describe a panel: {error}.</source>
   <translation>Die Felder beschreiben kein Panel: {error}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/tuning.py" />
   <source>No record can make this panel right: {error}</source>
   <translation>Kein Datensatz kann dieses Panel richtigstellen: {error}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/tuning.py" />
   <source>Take the panel sheet's fields first.</source>
   <translation>Zuerst die Felder des Panelblatts messen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/tuning.py" />
   <source>The measurement is kept.</source>
   <translation>Die Messung ist gesichert.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/tuning.py" />
   <source>Put it on the socket and read it, then tune.</source>
   <translation>Auf den Sockel setzen und lesen, dann abstimmen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/writing.py" />
   <source>Stop here: a further try can kill the panel. Plan again from here; the panel is read first.</source>
   <translation>Hier aufhören: ein weiterer Versuch kann das Panel zerstören. Von hier aus neu planen; das Panel wird zuerst gelesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/writing.py" />
   <source>The backup is safe. The write was counted.</source>
   <translation>Die Sicherung ist unversehrt. Das Schreiben wurde gezählt.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/writing.py" />
   <source>decided {when} by {who}</source>
   <translation>entschieden am {when} von {who}</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/writing.py" />
   <source>There is no record of another maker to decide about.</source>
   <translation>Es gibt keinen Datensatz eines anderen Herstellers zu entscheiden.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/writing.py" />
   <source>This way was chosen before it was known that the record is of another maker's panel.</source>
   <translation>Dieser Weg wurde gewählt, bevor bekannt war, dass der Datensatz von einem Panel eines anderen Herstellers ist.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/writing.py" />
   <source>reading before the write</source>
   <translation>vor dem Schreiben wird gelesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/writing.py" />
   <source>Read the new panel first.</source>
   <translation>Zuerst das neue Panel lesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/display/writing.py" />
   <source>Plan again from here: trying it is a way of its own, with its own chance.</source>
   <translation>Von hier aus neu planen: der Versuch ist ein eigener Weg mit eigener Aussicht.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>extension flex</source>
   <translation>Verlängerungsflex</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>asking for the module's codes</source>
   <translation>Codes des Moduls werden abgefragt</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>infrared camera and flood light are the board's own</source>
   <translation>Infrarotkamera und Flutlicht sind die der Platine</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>link chip {link}, {lines} of {count_lines} lines normal</source>
   <translation>Verbindungschip {link}, {lines} von {count_lines} Leitungen normal</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>all lines normal through the extension</source>
   <translation>alle Leitungen durch die Verlängerung normal</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>kept as {backup} and in the second place{against_earlier}</source>
   <translation>gesichert als {backup} und am zweiten Ort{against_earlier}</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>No module answers on the programmer.</source>
   <translation>Am Programmiergerät antwortet kein Modul.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>its one activation is spent already</source>
   <translation>seine einzige Aktivierung ist schon verbraucht</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>The module cannot be saved: {why}.</source>
   <translation>Das Modul ist nicht zu retten: {why}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>every line reads open</source>
   <translation>jede Leitung liest sich offen</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>{open}: not normal</source>
   <translation>{open}: nicht normal</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>Through the extension {said}: it is folded wrong.</source>
   <translation>Durch die Verlängerung {said}: sie ist falsch gefaltet.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>The module's dot map is damaged.</source>
   <translation>Die Punktkarte des Moduls ist beschädigt.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>; {said} as {other} of {taken}: the dots will tell which is right</source>
   <translation>; {said} wie {other} vom {taken}: die Punkte werden zeigen, welche stimmt</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>Seat it again, then test.</source>
   <translation>Neu einsetzen, dann testen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>No part was spent.</source>
   <translation>Kein Teil wurde verbraucht.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>Plan again: what is left is said there.</source>
   <translation>Neu planen: was übrig bleibt, steht dort.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>The flex protects itself: nothing is lost.</source>
   <translation>Das Flex schützt sich: nichts ist verloren.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>Unfold it, fold it again as the guide shows, then test again.</source>
   <translation>Auseinanderfalten, nach der Anleitung neu falten, dann noch einmal testen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>This module is not this phone's: its {identity} differs from the board's.</source>
   <translation>Dieses Modul gehört nicht zu diesem Telefon: {identity} weicht von der Platine ab.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>Clean the contacts, read again.</source>
   <translation>Kontakte reinigen, noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>Measure the dots, then unlock</source>
   <translation>Punkte messen, dann entsperren</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>Nothing was spent.</source>
   <translation>Nichts wurde verbraucht.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>The projector is not to blame: an extension flex cannot bring Face ID back. Plan again.</source>
   <translation>Der Projektor ist nicht schuld: ein Verlängerungsflex kann Face ID nicht zurückbringen. Neu planen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>Seat this phone's own module on the programmer.</source>
   <translation>Das eigene Modul dieses Telefons ins Programmiergerät setzen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/__init__.py" />
   <source>no answer</source>
   <translation>keine Antwort</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>switch {switch}, then {switch_2}; counter {counter}</source>
   <translation>Schalter {switch}, dann {switch_2}; Zähler {counter}</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>no module answers on the programmer</source>
   <translation>am Programmiergerät antwortet kein Modul</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>{second}, read back</source>
   <translation>{second}, zurückgelesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>the second place has no such backup</source>
   <translation>der zweite Ort hat keine solche Sicherung</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>{volts:.2f} V measured, {volts_given:g} ± {tolerance:g} V wanted</source>
   <translation>{volts:.2f} V gemessen, {volts_given:g} ± {tolerance:g} V gewollt</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>no supply answers</source>
   <translation>kein Netzteil antwortet</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>the module that is seated does not answer</source>
   <translation>das eingesetzte Modul antwortet nicht</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>switch {switch}, counter {counter}</source>
   <translation>Schalter {switch}, Zähler {counter}</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Module never activated</source>
   <translation>Modul nie aktiviert</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Use another module: this one's activation is spent.</source>
   <translation>Ein anderes Modul nehmen: die Aktivierung von diesem ist verbraucht.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>the power switch is open</source>
   <translation>der Leistungsschalter ist offen</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>the power switch is open, looked at twice</source>
   <translation>der Leistungsschalter ist offen, zweimal nachgesehen</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>{told}: not open, and spent</source>
   <translation>{told}: nicht offen, und verbraucht</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>the one that was backed up</source>
   <translation>das gesicherte</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>{seated} is not the one that was backed up</source>
   <translation>{seated} ist nicht das gesicherte</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Original module seated</source>
   <translation>Originalmodul eingesetzt</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Back up the dot map.</source>
   <translation>Die Punktkarte sichern.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Kept in the second place</source>
   <translation>Am zweiten Ort gesichert</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Name a second place, then back up once more.</source>
   <translation>Einen zweiten Ort nennen, dann noch einmal sichern.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Supply at 19 V</source>
   <translation>Netzteil auf 19 V</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Set the supply to {volts:g} V direct current, output on.</source>
   <translation>Das Netzteil auf {volts:g} V Gleichspannung stellen, Ausgang ein.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Supply's lamp is lit</source>
   <translation>Die Lampe des Netzteils leuchtet</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Switch the supply's output on.</source>
   <translation>Den Ausgang des Netzteils einschalten.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>The dot map is in the vault and in the second place. The activation counts as spent.</source>
   <translation>Die Punktkarte ist im Tresor und am zweiten Ort. Die Aktivierung zählt als verbraucht.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Leave everything as it is and look at the module once more.</source>
   <translation>Alles lassen, wie es ist, und das Modul noch einmal ansehen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>looking once more</source>
   <translation>noch einmal nachsehen</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>the adapter has its own supply</source>
   <translation>der Adapter hat seine eigene Versorgung</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>lit</source>
   <translation>leuchtet</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>dark</source>
   <translation>dunkel</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>Seat the module, then try again.</source>
   <translation>Das Modul einsetzen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/activation.py" />
   <source>activating: {volts:.2f} V, {amperes:.2f} A</source>
   <translation>Aktivierung: {volts:.2f} V, {amperes:.2f} A</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>enrolling a face</source>
   <translation>Gesicht wird angelernt</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>reading the phone after enrolling</source>
   <translation>Telefon wird nach dem Anlernen gelesen</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>unlocking: {unlocked} of {tried}, {more} more at least</source>
   <translation>Entsperren: {unlocked} von {tried}, mindestens noch {more}</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>unlocks</source>
   <translation>entsperrt</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>{unlocked} of {tried}; at least {low:.0f} % (95 %)</source>
   <translation>{unlocked} von {tried}; mindestens {low:.0f} % (95 %)</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>The enrolled face unlocks {unlocked} of {tried} times.</source>
   <translation>Das angelernte Gesicht entsperrt {unlocked} von {tried} Malen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>The phone shows no Face ID.</source>
   <translation>Das Telefon zeigt kein Face ID.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>The phone's warning stays after enrolling: it is no first-start warning.</source>
   <translation>Die Warnung des Telefons bleibt nach dem Anlernen: es ist keine Warnung des ersten Starts.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>The job's backup has no dot map.</source>
   <translation>Die Sicherung des Auftrags hat keine Punktkarte.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>The dots were not measured yet.</source>
   <translation>Die Punkte wurden noch nicht gemessen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>dots</source>
   <translation>Punkte</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>{matched} of {expected}</source>
   <translation>{matched} von {expected}</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>dots on the {where} card</source>
   <translation>Punkte auf der Karte {where}</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>Back up the module again.</source>
   <translation>Das Modul noch einmal sichern.</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>turned by</source>
   <translation>gedreht um</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>{shift:.2f} ± {spread:.2f} mrad</source>
   <translation>{shift:.2f} ± {spread:.2f} mrad</translation>
  </message>
  <message>
   <location filename="bench/kinds/face_module/proving.py" />
   <source>{flatness:.2f} ± {spread:.2f} % of the distance</source>
   <translation>{flatness:.2f} ± {spread:.2f} % der Entfernung</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/__init__.py" />
   <source>the board takes another front camera</source>
   <translation>die Platine nimmt eine andere Frontkamera an</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/__init__.py" />
   <source>the system is flashed</source>
   <translation>das System ist neu aufgespielt</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/__init__.py" />
   <source>The front camera {finding}: {why}.</source>
   <translation>Die Frontkamera {finding}: {why}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/__init__.py" />
   <source>Nothing was measured.</source>
   <translation>Nichts wurde gemessen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/__init__.py" />
   <source> The phone does not take it for its own all the same: data or system are not as it expects.</source>
   <translation> Das Telefon nimmt sie trotzdem nicht für seine eigene: Daten oder System sind nicht, wie es sie erwartet.</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/__init__.py" />
   <source>The phone gave no whole data of its front camera.</source>
   <translation>Das Telefon gab keine ganzen Daten seiner Frontkamera.</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/__init__.py" />
   <source>Read it once more; a dead camera is read on the programmer.</source>
   <translation>Noch einmal lesen; eine tote Kamera wird am Programmiergerät gelesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/__init__.py" />
   <source>Look at the chart</source>
   <translation>Die Tafel ansehen</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/session.py" />
   <source>a flat field</source>
   <translation>eine gleichmäßige Fläche</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/session.py" />
   <source>a photo of the chart</source>
   <translation>ein Foto der Tafel</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/session.py" />
   <source>after the film</source>
   <translation>nach dem Film</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/session.py" />
   <source>what is near</source>
   <translation>was nah ist</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/session.py" />
   <source>what is far</source>
   <translation>was fern ist</translation>
  </message>
  <message>
   <location filename="bench/kinds/front_camera/session.py" />
   <source>focus at {distance:g} m</source>
   <translation>Fokus auf {distance:g} m</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>The motor {does}: {why}.</source>
   <translation>Der Motor {does}: {why}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source> The phone's own motor test fails all the same: another serial is in the motor than the board expects.</source>
   <translation> Der Motortest des Telefons schlägt trotzdem fehl: im Motor steht eine andere Seriennummer, als die Platine erwartet.</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>The phone gave no motor serial.</source>
   <translation>Das Telefon gab keine Motorseriennummer.</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>The phone's motor test passes: it taps.</source>
   <translation>Der Motortest des Telefons ist bestanden: er tippt.</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>The phone's motor test fails: no tap.</source>
   <translation>Der Motortest des Telefons schlägt fehl: kein Tippen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>found</source>
   <translation>Befund</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>level</source>
   <translation>Pegel</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>rises in</source>
   <translation>steigt an in</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>stops in</source>
   <translation>hält an in</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>Read the phone once more.</source>
   <translation>Das Telefon noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>letting it ring</source>
   <translation>lässt ausschwingen</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>tap {number} of {taps}</source>
   <translation>Tippen {number} von {taps}</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>taps</source>
   <translation>tippt</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>does not tap as it should</source>
   <translation>tippt nicht, wie er soll</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>resonance</source>
   <translation>Resonanz</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>{f0:.2f} ± {f0_2:.2f} Hz</source>
   <translation>{f0:.2f} ± {f0_2:.2f} Hz</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>damping</source>
   <translation>Dämpfung</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>motor test</source>
   <translation>Motortest</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>{seconds:.0f} ms</source>
   <translation>{seconds:.0f} ms</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>Let it tap and ring</source>
   <translation>Tippen und ausschwingen lassen</translation>
  </message>
  <message>
   <location filename="bench/kinds/motor.py" />
   <source>no tap</source>
   <translation>kein Tippen</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>The rear camera {finding} ({why}); {page}.</source>
   <translation>Die Rückkamera {finding} ({why}); {page}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>The sweep did not come to its end.</source>
   <translation>Der Durchlauf kam nicht an sein Ende.</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>the parts page says {status}</source>
   <translation>die Teileseite sagt {status}</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>it is not on the parts page</source>
   <translation>sie steht nicht auf der Teileseite</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>The phone {takes} its rear camera for finished; {page}.</source>
   <translation>Das Telefon {takes} seine Rückkamera für abgeschlossen; {page}.</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>The camera works, it is not finished.</source>
   <translation>Die Kamera arbeitet, sie ist nicht abgeschlossen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>Begin the sweep again.</source>
   <translation>Den Durchlauf noch einmal beginnen.</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>chessboard, view {number} of {views}</source>
   <translation>Schachbrett, Ansicht {number} von {views}</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>chessboard {view}</source>
   <translation>Schachbrett {view}</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>{rms_px:.3f} px</source>
   <translation>{rms_px:.3f} px</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>against its record</source>
   <translation>gegen ihren Datensatz</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>delay against it</source>
   <translation>Verzug dagegen</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>{late:+.2f} ± {late_2:.2f} ms</source>
   <translation>{late:+.2f} ± {late_2:.2f} ms</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>gyroscope's bias</source>
   <translation>Nullpunkt des Gyroskops</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>{bias} mrad/s</source>
   <translation>{bias} mrad/s</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>lens, all views</source>
   <translation>Linse, alle Ansichten</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>{rms:.3f} px</source>
   <translation>{rms:.3f} px</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>The sweep was stopped.</source>
   <translation>Der Durchlauf wurde angehalten.</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>takes</source>
   <translation>hält</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>does not take</source>
   <translation>hält nicht</translation>
  </message>
  <message>
   <location filename="bench/kinds/rear_camera.py" />
   <source>Look at the chessboard</source>
   <translation>Das Schachbrett ansehen</translation>
  </message>
  <message>
   <location filename="bench/kinds/room.py" />
   <source>Prove it</source>
   <translation>Nachweisen</translation>
  </message>
  <message>
   <location filename="bench/kinds/sensor_flex.py" />
   <source>The phone gave no flex data.</source>
   <translation>Das Telefon gab keine Flexdaten.</translation>
  </message>
  <message>
   <location filename="bench/metering.py" />
   <source>meter {serial}</source>
   <translation>Messgerät {serial}</translation>
  </message>
  <message>
   <location filename="bench/metering.py" />
   <source>The meter has begun anew: what it had not given yet is lost. End the recording.</source>
   <translation>Das Messgerät hat neu begonnen: was es noch nicht übergeben hatte, ist verloren. Die Aufzeichnung beenden.</translation>
  </message>
  <message>
   <location filename="bench/metering.py" />
   <source>A recording is going on already.</source>
   <translation>Es läuft schon eine Aufzeichnung.</translation>
  </message>
  <message>
   <location filename="bench/metering.py" />
   <source>Another window records already.</source>
   <translation>Ein anderes Fenster zeichnet schon auf.</translation>
  </message>
  <message>
   <location filename="bench/metering.py" />
   <source>End it first.</source>
   <translation>Sie zuerst beenden.</translation>
  </message>
  <message>
   <location filename="bench/metering.py" />
   <source>End it there first.</source>
   <translation>Sie zuerst dort beenden.</translation>
  </message>
  <message>
   <location filename="bench/metering.py" />
   <source>cut off: the program ended before it did</source>
   <translation>abgebrochen: das Programm endete vorher</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>Start the phone in its diagnostic mode (off, both volume keys held, charger in), or try at a quieter hour.</source>
   <translation>Das Telefon in den Diagnosemodus starten (aus, beide Lautstärketasten gehalten, Ladegerät dran), oder es zu ruhigerer Stunde versuchen.</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>flashing the system, the phone stays on the charger</source>
   <translation>System wird aufgespielt, das Telefon bleibt am Ladegerät</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>parts page: {status}</source>
   <translation>Teileseite: {status}</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>not done, {told}</source>
   <translation>nicht getan, {told}</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>codes readable</source>
   <translation>Codes lesbar</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>codes hidden</source>
   <translation>Codes verborgen</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>free</source>
   <translation>frei</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>bound</source>
   <translation>gebunden</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>flashed</source>
   <translation>neu aufgespielt</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>not flashed</source>
   <translation>nicht aufgespielt</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>The phone does not trust this bench.</source>
   <translation>Das Telefon vertraut dieser Werkbank nicht.</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>The phone is as it was; backups are safe.</source>
   <translation>Das Telefon ist, wie es war; die Sicherungen sind unversehrt.</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>Read what it says, put that right, then try again.</source>
   <translation>Lesen, was es sagt, das beheben, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>{said}; not read anew: {error}</source>
   <translation>{said}; nicht neu gelesen: {error}</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>Confirm trust on the phone.</source>
   <translation>Das Vertrauen am Telefon bestätigen.</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>the service is busy: try {number} follows</source>
   <translation>der Dienst ist belegt: Versuch {number} folgt</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>The service that finishes parts was busy {number} times.</source>
   <translation>Der Dienst, der Teile abschließt, war {number} Mal belegt.</translation>
  </message>
  <message>
   <location filename="bench/phone_acts.py" />
   <source>The phone is as it was: nothing was counted.</source>
   <translation>Das Telefon ist, wie es war: nichts wurde gezählt.</translation>
  </message>
  <message>
   <location filename="bench/planned.py" />
   <source>The job, or what is known for it, has changed since these ways were planned.</source>
   <translation>Der Auftrag, oder was für ihn bekannt ist, hat sich geändert, seit diese Wege geplant wurden.</translation>
  </message>
  <message>
   <location filename="bench/planned.py" />
   <source>No run sheet was made.</source>
   <translation>Es wurde kein Laufzettel gemacht.</translation>
  </message>
  <message>
   <location filename="bench/planned.py" />
   <source>They are planned anew: look at them once more, then take one.</source>
   <translation>Sie werden neu geplant: noch einmal ansehen, dann einen nehmen.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>asking the phone</source>
   <translation>Telefon wird gefragt</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>reading functions and parts page</source>
   <translation>Funktionen und Teileseite werden gelesen</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>The record is damaged: {damaged} does not fit.</source>
   <translation>Der Datensatz ist beschädigt: {damaged} passt nicht.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>{part} was on the socket, now {now} is.</source>
   <translation>{part} war auf dem Sockel, jetzt ist es {now}.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>No part answers on socket {socket}.</source>
   <translation>Auf Sockel {socket} antwortet kein Teil.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>This part carries a {name} record, the ticket says {model}.</source>
   <translation>Dieses Teil trägt einen Datensatz {name}, der Auftrag sagt {model}.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>This part is for {known}, the ticket says {model}.</source>
   <translation>Dieses Teil ist für {known}, der Auftrag sagt {model}.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>reading again to compare</source>
   <translation>zum Vergleich wird noch einmal gelesen</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>Two reads of the same part differ.</source>
   <translation>Zweimal Lesen desselben Teils ergibt Verschiedenes.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>Clean the contacts and read again; if it stays so, use another source of the codes.</source>
   <translation>Kontakte reinigen und noch einmal lesen; bleibt es so, eine andere Quelle der Codes nehmen.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>Leave the part on the socket while it is read, and read it again.</source>
   <translation>Das Teil auf dem Sockel lassen, während es gelesen wird, und noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>Press the connector home on both ends.</source>
   <translation>Den Stecker an beiden Enden ganz eindrücken.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>Correct the model in the ticket, or put the right part on the socket.</source>
   <translation>Das Modell im Auftrag berichtigen, oder das richtige Teil auf den Sockel setzen.</translation>
  </message>
  <message>
   <location filename="bench/reading.py" />
   <source>Clean the contacts, seat the part again and read once more.</source>
   <translation>Kontakte reinigen, das Teil neu einsetzen und noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>{kind}: {failed} of the last {of} exchanges failed</source>
   <translation>{kind}: {failed} der letzten {of} Übertragungen schlugen fehl</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>{kind}: link sound</source>
   <translation>{kind}: Verbindung in Ordnung</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>The window is closing.</source>
   <translation>Das Fenster wird geschlossen.</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>What is in the vault is safe.</source>
   <translation>Was im Tresor ist, ist unversehrt.</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>No {kind} is set up.</source>
   <translation>Nicht eingerichtet: {kind}.</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>The stand-in for the {kind} did not start.</source>
   <translation>Der Simulator für {kind} ist nicht gestartet.</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>{kind}: no link. {trouble}</source>
   <translation>{kind}: keine Verbindung. {trouble}</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>Assign one under Shop, Devices.</source>
   <translation>Unter Werkstatt, Geräte eines zuweisen.</translation>
  </message>
  <message>
   <location filename="bench/rig.py" />
   <source>Another window may have the stand-ins, or the disk is full; or choose another device under Devices.</source>
   <translation>Vielleicht hat ein anderes Fenster die Simulatoren, oder der Datenträger ist voll; oder unter Geräte ein anderes Gerät wählen.</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>settled by looking: {found}</source>
   <translation>durch Nachsehen geklärt: {found}</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>it carries what it carried before</source>
   <translation>es trägt, was es vorher trug</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>it carries neither the old nor the planned bytes</source>
   <translation>es trägt weder die alten noch die geplanten Bytes</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>{there}; the act was on another one: {what}.</source>
   <translation>{there}; der Vorgang galt einem anderen: {what}.</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>Act {number} ({what}) was never settled: what it did is not known.</source>
   <translation>Vorgang {number} ({what}) wurde nie geklärt: was er bewirkt hat, ist nicht bekannt.</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>Act {number} is being carried out in another window.</source>
   <translation>Vorgang {number} läuft gerade in einem anderen Fenster.</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>{there} is on the socket</source>
   <translation>{there} ist auf dem Sockel</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>No part answers on any socket</source>
   <translation>Auf keinem Sockel antwortet ein Teil</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>reading what is on it</source>
   <translation>es wird gelesen, was darauf ist</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>the planned bytes are on it</source>
   <translation>die geplanten Bytes sind darauf</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>{there} is there</source>
   <translation>{there} ist da</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>{where}, then settle the act.</source>
   <translation>{where}, dann den Vorgang klären.</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>Nothing was done. What is in the vault is safe.</source>
   <translation>Nichts wurde getan. Was im Tresor ist, ist unversehrt.</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>Wait until it is finished.</source>
   <translation>Warten, bis er fertig ist.</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>never heard</source>
   <translation>nie gehört</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>the programmer has firmware {firmware}</source>
   <translation>das Programmiergerät hat Firmware {firmware}</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>begun, so it counts as spent</source>
   <translation>begonnen, es zählt also als verbraucht</translation>
  </message>
  <message>
   <location filename="bench/settling.py" />
   <source>another phone</source>
   <translation>ein anderes Telefon</translation>
  </message>
  <message>
   <location filename="bench/shelving.py" />
   <source>taken out in {job}</source>
   <translation>ausgebaut in {job}</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source>{source} is kept and read back. The part may be unplugged at any time.</source>
   <translation>{source} ist gesichert und zurückgelesen. Das Teil darf jederzeit abgezogen werden.</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source>Leave the part of act {number} as it is until it is settled.{kept}</source>
   <translation>Das Teil des Vorgangs {number} lassen, wie es ist, bis er geklärt ist.{kept}</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source>The write was counted. The part may be unplugged; do not write again before a new plan.</source>
   <translation>Das Schreiben wurde gezählt. Das Teil darf abgezogen werden; vor einem neuen Plan nicht noch einmal schreiben.</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source>Nothing is sent before the ring closes: until then everything may be unplugged.</source>
   <translation>Bevor sich der Ring schließt, wird nichts gesendet: bis dahin darf alles abgezogen werden.</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source>Nothing of the original is kept yet: no heat, no lifting, no writing before that.</source>
   <translation>Vom Original ist noch nichts gesichert: vorher keine Hitze, kein Ablösen, kein Schreiben.</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source>The write is read back. {then}</source>
   <translation>Das Geschriebene wird zurückgelesen. {then}</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source> {source} is safe in the vault.</source>
   <translation> {source} ist sicher im Tresor.</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source>The part may be unplugged.</source>
   <translation>Das Teil darf abgezogen werden.</translation>
  </message>
  <message>
   <location filename="bench/standing.py" />
   <source>{source} stays in the vault.</source>
   <translation>{source} bleibt im Tresor.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>Closed up, the phone no longer shows: {names}.</source>
   <translation>Geschlossen zeigt das Telefon nicht mehr: {names}.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>A step is open at the bench: {title}.</source>
   <translation>An der Werkbank ist ein Schritt offen: {title}.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>Not tested on the phone as it is now: {untested}.</source>
   <translation>Am Telefon, wie es jetzt ist, nicht getestet: {untested}.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>Measure this light again.</source>
   <translation>Dieses Licht noch einmal messen.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>The proofs from before are kept.</source>
   <translation>Die Nachweise von vorher bleiben erhalten.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>Open it again: look for a connector that is not home, or a flex that is pinched.</source>
   <translation>Wieder öffnen: einen Stecker suchen, der nicht sitzt, oder ein geklemmtes Flex.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>The job stays open.</source>
   <translation>Der Auftrag bleibt offen.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>Do it, or plan again.</source>
   <translation>Ausführen, oder neu planen.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>The job stays open; earlier proofs stay with it as overtaken.</source>
   <translation>Der Auftrag bleibt offen; frühere Nachweise bleiben als überholt bei ihm.</translation>
  </message>
  <message>
   <location filename="bench/testing.py" />
   <source>Test it at Proof, then hand over.</source>
   <translation>Auf der Seite Nachweis testen, dann übergeben.</translation>
  </message>
  <message>
   <location filename="bench/working.py" />
   <source>failed: {on_failure}</source>
   <translation>fehlgeschlagen: {on_failure}</translation>
  </message>
  <message>
   <location filename="bench/working.py" />
   <source>Not yet: {seen}.</source>
   <translation>Noch nicht: {seen}.</translation>
  </message>
  <message>
   <location filename="bench/working.py" />
   <source>This step does not follow from the ticket any more: it was changed after the way was chosen.</source>
   <translation>Dieser Schritt folgt nicht mehr aus dem Auftrag: er wurde geändert, nachdem der Weg gewählt war.</translation>
  </message>
  <message>
   <location filename="bench/working.py" />
   <source>settled: {state}</source>
   <translation>geklärt: {state}</translation>
  </message>
  <message>
   <location filename="bench/working.py" />
   <source>{title}, then try again.</source>
   <translation>{title}, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="bench/working.py" />
   <source>Plan again from here, or change the ticket back.</source>
   <translation>Von hier aus neu planen, oder den Auftrag zurückändern.</translation>
  </message>
  <message>
   <location filename="bench/writing.py" />
   <source>reading back</source>
   <translation>wird zurückgelesen</translation>
  </message>
  <message>
   <location filename="bench/writing.py" />
   <source>{part} is on the socket now, the act was on {part_2}.</source>
   <translation>Jetzt ist {part} auf dem Sockel, der Vorgang galt {part_2}.</translation>
  </message>
  <message>
   <location filename="catalogue/cells.py" />
   <source>charge goes from 0 to 1, volts rise with it, as many of both</source>
   <translation>charge geht von 0 bis 1, volts steigt mit, gleich viele von beiden</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>The other files are used as they are.</source>
   <translation>Die anderen Dateien werden benutzt, wie sie sind.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>{path}: the rules go round in a circle: {circle}.</source>
   <translation>{path}: die Regeln gehen im Kreis: {circle}.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>it, or one of its lines, is too long for a catalogue file</source>
   <translation>sie, oder eine ihrer Zeilen, ist zu lang für eine Katalogdatei</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>Nothing is planned with them.</source>
   <translation>Mit ihnen wird nichts geplant.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>Take one of them out.</source>
   <translation>Eine davon herausnehmen.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>{path}: actions.{twice}: another file has it, too.</source>
   <translation>{path}: actions.{twice}: das hat auch eine andere Datei.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>is not TOML ({error})</source>
   <translation>ist kein TOML ({error})</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>{path}: cannot be read ({strerror}).</source>
   <translation>{path}: lässt sich nicht lesen ({strerror}).</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>{path}: rules.{index}: there is no action {key}.</source>
   <translation>{path}: rules.{index}: es gibt keine Handlung {key}.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>Take one out.</source>
   <translation>Eine herausnehmen.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>the whole file</source>
   <translation>die ganze Datei</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>Correct the file.</source>
   <translation>Die Datei berichtigen.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source>Correct the key.</source>
   <translation>Den Schlüssel berichtigen.</translation>
  </message>
  <message>
   <location filename="catalogue/files.py" />
   <source> before </source>
   <translation> vor </translation>
  </message>
  <message>
   <location filename="catalogue/reading.py" />
   <source>it is no plain file</source>
   <translation>sie ist keine gewöhnliche Datei</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>nothing is lost</source>
   <translation>nichts ist verloren</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>catalogue guess</source>
   <translation>Schätzung des Katalogs</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>{length} bytes cannot be shared by {count} elements</source>
   <translation>{length} Bytes lassen sich nicht auf {count} Elemente teilen</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>unknown algorithm; known are {known}</source>
   <translation>unbekanntes Verfahren; bekannt sind {known}</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>a name stands twice: {names}</source>
   <translation>ein Name steht zweimal da: {names}</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>brightness must rise with the illuminance</source>
   <translation>die Helligkeit muss mit der Beleuchtungsstärke steigen</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>the corners' times do not rise</source>
   <translation>die Zeiten der Ecken steigen nicht</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>the corners hardly differ in amperes: a start cannot be told by them</source>
   <translation>die Ecken unterscheiden sich kaum in Ampere: ein Start lässt sich daran nicht erkennen</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>last_system {last_system} is before first_system {first_system}</source>
   <translation>last_system {last_system} liegt vor first_system {first_system}</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>{name}: a display is finished just where its rule says how</source>
   <translation>{name}: eine Anzeige wird genau dann abgeschlossen, wenn die Regel sagt, wie</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>{name} ends at {stop}, the memory at {size}</source>
   <translation>{name} endet bei {stop}, der Speicher bei {size}</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>{name} overlaps {before}</source>
   <translation>{name} überlappt {before}</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>{checksum} covers {start} to {stop}, the memory has {size}</source>
   <translation>{checksum} deckt {start} bis {stop}, der Speicher hat {size}</translation>
  </message>
  <message>
   <location filename="catalogue/schema.py" />
   <source>{checksum} covers itself</source>
   <translation>{checksum} deckt sich selbst</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>{count_found} acts in doubt.</source>
   <translation>{count_found} ungewisse Vorgänge.</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>jobs: {jobs}</source>
   <translation>Aufträge: {jobs}</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>backups: {backups}</source>
   <translation>Sicherungen: {backups}</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>{seen} backups checked, {count_faults} faults.</source>
   <translation>{seen} Sicherungen geprüft, {count_faults} Fehler.</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>daruma: others can enter {folder}: the data lie in {found}, which is yours alone.</source>
   <translation>daruma: andere können {folder} betreten: die Daten liegen in {found}, das nur Ihnen gehört.</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>act {number}, {job_name}, {started}: {what}. {where}, then settle it at the bench.</source>
   <translation>Vorgang {number}, {job_name}, {started}: {what}. {where}, dann an der Werkbank klären.</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>Purged.</source>
   <translation>Gelöscht.</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>Nothing was changed. Add --yes to purge.</source>
   <translation>Nichts wurde geändert. Zum Löschen --yes angeben.</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>{file} is {kept}</source>
   <translation>{file} ist {kept}</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>  imported</source>
   <translation>  importiert</translation>
  </message>
  <message>
   <location filename="cli.py" />
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <location filename="cli_common.py" />
   <source>daruma: {part}</source>
   <translation>daruma: {part}</translation>
  </message>
  <message>
   <location filename="cli_common.py" />
   <source>daruma: {sentences}</source>
   <translation>daruma: {sentences}</translation>
  </message>
  <message>
   <location filename="cli_common.py" />
   <source>daruma: {loss}: {loss_2}</source>
   <translation>daruma: {loss}: {loss_2}</translation>
  </message>
  <message>
   <location filename="cli_copies.py" />
   <source>{name}: {count_faults} faults.</source>
   <translation>{name}: {count_faults} Fehler.</translation>
  </message>
  <message>
   <location filename="cli_copies.py" />
   <source>{name} is restored. Carried over: {carried}.</source>
   <translation>{name} ist wiederhergestellt. Übernommen: {carried}.</translation>
  </message>
  <message>
   <location filename="cli_copies.py" />
   <source>The replaced store is in {replaced}</source>
   <translation>Der ersetzte Bestand liegt in {replaced}</translation>
  </message>
  <message>
   <location filename="cli_copies.py" />
   <source>A restore of {name} would carry over: {carried}.</source>
   <translation>Eine Wiederherstellung von {name} würde übernehmen: {carried}.</translation>
  </message>
  <message>
   <location filename="cli_copies.py" />
   <source>{copy}  {made:%Y-%m-%d %H:%M}  {size:.1f} MB</source>
   <translation>{copy}  {made:%Y-%m-%d %H:%M}  {size:.1f} MB</translation>
  </message>
  <message>
   <location filename="cli_copies.py" />
   <source>differs: {line}</source>
   <translation>abweichend: {line}</translation>
  </message>
  <message>
   <location filename="cli_copies.py" />
   <source>lost: {line}</source>
   <translation>verloren: {line}</translation>
  </message>
  <message>
   <location filename="cli_copies.py" />
   <source>let go: {gone}</source>
   <translation>losgelassen: {gone}</translation>
  </message>
  <message>
   <location filename="cli_machine.py" />
   <source>       do: {remedy}</source>
   <translation>       tun: {remedy}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>write</source>
   <translation>Schreiben</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>firmware</source>
   <translation>Firmware</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>unbind</source>
   <translation>Entkoppeln</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>finish</source>
   <translation>Abschließen</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>activate</source>
   <translation>Aktivieren</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>enable</source>
   <translation>Einschalten</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>release</source>
   <translation>Freigeben</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>flash</source>
   <translation>Aufspielen</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>in doubt</source>
   <translation>ungewiss</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>not sent</source>
   <translation>nicht gesendet</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>Put the part …{die} on its socket</source>
   <translation>Das Teil …{die} auf seinen Sockel setzen</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>phone of {job}</source>
   <translation>Telefon von {job}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>a write to …{die}</source>
   <translation>ein Schreiben auf …{die}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>a firmware update of programmer {die}</source>
   <translation>eine Firmware-Aktualisierung des Programmiergeräts {die}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>unbinding the {thing}</source>
   <translation>Entkoppeln: {thing}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>finishing a part of the {thing}</source>
   <translation>Abschließen eines Teils: {thing}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>unbinding a part of the {thing}</source>
   <translation>Entkoppeln eines Teils: {thing}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>flashing the {thing}</source>
   <translation>Aufspielen: {thing}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>activating the data flex …{die}</source>
   <translation>Aktivieren des Datenflex …{die}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>the activation of …{die}</source>
   <translation>die Aktivierung von …{die}</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>Connect programmer {die}</source>
   <translation>Das Programmiergerät {die} verbinden</translation>
  </message>
  <message>
   <location filename="core/acts.py" />
   <source>Put the {thing} on the cable</source>
   <translation>Ans Kabel nehmen: {thing}</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>part</source>
   <translation>Teil</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>phone</source>
   <translation>Telefon</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>made</source>
   <translation>gemacht</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>typed</source>
   <translation>getippt</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>its bytes are not those that were kept</source>
   <translation>seine Bytes sind nicht die gesicherten</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>what is searched is not what it carries</source>
   <translation>was durchsucht wird, ist nicht, was sie trägt</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>the chain to the backup before it is broken</source>
   <translation>die Kette zur Sicherung davor ist gebrochen</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>{name_of} is missing</source>
   <translation>{name_of} fehlt</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>{name_of} to {name_of_2} are missing</source>
   <translation>{name_of} bis {name_of_2} fehlen</translation>
  </message>
  <message>
   <location filename="core/backup.py" />
   <source>{missing} before it</source>
   <translation>davor {missing}</translation>
  </message>
  <message>
   <location filename="core/budget.py" />
   <source>1 of about {mean:.0f} left</source>
   <translation>noch 1 von etwa {mean:.0f}</translation>
  </message>
  <message>
   <location filename="core/budget.py" />
   <source>no known limit</source>
   <translation>keine bekannte Grenze</translation>
  </message>
  <message>
   <location filename="core/budget.py" />
   <source>none left</source>
   <translation>keines mehr</translation>
  </message>
  <message>
   <location filename="core/budget.py" />
   <source>1 of {sure} left</source>
   <translation>noch 1 von {sure}</translation>
  </message>
  <message>
   <location filename="core/budget.py" />
   <source>perhaps {most} left</source>
   <translation>vielleicht noch {most}</translation>
  </message>
  <message>
   <location filename="core/cell/amount.py" />
   <source>full discharge</source>
   <translation>volle Entladung</translation>
  </message>
  <message>
   <location filename="core/cell/amount.py" />
   <source>two rests</source>
   <translation>zwei Ruhephasen</translation>
  </message>
  <message>
   <location filename="core/cell/amount.py" />
   <source>origin alone</source>
   <translation>nur Herkunft</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>new</source>
   <translation>neu</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>used</source>
   <translation>gebraucht</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>unknown</source>
   <translation>unbekannt</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>goes on</source>
   <translation>läuft weiter</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>at least the claim</source>
   <translation>mindestens die Zusage</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>below the claim</source>
   <translation>unter der Zusage</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>as exact as wanted</source>
   <translation>so genau wie gewünscht</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>new, sealed</source>
   <translation>neu, versiegelt</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>not known</source>
   <translation>nicht bekannt</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>{percent} % is the lower end of the 95 % interval, rounded down: {mah:.0f} ± {spread:.0f} mAh</source>
   <translation>{percent} % ist das untere Ende des 95-%-Intervalls, abgerundet: {mah:.0f} ± {spread:.0f} mAh</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source> of {rated:.0f}.</source>
   <translation> von {rated:.0f}.</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source> The measurement contradicts the origin ({origin}).</source>
   <translation> Die Messung widerspricht der Herkunft ({origin}).</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>Nothing was measured: no figure may be written.</source>
   <translation>Nichts wurde gemessen: kein Wert darf geschrieben werden.</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>Health {percent:g} % is more than the measurement supports. {why}</source>
   <translation>Ein Zustand von {percent:g} % ist mehr, als die Messung stützt. {why}</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>{cycles} cycles are fewer than the {cycles_2} that the cell's own gauge counted.</source>
   <translation>{cycles} Zyklen sind weniger als die {cycles_2}, die der Ladezähler der Zelle gezählt hat.</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>the measurement contradicts it</source>
   <translation>die Messung widerspricht dem</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>its origin is {origin}</source>
   <translation>ihre Herkunft ist {origin}</translation>
  </message>
  <message>
   <location filename="core/cell/deciding.py" />
   <source>0 cycles are for a new cell: {said}.</source>
   <translation>0 Zyklen sind für eine neue Zelle: {said}.</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>the samples from {first:.0f} s on are repeated exactly from {again:.0f} s on</source>
   <translation>die Messwerte ab {first:.0f} s wiederholen sich ab {again:.0f} s Wert für Wert</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>Use the log as the meter wrote it.</source>
   <translation>Nehmen Sie das Protokoll so, wie das Messgerät es geschrieben hat.</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>at {t:.0f} s the voltage jumps from {one:.2f} to {other:.2f} V at the same current</source>
   <translation>bei {t:.0f} s springt die Spannung bei gleichem Strom von {one:.2f} auf {other:.2f} V</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>Check the meter's contacts, then measure again.</source>
   <translation>Prüfen Sie die Kontakte des Messgeräts und messen Sie erneut.</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>at {t:.0f} s the voltage jumps from {one:.2f} to {other:.2f} V without charging</source>
   <translation>bei {t:.0f} s springt die Spannung ohne Laden von {one:.2f} auf {other:.2f} V</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>Use one log of one cell.</source>
   <translation>Nehmen Sie ein Protokoll einer einzigen Zelle.</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>it shows {volts:.4g} V, which no single cell has</source>
   <translation>es zeigt {volts:.4g} V, die keine einzelne Zelle hat</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>Put the unit of the voltage into the name of its column, for example voltage_mV.</source>
   <translation>Schreiben Sie die Einheit der Spannung in den Spaltennamen, zum Beispiel voltage_mV.</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>it shows {amperes:.4g} A, too much for a cell of {rated:.0f} mAh</source>
   <translation>es zeigt {amperes:.4g} A, zu viel für eine Zelle mit {rated:.0f} mAh</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>Put the unit of the current into the name of its column, for example current_mA.</source>
   <translation>Schreiben Sie die Einheit des Stroms in den Spaltennamen, zum Beispiel current_mA.</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>by {t:.0f} s the voltage has risen by {rise:.2f} V while discharging</source>
   <translation>bis {t:.0f} s ist die Spannung beim Entladen um {rise:.2f} V gestiegen</translation>
  </message>
  <message>
   <location filename="core/cell/flaws.py" />
   <source>Check the sign of the current and the meter's contacts, then measure again.</source>
   <translation>Prüfen Sie das Vorzeichen des Stroms und die Kontakte des Messgeräts und messen Sie erneut.</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>it shows {mah:.0f} mAh, more than a cell rated {rated:.0f} mAh can hold</source>
   <translation>es zeigt {mah:.0f} mAh, mehr als eine Zelle mit {rated:.0f} mAh Nennkapazität fassen kann</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>Check the rated capacity and the units of the columns.</source>
   <translation>Prüfen Sie die Nennkapazität und die Einheiten der Spalten.</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>the end voltage is not stated</source>
   <translation>die Entladeschlussspannung ist nicht angegeben</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>State it with --end, for example --end 3.0, or name the chemistry.</source>
   <translation>Geben Sie sie mit --end an, zum Beispiel --end 3.0, oder nennen Sie die Zellchemie.</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>it never comes down to the end voltage of {end:.2f} V</source>
   <translation>es erreicht die Entladeschlussspannung von {end:.2f} V nicht</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>Discharge it from full to empty, or name its chemistry and rest it before and after a part of it.</source>
   <translation>Von voll bis leer entladen, oder ihre Chemie nennen und sie vor und nach einem Teil davon ruhen lassen.</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>it shows no full charge, and none was stated</source>
   <translation>es zeigt keine volle Ladung, und es wurde keine angegeben</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>Record a full charge in the same log, or state with --full that the log begins with a full cell.</source>
   <translation>Zeichnen Sie eine volle Ladung im selben Protokoll auf, oder geben Sie mit --full an, dass es mit einer vollen Zelle beginnt.</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>it has only {count} samples between full and empty; {least} are needed</source>
   <translation>es hat nur {count} Messwerte zwischen voll und leer; nötig sind {least}</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>Record at least one sample a minute.</source>
   <translation>Zeichnen Sie mindestens einen Messwert je Minute auf.</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>up to {unseen:.0f} mAh may have flowed during its gaps</source>
   <translation>in den Lücken können bis zu {unseen:.0f} mAh geflossen sein</translation>
  </message>
  <message>
   <location filename="core/cell/full_run.py" />
   <source>Measure again without gaps.</source>
   <translation>Messen Sie erneut ohne Lücken.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>rest</source>
   <translation>Ruhe</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>charge</source>
   <translation>Laden</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>discharge</source>
   <translation>Entladen</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>stopped</source>
   <translation>angehalten</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>The cell is at {celsius:.0f} °C. Take it off, carry it to a fire-proof place, leave it there.</source>
   <translation>Die Zelle hat {celsius:.0f} °C. Abnehmen, an einen feuerfesten Ort tragen, dort lassen.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>The cell is {celsius:.0f} K above the room: it is not sound.</source>
   <translation>Die Zelle ist {celsius:.0f} K wärmer als der Raum: sie ist nicht heil.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>{warm} Take it off, let it cool on a fire-proof base.</source>
   <translation>{warm} Abnehmen, auf feuerfester Unterlage abkühlen lassen.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>The cell is at {volts:.2f} V, below {unsafe} V: it is not charged any more. Dispose of it by the local rules.</source>
   <translation>Die Zelle hat {volts:.2f} V, unter {unsafe} V: sie wird nicht mehr geladen. Nach den örtlichen Vorschriften entsorgen.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>The cell is at {volts:.2f} V, above its full {full:.2f} V: is the chemistry right? Take it off.</source>
   <translation>Die Zelle hat {volts:.2f} V, über ihrer vollen Spannung von {full:.2f} V: stimmt die Chemie? Abnehmen.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>{moved:.0f} mAh went through a cell that is rated {rated:.0f} mAh: that cannot be. Take it off, check the station.</source>
   <translation>{moved:.0f} mAh flossen durch eine Zelle mit {rated:.0f} mAh Nennkapazität: Das kann nicht sein. Nimm sie ab und prüfe die Station.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>It discharges.</source>
   <translation>Sie entlädt.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>It charges.</source>
   <translation>Sie lädt.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>The first rest shows where it stands.</source>
   <translation>Die erste Ruhe zeigt, wo sie steht.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>Empty: a last rest.</source>
   <translation>Leer: eine letzte Ruhe.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>What flowed so far may be enough: it rests, then that is seen.</source>
   <translation>Was bisher floss, kann genügen: sie ruht, dann zeigt es sich.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>It rests.</source>
   <translation>Sie ruht.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>It was discharged to the end.</source>
   <translation>Sie wurde bis zum Ende entladen.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>Enough is known: {decision}.</source>
   <translation>Genug ist bekannt: {decision}.</translation>
  </message>
  <message>
   <location filename="core/cell/program.py" />
   <source>Full: it rests.</source>
   <translation>Voll: sie ruht.</translation>
  </message>
  <message>
   <location filename="core/cell/spans.py" />
   <source>short</source>
   <translation>Kurzschluss</translation>
  </message>
  <message>
   <location filename="core/cell/spans.py" />
   <source>boot</source>
   <translation>Start</translation>
  </message>
  <message>
   <location filename="core/cell/spans.py" />
   <source>idle</source>
   <translation>Leerlauf</translation>
  </message>
  <message>
   <location filename="core/cell/spans.py" />
   <source>trickle</source>
   <translation>Erhaltung</translation>
  </message>
  <message>
   <location filename="core/cell/spans.py" />
   <source>full</source>
   <translation>voll</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Glue rests rolled off, contacts cleaned with isopropyl (fire: no heat near it), frame free of glass.</source>
   <translation>Klebereste abgerollt, Kontakte mit Isopropanol gereinigt (Feuer: keine Hitze in der Nähe), Rahmen frei von Glas.</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Before anything is sealed, with everything connected: picture, touch, cameras, speakers, charging.</source>
   <translation>Bevor etwas versiegelt wird, alles verbunden: Bild, Touch, Kameras, Lautsprecher, Laden.</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>A new water seal, pressed on before its film is drawn off; then press the edges: top, bottom, sides.</source>
   <translation>Eine neue Wasserdichtung, angedrückt, bevor die Folie abgezogen wird; dann die Kanten andrücken: oben, unten, seitlich.</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>{lengths}. Each back to its own hole: a longer one in a shorter one's hole breaks the board.</source>
   <translation>{lengths}. Jede zurück in ihr eigenes Loch: eine längere im Loch einer kürzeren zerstört die Platine.</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>a screw at {x:g}, {y:g} is outside the phone</source>
   <translation>eine Schraube bei {x:g}, {y:g} liegt außerhalb des Telefons</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Clean frame and contacts</source>
   <translation>Rahmen und Kontakte reinigen</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source> It is the last one: nothing is touched under power.</source>
   <translation> Er ist der letzte: unter Spannung wird nichts berührt.</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Test with everything connected</source>
   <translation>Testen, alles verbunden</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Seal and close</source>
   <translation>Versiegeln und schließen</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Check once more, closed</source>
   <translation>Noch einmal prüfen, geschlossen</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>The phone says over the cable which functions it shows now.</source>
   <translation>Das Telefon sagt über das Kabel, welche Funktionen es jetzt zeigt.</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>two screws share one hole</source>
   <translation>zwei Schrauben teilen sich ein Loch</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>the battery is connected last</source>
   <translation>die Batterie wird zuletzt verbunden</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>connector {name}</source>
   <translation>Stecker {name}</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Connect: {name}</source>
   <translation>Verbinden: {name}</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Straight down, until it clicks.{last}</source>
   <translation>Gerade hinunter, bis er einrastet.{last}</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>{count} of {length:g} mm</source>
   <translation>{count} mit {length:g} mm</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>screws {holds}</source>
   <translation>hält {holds}</translation>
  </message>
  <message>
   <location filename="core/closing.py" />
   <source>Screws: {holds}</source>
   <translation>Schrauben: {holds}</translation>
  </message>
  <message>
   <location filename="core/colour/adaptation.py" />
   <source>Bradford</source>
   <translation>Bradford</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>follows</source>
   <translation>folgt</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>follows but off</source>
   <translation>folgt, weicht aber ab</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>incomplete</source>
   <translation>unvollständig</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>does not follow</source>
   <translation>folgt nicht</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>wrong way</source>
   <translation>falsche Richtung</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>depends on where it came from</source>
   <translation>hängt davon ab, woher es kam</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>more levels needed</source>
   <translation>mehr Stufen nötig</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>measure again</source>
   <translation>noch einmal messen</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>{measured:.0f} cd/m² at {lux:.0f} lx, {measured_2:.0f} cd/m² at {lux_2:.0f} lx</source>
   <translation>{measured:.0f} cd/m² bei {lux:.0f} lx, {measured_2:.0f} cd/m² bei {lux_2:.0f} lx</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>{measured:.0f} cd/m² at {lux:.0f} lx, {ratio:.0f} % too {side}</source>
   <translation>{measured:.0f} cd/m² bei {lux:.0f} lx, {ratio:.0f} % zu {side}</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>tolerance {brightness_tolerance:.0f} %, ± {spread:.1f} %</source>
   <translation>Toleranz {brightness_tolerance:.0f} %, ± {spread:.1f} %</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>{lux:g} to {lux_2:g} lx</source>
   <translation>{lux:g} bis {lux_2:g} lx</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>from {lux:.0f} to {lux_2:.0f} lx</source>
   <translation>von {lux:.0f} bis {lux_2:.0f} lx</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>The screen follows the room: {ends}; at most {off} ({limit}).</source>
   <translation>Folgt dem Raum: {ends}; höchstens {off} ({limit}).</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>bright</source>
   <translation>hell</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>A level reads no light: the screen is dark, or the instrument is not on it.</source>
   <translation>Eine Stufe liest kein Licht: der Bildschirm ist dunkel, oder das Messgerät liegt nicht darauf.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>{count_by_lux} levels are measured; at least {least_levels} are needed.</source>
   <translation>{count_by_lux} Stufen sind gemessen; mindestens {least_levels} sind nötig.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>From {lux} the screen should rise by a factor of {rise:.2f} only: levels further apart are needed ({least_rise:g}).</source>
   <translation>Ab {lux} sollte der Bildschirm nur um den Faktor {rise:.2f} steigen: weiter auseinanderliegende Stufen sind nötig ({least_rise:g}).</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>Not decided: each level was read once, and nothing tells how much readings scatter.</source>
   <translation>Nicht entschieden: jede Stufe wurde einmal gelesen, und nichts sagt, wie sehr Messungen streuen.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>Measure again: about {readings} readings a level decide it.</source>
   <translation>Noch einmal messen: etwa {readings} Messungen je Stufe entscheiden es.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>A better instrument can decide it.</source>
   <translation>Ein besseres Messgerät kann es entscheiden.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>The screen gets darker as the room gets brighter: {ends}.</source>
   <translation>Der Bildschirm wird dunkler, wenn der Raum heller wird: {ends}.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>The screen does not follow the room: {ends}.</source>
   <translation>Der Bildschirm folgt dem Raum nicht: {ends}.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>Rising and falling light differ by {percent:.0f} % at one level: wait longer at each.</source>
   <translation>Steigendes und fallendes Licht unterscheiden sich bei einer Stufe um {percent:.0f} %: bei jeder länger warten.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>The screen gets darker from {lux:.0f} to {lux_2:.0f} lx, where it should get brighter.</source>
   <translation>Der Bildschirm wird von {lux:.0f} bis {lux_2:.0f} lx dunkler, wo er heller werden sollte.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>The screen follows, but stands still {where}: the record's brightness curve is incomplete.</source>
   <translation>Der Bildschirm folgt, steht aber still {where}: die Helligkeitskurve des Datensatzes ist unvollständig.</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>The screen follows the room but is off: {off} ({limit}).</source>
   <translation>Der Bildschirm folgt dem Raum, weicht aber ab: {off} ({limit}).</translation>
  </message>
  <message>
   <location filename="core/colour/brightness.py" />
   <source>Not decided: {off} ({limit}).</source>
   <translation>Nicht entschieden: {off} ({limit}).</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>stuck</source>
   <translation>bleibt stehen</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>more lights needed</source>
   <translation>mehr Lichter nötig</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>tolerance {tolerance_uv:.4f}, {risk:.0f} % sure</source>
   <translation>Toleranz {tolerance_uv:.4f}, {risk:.0f} %</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>{distance:.4f} ± {spread:.4f} in u'v' ({seen}) under {light} light</source>
   <translation>{distance:.4f} ± {spread:.4f} in u'v' ({seen}), Licht {light}</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>Two lights that differ more are needed: a warm and a cool one.</source>
   <translation>Zwei Lichter, die sich mehr unterscheiden, sind nötig: ein warmes und ein kühles.</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>reddish</source>
   <translation>rötlich</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>yellowish</source>
   <translation>gelblich</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>greenish</source>
   <translation>grünlich</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>bluish</source>
   <translation>bläulich</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>The white follows the light: at most {size} ({limit}).</source>
   <translation>Weiß folgt dem Licht: höchstens {size} ({limit}).</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>The white moves with the light but is off: {size} ({limit}).</source>
   <translation>Das Weiß bewegt sich mit dem Licht, weicht aber ab: {size} ({limit}).</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>The white is stuck: it moves {share:.0f} % of what it should between the lights.</source>
   <translation>Das Weiß bleibt stehen: es bewegt sich zwischen den Lichtern um {share:.0f} % dessen, was es sollte.</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>The white moves the wrong way: {share:.0f} % of what it should between the lights.</source>
   <translation>Das Weiß bewegt sich falsch herum: {share:.0f} % dessen, was es zwischen den Lichtern sollte.</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>Not decided: one reading alone tells nothing of its scatter ({size}). Measure each light again, three times.</source>
   <translation>Nicht entschieden: eine einzelne Messung sagt nichts über ihre Streuung ({size}). Jedes Licht noch einmal messen, dreimal.</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>Not decided: {size}, too near the limit ({limit}). Measure again: about {readings} readings a light decide it.</source>
   <translation>Nicht entschieden: {size}, zu nah an der Grenze ({limit}). Noch einmal messen: etwa {readings} Messungen je Licht entscheiden es.</translation>
  </message>
  <message>
   <location filename="core/colour/follow.py" />
   <source>Not decided: {size}, too near the limit ({limit}). More readings cannot decide it; a better instrument can.</source>
   <translation>Nicht entschieden: {size}, zu nah an der Grenze ({limit}). Mehr Messungen können es nicht entscheiden; ein besseres Messgerät kann es.</translation>
  </message>
  <message>
   <location filename="core/colour/light_names.py" />
   <source>warm</source>
   <translation>warm</translation>
  </message>
  <message>
   <location filename="core/colour/light_names.py" />
   <source>neutral</source>
   <translation>neutral</translation>
  </message>
  <message>
   <location filename="core/colour/light_names.py" />
   <source>cool</source>
   <translation>kühl</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>stray light</source>
   <translation>Streulicht</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>clipped channel</source>
   <translation>abgeschnittener Kanal</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>drift</source>
   <translation>Drift</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>ramp not rising</source>
   <translation>Rampe steigt nicht</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>not additive</source>
   <translation>nicht additiv</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>White moved by {size:.1f} dE00 between start and end: let the panel warm up for ten minutes, then measure again.</source>
   <translation>Weiß hat sich zwischen Anfang und Ende um {size:.1f} dE00 bewegt: das Panel zehn Minuten warm werden lassen, dann noch einmal messen.</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>Level {levels:.2f} is darker than level {levels_2:.2f}: repeat that patch.</source>
   <translation>Stufe {levels:.2f} ist dunkler als Stufe {levels_2:.2f}: dieses Feld wiederholen.</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>Black has {share:.1f} % of the white's luminance: shield the instrument from the room and measure again.</source>
   <translation>Schwarz hat {share:.1f} % der Leuchtdichte von Weiß: das Messgerät vom Raum abschirmen und noch einmal messen.</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>White differs from the sum of its channels by {additivity:.1f} dE00: a limit on power, or a wrong patch.</source>
   <translation>Weiß weicht von der Summe seiner Kanäle um {additivity:.1f} dE00 ab: eine Leistungsgrenze, oder ein falsches Feld.</translation>
  </message>
  <message>
   <location filename="core/colour/panel.py" />
   <source>The {name} channel stands still from level {levels:.2f} on: lower the brightness, then measure again.</source>
   <translation>Der Kanal {name} bleibt ab Stufe {levels:.2f} stehen: die Helligkeit senken, dann noch einmal messen.</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>white</source>
   <translation>Weiß</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>panel</source>
   <translation>Panel</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>brightness</source>
   <translation>Helligkeit</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>No light: lay the instrument on the screen and wake the phone.</source>
   <translation>Kein Licht: das Messgerät auf den Bildschirm legen und das Telefon wecken.</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>Readings scatter by {scatter:.1f} %: hold the instrument still and keep the box shut.</source>
   <translation>Die Messungen streuen um {scatter:.1f} %: das Messgerät ruhig halten und die Kiste geschlossen.</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>White</source>
   <translation>Weiß</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>Red</source>
   <translation>Rot</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>Green</source>
   <translation>Grün</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>Blue</source>
   <translation>Blau</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>Grey {level:.0f} %</source>
   <translation>Grau {level:.0f} %</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>White again</source>
   <translation>Noch einmal Weiß</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>White under {light} light</source>
   <translation>Weiß unter Licht „{light}“</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>{level:g} lx{direction}</source>
   <translation>{level:g} lx{direction}</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>White at {level:g} lx{direction}</source>
   <translation>Weiß bei {level:g} lx{direction}</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source> falling</source>
   <translation> fallend</translation>
  </message>
  <message>
   <location filename="core/colour/shots.py" />
   <source>, coming down</source>
   <translation>, abwärts</translation>
  </message>
  <message>
   <location filename="core/depth/likeness.py" />
   <source>not the same map (shifted {shift:.1f} mrad, turned {turn:.1f} mrad, bent {bent:.1f} mrad)</source>
   <translation>nicht dieselbe Karte (verschoben {shift:.1f} mrad, gedreht {turn:.1f} mrad, gebogen {bent:.1f} mrad)</translation>
  </message>
  <message>
   <location filename="core/depth/likeness.py" />
   <source>not the same number of dots</source>
   <translation>nicht dieselbe Anzahl Punkte</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>the dots are bent against this map along both axes: it is another module's map</source>
   <translation>die Punkte sind gegen diese Karte entlang beider Achsen gebogen: es ist die Karte eines anderen Moduls</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>{matched} of {expected} {what} are matched, wanted are {limit:.0f} %</source>
   <translation>{matched} von {expected} {what} sind zugeordnet, gewollt sind {limit:.0f} %</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>the projector is turned by {shift:.2f} ± {spread:.2f} mrad, allowed are {limit} mrad</source>
   <translation>der Projektor ist um {shift:.2f} ± {spread:.2f} mrad gedreht, erlaubt sind {limit} mrad</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>{matched} of {expected} dots are where this module's map has them</source>
   <translation>{matched} von {expected} Punkten sind dort, wo die Karte dieses Moduls sie hat</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>left</source>
   <translation>links</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>in the middle</source>
   <translation>in der Mitte</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>right</source>
   <translation>rechts</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>at the top</source>
   <translation>oben</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>at the bottom</source>
   <translation>unten</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>Not proven: only {seen:.0f} of {dots} dots are seen: the projector is dark, or its power path is open.</source>
   <translation>Nicht nachgewiesen: nur {seen:.0f} von {dots} Punkten sind zu sehen: der Projektor ist dunkel, oder sein Strompfad ist offen.</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>Not proven: {seen:.0f} dots are seen, but not those of this map: it is another module's, or damaged.</source>
   <translation>Nicht nachgewiesen: {seen:.0f} Punkte sind zu sehen, aber nicht die dieser Karte: sie gehört einem anderen Modul oder ist beschädigt.</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>depths are off by {flat:.2f} % along the line of sight alone: the card is not flat; take a flat one</source>
   <translation>die Tiefen weichen um {flat:.2f} % allein entlang der Sichtlinie ab: die Karte ist nicht eben; eine ebene nehmen</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>the projector is turned by {shift:.2f} ± {spread:.2f} mrad against its map: seat it again</source>
   <translation>der Projektor ist um {shift:.2f} ± {spread:.2f} mrad gegen seine Karte gedreht: neu einsetzen</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>Proven: {seen}, turned by {value:.2f} ± {spread:.2f} mrad.</source>
   <translation>Nachgewiesen: {seen}, gedreht um {value:.2f} ± {spread:.2f} mrad.</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>depths scatter by {flat:.2f} ± {spread:.2f} %: take more frames</source>
   <translation>die Tiefen streuen um {flat:.2f} ± {spread:.2f} %: mehr Bilder aufnehmen</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>{near}: a second distance or more frames decide it</source>
   <translation>{near}: eine zweite Entfernung oder mehr Bilder entscheiden es</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>Not proven: {bad}.</source>
   <translation>Nicht nachgewiesen: {bad}.</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>Measure again: {unsure}.</source>
   <translation>Noch einmal messen: {unsure}.</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>depths scatter by {flat:.2f} %, allowed are {limit} %</source>
   <translation>die Tiefen streuen um {flat:.2f} %, erlaubt sind {limit} %</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>none {what} could be seen: bring the card into the whole picture</source>
   <translation>keiner {what} war zu sehen: die Karte ins ganze Bild rücken</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>of all dots</source>
   <translation>aller Punkte</translation>
  </message>
  <message>
   <location filename="core/depth/proof.py" />
   <source>of the dots {where}</source>
   <translation>der Punkte {where}</translation>
  </message>
  <message>
   <location filename="core/display.py" />
   <source>blank or damaged</source>
   <translation>leer oder beschädigt</translation>
  </message>
  <message>
   <location filename="core/display.py" />
   <source>incomplete, levels are missing</source>
   <translation>unvollständig, Stufen fehlen</translation>
  </message>
  <message>
   <location filename="core/display.py" />
   <source>wrong, its illuminances do not rise</source>
   <translation>falsch, ihre Beleuchtungsstärken steigen nicht</translation>
  </message>
  <message>
   <location filename="core/display.py" />
   <source>wrong, its luminances fall</source>
   <translation>falsch, ihre Leuchtdichten fallen</translation>
  </message>
  <message>
   <location filename="core/errors.py" />
   <source>step</source>
   <translation>Schritt</translation>
  </message>
  <message>
   <location filename="core/errors.py" />
   <source>link</source>
   <translation>Verbindung</translation>
  </message>
  <message>
   <location filename="core/errors.py" />
   <source>device</source>
   <translation>Gerät</translation>
  </message>
  <message>
   <location filename="core/errors.py" />
   <source>other</source>
   <translation>anderes</translation>
  </message>
  <message>
   <location filename="core/errors.py" />
   <source>settle</source>
   <translation>klären</translation>
  </message>
  <message>
   <location filename="core/errors.py" />
   <source>trust</source>
   <translation>Vertrauen</translation>
  </message>
  <message>
   <location filename="core/errors.py" />
   <source>decide</source>
   <translation>entscheiden</translation>
  </message>
  <message>
   <location filename="core/errors.py" />
   <source>diagnostic</source>
   <translation>Diagnose</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>normal</source>
   <translation>normal</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>abnormal</source>
   <translation>nicht normal</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>open</source>
   <translation>offen</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>closed</source>
   <translation>geschlossen</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>intact</source>
   <translation>unversehrt</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>fused</source>
   <translation>durchgebrannt</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>silent</source>
   <translation>stumm</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>the module was repaired before</source>
   <translation>das Modul wurde schon einmal repariert</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>every line reads open: its flex is torn</source>
   <translation>jede Leitung liest sich offen: sein Flex ist gerissen</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>every line leaks: dry it with the battery disconnected, then test again</source>
   <translation>jede Leitung leckt: bei getrennter Batterie trocknen, dann noch einmal testen</translation>
  </message>
  <message>
   <location filename="core/face.py" />
   <source>its link chip reads {link}</source>
   <translation>sein Verbindungschip meldet {link}</translation>
  </message>
  <message>
   <location filename="core/finding.py" />
   <source>job</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <location filename="core/finding.py" />
   <source>backup</source>
   <translation>Sicherung</translation>
  </message>
  <message>
   <location filename="core/finding.py" />
   <source>page</source>
   <translation>Seite</translation>
  </message>
  <message>
   <location filename="core/finding.py" />
   <source>{count} words were given, {most} can be searched for at once.</source>
   <translation>Es sind {count} Wörter; höchstens {most} lassen sich zugleich suchen.</translation>
  </message>
  <message>
   <location filename="core/finding.py" />
   <source>Search for fewer words.</source>
   <translation>Nach weniger Wörtern suchen.</translation>
  </message>
  <message>
   <location filename="core/finishing.py" />
   <source>genuine, sealed</source>
   <translation>original, versiegelt</translation>
  </message>
  <message>
   <location filename="core/finishing.py" />
   <source>genuine, was in another phone</source>
   <translation>original, war in einem anderen Telefon</translation>
  </message>
  <message>
   <location filename="core/finishing.py" />
   <source>genuine, locked to an account</source>
   <translation>original, an ein Konto gesperrt</translation>
  </message>
  <message>
   <location filename="core/finishing.py" />
   <source>A part that was bound elsewhere says used from then on, even back in its own phone: never swap parts only to try.</source>
   <translation>Ein Teil, das anderswo gebunden war, heißt von da an gebraucht, auch zurück in seinem eigenen Telefon: Teile nie nur zum Probieren tauschen.</translation>
  </message>
  <message>
   <location filename="core/finishing.py" />
   <source>Only its owner can release it; a shop must not try to get round that.</source>
   <translation>Nur sein Eigentümer kann es freigeben; eine Werkstatt darf nicht versuchen, das zu umgehen.</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>will say genuine</source>
   <translation>wird original heißen</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>will say used for ever</source>
   <translation>wird für immer gebraucht heißen</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>locked: is skipped</source>
   <translation>gesperrt: wird ausgelassen</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>stays as it is</source>
   <translation>bleibt, wie es ist</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>expected until it is finished</source>
   <translation>erwartet, bis es abgeschlossen ist</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>was there before</source>
   <translation>war vorher schon da</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>real: it was finished and is not known all the same</source>
   <translation>echt: es wurde abgeschlossen und ist trotzdem nicht bekannt</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>new: nothing was done to this part, look at its connector</source>
   <translation>neu: an diesem Teil wurde nichts getan, seinen Stecker ansehen</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>About {minutes:.0f} minutes are expected, {planned:.0f} at best.</source>
   <translation>Etwa {minutes:.0f} Minuten sind zu erwarten, bestenfalls {planned:.0f}.</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>first, by hand: without its sweep the other parts stay unfinished</source>
   <translation>zuerst, von Hand: ohne ihren Durchlauf bleiben die anderen Teile unabgeschlossen</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>by itself, in the same go</source>
   <translation>von selbst, im selben Gang</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>this way does nothing that the phone would have to finish</source>
   <translation>dieser Weg tut nichts, was das Telefon abschließen müsste</translation>
  </message>
  <message>
   <location filename="core/finishing_session.py" />
   <source>nothing is finished</source>
   <translation>nichts ist abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>it lies over the {box}</source>
   <translation>es liegt über: {box}</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>up by 90°</source>
   <translation>um 90° hinauf</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>down by 90°</source>
   <translation>um 90° hinunter</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>up and over by 180°</source>
   <translation>um 180° hinauf und darüber</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>down and under by 180°</source>
   <translation>um 180° hinunter und darunter</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>{count_folds} folds for {count_segments} segments: each but the last is followed by one</source>
   <translation>{count_folds} Falten für {count_segments} Abschnitte: auf jeden außer dem letzten folgt eine</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>the flex would have to run through itself</source>
   <translation>das Flex müsste durch sich selbst laufen</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>it stacks {high:.2f} mm high, there is room for {gap:.2f} mm</source>
   <translation>es stapelt sich {high:.2f} mm hoch, Platz ist für {gap:.2f} mm</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>the connector ends {off:.1f} mm from its place</source>
   <translation>der Stecker endet {off:.1f} mm von seinem Platz</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>{along:.1f} mm from its fixed end: {names}</source>
   <translation>{along:.1f} mm von seinem festen Ende: {names}</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>the connector faces the wrong way</source>
   <translation>der Stecker zeigt in die falsche Richtung</translation>
  </message>
  <message>
   <location filename="core/folding.py" />
   <source>a fold turns by {known} degrees, not by {turn}</source>
   <translation>eine Falte dreht um {known} Grad, nicht um {turn}</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>taps as calibrated</source>
   <translation>tippt wie kalibriert</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>worn</source>
   <translation>verschlissen</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>dumb after one buzz</source>
   <translation>stumm nach einem Summen</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>off its calibration</source>
   <translation>neben seiner Kalibrierung</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>not sure</source>
   <translation>nicht sicher</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>it buzzes once{hard}, and stays dumb: faulty or counterfeit</source>
   <translation>er summt einmal{hard} und bleibt stumm: fehlerhaft oder gefälscht</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>it hardly moves: {level:.0f} % of its calibrated level</source>
   <translation>er bewegt sich kaum: {level:.0f} % seines kalibrierten Pegels</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>it takes {rise:.0f} ms to rise and {brake:.0f} ms to stop</source>
   <translation>er braucht {rise:.0f} ms zum Ansteigen und {brake:.0f} ms zum Anhalten</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>it rings at {f0_hz:.1f} Hz, calibrated {f0:.1f} Hz, and stops in {brake:.0f} ms</source>
   <translation>er schwingt bei {f0_hz:.1f} Hz, kalibriert sind {f0:.1f} Hz, und hält in {brake:.0f} ms an</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>it was not measured yet</source>
   <translation>er wurde noch nicht gemessen</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>it does not move at all: its coil is open, or its contacts do not touch</source>
   <translation>er bewegt sich gar nicht: seine Spule ist offen, oder seine Kontakte berühren nicht</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>, harder than calibrated</source>
   <translation>, härter als kalibriert</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>{why}. Try a known-good motor before the board is blamed</source>
   <translation>{why}. Einen sicher heilen Motor versuchen, bevor die Platine beschuldigt wird</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>its damping is {damping:.3f}, a free motor's is {least} to {most}</source>
   <translation>seine Dämpfung ist {damping:.3f}, die eines freien Motors {least} bis {most}</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>: its spring is worn</source>
   <translation>: seine Feder ist verschlissen</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>it rings at {f0_hz:.1f} Hz, {off:.1f} Hz {way} its calibration{spring}</source>
   <translation>er schwingt bei {f0_hz:.1f} Hz, {off:.1f} Hz {way} seiner Kalibrierung{spring}</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>{slow}, at most {rise_most:.0f} and {brake_most:.0f} are allowed</source>
   <translation>{slow}, erlaubt sind höchstens {rise_most:.0f} und {brake_most:.0f}</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>resonance or damping lie too near their limits: measure again</source>
   <translation>Resonanz oder Dämpfung liegen zu nah an ihren Grenzen: noch einmal messen</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>it does not ring after its drive: {error}</source>
   <translation>er schwingt nach seinem Antrieb nicht aus: {error}</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>below</source>
   <translation>unter</translation>
  </message>
  <message>
   <location filename="core/haptic/motor.py" />
   <source>above</source>
   <translation>über</translation>
  </message>
  <message>
   <location filename="core/haptic/ring.py" />
   <source>nothing in it rings long enough to be measured</source>
   <translation>nichts darin schwingt lang genug, um gemessen zu werden</translation>
  </message>
  <message>
   <location filename="core/heat/forecast.py" />
   <source>In {seconds:.0f} s it will be at {celsius:.0f} °C: {limit}</source>
   <translation>In {seconds:.0f} s werden es {celsius:.0f} °C sein: {limit}</translation>
  </message>
  <message>
   <location filename="core/heat/forecast.py" />
   <source>hotter than this step allows</source>
   <translation>heißer, als dieser Schritt erlaubt</translation>
  </message>
  <message>
   <location filename="core/heat/forecast.py" />
   <source>hotter than the part beside it stands</source>
   <translation>heißer, als das Teil daneben verträgt</translation>
  </message>
  <message>
   <location filename="core/heat/kept.py" />
   <source>{lasted:.0f} s, at most {peak:.0f} °C: {said}</source>
   <translation>{lasted:.0f} s, höchstens {peak:.0f} °C: {said}</translation>
  </message>
  <message>
   <location filename="core/heat/kept.py" />
   <source>within its limits</source>
   <translation>innerhalb der Grenzen</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>cooling</source>
   <translation>Abkühlen</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>gap</source>
   <translation>Lücke</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>{start:.1f} to {end:.1f} s</source>
   <translation>{start:.1f} bis {end:.1f} s</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>{names}: {seen:.1f} {unit}, allowed {allowed:g} {unit}, {place}</source>
   <translation>{names}: {seen:.1f} {unit}, erlaubt {allowed:g} {unit}, {place}</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>heated faster than allowed</source>
   <translation>schneller erhitzt als erlaubt</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>cooled faster than allowed</source>
   <translation>schneller abgekühlt als erlaubt</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>never hot enough</source>
   <translation>nie heiß genug</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>hotter than allowed</source>
   <translation>heißer als erlaubt</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>too short above the melting temperature</source>
   <translation>zu kurz über der Schmelztemperatur</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>too long above the melting temperature</source>
   <translation>zu lang über der Schmelztemperatur</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>hotter than the part stands</source>
   <translation>heißer, als das Teil verträgt</translation>
  </message>
  <message>
   <location filename="core/heat/trace.py" />
   <source>no reading for too long</source>
   <translation>zu lang keine Messung</translation>
  </message>
  <message>
   <location filename="core/intake.py" />
   <source>missing: read the phone</source>
   <translation>fehlt: das Telefon lesen</translation>
  </message>
  <message>
   <location filename="core/intake.py" />
   <source>{model} ran {first_system} to {last_system}</source>
   <translation>{model} lief mit {first_system} bis {last_system}</translation>
  </message>
  <message>
   <location filename="core/intake.py" />
   <source>choose the model</source>
   <translation>das Modell wählen</translation>
  </message>
  <message>
   <location filename="core/intake.py" />
   <source>promise at least one function</source>
   <translation>mindestens eine Funktion zusagen</translation>
  </message>
  <message>
   <location filename="core/intake.py" />
   <source>a version such as 4.6</source>
   <translation>eine Version wie 4.6</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>no verified backup of this job</source>
   <translation>keine geprüfte Sicherung dieses Auftrags</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>IMEI ends in {imei}, the ticket's in {ticket_imei}</source>
   <translation>Ende der IMEI {imei}, im Auftrag {ticket_imei}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>it is done with {window} to {window_2}</source>
   <translation>es geht mit {window} bis {window_2}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>this model does not know it</source>
   <translation>dieses Modell kennt es nicht</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>{charge:.0f} %, at least {least_charge:.0f} % are needed</source>
   <translation>{charge:.0f} %, mindestens {least_charge:.0f} % sind nötig</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Battery charged</source>
   <translation>Batterie geladen</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Charge the phone first.</source>
   <translation>Zuerst das Telefon laden.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>begun before on this part: counted as spent</source>
   <translation>an diesem Teil schon begonnen: zählt als verbraucht</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>never begun on this part</source>
   <translation>an diesem Teil nie begonnen</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>{what} not used yet</source>
   <translation>{what} noch nicht verbraucht</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Use another part.</source>
   <translation>Ein anderes Teil nehmen.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>, imported: {arrived}</source>
   <translation>, importiert: {arrived}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Backup kept, read back</source>
   <translation>Sicherung da, zurückgelesen</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>no backup</source>
   <translation>keine Sicherung</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Backup is of this phone</source>
   <translation>Sicherung ist von diesem Telefon</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Read this phone's own original, or correct the ticket.</source>
   <translation>Das eigene Original dieses Telefons lesen, oder den Auftrag berichtigen.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>no part answers</source>
   <translation>kein Teil antwortet</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>the part says {family}</source>
   <translation>das Teil sagt {family}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Part is for {model}</source>
   <translation>Teil ist für {model}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Fit a {model} part, or correct the ticket.</source>
   <translation>Ein Teil für {model} einsetzen, oder den Auftrag berichtigen.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>no programmer</source>
   <translation>kein Programmiergerät</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Firmware new enough</source>
   <translation>Firmware neu genug</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Update the programmer.</source>
   <translation>Das Programmiergerät aktualisieren.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>an earlier act on it was never settled</source>
   <translation>ein früherer Vorgang daran wurde nie geklärt</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>every earlier act is settled</source>
   <translation>jeder frühere Vorgang ist geklärt</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>No act in doubt</source>
   <translation>Kein ungewisser Vorgang</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Put the part on the socket and settle the act.</source>
   <translation>Das Teil auf den Sockel setzen und den Vorgang klären.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>the part does not say who it is: its writes could not be counted</source>
   <translation>das Teil sagt nicht, wer es ist: sein Schreiben ließe sich nicht zählen</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>another part on the bench calls itself the same</source>
   <translation>ein anderes Teil an der Werkbank nennt sich ebenso</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>no part answers on the holder</source>
   <translation>am Halter antwortet kein Teil</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>The ticket's phone is on</source>
   <translation>Das Telefon des Auftrags ist an</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Switch this job's phone on and put it on the cable.</source>
   <translation>Das Telefon dieses Auftrags einschalten und ans Kabel nehmen.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>The phone trusts this bench</source>
   <translation>Das Telefon vertraut dieser Werkbank</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Unlock the phone and confirm trust on it.</source>
   <translation>Das Telefon entsperren und das Vertrauen darauf bestätigen.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>System version knows it</source>
   <translation>Systemversion kennt es</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Plan another way.</source>
   <translation>Einen anderen Weg planen.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>{backup}, its bytes verified</source>
   <translation>{backup}, die Bytes geprüft</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>{backup} is of the phone …{imei}, the ticket says …{imei_2}</source>
   <translation>{backup} ist vom Telefon …{imei}, der Auftrag sagt …{imei_2}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Get the original {noun}'s data, or choose an earlier backup.</source>
   <translation>Die Originaldaten holen ({noun}), oder eine frühere Sicherung wählen.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>A new {noun} on the holder</source>
   <translation>Am Halter neu: {noun}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>Put the new {noun} on the holder.</source>
   <translation>Neu auf den Halter setzen: {noun}.</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>the right phone answers</source>
   <translation>das richtige Telefon antwortet</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>its owner has confirmed</source>
   <translation>sein Eigentümer hat bestätigt</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>not confirmed yet</source>
   <translation>noch nicht bestätigt</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>{backup} is of a {model}</source>
   <translation>{backup} ist von einem {model}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>its IMEI ends in {imei}</source>
   <translation>Ende der IMEI {imei}</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>{part} is the original</source>
   <translation>{part} ist das Original</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>no phone answers on the cable</source>
   <translation>am Kabel antwortet kein Telefon</translation>
  </message>
  <message>
   <location filename="core/interlocks.py" />
   <source>{part} is a {kind}</source>
   <translation>{part} ist: {kind}</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>Intake</source>
   <translation>Annahme</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>Plan</source>
   <translation>Plan</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>Bench</source>
   <translation>Werkbank</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>Proof</source>
   <translation>Nachweis</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>Hand-over</source>
   <translation>Übergabe</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>here</source>
   <translation>hier</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>not yet</source>
   <translation>noch nicht</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>handed over</source>
   <translation>übergeben</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>ticket: {next}</source>
   <translation>Auftrag: {next}</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>no way is chosen</source>
   <translation>kein Weg ist gewählt</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>steps are open at the bench</source>
   <translation>an der Werkbank sind Schritte offen</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>a promise has no proof yet</source>
   <translation>eine Zusage hat noch keinen Nachweis</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>not handed over</source>
   <translation>nicht übergeben</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>ticket to be completed</source>
   <translation>Auftrag vervollständigen</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>a way to be chosen</source>
   <translation>einen Weg wählen</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>proof</source>
   <translation>Nachweis</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>a decision: a step failed</source>
   <translation>eine Entscheidung: ein Schritt schlug fehl</translation>
  </message>
  <message>
   <location filename="core/job.py" />
   <source>the bench</source>
   <translation>die Werkbank</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>its own, worn</source>
   <translation>die eigene, verschlissen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>its own, swollen or hot</source>
   <translation>die eigene, aufgebläht oder heiß</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>another one, not known to the phone</source>
   <translation>eine andere, dem Telefon unbekannt</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>this phone's own, sound</source>
   <translation>die eigene dieses Telefons, heil</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>a cell, {words}</source>
   <translation>eine Zelle, {words}</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>a pack, {words}</source>
   <translation>ein Akku, {words}</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the battery is not to be replaced</source>
   <translation>die Batterie wird nicht ersetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the phone's own gauge board is not in it</source>
   <translation>die eigene Ladezählerplatine des Telefons ist nicht darin</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the gauge's data are kept already</source>
   <translation>die Daten des Ladezählers sind schon gesichert</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>nothing gives the original gauge's data</source>
   <translation>nichts gibt die Daten des originalen Ladezählers her</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the new pack must be on the programmer</source>
   <translation>der neue Akku muss am Programmiergerät sein</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the new pack's cell was not measured</source>
   <translation>die Zelle des neuen Akkus wurde nicht gemessen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>a cell was looked at already</source>
   <translation>eine Zelle wurde schon angesehen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>nobody has looked at the new cell yet</source>
   <translation>niemand hat die neue Zelle bisher angesehen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the new cell was not measured</source>
   <translation>die neue Zelle wurde nicht gemessen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the data flex is activated already</source>
   <translation>das Datenflex ist schon aktiviert</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the data flex is not activated</source>
   <translation>das Datenflex ist nicht aktiviert</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the data flex carries no data yet</source>
   <translation>das Datenflex trägt noch keine Daten</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the data flex is not folded</source>
   <translation>das Datenflex ist nicht gefaltet</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>no new pack is fitted</source>
   <translation>kein neuer Akku ist eingebaut</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>no genuine pack is fitted</source>
   <translation>kein Originalakku ist eingebaut</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the phone has finished the battery already</source>
   <translation>das Telefon hat die Batterie schon abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the battery's gauge is not the one the board expects</source>
   <translation>der Ladezähler der Batterie ist nicht der, den die Platine erwartet</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the phone has not finished the battery</source>
   <translation>das Telefon hat die Batterie nicht abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>New cell on the original gauge board</source>
   <translation>Neue Zelle auf der originalen Ladezählerplatine</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>New pack with the original's data</source>
   <translation>Neuer Akku mit den Daten des Originals</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>Genuine pack</source>
   <translation>Originalakku</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>Unknown pack, left as it is</source>
   <translation>Unbekannter Akku, gelassen, wie er ist</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>The battery in the phone</source>
   <translation>Die Batterie im Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>Where the new cell or pack comes from</source>
   <translation>Woher die neue Zelle oder der Akku kommt</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>A genuine pack for it</source>
   <translation>Ein Originalakku dafür</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>Battery</source>
   <translation>Batterie</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the bench has no spot welder</source>
   <translation>die Werkbank hat kein Punktschweißgerät</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the cell is worn</source>
   <translation>die Zelle ist verschlissen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>the battery's gauge does not authenticate</source>
   <translation>der Ladezähler der Batterie weist sich nicht aus</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/__init__.py" />
   <source>finish on the phone</source>
   <translation>am Telefon abschließen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>the original, sound</source>
   <translation>das Original, heil</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>the original, worn</source>
   <translation>das Original, verschlissen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>another one, worn</source>
   <translation>eine andere, verschlissen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>a new cell on its own gauge board</source>
   <translation>eine neue Zelle auf der eigenen Ladezählerplatine</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>a new pack, not started yet</source>
   <translation>ein neuer Akku, noch nicht gestartet</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>a new pack with the original's data</source>
   <translation>ein neuer Akku mit den Daten des Originals</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>a genuine pack</source>
   <translation>ein Originalakku</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>an unknown pack</source>
   <translation>ein unbekannter Akku</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>a new cell, flat and whole</source>
   <translation>eine neue Zelle, flach und heil</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>a new cell, measured</source>
   <translation>eine neue Zelle, gemessen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>a new pack, measured</source>
   <translation>ein neuer Akku, gemessen</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/facts.py" />
   <source>the new pack</source>
   <translation>der neue Akku</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/work.py" />
   <source>swollen</source>
   <translation>aufgebläht</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/work.py" />
   <source>foreign</source>
   <translation>fremd</translation>
  </message>
  <message>
   <location filename="core/kinds/battery/work.py" />
   <source>sound</source>
   <translation>heil</translation>
  </message>
  <message>
   <location filename="core/kinds/display/__init__.py" />
   <source>the panel has no touch chip to confirm trust with</source>
   <translation>das Panel hat keinen Touch-Chip, um das Vertrauen zu bestätigen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/__init__.py" />
   <source>the flex is done before the panel</source>
   <translation>das Flex kommt vor dem Panel dran</translation>
  </message>
  <message>
   <location filename="core/kinds/display/__init__.py" />
   <source>, perhaps more that nobody noted</source>
   <translation>, vielleicht mehr, die niemand notierte</translation>
  </message>
  <message>
   <location filename="core/kinds/display/__init__.py" />
   <source>a panel takes {limits} writes in its life, {counted} counted{hidden}</source>
   <translation>ein Panel verträgt in seinem Leben {limits} Schreibvorgänge, gezählt sind {counted}{hidden}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/__init__.py" />
   <source>guess that the original answers {original_answers:.0f} %</source>
   <translation>angenommen: das Original antwortet mit {original_answers:.0f} %</translation>
  </message>
  <message>
   <location filename="core/kinds/display/__init__.py" />
   <source>the loose touch chip is to be soldered first</source>
   <translation>der lose Touch-Chip muss zuerst eingelötet werden</translation>
  </message>
  <message>
   <location filename="core/kinds/display/__init__.py" />
   <source> or </source>
   <translation> oder </translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>there, answers</source>
   <translation>da, antwortet</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>there, untried</source>
   <translation>da, nicht versucht</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>there, does not answer</source>
   <translation>da, antwortet nicht</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>missing</source>
   <translation>fehlt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>on the original</source>
   <translation>auf dem Original</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>on the new panel</source>
   <translation>auf dem neuen Panel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>lost</source>
   <translation>verloren</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>genuine, new</source>
   <translation>original, neu</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>genuine, used</source>
   <translation>original, gebraucht</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>aftermarket</source>
   <translation>Fremdteil</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>ready-coded</source>
   <translation>fertig codiert</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Earlier backup of this phone</source>
   <translation>Frühere Sicherung dieses Telefons</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Complete record of this model</source>
   <translation>Vollständiger Datensatz dieses Modells</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Display serial on paper</source>
   <translation>Display-Seriennummer auf Papier</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>the original is missing</source>
   <translation>das Original fehlt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>the original touch chip is lost</source>
   <translation>der originale Touch-Chip ist verloren</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>the panel is locked to an account or its touch flex was replaced</source>
   <translation>das Panel ist an ein Konto gesperrt, oder sein Touch-Flex wurde ersetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>the panel's own touch chip is no longer on it</source>
   <translation>der eigene Touch-Chip des Panels ist nicht mehr darauf</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>the panel's own data are not on it</source>
   <translation>die eigenen Daten des Panels sind nicht darauf</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>the panel is ruined</source>
   <translation>das Panel ist zerstört</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>The original</source>
   <translation>Das Original</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Original touch chip</source>
   <translation>Originaler Touch-Chip</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>New panel</source>
   <translation>Neues Panel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Panel unlocked, its touch flex never replaced</source>
   <translation>Panel nicht gesperrt, sein Touch-Flex nie ersetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Maker of the original panel</source>
   <translation>Hersteller des Originalpanels</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Is the panel unlocked, its touch flex its own?</source>
   <translation>Ist das Panel nicht gesperrt, sein Touch-Flex das eigene?</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>yes</source>
   <translation>ja</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>no</source>
   <translation>nein</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Can the original part still be had?</source>
   <translation>Ist das Originalteil noch zu haben?</translation>
  </message>
  <message>
   <location filename="core/kinds/display/asking.py" />
   <source>Does the original answer on the socket?</source>
   <translation>Antwortet das Original auf dem Sockel?</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>the original touch chip is not lifted</source>
   <translation>der originale Touch-Chip ist nicht abgelöst</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>the bench has no hot air</source>
   <translation>die Werkbank hat keine Heißluft</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>the bench has neither grinder nor hot air</source>
   <translation>die Werkbank hat weder Schleifer noch Heißluft</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>the original touch chip is not on the original panel</source>
   <translation>der originale Touch-Chip ist nicht auf dem Originalpanel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>the panel must carry its data before heat comes near a chip</source>
   <translation>das Panel muss seine Daten tragen, bevor Hitze in die Nähe eines Chips kommt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>clear {value}</source>
   <translation>{value} freimachen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>move the touch chip</source>
   <translation>den Touch-Chip umsetzen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>another panel is in hand</source>
   <translation>ein anderes Panel ist in Arbeit</translation>
  </message>
  <message>
   <location filename="core/kinds/display/chip.py" />
   <source>the new panel's own chip is in the way</source>
   <translation>der eigene Chip des neuen Panels ist im Weg</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>the original does not answer on the socket</source>
   <translation>das Original antwortet auf dem Sockel nicht</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>Read the original</source>
   <translation>Das Original lesen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>Use an earlier backup</source>
   <translation>Eine frühere Sicherung nehmen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>tune a complete record</source>
   <translation>einen vollständigen Datensatz abstimmen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>Type the serial from paper</source>
   <translation>Die Seriennummer vom Papier eintippen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>Codes over the cable</source>
   <translation>Codes über das Kabel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>the original must be on the socket</source>
   <translation>das Original muss auf dem Sockel sein</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>the original was read already</source>
   <translation>das Original wurde schon gelesen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>the vault holds no earlier backup of this phone</source>
   <translation>der Tresor hat keine frühere Sicherung dieses Telefons</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>a complete calibration is known already</source>
   <translation>eine vollständige Kalibrierung ist schon bekannt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>the display codes are not known</source>
   <translation>die Displaycodes sind nicht bekannt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>the record is complete already</source>
   <translation>der Datensatz ist schon vollständig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>the vault holds no complete record of this model and panel maker</source>
   <translation>der Tresor hat keinen vollständigen Datensatz dieses Modells und Panelherstellers</translation>
  </message>
  <message>
   <location filename="core/kinds/display/codes.py" />
   <source>nobody has the display serial on paper</source>
   <translation>niemand hat die Display-Seriennummer auf Papier</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>there, not tried yet</source>
   <translation>da, noch nicht versucht</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>there, answers on the socket</source>
   <translation>da, antwortet auf dem Sockel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>in place on the original</source>
   <translation>an seinem Platz auf dem Original</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>already moved to the new panel</source>
   <translation>schon auf das neue Panel umgesetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>ready-coded aftermarket</source>
   <translation>fertig codiertes Fremdteil</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>Original panel</source>
   <translation>Originalpanel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>Its touch chip</source>
   <translation>Sein Touch-Chip</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>New panel from the shelf</source>
   <translation>Neues Panel aus dem Lager</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>New panel's maker</source>
   <translation>Hersteller des neuen Panels</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>Kind</source>
   <translation>Art</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>Where it came from</source>
   <translation>Woher es kam</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source> by {maker}</source>
   <translation> von {maker}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>{kind}{maker}; the original {original}</source>
   <translation>{kind}{maker}; das Original {original}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>maker</source>
   <translation>Hersteller</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>bought or taken from</source>
   <translation>gekauft oder ausgebaut aus</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>if there is one</source>
   <translation>falls es eines gibt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/entries.py" />
   <source>its maker</source>
   <translation>dessen Hersteller</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>answers</source>
   <translation>antwortet</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>damaged</source>
   <translation>beschädigt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>untried</source>
   <translation>nicht versucht</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>moved</source>
   <translation>umgesetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>complete</source>
   <translation>vollständig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>partial</source>
   <translation>teilweise</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>blank</source>
   <translation>leer</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>boards</source>
   <translation>von der Platine</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>new genuine</source>
   <translation>neu original</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>used genuine</source>
   <translation>gebraucht original</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>the {maker} panel ({kind})</source>
   <translation>das Panel von {maker} ({kind})</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>the {kind} panel</source>
   <translation>das Panel ({kind})</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>first</source>
   <translation>erste</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>second</source>
   <translation>zweite</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>third</source>
   <translation>dritte</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>the {brand} panel</source>
   <translation>das Panel von {brand}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>{counted} writes counted</source>
   <translation>{counted} Mal geschrieben</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>at {price:g}</source>
   <translation>zu {price:g}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/facts.py" />
   <source>{title}, the {order}</source>
   <translation>{title}, das {order}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/finishing.py" />
   <source>no genuine touch chip is on the panel</source>
   <translation>auf dem Panel ist kein originaler Touch-Chip</translation>
  </message>
  <message>
   <location filename="core/kinds/display/finishing.py" />
   <source>the panel's data were never set for the chip that it carries</source>
   <translation>die Daten des Panels wurden nie für den Chip gesetzt, den es trägt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/finishing.py" />
   <source>the panel's data do not agree with the moved chip</source>
   <translation>die Daten des Panels stimmen nicht mit dem umgesetzten Chip überein</translation>
  </message>
  <message>
   <location filename="core/kinds/display/finishing.py" />
   <source>the original touch chip is not on the panel</source>
   <translation>der originale Touch-Chip ist nicht auf dem Panel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/finishing.py" />
   <source>it accepts only whole genuine panels</source>
   <translation>es nimmt nur ganze Originalpanels an</translation>
  </message>
  <message>
   <location filename="core/kinds/display/finishing.py" />
   <source>fit {value}</source>
   <translation>{value} einbauen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/finishing.py" />
   <source>finish {value}</source>
   <translation>{value} abschließen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/finishing.py" />
   <source>the phone has finished the panel already</source>
   <translation>das Telefon hat das Panel schon abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Read the original and keep it, or choose an earlier backup.</source>
   <translation>Das Original lesen und sichern, oder eine frühere Sicherung wählen.</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Panel maker agrees</source>
   <translation>Panelhersteller stimmt überein</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>panel by {maker}</source>
   <translation>Panel von {maker}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>{said}, record from {record_maker}</source>
   <translation>{said}, Datensatz von {record_maker}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Decide to try it, or use a panel by {record_maker}.</source>
   <translation>Entscheiden, es zu versuchen, oder ein Panel von {record_maker} nehmen.</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Codes well formed</source>
   <translation>Codes wohlgeformt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Read the source again; do not correct it by hand.</source>
   <translation>Die Quelle noch einmal lesen; nicht von Hand berichtigen.</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>the record is incomplete</source>
   <translation>der Datensatz ist unvollständig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>no part answers on the socket</source>
   <translation>auf dem Sockel antwortet kein Teil</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Same part as checked</source>
   <translation>Dasselbe Teil wie geprüft</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Put the new panel on the socket and read it.</source>
   <translation>Das neue Panel auf den Sockel setzen und lesen.</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Plan again from here: trying it is a way of its own, with its own chance. Or use a panel by {record_maker}.</source>
   <translation>Von hier aus neu planen: der Versuch ist ein eigener Weg mit eigener Aussicht. Oder ein Panel von {record_maker} nehmen.</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>it answers: it is on</source>
   <translation>es antwortet: es ist an</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>it does not answer: off</source>
   <translation>es antwortet nicht: aus</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Phone off</source>
   <translation>Telefon aus</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Switch the phone off and disconnect its battery.</source>
   <translation>Das Telefon ausschalten und seine Batterie trennen.</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>{counted} had, next: {odds:.0f} %</source>
   <translation>{counted} gehabt, das nächste: {odds:.0f} %</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Writes left</source>
   <translation>Schreiben übrig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Use another panel.</source>
   <translation>Ein anderes Panel nehmen.</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>nothing to write yet</source>
   <translation>noch nichts zu schreiben</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>no display serial</source>
   <translation>keine Display-Seriennummer</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>no cover code</source>
   <translation>kein Glascode</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>Use a panel by {record_maker}.</source>
   <translation>Ein Panel von {record_maker} nehmen.</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>the part on the socket has not been read</source>
   <translation>das Teil auf dem Sockel wurde nicht gelesen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>it may be refused, and the write counts</source>
   <translation>es kann abgelehnt werden, und das Schreiben zählt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/interlocks.py" />
   <source>{part} is there, {checked_part} was checked</source>
   <translation>{part} ist da, {checked_part} wurde geprüft</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>{panel_titles} takes no more writes: {counted} counted, it takes {most} at most</source>
   <translation>{panel_titles} nimmt kein Schreiben mehr: {counted} gezählt, höchstens {most} möglich</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the new panel must be on the socket</source>
   <translation>das neue Panel muss auf dem Sockel sein</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the new panel must be read first</source>
   <translation>das neue Panel muss zuerst gelesen werden</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>nothing gives the board's display serial</source>
   <translation>nichts gibt die Display-Seriennummer der Platine her</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>nothing gives the board's cover code</source>
   <translation>nichts gibt den Glascode der Platine her</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>no complete calibration is known</source>
   <translation>keine vollständige Kalibrierung ist bekannt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>no complete record of this panel's maker is at hand</source>
   <translation>kein vollständiger Datensatz vom Hersteller dieses Panels ist zur Hand</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the programmer cannot read {maker} panels of this model yet</source>
   <translation>das Programmiergerät kann {maker}-Panels dieses Modells noch nicht lesen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>write {value}</source>
   <translation>{value} schreiben</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>{maker} panels of this model take no record of a {maker_2} panel</source>
   <translation>{maker}-Panels dieses Modells nehmen keinen Datensatz eines {maker_2}-Panels</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the new panel is read already</source>
   <translation>das neue Panel ist schon gelesen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the {maker} record was tried on it in vain</source>
   <translation>der Datensatz von {maker} wurde darauf vergeblich versucht</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>write for the panel's own chip</source>
   <translation>für den eigenen Chip des Panels schreiben</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>write the {maker} record</source>
   <translation>den Datensatz von {maker} schreiben</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the phone is closed already</source>
   <translation>das Telefon ist schon geschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the panel in hand answers</source>
   <translation>das Panel in Arbeit antwortet</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>read {value}</source>
   <translation>{value} lesen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the panel is unlocked and its touch flex its own</source>
   <translation>das Panel ist nicht gesperrt und sein Touch-Flex das eigene</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>check {variant}</source>
   <translation>{variant} prüfen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>partial code</source>
   <translation>teilweiser Code</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the donor is checked already</source>
   <translation>der Spender ist schon geprüft</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>the panel is fitted already</source>
   <translation>das Panel ist schon eingebaut</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>it is asked before any work on the panel</source>
   <translation>vor jeder Arbeit am Panel wird danach gefragt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>it is in hand already</source>
   <translation>es ist schon in Arbeit</translation>
  </message>
  <message>
   <location filename="core/kinds/display/panel.py" />
   <source>take {panel_titles}</source>
   <translation>{panel_titles} nehmen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>another maker's record was tried in vain</source>
   <translation>der Datensatz eines anderen Herstellers wurde vergeblich versucht</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the original</source>
   <translation>das Original</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the new panel</source>
   <translation>das neue Panel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>its own, complete</source>
   <translation>seine eigenen, vollständig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>its own, incomplete</source>
   <translation>seine eigenen, unvollständig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>never set</source>
   <translation>nie gesetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the board's, complete</source>
   <translation>die der Platine, vollständig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the board's, incomplete</source>
   <translation>die der Platine, unvollständig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the board's serial, its own chip's code</source>
   <translation>Seriennummer der Platine, Code des eigenen Chips</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the board's serial, its own chip's code, incomplete</source>
   <translation>Seriennummer der Platine, Code des eigenen Chips, unvollständig</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>its own serial, the moved chip's code</source>
   <translation>eigene Seriennummer, Code des umgesetzten Chips</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>of a panel by the new one's maker</source>
   <translation>eines Panels vom Hersteller des neuen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>to the original</source>
   <translation>auf das Original</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>to the new panel</source>
   <translation>auf das neue Panel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>not asked</source>
   <translation>nicht gefragt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>locked or its touch flex replaced</source>
   <translation>gesperrt, oder Touch-Flex ersetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the panel in hand</source>
   <translation>das Panel in Arbeit</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the second panel</source>
   <translation>das zweite Panel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the third panel</source>
   <translation>das dritte Panel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the panel in hand, lost</source>
   <translation>das Panel in Arbeit, verloren</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the second panel, lost</source>
   <translation>das zweite Panel, verloren</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the third panel, lost</source>
   <translation>das dritte Panel, verloren</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the socket must be empty</source>
   <translation>der Sockel muss leer sein</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the new panel must be off the socket</source>
   <translation>das neue Panel muss vom Sockel sein</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the codes are known already</source>
   <translation>die Codes sind schon bekannt</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the new panel has no chip of its own</source>
   <translation>das neue Panel hat keinen eigenen Chip</translation>
  </message>
  <message>
   <location filename="core/kinds/display/state.py" />
   <source>the original touch chip is not on the new panel</source>
   <translation>der originale Touch-Chip ist nicht auf dem neuen Panel</translation>
  </message>
  <message>
   <location filename="core/kinds/display/threads.py" />
   <source>the phone has bound another panel</source>
   <translation>das Telefon hat ein anderes Panel gebunden</translation>
  </message>
  <message>
   <location filename="core/kinds/display/threads.py" />
   <source>the new panel does not carry the display serial that the board expects</source>
   <translation>das neue Panel trägt nicht die Display-Seriennummer, die die Platine erwartet</translation>
  </message>
  <message>
   <location filename="core/kinds/display/threads.py" />
   <source>the new panel does not carry the cover code that the board expects</source>
   <translation>das neue Panel trägt nicht den Glascode, den die Platine erwartet</translation>
  </message>
  <message>
   <location filename="core/kinds/display/threads.py" />
   <source>the new panel carries no complete calibration</source>
   <translation>das neue Panel trägt keine vollständige Kalibrierung</translation>
  </message>
  <message>
   <location filename="core/kinds/display/threads.py" />
   <source>the panel is lost</source>
   <translation>das Panel ist verloren</translation>
  </message>
  <message>
   <location filename="core/kinds/display/threads.py" />
   <source>the phone has not finished this panel</source>
   <translation>das Telefon hat dieses Panel nicht abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/display/threads.py" />
   <source>no sound touch chip is on the new panel</source>
   <translation>auf dem neuen Panel ist kein heiler Touch-Chip</translation>
  </message>
  <message>
   <location filename="core/kinds/display/work.py" />
   <source>{model} has {makers}</source>
   <translation>{model} hat {makers}</translation>
  </message>
  <message>
   <location filename="core/kinds/display/work.py" />
   <source>cannot be on a missing original</source>
   <translation>kann nicht auf einem fehlenden Original sein</translation>
  </message>
  <message>
   <location filename="core/kinds/entries.py" />
   <source>From the shelf</source>
   <translation>Aus dem Lager</translation>
  </message>
  <message>
   <location filename="core/kinds/entries.py" />
   <source> ({earlier_writes} writes)</source>
   <translation> ({earlier_writes} Mal geschrieben)</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>repaired</source>
   <translation>repariert</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>no Face ID, not tested yet</source>
   <translation>kein Face ID, noch nicht getestet</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>tested: link chip fused</source>
   <translation>getestet: Verbindungschip durchgebrannt</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>tested: link chip silent</source>
   <translation>getestet: Verbindungschip stumm</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>repaired before</source>
   <translation>schon repariert</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>infrared camera dead</source>
   <translation>Infrarotkamera tot</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>flood light dead</source>
   <translation>Flutlicht tot</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>dark, not tested</source>
   <translation>dunkel, nicht getestet</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>its link chip is fused</source>
   <translation>sein Verbindungschip ist durchgebrannt</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>beyond saving</source>
   <translation>nicht zu retten</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>its link chip is silent</source>
   <translation>sein Verbindungschip ist stumm</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>its infrared camera is dead</source>
   <translation>seine Infrarotkamera ist tot</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>its flood light is dead</source>
   <translation>sein Flutlicht ist tot</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>with an extension, not tested</source>
   <translation>mit Verlängerung, nicht getestet</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>with an extension</source>
   <translation>mit Verlängerung</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>in the phone</source>
   <translation>im Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>on the programmer</source>
   <translation>am Programmiergerät</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the extension flex</source>
   <translation>das Verlängerungsflex</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module was found beyond saving</source>
   <translation>das Modul erwies sich als nicht zu retten</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module's link chip is silent</source>
   <translation>der Verbindungschip des Moduls ist stumm</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the infrared camera is dead</source>
   <translation>die Infrarotkamera ist tot</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the flood light is dead</source>
   <translation>das Flutlicht ist tot</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module is sound</source>
   <translation>das Modul ist heil</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the face module is out of the phone</source>
   <translation>das Gesichtsmodul ist aus dem Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the face module must be on the programmer</source>
   <translation>das Gesichtsmodul muss am Programmiergerät sein</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module is not known to be one that can be saved</source>
   <translation>es ist nicht bekannt, ob das Modul zu retten ist</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module's codes were asked already</source>
   <translation>die Codes des Moduls wurden schon abgefragt</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module is tested already</source>
   <translation>das Modul ist schon getestet</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>infrared camera and flood light answer</source>
   <translation>Infrarotkamera und Flutlicht antworten</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>infrared camera and flood light were not excluded yet</source>
   <translation>Infrarotkamera und Flutlicht sind noch nicht ausgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module is beyond saving</source>
   <translation>das Modul ist nicht zu retten</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module's dot map is not kept yet</source>
   <translation>die Punktkarte des Moduls ist noch nicht gesichert</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the extension flex must be on the programmer</source>
   <translation>das Verlängerungsflex muss am Programmiergerät sein</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the extension flex carries no dot map yet</source>
   <translation>das Verlängerungsflex trägt noch keine Punktkarte</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>no extension flex is folded on the module</source>
   <translation>kein Verlängerungsflex ist auf das Modul gefaltet</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module's dot map is kept already</source>
   <translation>die Punktkarte des Moduls ist schon gesichert</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the module is not activated</source>
   <translation>das Modul ist nicht aktiviert</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the locating plate is cut already</source>
   <translation>das Fixierblech ist schon geschnitten</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the face module is not in the phone</source>
   <translation>das Gesichtsmodul ist nicht im Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the dot projector is dark</source>
   <translation>der Punktprojektor ist dunkel</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>Can the module be saved?</source>
   <translation>Ist das Modul zu retten?</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the link chip is fused, the rest is sound</source>
   <translation>der Verbindungschip ist durchgebrannt, der Rest ist heil</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>Extension flex after activation</source>
   <translation>Verlängerungsflex nach Aktivierung</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>Move the link chip and bridge the projector</source>
   <translation>Den Verbindungschip umsetzen und den Projektor überbrücken</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the shield's locating plate is in the way</source>
   <translation>das Fixierblech der Abschirmung ist im Weg</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>The face module in the phone</source>
   <translation>Das Gesichtsmodul im Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>Face module</source>
   <translation>Gesichtsmodul</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the phone must be on and on the cable</source>
   <translation>das Telefon muss an und am Kabel sein</translation>
  </message>
  <message>
   <location filename="core/kinds/face_module.py" />
   <source>the extension flex is written already</source>
   <translation>das Verlängerungsflex ist schon geschrieben</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the front camera is not to be replaced</source>
   <translation>die Frontkamera wird nicht ersetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the front camera's data are kept already</source>
   <translation>die Daten der Frontkamera sind schon gesichert</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>nothing gives the original front camera's data</source>
   <translation>nichts gibt die Daten der originalen Frontkamera her</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the new camera must be on the programmer</source>
   <translation>die neue Kamera muss am Programmiergerät sein</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the front camera is still bound to the board</source>
   <translation>die Frontkamera ist noch an die Platine gebunden</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the phone's own front camera is not in it</source>
   <translation>die eigene Frontkamera des Telefons ist nicht darin</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>a dead camera gives nothing over the cable</source>
   <translation>eine tote Kamera gibt über das Kabel nichts her</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>no earlier backup of this phone's own front camera is in the vault</source>
   <translation>im Tresor ist keine frühere Sicherung der eigenen Frontkamera dieses Telefons</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>no programmable flex is known for {model}</source>
   <translation>für {model} ist kein programmierbares Flex bekannt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>{told}: {sign} (leads to {value})</source>
   <translation>{told}: {sign} (deutet auf {value})</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the board runs a known-good camera</source>
   <translation>die Platine betreibt eine sicher heile Kamera</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the original camera must be on the programmer</source>
   <translation>die Originalkamera muss am Programmiergerät sein</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the front camera is unbound already</source>
   <translation>die Frontkamera ist schon entkoppelt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>a new camera was prepared already</source>
   <translation>eine neue Kamera wurde schon vorbereitet</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the new camera has no programmable flex</source>
   <translation>die neue Kamera hat kein programmierbares Flex</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the new camera was not read yet</source>
   <translation>die neue Kamera wurde noch nicht gelesen</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the new camera does not carry the original's data yet</source>
   <translation>die neue Kamera trägt noch nicht die Daten des Originals</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>no genuine camera is fitted</source>
   <translation>keine Originalkamera ist eingebaut</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>no front camera that works is bound to the board</source>
   <translation>keine Frontkamera, die arbeitet, ist an die Platine gebunden</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the system was not flashed after the swap</source>
   <translation>das System wurde nach dem Tausch nicht neu aufgespielt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>New camera with the original's data</source>
   <translation>Neue Kamera mit den Daten des Originals</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>Genuine camera</source>
   <translation>Originalkamera</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>The front camera in the phone</source>
   <translation>Die Frontkamera im Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>What it shows</source>
   <translation>Was sie zeigt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>A genuine one for it</source>
   <translation>Eine originale dafür</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>Front camera</source>
   <translation>Frontkamera</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the board runs no camera</source>
   <translation>die Platine betreibt keine Kamera</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the new camera is ruined</source>
   <translation>die neue Kamera ist zerstört</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the camera is to blame already</source>
   <translation>die Kamera ist schon als schuldig erkannt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>no new camera is fitted</source>
   <translation>keine neue Kamera ist eingebaut</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/__init__.py" />
   <source>the system is flashed already</source>
   <translation>das System ist schon neu aufgespielt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>the original, broken</source>
   <translation>das Original, defekt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>another one, never bound</source>
   <translation>eine andere, nie gebunden</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>a camera that is broken, or a board that runs none</source>
   <translation>eine defekte Kamera, oder eine Platine, die keine betreibt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>a board that runs no camera</source>
   <translation>eine Platine, die keine Kamera betreibt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>a new one with the original's data</source>
   <translation>eine neue mit den Daten des Originals</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>a genuine one that is not finished</source>
   <translation>eine originale, die nicht abgeschlossen ist</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>a genuine one, finished</source>
   <translation>eine originale, abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>with a programmable flex</source>
   <translation>mit programmierbarem Flex</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>with a flex that answers</source>
   <translation>mit einem Flex, das antwortet</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>the original camera</source>
   <translation>die Originalkamera</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/facts.py" />
   <source>the new camera</source>
   <translation>die neue Kamera</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>own</source>
   <translation>eigene</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>unsure</source>
   <translation>unsicher</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>freezes</source>
   <translation>bleibt hängen</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>dead</source>
   <translation>tot</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>camera</source>
   <translation>Kamera</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>data</source>
   <translation>Daten</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>camera or board</source>
   <translation>Kamera oder Platine</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>no autofocus</source>
   <translation>kein Autofokus</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>the picture freezes</source>
   <translation>das Bild bleibt hängen</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>white picture after recording</source>
   <translation>weißes Bild nach der Aufnahme</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>dead, a black picture</source>
   <translation>tot, ein schwarzes Bild</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>its own, broken</source>
   <translation>die eigene, defekt</translation>
  </message>
  <message>
   <location filename="core/kinds/front_camera/work.py" />
   <source>broken, nor did a new one work</source>
   <translation>defekt, und auch eine neue ging nicht</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the original, dead</source>
   <translation>das Original, tot</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>another phone's, dead</source>
   <translation>der eines anderen Telefons, tot</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>a motor that does not tap, or a board that does not drive it</source>
   <translation>ein Motor, der nicht tippt, oder eine Platine, die ihn nicht antreibt</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>a board that drives no motor</source>
   <translation>eine Platine, die keinen Motor antreibt</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>a new one with the original's serial</source>
   <translation>ein neuer mit der Seriennummer des Originals</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>seen by the programmer</source>
   <translation>vom Programmiergerät gesehen</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the new motor</source>
   <translation>der neue Motor</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>its own, does not tap</source>
   <translation>der eigene, tippt nicht</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>another one, does not tap</source>
   <translation>ein anderer, tippt nicht</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>does not tap, nor did a new one</source>
   <translation>tippt nicht, und auch ein neuer nicht</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the motor is sound</source>
   <translation>der Motor ist heil</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the motor's serial is known already</source>
   <translation>die Seriennummer des Motors ist schon bekannt</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the new motor must be on the programmer</source>
   <translation>der neue Motor muss am Programmiergerät sein</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the new motor was read already</source>
   <translation>der neue Motor wurde schon gelesen</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the new motor was not read yet</source>
   <translation>der neue Motor wurde noch nicht gelesen</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>nothing gives the original motor's serial</source>
   <translation>nichts gibt die Seriennummer des originalen Motors her</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the new motor does not carry the original's serial yet</source>
   <translation>der neue Motor trägt noch nicht die Seriennummer des Originals</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the motor is not the one the board expects</source>
   <translation>der Motor ist nicht der, den die Platine erwartet</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the motor does not tap</source>
   <translation>der Motor tippt nicht</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the board drives a known-good motor</source>
   <translation>die Platine treibt einen sicher heilen Motor an</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>New motor with the old serial</source>
   <translation>Neuer Motor mit der alten Seriennummer</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>The motor in the phone</source>
   <translation>Der Motor im Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>Haptic motor</source>
   <translation>Haptikmotor</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the board drives no motor</source>
   <translation>die Platine treibt keinen Motor an</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the new motor is ruined</source>
   <translation>der neue Motor ist zerstört</translation>
  </message>
  <message>
   <location filename="core/kinds/motor.py" />
   <source>the motor is to blame already</source>
   <translation>der Motor ist schon als schuldig erkannt</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>broken</source>
   <translation>defekt</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>unfinished</source>
   <translation>nicht abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>a genuine new one, not finished</source>
   <translation>eine originale neue, nicht abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>a genuine one, not finished</source>
   <translation>eine originale, nicht abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>a genuine one, finished and swept</source>
   <translation>eine originale, abgeschlossen und durchlaufen</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>the rear camera is not to be replaced</source>
   <translation>die Rückkamera wird nicht ersetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>no rear camera waits to be finished</source>
   <translation>keine Rückkamera wartet auf den Abschluss</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>the rear camera is not bound to the board</source>
   <translation>die Rückkamera ist nicht an die Platine gebunden</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>the sweep is not done</source>
   <translation>der Durchlauf ist nicht gemacht</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>without the rear camera's sweep the other parts stay unfinished</source>
   <translation>ohne den Durchlauf der Rückkamera bleiben die anderen Teile unabgeschlossen</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>The rear camera in the phone</source>
   <translation>Die Rückkamera im Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>The genuine one for it</source>
   <translation>Die originale dafür</translation>
  </message>
  <message>
   <location filename="core/kinds/rear_camera.py" />
   <source>Rear camera</source>
   <translation>Rückkamera</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>replaced</source>
   <translation>ersetzt</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>untested</source>
   <translation>nicht getestet</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the front sensor flex is the original and sound</source>
   <translation>das vordere Sensor-Flex ist das Original und heil</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>another phone's</source>
   <translation>das eines anderen Telefons</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>not tested</source>
   <translation>nicht getestet</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the new flex</source>
   <translation>das neue Flex</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>original, sound</source>
   <translation>original, heil</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>original, worn</source>
   <translation>original, verschlissen</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>original, dead</source>
   <translation>original, tot</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>its own, worn or torn</source>
   <translation>das eigene, verschlissen oder gerissen</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>its own, dead</source>
   <translation>das eigene, tot</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>from another phone</source>
   <translation>aus einem anderen Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the flex is sound</source>
   <translation>das Flex ist heil</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the flex data are known already</source>
   <translation>die Flexdaten sind schon bekannt</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>no programmable flex is at hand</source>
   <translation>kein programmierbares Flex ist zur Hand</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the original flex does not answer</source>
   <translation>das originale Flex antwortet nicht</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the flex in the phone is not the original</source>
   <translation>das Flex im Telefon ist nicht das Original</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the bench has no adapter for the ear-speaker connector</source>
   <translation>die Werkbank hat keinen Adapter für den Hörmuschelstecker</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the vault holds no earlier backup of this phone's flex</source>
   <translation>der Tresor hat keine frühere Sicherung vom Flex dieses Telefons</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the flex is not known to be its own and worn</source>
   <translation>es ist nicht bekannt, ob das Flex das eigene und verschlissen ist</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the new flex is ruined</source>
   <translation>das neue Flex ist zerstört</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>Front sensor flex</source>
   <translation>Sensor-Flex vorn</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the new flex must be on the programmer</source>
   <translation>das neue Flex muss am Programmiergerät sein</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the front sensor flex is not the one the board expects</source>
   <translation>das vordere Sensor-Flex ist nicht das, das die Platine erwartet</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the front sensor flex is worn</source>
   <translation>das vordere Sensor-Flex ist verschlissen</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>Is the front sensor flex the original and sound?</source>
   <translation>Ist das vordere Sensor-Flex das Original und heil?</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>programmable flex</source>
   <translation>programmierbares Flex</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>Use an earlier flex backup</source>
   <translation>Eine frühere Flexsicherung nehmen</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the board's own sensor flex is not fitted</source>
   <translation>das eigene Sensor-Flex der Platine ist nicht eingebaut</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>The flex in the phone</source>
   <translation>Das Flex im Telefon</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>nothing gives the original flex's data</source>
   <translation>nichts gibt die Daten des originalen Flex her</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the new flex is written already</source>
   <translation>das neue Flex ist schon geschrieben</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the new flex carries no data yet</source>
   <translation>das neue Flex trägt noch keine Daten</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>the flex is tested already</source>
   <translation>das Flex ist schon getestet</translation>
  </message>
  <message>
   <location filename="core/kinds/sensor_flex.py" />
   <source>Back up the flex through the ear-speaker connector</source>
   <translation>Das Flex über den Hörmuschelstecker sichern</translation>
  </message>
  <message>
   <location filename="core/labels.py" />
   <source>opened {opened}</source>
   <translation>geöffnet {opened}</translation>
  </message>
  <message>
   <location filename="core/language.py" />
   <source>%Y-%m-%d</source>
   <translation>%d.%m.%Y</translation>
  </message>
  <message>
   <location filename="core/language.py" />
   <source>%Y-%m-%d %H:%M</source>
   <translation>%d.%m.%Y %H:%M</translation>
  </message>
  <message>
   <location filename="core/model.py" />
   <source>ear</source>
   <translation>Hörmuschel</translation>
  </message>
  <message>
   <location filename="core/model.py" />
   <source>module</source>
   <translation>Modul</translation>
  </message>
  <message>
   <location filename="core/model.py" />
   <source>extension</source>
   <translation>Verlängerung</translation>
  </message>
  <message>
   <location filename="core/model.py" />
   <source>flex</source>
   <translation>Flex</translation>
  </message>
  <message>
   <location filename="core/model.py" />
   <source>battery</source>
   <translation>Batterie</translation>
  </message>
  <message>
   <location filename="core/model.py" />
   <source>motor</source>
   <translation>Motor</translation>
  </message>
  <message>
   <location filename="core/near.py" />
   <source>nearly that of {whose}: {differences}</source>
   <translation>fast der von {whose}: {differences}</translation>
  </message>
  <message>
   <location filename="core/near.py" />
   <source>characters {swap} and {swap_2} are swapped</source>
   <translation>die Zeichen {swap} und {swap_2} sind vertauscht</translation>
  </message>
  <message>
   <location filename="core/near.py" />
   <source>character {here}, {typed}, is one too many</source>
   <translation>Zeichen {here}, {typed}, ist zu viel</translation>
  </message>
  <message>
   <location filename="core/near.py" />
   <source>after character {here} one is missing: {code}</source>
   <translation>nach Zeichen {here} fehlt eines: {code}</translation>
  </message>
  <message>
   <location filename="core/near.py" />
   <source>character {here} is {typed}, not {code}{alike}</source>
   <translation>Zeichen {here} ist {typed}, nicht {code}{alike}</translation>
  </message>
  <message>
   <location filename="core/near.py" />
   <source> (they look alike)</source>
   <translation> (sie sehen gleich aus)</translation>
  </message>
  <message>
   <location filename="core/optics/chart.py" />
   <source>upper left</source>
   <translation>oben links</translation>
  </message>
  <message>
   <location filename="core/optics/chart.py" />
   <source>upper</source>
   <translation>oben</translation>
  </message>
  <message>
   <location filename="core/optics/chart.py" />
   <source>upper right</source>
   <translation>oben rechts</translation>
  </message>
  <message>
   <location filename="core/optics/chart.py" />
   <source>middle</source>
   <translation>Mitte</translation>
  </message>
  <message>
   <location filename="core/optics/chart.py" />
   <source>lower left</source>
   <translation>unten links</translation>
  </message>
  <message>
   <location filename="core/optics/chart.py" />
   <source>lower</source>
   <translation>unten</translation>
  </message>
  <message>
   <location filename="core/optics/chart.py" />
   <source>lower right</source>
   <translation>unten rechts</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>the picture is smaller than 16 pixels</source>
   <translation>das Bild ist kleiner als 16 Bildpunkte</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>the picture has values that are no numbers</source>
   <translation>das Bild hat Werte, die keine Zahlen sind</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>there is no edge between its two sides</source>
   <translation>zwischen den beiden Seiten ist keine Kante</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>the edge runs along the pixels: slant it by about 5 degrees</source>
   <translation>die Kante läuft an den Bildpunkten entlang: um etwa 5 Grad neigen</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>the edge is slanted by {degrees:.0f} degrees: about 5 are wanted</source>
   <translation>die Kante ist um {degrees:.0f} Grad geneigt: gewollt sind etwa 5</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>the edge lies too near to the picture's side</source>
   <translation>die Kante liegt zu nah am Bildrand</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>there is no contrast at the edge</source>
   <translation>an der Kante ist kein Kontrast</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>the edge is sharper than the pixels can show</source>
   <translation>die Kante ist schärfer, als die Bildpunkte zeigen können</translation>
  </message>
  <message>
   <location filename="core/optics/edge.py" />
   <source>the edge does not run through the picture</source>
   <translation>die Kante läuft nicht durch das Bild</translation>
  </message>
  <message>
   <location filename="core/optics/frames.py" />
   <source>photo</source>
   <translation>Foto</translation>
  </message>
  <message>
   <location filename="core/optics/frames.py" />
   <source>video</source>
   <translation>Video</translation>
  </message>
  <message>
   <location filename="core/optics/frames.py" />
   <source>cinematic</source>
   <translation>Kinomodus</translation>
  </message>
  <message>
   <location filename="core/optics/frames.py" />
   <source>autofocus</source>
   <translation>Autofokus</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>works</source>
   <translation>geht</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>white after recording</source>
   <translation>weiß nach der Aufnahme</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>does not focus</source>
   <translation>stellt nicht scharf</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>lens hurt by heat</source>
   <translation>Linse durch Hitze verletzt</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>dirty</source>
   <translation>verschmutzt</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>wrong focus table</source>
   <translation>falsche Fokustabelle</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>no depth</source>
   <translation>keine Tiefe</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>not surely</source>
   <translation>nicht sicher</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>the flex is open or the camera is dead: look at its pads and its connector, then at the board</source>
   <translation>das Flex ist offen oder die Kamera tot: seine Lötflächen und seinen Stecker ansehen, dann die Platine</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>one and the same frame comes again and again: its connector or its flex has a dry joint</source>
   <translation>ein und dasselbe Bild kommt immer wieder: sein Stecker oder sein Flex hat eine kalte Lötstelle</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>the picture stays white after a film was taken: its data are not bound to this board</source>
   <translation>das Bild bleibt nach einer Filmaufnahme weiß: seine Daten sind nicht an diese Platine gebunden</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>no code changes the blur: the lens does not move</source>
   <translation>kein Code ändert die Unschärfe: die Linse bewegt sich nicht</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>upright and level edges differ all over the picture: the lens was too hot; take another camera</source>
   <translation>senkrechte und waagrechte Kanten weichen überall im Bild ab: die Linse wurde zu heiß; eine andere Kamera nehmen</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>single places are dull, the others sharp: clean lens and window, then look again</source>
   <translation>einzelne Stellen sind matt, die anderen scharf: Linse und Fenster reinigen, dann noch einmal ansehen</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>as sharp as it should be, at another code than the phone sets: another camera's focus codes are on the flex</source>
   <translation>so scharf, wie sie sein soll, aber bei einem anderen Code, als das Telefon setzt: auf dem Flex stehen die Fokuscodes einer anderen Kamera</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>near and far are equally sharp in the cinematic mode</source>
   <translation>nah und fern sind im Kinomodus gleich scharf</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>what was measured does not surely reach the class: look again with more light on the chart</source>
   <translation>was gemessen wurde, erreicht die Klasse nicht sicher: mit mehr Licht auf der Tafel noch einmal ansehen</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>photo, video, depth and autofocus work</source>
   <translation>Foto, Video, Tiefe und Autofokus arbeiten</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>no peak</source>
   <translation>kein Gipfel</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>not proven</source>
   <translation>nicht nachgewiesen</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>{place} MTF50</source>
   <translation>{place} MTF50</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>{mtf50:.3f} ± {spread:.3f} c/px</source>
   <translation>{mtf50:.3f} ± {spread:.3f} c/px</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>no edge</source>
   <translation>keine Kante</translation>
  </message>
  <message>
   <location filename="core/optics/front.py" />
   <source>{said}, phone {own:.0f}</source>
   <translation>{said}, Telefon {own:.0f}</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>stands as its record says</source>
   <translation>steht, wie ihr Datensatz sagt</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>is turned against its record</source>
   <translation>ist gegen ihren Datensatz gedreht</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>is later or earlier than its record says</source>
   <translation>ist später oder früher, als ihr Datensatz sagt</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>bends the picture otherwise than its record says</source>
   <translation>biegt das Bild anders, als ihr Datensatz sagt</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>is not surely as its record says</source>
   <translation>ist nicht sicher so, wie ihr Datensatz sagt</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>was not measured</source>
   <translation>wurde nicht gemessen</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>rotation within {rotation:g}°, delay within {offset:g} ms, lens within {rms:g} px</source>
   <translation>Drehung innerhalb {rotation:g}°, Verzug innerhalb {offset:g} ms, Linse innerhalb {rms:g} px</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>the module sits askew or its frame is bent: seat it again, then sweep anew</source>
   <translation>das Modul sitzt schief oder sein Rahmen ist verbogen: neu einsetzen, dann neu durchlaufen</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>its frames come at other times than its record says: another module's record is on it</source>
   <translation>seine Bilder kommen zu anderen Zeiten, als sein Datensatz sagt: der Datensatz eines anderen Moduls steht darauf</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>another lens than that of the record: another module's record is on it, or the lens was hurt</source>
   <translation>eine andere Linse als die des Datensatzes: der Datensatz eines anderen Moduls steht darauf, oder die Linse wurde verletzt</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>what was measured is not sure enough: sweep once more, more slowly and about a second axis as well</source>
   <translation>was gemessen wurde, ist nicht sicher genug: noch einmal durchlaufen, langsamer und auch um eine zweite Achse</translation>
  </message>
  <message>
   <location filename="core/optics/rear.py" />
   <source>sweep, chessboard and the module's own record are needed</source>
   <translation>Durchlauf, Schachbrett und der eigene Datensatz des Moduls sind nötig</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>too dark</source>
   <translation>zu dunkel</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>turned too fast</source>
   <translation>zu schnell gedreht</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>nothing to see</source>
   <translation>nichts zu sehen</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>too near</source>
   <translation>zu nah</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>more light</source>
   <translation>mehr Licht</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>turn more slowly</source>
   <translation>langsamer drehen</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>several large objects are needed in this direction</source>
   <translation>in dieser Richtung sind mehrere große Gegenstände nötig</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>step back: what is there is too near</source>
   <translation>zurücktreten: was da ist, ist zu nah</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>Turn {degrees:.0f}° to the {side}, {pace}.</source>
   <translation>Um {degrees:.0f}° nach {side} drehen, {pace}.</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>The sweep is done.</source>
   <translation>Der Durchlauf ist gemacht.</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>Frames are refused, {latest}: {remedy}.</source>
   <translation>Bilder werden abgelehnt, {latest}: {remedy}.</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>Every direction is covered: hold still until the phone is done.</source>
   <translation>Jede Richtung ist abgedeckt: stillhalten, bis das Telefon fertig ist.</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>Stay: this direction is coming in.</source>
   <translation>Bleiben: diese Richtung kommt herein.</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>about {degrees:.0f}° a second</source>
   <translation>etwa {degrees:.0f}° je Sekunde</translation>
  </message>
  <message>
   <location filename="core/optics/sweep.py" />
   <source>more slowly</source>
   <translation>langsamer</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the colour calibration is intact</source>
   <translation>die Farbkalibrierung ist unversehrt</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the panel carries no intact colour calibration</source>
   <translation>das Panel trägt keine unversehrte Farbkalibrierung</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the brightness curve is complete</source>
   <translation>die Helligkeitskurve ist vollständig</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the panel's brightness curve is missing or incomplete</source>
   <translation>die Helligkeitskurve des Panels fehlt oder ist unvollständig</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>a sound touch chip is present</source>
   <translation>ein heiler Touch-Chip ist da</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>no sound touch chip is on the panel</source>
   <translation>auf dem Panel ist kein heiler Touch-Chip</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the front sensor flex is sound</source>
   <translation>das vordere Sensor-Flex ist heil</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the front sensor flex is worn or torn</source>
   <translation>das vordere Sensor-Flex ist verschlissen oder gerissen</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the phone has finished this display</source>
   <translation>das Telefon hat dieses Display abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the phone has not finished this display</source>
   <translation>das Telefon hat dieses Display nicht abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the dot map can be read</source>
   <translation>die Punktkarte lässt sich lesen</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the dot map cannot be read</source>
   <translation>die Punktkarte lässt sich nicht lesen</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the link lines read normal</source>
   <translation>die Verbindungsleitungen lesen sich normal</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>a link line reads abnormal</source>
   <translation>eine Verbindungsleitung liest sich nicht normal</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the cell holds its charge</source>
   <translation>die Zelle hält ihre Ladung</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the gauge authenticates</source>
   <translation>der Ladezähler weist sich aus</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the gauge does not authenticate</source>
   <translation>der Ladezähler weist sich nicht aus</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the phone has finished this battery</source>
   <translation>das Telefon hat diese Batterie abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the phone has not finished this battery</source>
   <translation>das Telefon hat diese Batterie nicht abgeschlossen</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the system was flashed after the swap</source>
   <translation>das System wurde nach dem Tausch neu aufgespielt</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the sweep is done</source>
   <translation>der Durchlauf ist gemacht</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the motor is not sound</source>
   <translation>der Motor ist nicht heil</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>Holds: this model never checks it.</source>
   <translation>Hält: dieses Modell prüft das nie.</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>Holds: </source>
   <translation>Hält: </translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>Does not hold: </source>
   <translation>Hält nicht: </translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>Cannot be known yet: </source>
   <translation>Noch nicht zu wissen: </translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the {name} is the one the board expects</source>
   <translation>{name} entspricht dem, was die Platine erwartet</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the {name} {agrees} that of the backup, the board does not tell its own</source>
   <translation>{name} {agrees} der Sicherung, die Platine sagt die eigene nicht</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>{side} {name} is not known yet</source>
   <translation>{side} {name} ist noch nicht bekannt</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the {name} is not the one the board expects</source>
   <translation>{name} entspricht nicht dem, was die Platine erwartet</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>it is not known yet whether {good}</source>
   <translation>noch ist nicht bekannt, ob {good}</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>is</source>
   <translation>entspricht</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>is not</source>
   <translation>entspricht nicht</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the board's</source>
   <translation>auf der Platine:</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the part's</source>
   <translation>auf dem Teil:</translation>
  </message>
  <message>
   <location filename="core/pairing.py" />
   <source>the {part} carries no {name}</source>
   <translation>{part} trägt nichts dergleichen: {name}</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>board</source>
   <translation>Platine</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>display</source>
   <translation>Display</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>genuine</source>
   <translation>original</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>locked</source>
   <translation>gesperrt</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>touch</source>
   <translation>Touch</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>haptics</source>
   <translation>Haptik</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Display serial</source>
   <translation>Display-Seriennummer</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Cover code</source>
   <translation>Glascode</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Touch chip id</source>
   <translation>Kennung des Touch-Chips</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Sensor flex id</source>
   <translation>Kennung des Sensor-Flex</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Ambient code</source>
   <translation>Lichtsensorcode</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Infrared camera serial</source>
   <translation>Seriennummer der Infrarotkamera</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Flood light serial</source>
   <translation>Seriennummer des Flutlichts</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Dot projector serial</source>
   <translation>Seriennummer des Punktprojektors</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Front camera serial</source>
   <translation>Seriennummer der Frontkamera</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Rear camera serial</source>
   <translation>Seriennummer der Rückkamera</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Gauge serial</source>
   <translation>Seriennummer des Ladezählers</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Motor serial</source>
   <translation>Seriennummer des Motors</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Board</source>
   <translation>Platine</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Display panel</source>
   <translation>Displaypanel</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>Touch chip</source>
   <translation>Touch-Chip</translation>
  </message>
  <message>
   <location filename="core/parts.py" />
   <source>chip</source>
   <translation>Chip</translation>
  </message>
  <message>
   <location filename="core/pictures/brightness_plot.py" />
   <source>Nothing is measured yet; the luminance that is wanted is drawn.</source>
   <translation>Noch ist nichts gemessen; gezeichnet ist die gewollte Leuchtdichte.</translation>
  </message>
  <message>
   <location filename="core/pictures/brightness_plot.py" />
   <source>filled: light rising; ring: falling</source>
   <translation>gefüllt: Licht steigt; Ring: fällt</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>starts</source>
   <translation>startet</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>constant current</source>
   <translation>Konstantstrom</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>constant voltage</source>
   <translation>Konstantspannung</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>gives</source>
   <translation>gibt ab</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>{words}, {start:.0f} to {end:.0f} s: {mean:.3f} A, {charge:.2f} mAh, {energy:.1f} mWh</source>
   <translation>{words}, {start:.0f} bis {end:.0f} s: {mean:.3f} A, {charge:.2f} mAh, {energy:.1f} mWh</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>Nothing is measured yet.</source>
   <translation>Noch ist nichts gemessen.</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>Amperes into the phone</source>
   <translation>Ampere ins Telefon</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>Volts</source>
   <translation>Volt</translation>
  </message>
  <message>
   <location filename="core/pictures/cable_trace.py" />
   <source>phase {start:.3f}</source>
   <translation>Phase {start:.3f}</translation>
  </message>
  <message>
   <location filename="core/pictures/cell_trace.py" />
   <source>Nothing is measured of this cell yet.</source>
   <translation>An dieser Zelle ist noch nichts gemessen.</translation>
  </message>
  <message>
   <location filename="core/pictures/cell_trace.py" />
   <source>{mah:.0f} mAh, between {low:.0f} and {high:.0f} with 95 %</source>
   <translation>{mah:.0f} mAh, mit 95 % zwischen {low:.0f} und {high:.0f}</translation>
  </message>
  <message>
   <location filename="core/pictures/cell_trace.py" />
   <source>no capacity yet</source>
   <translation>noch keine Kapazität</translation>
  </message>
  <message>
   <location filename="core/pictures/cell_trace.py" />
   <source>Amperes</source>
   <translation>Ampere</translation>
  </message>
  <message>
   <location filename="core/pictures/cell_trace.py" />
   <source>Capacity, mAh</source>
   <translation>Kapazität, mAh</translation>
  </message>
  <message>
   <location filename="core/pictures/dot_field.py" />
   <source>full: nearer   ring: farther   largest: {full:g} % of the distance</source>
   <translation>voll: näher   Ring: ferner   größte: {full:g} % der Entfernung</translation>
  </message>
  <message>
   <location filename="core/pictures/dot_field.py" />
   <source>Dots: seen where the map has them</source>
   <translation>Punkte: gesehen, wo die Karte sie hat</translation>
  </message>
  <message>
   <location filename="core/pictures/dot_field.py" />
   <source>Depth: off the flat card</source>
   <translation>Tiefe: neben der ebenen Karte</translation>
  </message>
  <message>
   <location filename="core/pictures/dot_field.py" />
   <source>{count_points} dots are seen in the newest frame.</source>
   <translation>Im neuesten Bild sind {count_points} Punkte zu sehen.</translation>
  </message>
  <message>
   <location filename="core/pictures/dot_field.py" />
   <source>No dots are measured yet.</source>
   <translation>Noch sind keine Punkte gemessen.</translation>
  </message>
  <message>
   <location filename="core/pictures/dot_field.py" />
   <source>dot: seen   cross: missing   line: off its place, {times:g} times as long</source>
   <translation>Punkt: gesehen   Kreuz: fehlt   Strich: Abweichung vom Platz, {times:g}-fach vergrößert</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>This way lets the phone finish nothing.</source>
   <translation>Dieser Weg lässt das Telefon nichts abschließen.</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>begun</source>
   <translation>begonnen</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>not begun yet</source>
   <translation>noch nicht begonnen</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>Busy in the evening: asked again after 3, 6 and 12 s; then the diagnostic mode (off, both volume keys, charger in).</source>
   <translation>Am Abend belegt: nach 3, 6 und 12 s wird wieder gefragt; dann der Diagnosemodus (aus, beide Lautstärketasten, Ladegerät dran).</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>Back glass and housing may ask and are never listed.</source>
   <translation>Rückglas und Gehäuse fragen vielleicht und stehen nie in der Liste.</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>Finishing session, {begun}</source>
   <translation>Abschlusssitzung, {begun}</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>about {minutes:.0f} min, {planned:.0f} at best</source>
   <translation>etwa {minutes:.0f} min, bestenfalls {planned:.0f}</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>page before</source>
   <translation>Seite davor</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>page after</source>
   <translation>Seite danach</translation>
  </message>
  <message>
   <location filename="core/pictures/finishing_sheet.py" />
   <source>bar: in the same go, with the phone closed and on the network</source>
   <translation>Balken: im selben Gang, mit geschlossenem Telefon und im Netz</translation>
  </message>
  <message>
   <location filename="core/pictures/fold_guide.py" />
   <source>Fold {count} times: {folds}.</source>
   <translation>{count} Mal falten: {folds}.</translation>
  </message>
  <message>
   <location filename="core/pictures/fold_guide.py" />
   <source>flat, face up</source>
   <translation>flach, Gesicht nach oben</translation>
  </message>
  <message>
   <location filename="core/pictures/heat_trace.py" />
   <source>nothing is measured yet</source>
   <translation>noch ist nichts gemessen</translation>
  </message>
  <message>
   <location filename="core/pictures/heat_trace.py" />
   <source>Now {now}.</source>
   <translation>Jetzt {now}.</translation>
  </message>
  <message>
   <location filename="core/pictures/heat_trace.py" />
   <source>at most</source>
   <translation>höchstens</translation>
  </message>
  <message>
   <location filename="core/pictures/heat_trace.py" />
   <source>at least</source>
   <translation>mindestens</translation>
  </message>
  <message>
   <location filename="core/pictures/heat_trace.py" />
   <source>the part</source>
   <translation>das Teil</translation>
  </message>
  <message>
   <location filename="core/pictures/layout_map.py" />
   <source>{label}: {length} bytes at {offset:#x}, {encoding}{count}{unit}; {role}</source>
   <translation>{label}: {length} Bytes bei {offset:#x}, {encoding}{count}{unit}; {role}</translation>
  </message>
  <message>
   <location filename="core/pictures/layout_map.py" />
   <source>{size} bytes: {told}</source>
   <translation>{size} Bytes: {told}</translation>
  </message>
  <message>
   <location filename="core/pictures/layout_map.py" />
   <source>{name}: {algorithm} of {start:#x} to {stop:#x}</source>
   <translation>{name}: {algorithm} von {start:#x} bis {stop:#x}</translation>
  </message>
  <message>
   <location filename="core/pictures/layout_map.py" />
   <source>, {count} values</source>
   <translation>, {count} Werte</translation>
  </message>
  <message>
   <location filename="core/pictures/layout_map.py" />
   <source>{label}, {length} bytes at {offset:#x}</source>
   <translation>{label}, {length} Bytes bei {offset:#x}</translation>
  </message>
  <message>
   <location filename="core/pictures/layout_map.py" />
   <source>not used</source>
   <translation>nicht benutzt</translation>
  </message>
  <message>
   <location filename="core/pictures/layout_map.py" />
   <source>{skipped} bytes more of the same</source>
   <translation>{skipped} weitere gleiche Bytes</translation>
  </message>
  <message>
   <location filename="core/pictures/lens.py" />
   <source>{count_image} bytes, {changed} differ</source>
   <translation>{count_image} Bytes, {changed} abweichend</translation>
  </message>
  <message>
   <location filename="core/pictures/lens.py" />
   <source>{count} values</source>
   <translation>{count} Werte</translation>
  </message>
  <message>
   <location filename="core/pictures/lens.py" />
   <source>Nothing has been read yet.</source>
   <translation>Noch wurde nichts gelesen.</translation>
  </message>
  <message>
   <location filename="core/pictures/module_lines.py" />
   <source>link chip {link}   power switch {switch}   activated {counter} times   revision {revision}</source>
   <translation>Verbindungschip {link}   Leistungsschalter {switch}   {counter} Mal aktiviert   Ausgabe {revision}</translation>
  </message>
  <message>
   <location filename="core/pictures/module_lines.py" />
   <source>{volts:.2f} to {volts_2:.2f} V, {amperes:.2f} to {amperes_2:.2f} A</source>
   <translation>{volts:.2f} bis {volts_2:.2f} V, {amperes:.2f} bis {amperes_2:.2f} A</translation>
  </message>
  <message>
   <location filename="core/pictures/module_lines.py" />
   <source>The module was not tested yet.</source>
   <translation>Das Modul wurde noch nicht getestet.</translation>
  </message>
  <message>
   <location filename="core/pictures/module_lines.py" />
   <source>The supply is drawn here while the module is activated.</source>
   <translation>Hier wird das Netzteil gezeichnet, während das Modul aktiviert wird.</translation>
  </message>
  <message>
   <location filename="core/pictures/module_lines.py" />
   <source>through the extension</source>
   <translation>durch die Verlängerung</translation>
  </message>
  <message>
   <location filename="core/pictures/module_lines.py" />
   <source>module alone</source>
   <translation>Modul allein</translation>
  </message>
  <message>
   <location filename="core/pictures/module_lines.py" />
   <source>   repaired before</source>
   <translation>   schon repariert</translation>
  </message>
  <message>
   <location filename="core/pictures/numbers.py" />
   <source>Number</source>
   <translation>Nummer</translation>
  </message>
  <message>
   <location filename="core/pictures/numbers.py" />
   <source>Value</source>
   <translation>Wert</translation>
  </message>
  <message>
   <location filename="core/pictures/numbers.py" />
   <source>Where it comes from</source>
   <translation>Woher</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>with the tuned record at most {worst:.1f}</source>
   <translation>mit dem abgestimmten Datensatz höchstens {worst:.1f}</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>White and greys: at most {worst:.1f} ΔE00 as it is, {after}.</source>
   <translation>Weiß und Graustufen: höchstens {worst:.1f} ΔE00, wie es ist, {after}.</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>Primaries</source>
   <translation>Primärfarben</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>Primaries; dashed: the model's</source>
   <translation>Primärfarben; gestrichelt: die des Modells</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>Tone, % off</source>
   <translation>Tonwert, Abweichung in %</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>Tone: % off exponent {gamma:g}</source>
   <translation>Tonwert: Abweichung vom Exponenten {gamma:g} in %</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>ΔE00 now (hatched) and tuned</source>
   <translation>ΔE00 jetzt (schraffiert) und abgestimmt</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>ΔE00 of white and greys: as it is (hatched), tuned (full)</source>
   <translation>ΔE00 von Weiß und Grau: wie es ist (schraffiert), abgestimmt (voll)</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>The panel is not measured yet; what the model means is drawn.</source>
   <translation>Das Panel ist noch nicht gemessen; gezeichnet ist, was das Modell meint.</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>White and greys: no calibration is known on the panel; {after} ΔE00.</source>
   <translation>Weiß und Graustufen: auf dem Panel ist keine Kalibrierung bekannt; {after} ΔE00.</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>a write: right now</source>
   <translation>Schreiben: jetzt richtig</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>{before:.0f} % within ΔE00 {tolerance:.1f}</source>
   <translation>{before:.0f} % innerhalb ΔE00 {tolerance:.1f}</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>a write: right after</source>
   <translation>Schreiben: danach richtig</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>a write: taken</source>
   <translation>Schreiben: angenommen</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>{odds:.0f} %, kills {ruin:.0f} %</source>
   <translation>{odds:.0f} %, zerstört {ruin:.0f} %</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>a write: gain, risk, work</source>
   <translation>Schreiben: Gewinn, Risiko, Arbeit</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>panel: white u', v'</source>
   <translation>Panel: Weiß u', v'</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>panel: CCT</source>
   <translation>Panel: CCT</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>panel: Duv</source>
   <translation>Panel: Duv</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>panel: cd/m²</source>
   <translation>Panel: cd/m²</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>{light:.0f} ± {luminance_uncertainty:.0f}, asked {test_luminance:.0f}</source>
   <translation>{light:.0f} ± {luminance_uncertainty:.0f}, verlangt {test_luminance:.0f}</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>panel: residual</source>
   <translation>Panel: Rest</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>panel: additivity</source>
   <translation>Panel: Additivität</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>as it is</source>
   <translation>wie es ist</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>tuned</source>
   <translation>abgestimmt</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>ΔE00 {name}, 95 % below</source>
   <translation>ΔE00 {name}, 95 % darunter</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>change of white</source>
   <translation>Änderung von Weiß</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>{group}: white</source>
   <translation>{group}: Weiß</translation>
  </message>
  <message>
   <location filename="core/pictures/panel_picture.py" />
   <source>{group}: worst</source>
   <translation>{group}: schlechtestes</translation>
  </message>
  <message>
   <location filename="core/pictures/primitives.py" />
   <source>ground</source>
   <translation>Grund</translation>
  </message>
  <message>
   <location filename="core/pictures/primitives.py" />
   <source>sheet</source>
   <translation>Blatt</translation>
  </message>
  <message>
   <location filename="core/pictures/primitives.py" />
   <source>ink</source>
   <translation>Tinte</translation>
  </message>
  <message>
   <location filename="core/pictures/primitives.py" />
   <source>quiet</source>
   <translation>leise</translation>
  </message>
  <message>
   <location filename="core/pictures/primitives.py" />
   <source>line</source>
   <translation>Linie</translation>
  </message>
  <message>
   <location filename="core/pictures/primitives.py" />
   <source>act</source>
   <translation>Vorgang</translation>
  </message>
  <message>
   <location filename="core/pictures/primitives.py" />
   <source>proven</source>
   <translation>nachgewiesen</translation>
  </message>
  <message>
   <location filename="core/pictures/primitives.py" />
   <source>gold</source>
   <translation>Gold</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>The rear camera {finding}: {why}.</source>
   <translation>Die Rückkamera {finding}: {why}.</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>Not measured yet: hold the chessboard before the camera.</source>
   <translation>Noch nicht gemessen: das Schachbrett vor die Kamera halten.</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>Lens against the chessboard: {rms:.3f} px RMS, at most {rms_given:g} px.</source>
   <translation>Linse gegen das Schachbrett: {rms:.3f} px RMS, höchstens {rms_given:g} px.</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>Not measured yet: {why}.</source>
   <translation>Noch nicht gemessen: {why}.</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>Not measured yet.</source>
   <translation>Noch nicht gemessen.</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>Rotation against the record</source>
   <translation>Drehung gegen den Datensatz</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>Delay against the record</source>
   <translation>Verzug gegen den Datensatz</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source> ms</source>
   <translation> ms</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>{late:+.2f} ms</source>
   <translation>{late:+.2f} ms</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>Lens against the chessboard</source>
   <translation>Linse gegen das Schachbrett</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source> px</source>
   <translation> px</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>{rms:.3f} px RMS</source>
   <translation>{rms:.3f} px RMS</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>at most {limit:g}{unit}</source>
   <translation>höchstens {limit:g}{unit}</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>Turning, nodding axis</source>
   <translation>Drehen, Nickachse</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>°/s; line: gyroscope, dots: camera</source>
   <translation>°/s; Linie: Gyroskop, Punkte: Kamera</translation>
  </message>
  <message>
   <location filename="core/pictures/rear_sheet.py" />
   <source>{count_residuals} views of {count} corners; lines: off the record, {times:.0f} times as long</source>
   <translation>{count_residuals} Ansichten mit {count} Ecken; Striche: Abweichung vom Datensatz, {times:.0f}-fach vergrößert</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{way}: {count_actions} steps, {attended:.0f} minutes there, {minutes:.0f} minutes in all, {chances}; {writes} writes, {count_knots} steps that cannot be taken back, {board_heat} heatings of the board, {cost:.0f} {money}.</source>
   <translation>{way}: {count_actions} Schritte, {attended:.0f} Minuten dabei, {minutes:.0f} Minuten im Ganzen, {chances}; {writes} Mal schreiben, {count_knots} Schritte, die sich nicht zurücknehmen lassen, {board_heat} Mal Hitze auf der Platine, {cost:.0f} {money}.</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{way} is {state}: {reason}.</source>
   <translation>{way} ist {state}: {reason}.</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{attended:+.0f} min there</source>
   <translation>{attended:+.0f} min dabei</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{minutes:+.0f} min in all</source>
   <translation>{minutes:+.0f} min im Ganzen</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{writes:+d} writes</source>
   <translation>{writes:+d} Mal schreiben</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>Laid over: {way}: </source>
   <translation>Übereinander: {way}: </translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>there</source>
   <translation>dabei</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>in all</source>
   <translation>gesamt</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>writes</source>
   <translation>Schr.</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>cost</source>
   <translation>Kosten</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{attended:.0f} min</source>
   <translation>{attended:.0f} min</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{minutes:.0f} min</source>
   <translation>{minutes:.0f} min</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{label}: not kept</source>
   <translation>{label}: nicht gehalten</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>: ‘{title}’ risks it</source>
   <translation>: „{title}“ gefährdet es</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>open, but not taken</source>
   <translation>offen, aber nicht genommen</translation>
  </message>
  <message>
   <location filename="core/pictures/route_strips.py" />
   <source>{minute} min</source>
   <translation>{minute} min</translation>
  </message>
  <message>
   <location filename="core/pictures/screw_map.py" />
   <source>The catalogue has no screw map of this model: lay the screws out as they come, and take a picture before.</source>
   <translation>Der Katalog hat keinen Schraubenplan dieses Modells: die Schrauben auslegen, wie sie kommen, und vorher ein Foto machen.</translation>
  </message>
  <message>
   <location filename="core/pictures/screw_map.py" />
   <source>{length:g} mm at {x:g}, {y:g} mm</source>
   <translation>{length:g} mm bei {x:g}, {y:g} mm</translation>
  </message>
  <message>
   <location filename="core/pictures/screw_map.py" />
   <source>All screws</source>
   <translation>Alle Schrauben</translation>
  </message>
  <message>
   <location filename="core/pictures/screw_map.py" />
   <source>{count_some} of {length:g} mm, {heads}</source>
   <translation>{count_some} mit {length:g} mm, {heads}</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>{off_uv:.4f} in u'v' and {off_lux:+.1f} % in lux</source>
   <translation>{off_uv:.4f} in u'v' und {off_lux:+.1f} % in Lux</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>With its stored gains the flex misjudges {light} light by {size}</source>
   <translation>Mit seinen gespeicherten Verstärkungen verschätzt sich das Flex unter Licht „{light}“ um {size}</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>{said}; {next_light} light would tell most: {next_share:.0f} % of what is still unknown.</source>
   <translation>{said}; Licht „{next_light}“ würde am meisten sagen: {next_share:.0f} % dessen, was noch unbekannt ist.</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>The phone's ambient sensor was not read yet: it is read with every white.</source>
   <translation>Der Lichtsensor des Telefons wurde noch nicht gelesen: er wird mit jedem Weiß gelesen.</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>Lights: misjudged by, in u'v'</source>
   <translation>Lichter: verschätzt um, in u'v'</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>tolerance of the white</source>
   <translation>Toleranz des Weiß</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>Gains: ring stored, disc fits ± 2u</source>
   <translation>Verstärkungen: Ring gespeichert, Scheibe passt ± 2u</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>{light}: misjudged</source>
   <translation>{light}: verschätzt</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>{off_uv:.4f} in u'v'</source>
   <translation>{off_uv:.4f} in u'v'</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>{light}: lux</source>
   <translation>{light}: Lux</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>gains that fit: channel {i}</source>
   <translation>passende Verstärkungen: Kanal {i}</translation>
  </message>
  <message>
   <location filename="core/pictures/sensor_picture.py" />
   <source>{gain:.0f} ± {unsure:.0f}, stored {stored:.0f}</source>
   <translation>{gain:.0f} ± {unsure:.0f}, gespeichert {stored:.0f}</translation>
  </message>
  <message>
   <location filename="core/pictures/session_strip.py" />
   <source>{count_set} of {count_shots} taken</source>
   <translation>{count_set} von {count_shots} aufgenommen</translation>
  </message>
  <message>
   <location filename="core/pictures/session_strip.py" />
   <source>, {count_set} to repeat</source>
   <translation>, {count_set} zu wiederholen</translation>
  </message>
  <message>
   <location filename="core/pictures/shake_trace.py" />
   <source>Nothing was measured of this motor yet.</source>
   <translation>An diesem Motor wurde noch nichts gemessen.</translation>
  </message>
  <message>
   <location filename="core/pictures/shake_trace.py" />
   <source>g; dashed: calibrated level</source>
   <translation>g; gestrichelt: kalibrierter Pegel</translation>
  </message>
  <message>
   <location filename="core/pictures/shake_trace.py" />
   <source>A tap, braked</source>
   <translation>Ein Tippen, gebremst</translation>
  </message>
  <message>
   <location filename="core/pictures/shake_trace.py" />
   <source>Left to ring</source>
   <translation>Ausschwingen</translation>
  </message>
  <message>
   <location filename="core/pictures/sharpness_map.py" />
   <source>Half contrast (MTF50) in nine places of a photo, cycles a pixel</source>
   <translation>Halber Kontrast (MTF50) an neun Stellen eines Fotos, Perioden je Bildpunkt</translation>
  </message>
  <message>
   <location filename="core/pictures/sharpness_map.py" />
   <source>│ upright edge   ─ level edge; faint: 95 % of what it may be</source>
   <translation>│ senkrechte Kante   ─ waagrechte Kante; blass: 95 % dessen, was sein kann</translation>
  </message>
  <message>
   <location filename="core/pictures/sharpness_map.py" />
   <source>dashed: the class, {wanted:.2f} c/px, that each place must surely reach</source>
   <translation>gestrichelt: die Klasse, {wanted:.2f} c/px, die jede Stelle sicher erreichen muss</translation>
  </message>
  <message>
   <location filename="core/pictures/sharpness_map.py" />
   <source>Chart at {distance:g} m</source>
   <translation>Tafel in {distance:g} m</translation>
  </message>
  <message>
   <location filename="core/pictures/sharpness_map.py" />
   <source>MTF50, c/px; gold: the phone's own code</source>
   <translation>MTF50, c/px; gold: der eigene Code des Telefons</translation>
  </message>
  <message>
   <location filename="core/pictures/sharpness_map.py" />
   <source>{place}: upright, level edge {values} c/px</source>
   <translation>{place}: senkrechte, waagrechte Kante {values} c/px</translation>
  </message>
  <message>
   <location filename="core/pictures/sharpness_map.py" />
   <source>focus code</source>
   <translation>Fokuscode</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>takes the next with {next_odds:.0f} % chance</source>
   <translation>nimmt das nächste mit {next_odds:.0f} % an</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>{counted} writes counted; this model has no known limit.</source>
   <translation>{counted} Mal geschrieben; dieses Modell hat keine bekannte Grenze.</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>{sure_left} sure</source>
   <translation>{sure_left} sicher</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>{counted} writes had, {left} left; {odds}.</source>
   <translation>{counted} Mal geschrieben, noch {left}; {odds}.</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>, up to {most_left}</source>
   <translation>, bis zu {most_left}</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>{counted} had, {left} left</source>
   <translation>{counted} gehabt, noch {left}</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>No programmer answers.</source>
   <translation>Kein Programmiergerät antwortet.</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>all sockets are empty</source>
   <translation>alle Sockel sind leer</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>{hidden} other places are empty</source>
   <translation>{hidden} andere Plätze sind leer</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>socket {name}: {part} by {maker}</source>
   <translation>Sockel {name}: {part} von {maker}</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>{counted} counted, no known limit</source>
   <translation>{counted} gezählt, keine bekannte Grenze</translation>
  </message>
  <message>
   <location filename="core/pictures/small.py" />
   <source>empty</source>
   <translation>leer</translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>{count} of {of} directions covered</source>
   <translation>{count} von {of} Richtungen abgedeckt</translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>The sweep has not begun: hold the phone upright at the chest and keep still for a moment.</source>
   <translation>Der Durchlauf hat nicht begonnen: das Telefon aufrecht vor die Brust halten und einen Moment stillhalten.</translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>about {left:.0f} s left</source>
   <translation>noch etwa {left:.0f} s</translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>turning {speed:.0f}° a second</source>
   <translation>dreht mit {speed:.0f}° je Sekunde</translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>{covered} of {count} directions covered</source>
   <translation>{covered} von {count} Richtungen abgedeckt</translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>the phone itself says {progress:.0f} %</source>
   <translation>das Telefon selbst sagt {progress:.0f} %</translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>: frames blur beyond {fastest:.0f}</source>
   <translation>: über {fastest:.0f} verwischen die Bilder</translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>frames refused: </source>
   <translation>abgelehnte Bilder: </translation>
  </message>
  <message>
   <location filename="core/pictures/sweep_ring.py" />
   <source>{seconds:.0f} s so far</source>
   <translation>bisher {seconds:.0f} s</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>holds</source>
   <translation>hält</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>does not hold</source>
   <translation>hält nicht</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>not known yet</source>
   <translation>noch nicht bekannt</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>panel calibration</source>
   <translation>Panelkalibrierung</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>brightness curve</source>
   <translation>Helligkeitskurve</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the touch chip</source>
   <translation>der Touch-Chip</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the sensor flex</source>
   <translation>das Sensor-Flex</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the finishing</source>
   <translation>der Abschluss</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the dot map</source>
   <translation>die Punktkarte</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the link lines</source>
   <translation>die Verbindungsleitungen</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the cell</source>
   <translation>die Zelle</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the gauge</source>
   <translation>der Ladezähler</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the battery's finishing</source>
   <translation>der Abschluss der Batterie</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the flashing</source>
   <translation>das Aufspielen</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the sweep</source>
   <translation>der Durchlauf</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>the motor</source>
   <translation>der Motor</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>carries none</source>
   <translation>trägt keine</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>, by the backup</source>
   <translation>, laut Sicherung</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>waits for </source>
   <translation>wartet auf: </translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>The board expects</source>
   <translation>Die Platine erwartet</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>The part carries</source>
   <translation>Das Teil trägt</translation>
  </message>
  <message>
   <location filename="core/pictures/thread_map.py" />
   <source>What hangs on it</source>
   <translation>Was daran hängt</translation>
  </message>
  <message>
   <location filename="core/pictures/white_plot.py" />
   <source>Nothing is measured yet; the path that is expected is drawn.</source>
   <translation>Noch ist nichts gemessen; gezeichnet ist die erwartete Bahn.</translation>
  </message>
  <message>
   <location filename="core/pictures/white_plot.py" />
   <source>{light}: {distance:.4f} off</source>
   <translation>{light}: {distance:.4f} daneben</translation>
  </message>
  <message>
   <location filename="core/pictures/white_plot.py" />
   <source>{light}, before</source>
   <translation>{light}, davor</translation>
  </message>
  <message>
   <location filename="core/pictures/white_plot.py" />
   <source>{light} light</source>
   <translation>Licht {light}</translation>
  </message>
  <message>
   <location filename="core/pictures/white_plot.py" />
   <source>black body</source>
   <translation>Schwarzkörper</translation>
  </message>
  <message>
   <location filename="core/pictures/white_plot.py" />
   <source>daylight</source>
   <translation>Tageslicht</translation>
  </message>
  <message>
   <location filename="core/plan/actions.py" />
   <source>by hand</source>
   <translation>von Hand</translation>
  </message>
  <message>
   <location filename="core/plan/actions.py" />
   <source>over the wire</source>
   <translation>über die Leitung</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>needed only after a failure</source>
   <translation>nur nach einem Fehlschlag nötig</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>beaten</source>
   <translation>geschlagen</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>Promised, but kept by no way</source>
   <translation>Zugesagt, aber von keinem Weg gehalten</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>Closed</source>
   <translation>Geschlossen</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>Open, but not taken</source>
   <translation>Offen, aber nicht genommen</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>what it rests on is not in this phone</source>
   <translation>worauf es ruht, ist nicht in diesem Telefon</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>it is needed only if ‘{title}’ finds otherwise</source>
   <translation>es ist nur nötig, wenn „{title}“ anders ausgeht</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>it is needed only if ‘{title}’ fails</source>
   <translation>es ist nur nötig, wenn „{title}“ fehlschlägt</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>‘{way}’ {why}</source>
   <translation>„{way}“ {why}</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>needs 1 write less</source>
   <translation>braucht 1 Mal Schreiben weniger</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>needs {writes:.0f} writes less</source>
   <translation>braucht {writes:.0f} Mal Schreiben weniger</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>keeps as much</source>
   <translation>hält ebenso viel</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>keeps more ({gain:.0f} % likelier)</source>
   <translation>hält mehr ({gain:.0f} % wahrscheinlicher)</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>{kept} and {listed}</source>
   <translation>{kept} und {listed}</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>{parts} and {parts_2}</source>
   <translation>{parts} und {parts_2}</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>it leads to nothing that was promised</source>
   <translation>es führt zu nichts, was zugesagt wurde</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>nothing that could be changed here opens it</source>
   <translation>nichts, was sich hier ändern ließe, öffnet es</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>is {minutes:.0f} min quicker</source>
   <translation>ist {minutes:.0f} min schneller</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>takes {minutes:.0f} min less of your time</source>
   <translation>nimmt {minutes:.0f} min weniger von Ihrer Zeit</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>costs {money:.0f} less</source>
   <translation>kostet {money:.0f} weniger</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>needs no heat on the board</source>
   <translation>braucht keine Hitze auf der Platine</translation>
  </message>
  <message>
   <location filename="core/plan/closed.py" />
   <source>{kept} at the same price</source>
   <translation>{kept} zum selben Preis</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>; up to {count_chances} tries</source>
   <translation>; bis zu {count_chances} Versuche</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>{attended:g} min there</source>
   <translation>{attended:g} min dabei</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>{title}: time</source>
   <translation>{title}: Zeit</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>{title}: cost</source>
   <translation>{title}: Kosten</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>under 1 %</source>
   <translation>unter 1 %</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>over 99 %</source>
   <translation>über 99 %</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source> on this adapter</source>
   <translation> an diesem Adapter</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>case file {name}{where}: {done} of {count} went well (95 % credible: {low:.0f} to {high:.0f} %)</source>
   <translation>Falldatei {name}{where}: {done} von {count} gelangen (95 % glaubhaft: {low:.0f} bis {high:.0f} %)</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>this shop{where}: {done} of {count} went well (95 % credible: {low:.0f} to {high:.0f} %)</source>
   <translation>diese Werkstatt{where}: {done} von {count} gingen gut (95 % glaubhaft: {low:.0f} bis {high:.0f} %)</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>, {waiting:g} min waiting</source>
   <translation>, {waiting:g} min Warten</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>the panel's price from the shelf</source>
   <translation>der Preis des Panels aus dem Lager</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>not kept by this way</source>
   <translation>von diesem Weg nicht gehalten</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>the pairing rules</source>
   <translation>die Regeln der Bindung</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>product of the steps it rests on</source>
   <translation>Produkt der Schritte, auf denen es ruht</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>no uncertain step</source>
   <translation>kein unsicherer Schritt</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>catalogue guess, nobody looked</source>
   <translation>Schätzung des Katalogs, niemand sah nach</translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source> and </source>
   <translation> und </translation>
  </message>
  <message>
   <location filename="core/plan/explain.py" />
   <source>{title}: writes</source>
   <translation>{title}: Schreiben</translation>
  </message>
  <message>
   <location filename="core/plan/finishing.py" />
   <source>finishing is not begun on the phone</source>
   <translation>am Telefon ist das Abschließen nicht begonnen</translation>
  </message>
  <message>
   <location filename="core/plan/finishing.py" />
   <source>finishing needs a network</source>
   <translation>Abschließen braucht ein Netz</translation>
  </message>
  <message>
   <location filename="core/plan/finishing.py" />
   <source>{model} knows no finishing</source>
   <translation>{model} kennt kein Abschließen</translation>
  </message>
  <message>
   <location filename="core/plan/finishing.py" />
   <source>{system_name} {system} is older than finishing on the phone ({since})</source>
   <translation>{system_name} {system} ist älter als das Abschließen am Telefon ({since})</translation>
  </message>
  <message>
   <location filename="core/plan/finishing.py" />
   <source>{system_name} {system} finishes no {part}</source>
   <translation>{system_name} {system} schließt das nicht ab: {part}</translation>
  </message>
  <message>
   <location filename="core/plan/finishing.py" />
   <source>the part is locked to an account: only its owner can release it</source>
   <translation>das Teil ist an ein Konto gesperrt: nur sein Eigentümer kann es freigeben</translation>
  </message>
  <message>
   <location filename="core/plan/money.py" />
   <source>balance</source>
   <translation>ausgewogen</translation>
  </message>
  <message>
   <location filename="core/plan/money.py" />
   <source>fastest</source>
   <translation>am schnellsten</translation>
  </message>
  <message>
   <location filename="core/plan/money.py" />
   <source>cheapest</source>
   <translation>am billigsten</translation>
  </message>
  <message>
   <location filename="core/plan/money.py" />
   <source>the shop rules out heat on the board</source>
   <translation>die Werkstatt schließt Hitze auf der Platine aus</translation>
  </message>
  <message>
   <location filename="core/plan/money.py" />
   <source>the shop rules out soldering</source>
   <translation>die Werkstatt schließt Löten aus</translation>
  </message>
  <message>
   <location filename="core/plan/opening.py" />
   <source>imagined {index}</source>
   <translation>erdacht {index}</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>{window} to {window_2}</source>
   <translation>{window} bis {window_2}</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>{system_name} {system} is {age} than the window for unbinding on the phone ({span})</source>
   <translation>{system_name} {system} ist {age} als das Fenster zum Entkoppeln am Telefon ({span})</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the phone does not start</source>
   <translation>das Telefon startet nicht</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>a trial was made already</source>
   <translation>ein Probelauf wurde schon gemacht</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the board is ruined</source>
   <translation>die Platine ist zerstört</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the board is still bound</source>
   <translation>die Platine ist noch gebunden</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the board is unbound already</source>
   <translation>die Platine ist schon entkoppelt</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the bench has no {package} socket</source>
   <translation>die Werkbank hat keinen Sockel für {package}</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>older</source>
   <translation>älter</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>newer</source>
   <translation>neuer</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the board is lost</source>
   <translation>die Platine ist verloren</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the phone is open already</source>
   <translation>das Telefon ist schon offen</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>trust is confirmed already</source>
   <translation>das Vertrauen ist schon bestätigt</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>it was opened again already</source>
   <translation>es wurde schon wieder geöffnet</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the phone must be opened first</source>
   <translation>das Telefon muss zuerst geöffnet werden</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>Lift the {package} memory</source>
   <translation>Den Speicher {package} ablösen</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>{model} cannot be unbound on the phone</source>
   <translation>{model} lässt sich nicht am Telefon entkoppeln</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>Unbind on the phone</source>
   <translation>Am Telefon entkoppeln</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the memory is not lifted</source>
   <translation>der Speicher ist nicht abgelöst</translation>
  </message>
  <message>
   <location filename="core/plan/phone.py" />
   <source>the memory is not unbound</source>
   <translation>der Speicher ist nicht entkoppelt</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>{way}, the {ordinal} of its kind</source>
   <translation>{way}, der {ordinal} seiner Art</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>fourth</source>
   <translation>vierte</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>fifth</source>
   <translation>fünfte</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>sixth</source>
   <translation>sechste</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>seventh</source>
   <translation>siebte</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>eighth</source>
   <translation>achte</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>ninth</source>
   <translation>neunte</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>{way}, with ‘{only}’</source>
   <translation>{way}, mit „{only}“</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>{way}, without ‘{lacks}’</source>
   <translation>{way}, ohne „{lacks}“</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>Go on from here</source>
   <translation>Von hier aus weiter</translation>
  </message>
  <message>
   <location filename="core/plan/routes.py" />
   <source>Fit without writing data</source>
   <translation>Einbauen, ohne Daten zu schreiben</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>worth a write</source>
   <translation>ein Schreiben wert</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>not needed</source>
   <translation>nicht nötig</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>not worth a write</source>
   <translation>kein Schreiben wert</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>no write left</source>
   <translation>kein Schreiben mehr</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>white and greys within ΔE00 {tolerance:.1f}</source>
   <translation>Weiß und Graustufen innerhalb ΔE00 {tolerance:.1f}</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>Worth a write: {within} with {percent}, now {percent_2}. The panel takes the write with {percent_3}; it costs {minutes:.0f} minutes and gains {balance:.0f} of the shop's money on balance.</source>
   <translation>Ein Schreiben wert: {within} mit {percent}, jetzt {percent_2}. Das Panel nimmt das Schreiben mit {percent_3} an; es kostet {minutes:.0f} Minuten und bringt unter dem Strich {balance:.0f} vom Geld der Werkstatt.</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>Not needed: {within} already, with {percent}.</source>
   <translation>Nicht nötig: {within} schon jetzt, mit {percent}.</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>Not needed: tuning would change less than the measurement is sure of.</source>
   <translation>Nicht nötig: Abstimmen würde weniger ändern, als die Messung sicher weiß.</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>The panel takes no write any more: fit another one, or hand it over as it is.</source>
   <translation>Das Panel nimmt kein Schreiben mehr an: ein anderes einbauen, oder so übergeben, wie es ist.</translation>
  </message>
  <message>
   <location filename="core/plan/spend.py" />
   <source>Not worth a write: {within} with {percent}, now {percent_2}, but the panel takes it only with {percent_3} and it would cost {balance:.0f} on balance.</source>
   <translation>Kein Schreiben wert: {within} mit {percent}, jetzt {percent_2}, aber das Panel nimmt es nur mit {percent_3} an, und es würde unter dem Strich {balance:.0f} kosten.</translation>
  </message>
  <message>
   <location filename="core/plan/state.py" />
   <source>tried in vain so far</source>
   <translation>bisher vergeblich versucht</translation>
  </message>
  <message>
   <location filename="core/plan/state.py" />
   <source>as it came</source>
   <translation>wie es kam</translation>
  </message>
  <message>
   <location filename="core/plan/state.py" />
   <source>on trial</source>
   <translation>auf Probe</translation>
  </message>
  <message>
   <location filename="core/plan/state.py" />
   <source>unbound, its data taken</source>
   <translation>entkoppelt, seine Daten geholt</translation>
  </message>
  <message>
   <location filename="core/plan/state.py" />
   <source>memory lifted</source>
   <translation>Speicher abgelöst</translation>
  </message>
  <message>
   <location filename="core/plan/state.py" />
   <source>memory lifted and unbound</source>
   <translation>Speicher abgelöst und entkoppelt</translation>
  </message>
  <message>
   <location filename="core/plan/whatif.py" />
   <source>another way is better or equal in every respect</source>
   <translation>ein anderer Weg ist in jeder Hinsicht besser oder gleich</translation>
  </message>
  <message>
   <location filename="core/plan/whatif.py" />
   <source>System version</source>
   <translation>Systemversion</translation>
  </message>
  <message>
   <location filename="core/plan/whatif.py" />
   <source>The phone starts</source>
   <translation>Das Telefon startet</translation>
  </message>
  <message>
   <location filename="core/plan/whatif.py" />
   <source>Hot air</source>
   <translation>Heißluft</translation>
  </message>
  <message>
   <location filename="core/plan/whatif.py" />
   <source>Spot welder</source>
   <translation>Punktschweißgerät</translation>
  </message>
  <message>
   <location filename="core/plan/whatif.py" />
   <source>Network for finishing</source>
   <translation>Netz zum Abschließen</translation>
  </message>
  <message>
   <location filename="core/plan/whatif.py" />
   <source>{package} socket</source>
   <translation>Sockel {package}</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>Worth {value:.0f} to {bound:.0f} {money}, as far as is known.</source>
   <translation>Soweit bekannt {value:.0f} bis {bound:.0f} {money} wert.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>The ways are still being worked out.</source>
   <translation>Die Wege werden noch ausgerechnet.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>If ‘{title}’ fails</source>
   <translation>Wenn „{title}“ fehlschlägt</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>on average {minutes:.0f} min ({attended:.0f} there), {cost:.0f} {money}</source>
   <translation>im Mittel {minutes:.0f} min ({attended:.0f} dabei), {cost:.0f} {money}</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>{minutes:.0f} min for the whole phone: {shared:.0f} shared and counted once, {each}.</source>
   <translation>{minutes:.0f} min für das ganze Telefon: {shared:.0f} gemeinsam und einmal gezählt, {each}.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>Next: {title}</source>
   <translation>Als Nächstes: {title}</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>is worth {gap:.0f} {money} less</source>
   <translation>ist {gap:.0f} {money} weniger wert</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>is worth as much</source>
   <translation>ist ebenso viel wert</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>‘{way}’ is listed first, but {less} than what begins with this step, every failure reckoned in.</source>
   <translation>„{way}“ steht zuerst, {less} aber als das, was mit diesem Schritt beginnt, jeden Fehlschlag eingerechnet.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>If it fails</source>
   <translation>Wenn es fehlschlägt</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>If ‘{title}’ finds otherwise</source>
   <translation>Wenn „{title}“ anders ausgeht</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>{name}: try again, up to {tries} times.</source>
   <translation>{name}: noch einmal versuchen, bis zu {tries} Mal.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>stop</source>
   <translation>aufhören</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>, {lost:.0f} {money} of things ruined</source>
   <translation>, {lost:.0f} {money} an zerstörten Dingen</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source> Nothing could be more than {gap:.1f} {money} better.</source>
   <translation> Nichts könnte um mehr als {gap:.1f} {money} besser sein.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>With every way back used: {kept}; {spent}{lost}.{sure}</source>
   <translation>Jeden Weg zurück genutzt: {kept}; {spent}{lost}.{sure}</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>Ready for the proofs</source>
   <translation>Bereit für die Nachweise</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>Stop here</source>
   <translation>Hier aufhören</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>Finds with {percent} that {finding}.</source>
   <translation>Findet mit {percent}: {finding}.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>Nothing yet</source>
   <translation>Noch nichts</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>As good: {title}.</source>
   <translation>Ebenso gut: {title}.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>{gap:.0f} {money} better than: {title}.</source>
   <translation>{gap:.0f} {money} besser als: {title}.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>‘{way}’ is listed first, but costs {gap:.0f} {money} more than it brings.</source>
   <translation>„{way}“ steht zuerst, kostet aber {gap:.0f} {money} mehr, als es bringt.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source> {tries} times</source>
   <translation> {tries} Mal</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>{question} Worth {money:.0f} {money_2} to know.</source>
   <translation>{question} Das zu wissen ist {money:.0f} {money_2} wert.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>All that was promised should hold now: measure and test it.</source>
   <translation>Alles Zugesagte sollte jetzt halten: messen und testen.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>No step from here is worth its time and its risk.</source>
   <translation>Kein Schritt von hier ist seine Zeit und sein Risiko wert.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>Goes well with {percent}.</source>
   <translation>Geht mit {percent} gut.</translation>
  </message>
  <message>
   <location filename="core/plan/words.py" />
   <source>No step is known yet that is worth its time and its risk.</source>
   <translation>Noch ist kein Schritt bekannt, der seine Zeit und sein Risiko wert ist.</translation>
  </message>
  <message>
   <location filename="core/plan/workbench.py" />
   <source>the phone must be open</source>
   <translation>das Telefon muss offen sein</translation>
  </message>
  <message>
   <location filename="core/plan/workbench.py" />
   <source>the display must be fitted</source>
   <translation>das Display muss eingebaut sein</translation>
  </message>
  <message>
   <location filename="core/plan/workbench.py" />
   <source>a panel must be connected for a trial</source>
   <translation>zum Probelauf muss ein Panel verbunden sein</translation>
  </message>
  <message>
   <location filename="core/plan/workbench.py" />
   <source>the memory is off the board</source>
   <translation>der Speicher ist von der Platine</translation>
  </message>
  <message>
   <location filename="core/plan/workbench.py" />
   <source>the unbound board is to be read out first</source>
   <translation>die entkoppelte Platine muss zuerst ausgelesen werden</translation>
  </message>
  <message>
   <location filename="core/plan/workbench.py" />
   <source>the phone must be as it came</source>
   <translation>das Telefon muss sein, wie es kam</translation>
  </message>
  <message>
   <location filename="core/plan/workbench.py" />
   <source>the phone's owner has not confirmed trust</source>
   <translation>der Eigentümer des Telefons hat das Vertrauen nicht bestätigt</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>a start as this model does it (likeness {alike:.2f}){after}</source>
   <translation>ein Start, wie ihn dieses Modell macht (Ähnlichkeit {alike:.2f}){after}</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>from {since:.0f} s after its start it stays at {level:.2f} A and goes no further</source>
   <translation>ab {since:.0f} s nach dem Start bleibt es bei {level:.2f} A und kommt nicht weiter</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>{count} starts, one every {every:.0f} s, and none lasted</source>
   <translation>{count} Starts, alle {every:.0f} s einer, und keiner hielt</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>what is drawn is not how this model starts (likeness {alike:.2f})</source>
   <translation>was gezogen wird, ist nicht, wie dieses Modell startet (Ähnlichkeit {alike:.2f})</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>, after {count} that failed</source>
   <translation>, nach {count} Fehlstarts</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>too few samples</source>
   <translation>zu wenige Messwerte</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>at {short:.1f} s the voltage breaks down under current: something is shorted</source>
   <translation>bei {short:.1f} s bricht die Spannung unter Strom ein: etwas ist kurzgeschlossen</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>never more than {off:.0f} mA in {lasts:.0f} s: it does not start</source>
   <translation>nie mehr als {off:.0f} mA in {lasts:.0f} s: es startet nicht</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>the catalogue does not say what this model draws while it starts</source>
   <translation>der Katalog sagt nicht, was dieses Modell beim Start zieht</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>only {lasted:.0f} s of the last start were recorded: record longer</source>
   <translation>vom letzten Start wurden nur {lasted:.0f} s aufgezeichnet: länger aufzeichnen</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>current flows from the first sample on: record from before it is plugged in</source>
   <translation>schon vom ersten Messwert an fließt Strom: aufzeichnen, bevor es angesteckt wird</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>an earlier start ended after {longest:.0f} s: record longer</source>
   <translation>ein früherer Start endete nach {longest:.0f} s: länger aufzeichnen</translation>
  </message>
  <message>
   <location filename="core/power/boot.py" />
   <source>nothing is drawn, but only {lasts:.0f} s were recorded</source>
   <translation>nichts wird gezogen, aber nur {lasts:.0f} s wurden aufgezeichnet</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>fixed</source>
   <translation>fest</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>variable</source>
   <translation>variabel</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>programmable</source>
   <translation>programmierbar</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>adjustable</source>
   <translation>einstellbar</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>fixed {volts_max:g} V, {amperes:g} A</source>
   <translation>fest {volts_max:g} V, {amperes:g} A</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>battery {volts_min:g} to {volts_max:g} V, {watts:g} W</source>
   <translation>Batterie {volts_min:g} bis {volts_max:g} V, {watts:g} W</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>variable {volts_min:g} to {volts_max:g} V, {amperes:g} A</source>
   <translation>variabel {volts_min:g} bis {volts_max:g} V, {amperes:g} A</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>programmable {volts_min:g} to {volts_max:g} V, {amperes:g} A</source>
   <translation>programmierbar {volts_min:g} bis {volts_max:g} V, {amperes:g} A</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>adjustable {volts_min:g} to {volts_max:g} V, {watts:g} W</source>
   <translation>einstellbar {volts_min:g} bis {volts_max:g} V, {watts:g} W</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>adjustable 9 to 20 V: to 15 V {amperes:g} A, to 20 V {amperes_20v:g} A</source>
   <translation>einstellbar 9 bis 20 V: bis 15 V {amperes:g} A, bis 20 V {amperes_20v:g} A</translation>
  </message>
  <message>
   <location filename="core/power/delivery.py" />
   <source>an augmented object of a kind that is not published</source>
   <translation>ein erweitertes Objekt einer Art, die nicht veröffentlicht ist</translation>
  </message>
  <message>
   <location filename="core/power/signature.py" />
   <source>boots</source>
   <translation>startet</translation>
  </message>
  <message>
   <location filename="core/power/signature.py" />
   <source>loops</source>
   <translation>startet immer wieder</translation>
  </message>
  <message>
   <location filename="core/power/signature.py" />
   <source>hangs</source>
   <translation>bleibt hängen</translation>
  </message>
  <message>
   <location filename="core/power/signature.py" />
   <source>shorted</source>
   <translation>kurzgeschlossen</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>ascii</source>
   <translation>ascii</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>hex</source>
   <translation>hex</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>uint</source>
   <translation>uint</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>packed-date</source>
   <translation>packed-date</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>format</source>
   <translation>Format</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>frame</source>
   <translation>Rahmen</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>identity</source>
   <translation>Kennung</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>calibration</source>
   <translation>Kalibrierung</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>The part gave {count_image} bytes, a {layout} record has {size}.</source>
   <translation>Das Teil gab {count_image} Bytes, ein Datensatz {layout} hat {size}.</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>A {layout} record does not fit a {layout_2} part.</source>
   <translation>Ein Datensatz {layout} passt nicht zu einem Teil {layout_2}.</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>{label}: {value!r} needs {count_raw} bytes, the field has {length}.</source>
   <translation>{label}: {value!r} braucht {count_raw} Bytes, das Feld hat {length}.</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>Seat the part again and read once more.</source>
   <translation>Das Teil neu einsetzen und noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>This is not a {layout} record: {label} reads {values!r}, not {constant!r}.</source>
   <translation>Das ist kein Datensatz {layout}: {label} liest sich {values!r}, nicht {constant!r}.</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>Choose a backup of the same model.</source>
   <translation>Eine Sicherung desselben Modells wählen.</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>{label}: {value!r} does not fit the field ({error}).</source>
   <translation>{label}: {value!r} passt nicht ins Feld ({error}).</translation>
  </message>
  <message>
   <location filename="core/records.py" />
   <source>Check the model in the ticket: some models share a socket, their records differ.</source>
   <translation>Das Modell im Auftrag prüfen: manche Modelle teilen sich einen Sockel, ihre Datensätze sind verschieden.</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>initialised</source>
   <translation>initialisiert</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>discharging</source>
   <translation>entlädt</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>over-charged</source>
   <translation>überladen</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>terminate charge</source>
   <translation>Laden beenden</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>over-temperature</source>
   <translation>zu heiß</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>terminate discharge</source>
   <translation>Entladen beenden</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>remaining capacity</source>
   <translation>verbleibende Kapazität</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>remaining time</source>
   <translation>verbleibende Zeit</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>, V and A times 10^{volts_power} and 10^{amperes_power}</source>
   <translation>, V und A mal 10^{volts_power} und 10^{amperes_power}</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>capacities in 10 mWh</source>
   <translation>Kapazitäten in 10 mWh</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source>capacities in mAh</source>
   <translation>Kapazitäten in mAh</translation>
  </message>
  <message>
   <location filename="core/sbs.py" />
   <source> with packet checks</source>
   <translation> mit Paketprüfung</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>missing: 15 digits, shown by dialling *#06#</source>
   <translation>fehlt: 15 Ziffern, zu sehen nach Wahl von *#06#</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>IMEI has digits only</source>
   <translation>die IMEI hat nur Ziffern</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>IMEI has 15 digits, this has {count_digits}</source>
   <translation>die IMEI hat 15 Ziffern, diese hat {count_digits}</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>check digit is wrong: for these 14 digits it would be {calc_check_digit}, not {digits}</source>
   <translation>die Prüfziffer ist falsch: zu diesen 14 Ziffern wäre sie {calc_check_digit}, nicht {digits}</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>a display serial has {serial_length} characters, this has {count_serial}</source>
   <translation>eine Display-Seriennummer hat {serial_length} Zeichen, diese hat {count_serial}</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>a code has {code_length} hexadecimal digits, this has {count_code}</source>
   <translation>ein Code hat {code_length} Hexadezimalziffern, dieser hat {count_code}</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>character {index} is {character}, which serials never use: perhaps {meant}</source>
   <translation>Zeichen {index} ist {character}, das nie in Seriennummern steht: vielleicht {meant}</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>check character does not fit: one character is wrong or two are swapped</source>
   <translation>das Prüfzeichen passt nicht: ein Zeichen ist falsch, oder zwei sind vertauscht</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>digit {index} is {character}, not 0-9 or A-F{hint}</source>
   <translation>Ziffer {index} ist {character}, nicht 0-9 oder A-F{hint}</translation>
  </message>
  <message>
   <location filename="core/serials.py" />
   <source>: perhaps {meant}</source>
   <translation>: vielleicht {meant}</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>one line of text</source>
   <translation>eine Zeile Text</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>lines of text</source>
   <translation>Zeilen Text</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>a number</source>
   <translation>eine Zahl</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>one of several</source>
   <translation>eines von mehreren</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>true or false</source>
   <translation>true oder false</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>a list of words</source>
   <translation>eine Liste von Wörtern</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>62 x 29 mm</source>
   <translation>62 x 29 mm</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>50 x 25 mm</source>
   <translation>50 x 25 mm</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>40 x 20 mm</source>
   <translation>40 x 20 mm</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>A4 sheet, 24 of 70 x 37 mm</source>
   <translation>A4-Bogen, 24 mit 70 x 37 mm</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>a folder on another disk or a share: it remembers how far the store has come; counts from the next start</source>
   <translation>ein Ordner auf einem anderen Datenträger oder einer Freigabe: er merkt sich, wie weit der Bestand ist; gilt vom nächsten Start an</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Programmer</source>
   <translation>Programmiergerät</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Phone cable</source>
   <translation>Telefonkabel</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Colorimeter</source>
   <translation>Farbmessgerät</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Bench supply</source>
   <translation>Labornetzteil</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Cell station</source>
   <translation>Zellenstation</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Meter in the charging cable</source>
   <translation>Messgerät im Ladekabel</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Thermocouple</source>
   <translation>Thermoelement</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>its port, as "serial:///dev/..." or "socket://host:port"; "{standin}" for a simulated one; empty where there is none</source>
   <translation>sein Anschluss, als „serial:///dev/...“ oder „socket://host:port“; „{standin}“ für ein simuliertes; leer, wo keines da ist</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>memory packages that the programmer has a socket for, as BGA110</source>
   <translation>Speichergehäuse, für die das Programmiergerät einen Sockel hat, etwa BGA110</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Paper, by day</source>
   <translation>Papier, am Tag</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Ink, by night</source>
   <translation>Tinte, in der Nacht</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>As the system has it</source>
   <translation>Wie im System</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Money and time in balance</source>
   <translation>Geld und Zeit ausgewogen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Fastest</source>
   <translation>Am schnellsten</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Cheapest</source>
   <translation>Am billigsten</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it takes one line of text</source>
   <translation>es nimmt eine Zeile Text</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it takes lines of text</source>
   <translation>es nimmt Zeilen Text</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it takes at most {most_lines} lines</source>
   <translation>es nimmt höchstens {most_lines} Zeilen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>a line takes at most {longest} characters</source>
   <translation>eine Zeile nimmt höchstens {longest} Zeichen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it holds characters that cannot be shown</source>
   <translation>es enthält Zeichen, die sich nicht zeigen lassen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it takes a number</source>
   <translation>es nimmt eine Zahl</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it takes {limits}</source>
   <translation>es nimmt {limits}</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it takes one of {limits}</source>
   <translation>es nimmt eines von {limits}</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it takes true or false</source>
   <translation>es nimmt true oder false</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>it takes a list of words</source>
   <translation>es nimmt eine Liste von Wörtern</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>stands on every sheet and in the window's title</source>
   <translation>steht auf jedem Blatt und im Fenstertitel</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Address</source>
   <translation>Anschrift</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>stands on the customer's page and on the order</source>
   <translation>steht auf der Seite für den Kunden und auf dem Auftragszettel</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Telephone or e-mail</source>
   <translation>Telefon oder E-Mail</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>where a customer asks</source>
   <translation>wo ein Kunde nachfragt</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Currency</source>
   <translation>Währung</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>stands behind every amount</source>
   <translation>steht hinter jedem Betrag</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Warranty on the work</source>
   <translation>Garantie auf die Arbeit</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>stands on the customer's page; what the law gives besides is not touched by it</source>
   <translation>steht auf der Seite für den Kunden; was das Gesetz außerdem gibt, bleibt davon unberührt</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>months</source>
   <translation>Monate</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Paper</source>
   <translation>Papier</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>of sheets and orders</source>
   <translation>der Blätter und Auftragszettel</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Labels</source>
   <translation>Etiketten</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>for parts and jobs, in millimetres</source>
   <translation>für Teile und Aufträge, in Millimetern</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Look</source>
   <translation>Aussehen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>of the window when it opens</source>
   <translation>des Fensters beim Öffnen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Language</source>
   <translation>Sprache</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>of window, papers and messages; counts from the next start</source>
   <translation>von Fenster, Papieren und Meldungen; gilt vom nächsten Start an</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Skipped for now</source>
   <translation>Vorerst ausgelassen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>steps of setting up that were left out</source>
   <translation>Schritte der Einrichtung, die ausgelassen wurden</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Second place</source>
   <translation>Zweiter Ort</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Hot air station</source>
   <translation>Heißluftstation</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>lifts chips: the touch chip, the code memory on the board</source>
   <translation>löst Chips ab: den Touch-Chip, den Codespeicher der Platine</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Grinder</source>
   <translation>Schleifer</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>opens a shielded module</source>
   <translation>öffnet ein abgeschirmtes Modul</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Ear-speaker adapter</source>
   <translation>Hörmuscheladapter</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>reads a sensor flex that no longer answers on its own socket</source>
   <translation>liest ein Sensor-Flex, das auf seinem eigenen Sockel nicht mehr antwortet</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Spare flex cables</source>
   <translation>Ersatz-Flexkabel</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>replace a worn flex and carry another part's data</source>
   <translation>ersetzen ein verschlissenes Flex und tragen die Daten eines anderen Teils</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Network at the bench</source>
   <translation>Netz an der Werkbank</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>reaches the maker's service, which finishes and unbinds on the phone</source>
   <translation>erreicht den Dienst des Herstellers, der am Telefon abschließt und entkoppelt</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>lets a cell or a pack's own board be changed</source>
   <translation>macht es möglich, eine Zelle oder die Platine eines Akkus zu wechseln</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Memory sockets</source>
   <translation>Speichersockel</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>An attended hour</source>
   <translation>Eine Stunde dabei</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>what an hour with hands on the phone costs the shop</source>
   <translation>was eine Stunde mit den Händen am Telefon die Werkstatt kostet</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>An hour of waiting</source>
   <translation>Eine Stunde Warten</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>what an hour costs in which the phone works alone</source>
   <translation>was eine Stunde kostet, in der das Telefon allein arbeitet</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>A ruined board</source>
   <translation>Eine zerstörte Platine</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>what is paid where a phone's board is lost</source>
   <translation>was zu zahlen ist, wenn die Platine eines Telefons verloren geht</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Heat on the board</source>
   <translation>Hitze auf der Platine</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>what one heating counts for beyond its counted risks</source>
   <translation>was ein Erhitzen über seine gezählten Risiken hinaus zählt</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>A write</source>
   <translation>Ein Schreiben</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>what one of the few writes of a part's life counts for</source>
   <translation>was eines der wenigen Schreiben im Leben eines Teils zählt</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Marked as used</source>
   <translation>Als gebraucht bezeichnet</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>what it counts for that a part says for ever that it was used</source>
   <translation>was es zählt, dass ein Teil für immer sagt, es sei gebraucht</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>What comes first</source>
   <translation>Was zuerst kommt</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>of ways that keep the same</source>
   <translation>unter Wegen, die dasselbe halten</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Never heat a board</source>
   <translation>Nie eine Platine erhitzen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>closes every way that does</source>
   <translation>schließt jeden Weg, der es tut</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Never solder</source>
   <translation>Nie löten</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>White and greys may be off</source>
   <translation>Weiß und Graustufen dürfen abweichen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>colour difference (dE00) of a display that passes</source>
   <translation>Farbabstand (dE00) eines Displays, das besteht</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>The shop</source>
   <translation>Die Werkstatt</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>What stands on sheets, labels and orders.</source>
   <translation>Was auf Blättern, Etiketten und Auftragszetteln steht.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Sheets carry no name and no address.</source>
   <translation>Die Blätter tragen weder Namen noch Anschrift.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Where backups are remembered outside this machine.</source>
   <translation>Wo Sicherungen außerhalb dieses Rechners gemerkt werden.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>If this disk dies, the backups of your customers' parts die with it.</source>
   <translation>Stirbt dieser Datenträger, sterben die Sicherungen der Teile Ihrer Kunden mit ihm.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Devices</source>
   <translation>Geräte</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Which device answers on which port.</source>
   <translation>Welches Gerät an welchem Anschluss antwortet.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Nothing can be read or written; phones and parts can be written down by hand.</source>
   <translation>Nichts lässt sich lesen oder schreiben; Telefone und Teile lassen sich von Hand notieren.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Tools of the bench</source>
   <translation>Werkzeuge</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>What the bench owns: each tool opens ways; what is not here closes them, with that as the reason.</source>
   <translation>Was die Werkbank besitzt: jedes Werkzeug öffnet Wege; was fehlt, schließt sie, mit diesem Grund.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>The planner counts on a full bench and may propose what you cannot do.</source>
   <translation>Die Planung rechnet mit einer vollen Werkbank und schlägt vielleicht vor, was nicht geht.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Rates and wishes</source>
   <translation>Sätze und Wünsche</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>What time, heat, writes and ruined parts count for.</source>
   <translation>Was Zeit, Hitze, Schreiben und zerstörte Teile zählen.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>The planner weighs ways by usual rates.</source>
   <translation>Die Planung wägt Wege nach üblichen Sätzen.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Worth of functions</source>
   <translation>Wert der Funktionen</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>What a kept promise is worth; it decides what is worth a risk.</source>
   <translation>Was eine gehaltene Zusage wert ist; es entscheidet, was ein Risiko wert ist.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>The planner takes usual figures.</source>
   <translation>Die Planung nimmt übliche Werte.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>The window</source>
   <translation>Das Fenster</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>How it looks when it opens.</source>
   <translation>Wie es beim Öffnen aussieht.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>It opens by day.</source>
   <translation>Es öffnet am Tag.</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>Letter</source>
   <translation>Letter</translation>
  </message>
  <message>
   <location filename="core/settings.py" />
   <source>{least:g} to {most:g} {unit}</source>
   <translation>{least:g} bis {most:g} {unit}</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>history not known</source>
   <translation>Vorgeschichte unbekannt</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Part</source>
   <translation>Teil</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Model</source>
   <translation>Modell</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Die or serial</source>
   <translation>Chip oder Serie</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Maker</source>
   <translation>Hersteller</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Fenwick</source>
   <translation>Fenwick</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Grade</source>
   <translation>Güte</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>From</source>
   <translation>Von</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Harbour Parts, crate 14</source>
   <translation>Hafenteile, Kiste 14</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Price</source>
   <translation>Preis</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Place</source>
   <translation>Platz</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>drawer 3</source>
   <translation>Schublade 3</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Bought on</source>
   <translation>Gekauft am</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Warranty until</source>
   <translation>Garantie bis</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Writes before</source>
   <translation>Vorher geschrieben</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Locked</source>
   <translation>Gesperrt</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Touch flex its own</source>
   <translation>Touch-Flex das eigene</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>Note</source>
   <translation>Notiz</translation>
  </message>
  <message>
   <location filename="core/shelf.py" />
   <source>it is missing</source>
   <translation>es fehlt</translation>
  </message>
  <message>
   <location filename="core/uncertainty.py" />
   <source>{distance:.4f} ± {uncertainty:.4f} from its target, tolerance {tolerance:.4f}</source>
   <translation>{distance:.4f} ± {uncertainty:.4f} von seinem Ziel, Toleranz {tolerance:.4f}</translation>
  </message>
  <message>
   <location filename="core/uncertainty.py" />
   <source>more than 99.9 %</source>
   <translation>mehr als 99,9 %</translation>
  </message>
  <message>
   <location filename="core/uncertainty.py" />
   <source>less than 0.1 %</source>
   <translation>weniger als 0,1 %</translation>
  </message>
  <message>
   <location filename="core/uncertainty.py" />
   <source>Proven: {numbers}; within it with {percent} probability.</source>
   <translation>Nachgewiesen: {numbers}; mit einer Wahrscheinlichkeit von {percent} darin.</translation>
  </message>
  <message>
   <location filename="core/uncertainty.py" />
   <source>Not proven: {numbers}; within it with only {percent} probability.</source>
   <translation>Nicht nachgewiesen: {numbers}; nur mit einer Wahrscheinlichkeit von {percent} darin.</translation>
  </message>
  <message>
   <location filename="core/uncertainty.py" />
   <source>Undecided: {numbers}. More readings cannot decide it; a better instrument can.</source>
   <translation>Nicht entschieden: {numbers}. Mehr Messungen können es nicht entscheiden; ein besseres Messgerät kann es.</translation>
  </message>
  <message>
   <location filename="core/uncertainty.py" />
   <source>Undecided: {numbers}. Measure again: about {readings} readings decide it.</source>
   <translation>Nicht entschieden: {numbers}. Noch einmal messen: etwa {readings} Messungen entscheiden es.</translation>
  </message>
  <message>
   <location filename="core/white_proof.py" />
   <source>light</source>
   <translation>Licht</translation>
  </message>
  <message>
   <location filename="core/white_proof.py" />
   <source>Under {light} light the {what} was read as no number.</source>
   <translation>Unter Licht „{light}“ wurde {what} als keine Zahl gelesen.</translation>
  </message>
  <message>
   <location filename="core/white_proof.py" />
   <source>Under {light} light the {what} gives nothing in {channels}: no white is like that.</source>
   <translation>Unter Licht „{light}“ gibt {what} nichts in {channels}: so ist kein Weiß.</translation>
  </message>
  <message>
   <location filename="demo/build.py" />
   <source>making the demo, ticket {number} of {count}</source>
   <translation>die Demo entsteht, Auftrag {number} von {count}</translation>
  </message>
  <message>
   <location filename="demo/hands.py" />
   <source>stand-in technician</source>
   <translation>Simulierter Techniker</translation>
  </message>
  <message>
   <location filename="demo/hands.py" />
   <source>The stand-ins did not start.</source>
   <translation>Die Simulatoren sind nicht gestartet.</translation>
  </message>
  <message>
   <location filename="demo/hands.py" />
   <source>The demo's data is safe.</source>
   <translation>Die Daten der Demo sind unversehrt.</translation>
  </message>
  <message>
   <location filename="demo/hands.py" />
   <source>Close and start the demo again.</source>
   <translation>Schließen und die Demo noch einmal starten.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>well</source>
   <translation>gut</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>note</source>
   <translation>Hinweis</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>wrong</source>
   <translation>falsch</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Python</source>
   <translation>Python</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>window</source>
   <translation>Fenster</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>desktop tools</source>
   <translation>Desktop-Werkzeuge</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>serial ports</source>
   <translation>serielle Anschlüsse</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>clock</source>
   <translation>Uhr</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>settings</source>
   <translation>Einstellungen</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>data folder</source>
   <translation>Datenordner</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>second place</source>
   <translation>zweiter Ort</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>store</source>
   <translation>Bestand</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Python {python_version}, SQLite {sqlite_version}</source>
   <translation>Python {python_version}, SQLite {sqlite_version}</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>{folder}, {free:.1f} GB free</source>
   <translation>{folder}, {free:.1f} GB frei</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>none is named: if this disk dies, the backups die with it</source>
   <translation>keiner ist genannt: stirbt dieser Datenträger, sterben die Sicherungen mit ihm</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>no display is set</source>
   <translation>keine Anzeige ist gesetzt</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Start it from the desktop, or set DISPLAY.</source>
   <translation>Vom Desktop starten, oder DISPLAY setzen.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>xdg-utils are here</source>
   <translation>xdg-utils sind da</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>every value can be used</source>
   <translation>jeder Wert ist brauchbar</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>not here: {missing}</source>
   <translation>nicht da: {missing}</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Install xdg-utils to open and mail papers.</source>
   <translation>xdg-utils installieren, um Papiere zu öffnen und zu mailen.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>none is plugged in</source>
   <translation>keiner ist angesteckt</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Set the clock: backups and acts carry its time. (timedatectl set-ntp true)</source>
   <translation>Die Uhr stellen: Sicherungen und Vorgänge tragen ihre Zeit. (timedatectl set-ntp true)</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>{folder} cannot be written to</source>
   <translation>{folder} lässt sich nicht beschreiben</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>sudo chown -R $USER {there}</source>
   <translation>sudo chown -R $USER {there}</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Make room: nothing can be kept on a full disk.</source>
   <translation>Platz schaffen: auf einem vollen Datenträger lässt sich nichts sichern.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>{folder} is not there</source>
   <translation>{folder} ist nicht da</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Plug the disk in or mount the share.</source>
   <translation>Den Datenträger anstecken oder die Freigabe einhängen.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>{said}, on the same disk as the data</source>
   <translation>{said}, auf demselben Datenträger wie die Daten</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Choose a folder on another disk.</source>
   <translation>Einen Ordner auf einem anderen Datenträger wählen.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>none yet: the first start makes it</source>
   <translation>noch keiner: der erste Start legt ihn an</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>it was written in the future: the clock ran ahead, or runs behind</source>
   <translation>er wurde in der Zukunft geschrieben: die Uhr ging vor, oder sie geht nach</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Set the clock.</source>
   <translation>Die Uhr stellen.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>{count} backups, {count_doubts} acts in doubt</source>
   <translation>{count} Sicherungen, {count_doubts} ungewisse Vorgänge</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Name a folder on another disk under Shop, Set-up.</source>
   <translation>Unter Werkstatt, Einrichtung einen Ordner auf einem anderen Datenträger nennen.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>Install the program anew (pipx reinstall daruma); a missing .so is named in the README's list of libraries.</source>
   <translation>Das Programm neu installieren (pipx reinstall daruma); eine fehlende .so ist in der Liste der Bibliotheken im README genannt.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>of an earlier program: the next start brings it up to date</source>
   <translation>von einem früheren Programm: der nächste Start bringt ihn auf Stand</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>installed</source>
   <translation>installiert</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>daruma vault check names all of it.</source>
   <translation>daruma vault check nennt alles davon.</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>{said}; it can only be read</source>
   <translation>{said}; er lässt sich nur lesen</translation>
  </message>
  <message>
   <location filename="doctor.py" />
   <source>sudo chown -R $USER {data}</source>
   <translation>sudo chown -R $USER {data}</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>On the charger it starts as this model should.</source>
   <translation>Am Ladegerät startet es, wie dieses Modell soll.</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>On the charger it started again and again.</source>
   <translation>Am Ladegerät startete es immer wieder.</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>On the charger it began to start and went no further.</source>
   <translation>Am Ladegerät begann es zu starten und kam nicht weiter.</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>On the charger it did not start.</source>
   <translation>Am Ladegerät startete es nicht.</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>On the charger something in it was shorted.</source>
   <translation>Am Ladegerät war etwas darin kurzgeschlossen.</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>voltage (V)</source>
   <translation>Spannung (V)</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>current (A)</source>
   <translation>Strom (A)</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>{amount} mAh and {amount_2} mWh went into the phone.</source>
   <translation>{amount} mAh und {amount_2} mWh gingen ins Telefon.</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>{seconds}:{seconds_2:02d} min</source>
   <translation>{seconds}:{seconds_2:02d} min</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>Before: {told} After: {told_2}</source>
   <translation>Davor: {told} Danach: {told_2}</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>{amount} mAh</source>
   <translation>{amount} mAh</translation>
  </message>
  <message>
   <location filename="handover/cable.py" />
   <source>{amount} mWh</source>
   <translation>{amount} mWh</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>Nothing was planned from it.</source>
   <translation>Daraus wurde nichts geplant.</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>the case</source>
   <translation>der Fall</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>{name} is larger than a case can be.</source>
   <translation>{name} ist größer, als ein Fall sein kann.</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>{path} cannot be read: {strerror}.</source>
   <translation>{path} lässt sich nicht lesen: {strerror}.</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>Choose a case file.</source>
   <translation>Eine Falldatei wählen.</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>the file</source>
   <translation>die Datei</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>the catalogue has no model {model}</source>
   <translation>der Katalog hat kein Modell {model}</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>{model} ran {first_system} to {last_system}, never {version}</source>
   <translation>{model} lief mit {first_system} bis {last_system}, nie mit {version}</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>no such part has an entry of its own here</source>
   <translation>ein solches Teil hat hier keinen eigenen Eintrag</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>there is no action {key}</source>
   <translation>es gibt keine Handlung {key}</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>Choose another file.</source>
   <translation>Eine andere Datei wählen.</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>Correct the file, then ask again.</source>
   <translation>Die Datei berichtigen, dann noch einmal fragen.</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>{model} has no {function}</source>
   <translation>{model} hat kein {function}</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>no way to {function} is known to the planner</source>
   <translation>die Planung kennt keinen Weg zu {function}</translation>
  </message>
  <message>
   <location filename="handover/casefile.py" />
   <source>promised twice</source>
   <translation>zweimal zugesagt</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>it does not show which sign of the current means charging</source>
   <translation>es zeigt nicht, welches Vorzeichen des Stroms Laden bedeutet</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>Say it with --charging positive or --charging negative.</source>
   <translation>Geben Sie es mit --charging positive oder --charging negative an.</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>{name} does not say what the cell holds: {what}.</source>
   <translation>{name} sagt nicht, was die Zelle fasst: {what}.</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>it has no rests far enough apart and no full discharge</source>
   <translation>es hat keine Ruhephasen, die weit genug auseinanderliegen, und keine volle Entladung</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>Discharge it from full to empty, or rest it before and after a part of it.</source>
   <translation>Entladen Sie sie von voll bis leer, oder lassen Sie sie vor und nach einem Teil davon ruhen.</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>{capacity:.1f} mAh, standard uncertainty {capacity_2:.1f} ({capacity_3})</source>
   <translation>{capacity:.1f} mAh, Standardunsicherheit {capacity_2:.1f} ({capacity_3})</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>{health:.1f} % of the rated capacity, standard uncertainty {health_2:.1f}</source>
   <translation>{health:.1f} % der Nennkapazität, Standardunsicherheit {health_2:.1f}</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>{found:.3f} equivalent full cycles in the log</source>
   <translation>{found:.3f} äquivalente volle Zyklen im Protokoll</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>Peaks of the charge per volt: {found}</source>
   <translation>Gipfel der Ladung je Volt: {found}</translation>
  </message>
  <message>
   <location filename="handover/cell_answer.py" />
   <source>May be written: {percent} %. {why}</source>
   <translation>Darf geschrieben werden: {percent} %. {why}</translation>
  </message>
  <message>
   <location filename="handover/dots.py" />
   <source>{words} {figure} {unit}, standard uncertainty {spread}</source>
   <translation>{words} {figure} {unit}, Standardunsicherheit {spread}</translation>
  </message>
  <message>
   <location filename="handover/dots.py" />
   <source>line {line}: a card at {distance:g} mm is not between {nearest_card:g} and {farthest_card:g} mm</source>
   <translation>Zeile {line}: eine Karte in {distance:g} mm liegt nicht zwischen {nearest_card:g} und {farthest_card:g} mm</translation>
  </message>
  <message>
   <location filename="handover/dots.py" />
   <source>a map has three dots at least</source>
   <translation>eine Karte hat mindestens drei Punkte</translation>
  </message>
  <message>
   <location filename="handover/dots.py" />
   <source>there is no column {missing}; the first line names the columns</source>
   <translation>es gibt keine Spalte {missing}; die erste Zeile nennt die Spalten</translation>
  </message>
  <message>
   <location filename="handover/dots.py" />
   <source>line {line}: more than {most_cards} cards or {most_frames} frames</source>
   <translation>Zeile {line}: mehr als {most_cards} Karten oder {most_frames} Bilder</translation>
  </message>
  <message>
   <location filename="handover/dots.py" />
   <source>line {line}: {tangent:g} is no tangent that a projector reaches</source>
   <translation>Zeile {line}: {tangent:g} ist kein Tangens, den ein Projektor erreicht</translation>
  </message>
  <message>
   <location filename="handover/dots.py" />
   <source>card at</source>
   <translation>Karte in</translation>
  </message>
  <message>
   <location filename="handover/dots.py" />
   <source> and no column </source>
   <translation> und keine Spalte </translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>The vault is unchanged.</source>
   <translation>Der Tresor ist unverändert.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>{name} is larger than a backup can be.</source>
   <translation>{name} ist größer, als eine Sicherung sein kann.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>{name} was changed after it was exported: its SHA-256 does not fit.</source>
   <translation>{name} wurde nach dem Export geändert: die SHA-256 passt nicht.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>Choose a backup file.</source>
   <translation>Eine Sicherungsdatei wählen.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>{name} is not a backup file: {where}: {first}.</source>
   <translation>{name} ist keine Sicherungsdatei: {where}: {first}.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>Ask for the file again.</source>
   <translation>Die Datei noch einmal erbitten.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>The backup could not be written to {folder}: {strerror}.</source>
   <translation>Die Sicherung ließ sich nicht nach {folder} schreiben: {strerror}.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>{path} was changed after it was exported: it does not fit {sums}.</source>
   <translation>{path} wurde nach dem Export geändert: sie passt nicht zu {sums}.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>Ask for the file as it was exported.</source>
   <translation>Die Datei erbitten, wie sie exportiert wurde.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>It stays in the vault.</source>
   <translation>Sie bleibt im Tresor.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>Choose another folder.</source>
   <translation>Einen anderen Ordner wählen.</translation>
  </message>
  <message>
   <location filename="handover/exchange.py" />
   <source>Ask for the files again.</source>
   <translation>Die Dateien noch einmal erbitten.</translation>
  </message>
  <message>
   <location filename="handover/kinds/battery.py" />
   <source>the shop's stock, {origin}</source>
   <translation>aus dem Bestand der Werkstatt, {origin}</translation>
  </message>
  <message>
   <location filename="handover/kinds/battery.py" />
   <source>the original battery</source>
   <translation>die Originalbatterie</translation>
  </message>
  <message>
   <location filename="handover/kinds/battery.py" />
   <source>a new battery pack with the original's serial; its health is what was measured</source>
   <translation>ein neuer Akku mit der Seriennummer des Originals; sein Zustand ist der gemessene</translation>
  </message>
  <message>
   <location filename="handover/kinds/battery.py" />
   <source>a new cell on the phone's own gauge board, which learns its health in use</source>
   <translation>eine neue Zelle auf der eigenen Ladezählerplatine des Telefons, die ihren Zustand im Gebrauch lernt</translation>
  </message>
  <message>
   <location filename="handover/kinds/battery.py" />
   <source>a genuine battery pack, finished on the phone</source>
   <translation>ein Originalakku, am Telefon abgeschlossen</translation>
  </message>
  <message>
   <location filename="handover/kinds/battery.py" />
   <source>a battery that the phone does not know: its notice stays</source>
   <translation>eine Batterie, die das Telefon nicht kennt: sein Hinweis bleibt</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>aftermarket with a second-hand genuine touch chip</source>
   <translation>Fremdteil mit einem gebrauchten originalen Touch-Chip</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>display panel by {maker}, {words}</source>
   <translation>Displaypanel von {maker}, {words}</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>the original panel, read on the bench</source>
   <translation>das Originalpanel, an der Werkbank gelesen</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>not recorded</source>
   <translation>nicht notiert</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>an unnamed maker</source>
   <translation>einem ungenannten Hersteller</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>it cannot be on an original that is missing</source>
   <translation>er kann nicht auf einem Original sein, das fehlt</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>with no new panel it cannot have been moved</source>
   <translation>ohne neues Panel kann er nicht umgesetzt worden sein</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>{model} has panels by {makers}</source>
   <translation>{model} hat Panels von {makers}</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>panel {before} is in socket {socket} already</source>
   <translation>Panel {before} ist schon auf Sockel {socket}</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>{model} panels fit socket {socket}, not {socket_2}</source>
   <translation>{model}-Panels passen auf Sockel {socket}, nicht {socket_2}</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>the catalogue has no brand {brand}</source>
   <translation>der Katalog hat keine Marke {brand}</translation>
  </message>
  <message>
   <location filename="handover/kinds/display.py" />
   <source>a panel takes {most} writes at most</source>
   <translation>ein Panel verträgt höchstens {most} Schreibvorgänge</translation>
  </message>
  <message>
   <location filename="handover/kinds/face_module.py" />
   <source>; the projector was altered and is no longer what its maker certified</source>
   <translation>; der Projektor wurde verändert und ist nicht mehr, was sein Hersteller bescheinigt hat</translation>
  </message>
  <message>
   <location filename="handover/kinds/face_module.py" />
   <source>face module</source>
   <translation>Gesichtsmodul</translation>
  </message>
  <message>
   <location filename="handover/kinds/face_module.py" />
   <source>the original module</source>
   <translation>das Originalmodul</translation>
  </message>
  <message>
   <location filename="handover/kinds/face_module.py" />
   <source>extended</source>
   <translation>verlängert</translation>
  </message>
  <message>
   <location filename="handover/kinds/face_module.py" />
   <source>an extension flex on the original face module{altered}</source>
   <translation>ein Verlängerungsflex am originalen Gesichtsmodul{altered}</translation>
  </message>
  <message>
   <location filename="handover/kinds/face_module.py" />
   <source>the shop's stock</source>
   <translation>aus dem Bestand der Werkstatt</translation>
  </message>
  <message>
   <location filename="handover/kinds/face_module.py" />
   <source>the original face module, its link chip moved and bridged{altered}</source>
   <translation>das originale Gesichtsmodul, sein Verbindungschip umgesetzt und überbrückt{altered}</translation>
  </message>
  <message>
   <location filename="handover/kinds/face_module.py" />
   <source>no new part</source>
   <translation>kein neues Teil</translation>
  </message>
  <message>
   <location filename="handover/kinds/front_camera.py" />
   <source>front camera</source>
   <translation>Frontkamera</translation>
  </message>
  <message>
   <location filename="handover/kinds/front_camera.py" />
   <source>the original front camera</source>
   <translation>die originale Frontkamera</translation>
  </message>
  <message>
   <location filename="handover/kinds/front_camera.py" />
   <source>a new front camera on a programmable flex with the original's data</source>
   <translation>eine neue Frontkamera auf einem programmierbaren Flex mit den Daten des Originals</translation>
  </message>
  <message>
   <location filename="handover/kinds/front_camera.py" />
   <source>a genuine front camera, finished on the phone</source>
   <translation>eine Originalfrontkamera, am Telefon abgeschlossen</translation>
  </message>
  <message>
   <location filename="handover/kinds/motor.py" />
   <source>haptic motor</source>
   <translation>Haptikmotor</translation>
  </message>
  <message>
   <location filename="handover/kinds/motor.py" />
   <source>the original motor</source>
   <translation>der Originalmotor</translation>
  </message>
  <message>
   <location filename="handover/kinds/motor.py" />
   <source>a new haptic motor with the original's serial</source>
   <translation>ein neuer Haptikmotor mit der Seriennummer des Originals</translation>
  </message>
  <message>
   <location filename="handover/kinds/rear_camera.py" />
   <source>rear camera</source>
   <translation>Rückkamera</translation>
  </message>
  <message>
   <location filename="handover/kinds/rear_camera.py" />
   <source>the original rear camera</source>
   <translation>die originale Rückkamera</translation>
  </message>
  <message>
   <location filename="handover/kinds/rear_camera.py" />
   <source>a genuine rear camera, finished on the phone with its sweep</source>
   <translation>eine Originalrückkamera, mit ihrem Durchlauf am Telefon abgeschlossen</translation>
  </message>
  <message>
   <location filename="handover/kinds/rear_camera.py" />
   <source>the rear camera that it came with, finished on the phone with its sweep</source>
   <translation>die mitgebrachte Rückkamera, mit ihrem Durchlauf am Telefon abgeschlossen</translation>
  </message>
  <message>
   <location filename="handover/kinds/rear_camera.py" />
   <source>fitted before this job</source>
   <translation>vor diesem Auftrag eingebaut</translation>
  </message>
  <message>
   <location filename="handover/kinds/sensor_flex.py" />
   <source>front sensor flex</source>
   <translation>Sensor-Flex vorn</translation>
  </message>
  <message>
   <location filename="handover/kinds/sensor_flex.py" />
   <source>the original sensor flex, read in the phone</source>
   <translation>das originale Sensor-Flex, im Telefon gelesen</translation>
  </message>
  <message>
   <location filename="handover/kinds/sensor_flex.py" />
   <source>; the display stayed</source>
   <translation>; das Display blieb</translation>
  </message>
  <message>
   <location filename="handover/kinds/sensor_flex.py" />
   <source>a new front sensor flex with the original's data{stayed}</source>
   <translation>ein neues vorderes Sensor-Flex mit den Daten des Originals{stayed}</translation>
  </message>
  <message>
   <location filename="handover/log_times.py" />
   <source>ns since 1970</source>
   <translation>ns seit 1970</translation>
  </message>
  <message>
   <location filename="handover/log_times.py" />
   <source>us since 1970</source>
   <translation>µs seit 1970</translation>
  </message>
  <message>
   <location filename="handover/log_times.py" />
   <source>ms since 1970</source>
   <translation>ms seit 1970</translation>
  </message>
  <message>
   <location filename="handover/log_times.py" />
   <source>s since 1970</source>
   <translation>s seit 1970</translation>
  </message>
  <message>
   <location filename="handover/log_times.py" />
   <source>month, day, year</source>
   <translation>Monat, Tag, Jahr</translation>
  </message>
  <message>
   <location filename="handover/log_times.py" />
   <source>day, month, year</source>
   <translation>Tag, Monat, Jahr</translation>
  </message>
  <message>
   <location filename="handover/log_times.py" />
   <source>h:m:s</source>
   <translation>h:m:s</translation>
  </message>
  <message>
   <location filename="handover/log_times.py" />
   <source>year, month, day</source>
   <translation>Jahr, Monat, Tag</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>grey {level:.2f}</source>
   <translation>Grau {level:.2f}</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>the file has no measurements</source>
   <translation>die Datei hat keine Messungen</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>column {missing} is missing; needed are {wanted}</source>
   <translation>die Spalte {missing} fehlt; nötig sind {wanted}</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>line {line}, {column}: {text} is not between {least:g} and 1,000,000</source>
   <translation>Zeile {line}, {column}: {text} liegt nicht zwischen {least:g} und 1.000.000</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>line {line}: a white gives light in X, Y and Z</source>
   <translation>Zeile {line}: ein Weiß gibt Licht in X, Y und Z</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>line {line}: the light has no name</source>
   <translation>Zeile {line}: das Licht hat keinen Namen</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>the field {missing} is missing</source>
   <translation>das Feld {missing} fehlt</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>a grey ramp of at least five levels is needed</source>
   <translation>eine Graurampe mit mindestens fünf Stufen ist nötig</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>more than {most_levels} levels of light</source>
   <translation>mehr als {most_levels} Lichtstufen</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>Nothing is measured for the {sheet} sheet.</source>
   <translation>Für das Blatt {sheet} ist nichts gemessen.</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>more than {most_lights} lights are named</source>
   <translation>mehr als {most_lights} Lichter sind genannt</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>column {missing} is missing; needed are {fields}</source>
   <translation>die Spalte {missing} fehlt; nötig sind {fields}</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>line {line}, {column}: {text!r} is not a number</source>
   <translation>Zeile {line}, {column}: {text!r} ist keine Zahl</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>line {line}: codes go from 0 to {top:g}</source>
   <translation>Zeile {line}: Codes gehen von 0 bis {top:g}</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>line {line}, direction: {direction!r} is neither rising nor falling</source>
   <translation>Zeile {line}, direction: {direction!r} ist weder rising noch falling</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>Measure first.</source>
   <translation>Zuerst messen.</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>{file} cannot be written: {strerror}.</source>
   <translation>{file} lässt sich nicht schreiben: {strerror}.</translation>
  </message>
  <message>
   <location filename="handover/measurements.py" />
   <source>Choose another place.</source>
   <translation>Einen anderen Ort wählen.</translation>
  </message>
  <message>
   <location filename="handover/meter_answer.py" />
   <source>not clear which sign of the current means charging: say it with --charging</source>
   <translation>unklar, welches Vorzeichen des Stroms Laden bedeutet: mit --charging angeben</translation>
  </message>
  <message>
   <location filename="handover/meter_answer.py" />
   <source>positive current means charging</source>
   <translation>positiver Strom bedeutet Laden</translation>
  </message>
  <message>
   <location filename="handover/meter_answer.py" />
   <source>negative current means charging</source>
   <translation>negativer Strom bedeutet Laden</translation>
  </message>
  <message>
   <location filename="handover/meter_answer.py" />
   <source>{count} samples, {seconds:.0f} s; {left_out} rows left out</source>
   <translation>{count} Messwerte, {seconds:.0f} s; {left_out} Zeilen ausgelassen</translation>
  </message>
  <message>
   <location filename="handover/meter_answer.py" />
   <source>{phase:.1f} to {phase_2:.1f} s</source>
   <translation>{phase:.1f} bis {phase_2:.1f} s</translation>
  </message>
  <message>
   <location filename="handover/meter_answer.py" />
   <source>gap: {gap:.1f} to {gap_2:.1f} s</source>
   <translation>Lücke: {gap:.1f} bis {gap_2:.1f} s</translation>
  </message>
  <message>
   <location filename="handover/meter_answer.py" />
   <source>{side} {amount:.3f} {unit}, standard uncertainty {amount_2:.3f}</source>
   <translation>{side} {amount:.3f} {unit}, Standardunsicherheit {amount_2:.3f}</translation>
  </message>
  <message>
   <location filename="handover/meter_answer.py" />
   <source>start of {model}: {verdict}, {why}</source>
   <translation>Start von {model}: {verdict}, {why}</translation>
  </message>
  <message>
   <location filename="handover/meter_columns.py" />
   <source>no column of volts and none of amperes is named in it</source>
   <translation>keine Spalte mit Volt und keine mit Ampere ist darin genannt</translation>
  </message>
  <message>
   <location filename="handover/meter_columns.py" />
   <source>m{unit}, by its size</source>
   <translation>m{unit}, der Größe nach</translation>
  </message>
  <message>
   <location filename="handover/meter_columns.py" />
   <source>it has more than {most_columns} columns</source>
   <translation>es hat mehr als {most_columns} Spalten</translation>
  </message>
  <message>
   <location filename="handover/meter_columns.py" />
   <source>it has fewer than two samples that can be read in its first {count_lines} lines</source>
   <translation>es hat in seinen ersten {count_lines} Zeilen weniger als zwei lesbare Messwerte</translation>
  </message>
  <message>
   <location filename="handover/meter_columns.py" />
   <source>column {place}</source>
   <translation>Spalte {place}</translation>
  </message>
  <message>
   <location filename="handover/meter_columns.py" />
   <source>it has no columns that could be volts and amperes</source>
   <translation>es hat keine Spalten, die Volt und Ampere sein könnten</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>time goes back by {back:.3f} s at line {line}</source>
   <translation>in Zeile {line} geht die Zeit um {back:.3f} s zurück</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>{unit}; several samples share a time stamp, spread evenly</source>
   <translation>{unit}; mehrere Messwerte je Zeitstempel, gleichmäßig verteilt</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>from line {line} on the voltage seems to be in another unit: it changes a thousandfold</source>
   <translation>ab Zeile {line} steht die Spannung wohl in einer anderen Einheit: sie ändert sich um das Tausendfache</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>from line {line} on the current seems to be in another unit: it changes a thousandfold</source>
   <translation>ab Zeile {line} steht der Strom wohl in einer anderen Einheit: er ändert sich um das Tausendfache</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>{words}. Was the clock changed there? Write times with their time zone</source>
   <translation>{words}. Wurde dort die Uhr umgestellt? Schreiben Sie Zeiten mit ihrer Zeitzone</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>there is no such file</source>
   <translation>eine solche Datei gibt es nicht</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>the log is larger than {largest} GB</source>
   <translation>das Protokoll ist größer als {largest} GB</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>line {line} holds NUL bytes: the meter may have lost power while writing</source>
   <translation>Zeile {line} enthält NUL-Bytes: das Messgerät hat beim Schreiben vielleicht den Strom verloren</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>it has more than {most_samples} samples</source>
   <translation>es hat mehr als {most_samples} Messwerte</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>it has fewer than two samples that can be read</source>
   <translation>es hat weniger als zwei lesbare Messwerte</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>line {line} shows {value:.4g} {unit}, which is impossible</source>
   <translation>Zeile {line} zeigt {value:.4g} {unit}, das ist unmöglich</translation>
  </message>
  <message>
   <location filename="handover/meter_log.py" />
   <source>there is no sample in it that can be read</source>
   <translation>es ist kein lesbarer Messwert darin</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source> (some take another's record)</source>
   <translation> (manche nehmen den Datensatz eines anderen)</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source> (not yet readable)</source>
   <translation> (noch nicht lesbar)</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>the notice looks at {checks}</source>
   <translation>der Hinweis sieht auf {checks}</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>its data is written before a chip is moved to it</source>
   <translation>seine Daten werden geschrieben, bevor ein Chip darauf umgesetzt wird</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>a chip may be moved to it first</source>
   <translation>ein Chip darf zuerst darauf umgesetzt werden</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Systems</source>
   <translation>Systeme</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>{first_system} to {last_system}</source>
   <translation>{first_system} bis {last_system}</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Functions</source>
   <translation>Funktionen</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Panel makers</source>
   <translation>Panelhersteller</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Writes in a panel's life</source>
   <translation>Schreiben in einem Panelleben</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Socket</source>
   <translation>Sockel</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>{socket}, programmer firmware {programmer_firmware} or later</source>
   <translation>{socket}, Programmiergerät mit Firmware {programmer_firmware} oder neuer</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Code memory</source>
   <translation>Codespeicher</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>{memory_package}; codes over the cable: {whether}</source>
   <translation>{memory_package}; Codes über das Kabel: {whether}</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>follows {degree:.0f} % of the way to the light, within {tolerance_uv:g} in u'v'</source>
   <translation>folgt dem Licht zu {degree:.0f} % des Weges, innerhalb {tolerance_uv:g} in u'v'</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Display</source>
   <translation>Display</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>{screen_inches:g} inches, gamma {gamma:g}</source>
   <translation>{screen_inches:g} Zoll, Gamma {gamma:g}</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>System from {since}</source>
   <translation>System ab {since}</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Memory: {part}</source>
   <translation>Speicher: {part}</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>{size} bytes, {count_fields} fields</source>
   <translation>{size} Bytes, {count_fields} Felder</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>File</source>
   <translation>Datei</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>; the phone finishes {finishes}</source>
   <translation>; das Telefon schließt ab: {finishes}</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>{cell_rated:.0f} mAh; {cell}</source>
   <translation>{cell_rated:.0f} mAh; {cell}</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source>Unbinding on the phone</source>
   <translation>Entkoppeln am Telefon</translation>
  </message>
  <message>
   <location filename="handover/model_page.py" />
   <source> to </source>
   <translation> bis </translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>there is no {what} in it (an OpenCV YAML file has one named {names})</source>
   <translation>es ist kein {what} darin (eine OpenCV-YAML-Datei hat eine namens {names})</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>the picture is larger than 100 MB</source>
   <translation>das Bild ist größer als 100 MB</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>there are no corners in it</source>
   <translation>es sind keine Ecken darin</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>there is no sweep of the focus in it</source>
   <translation>es ist kein Fokusdurchlauf darin</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>the file is larger than 1 MB</source>
   <translation>die Datei ist größer als 1 MB</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>camera matrix</source>
   <translation>Kameramatrix</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>distortion coefficients</source>
   <translation>Verzeichnungskoeffizienten</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>the camera matrix has {count_matrix} numbers, not 9</source>
   <translation>die Kameramatrix hat {count_matrix} Zahlen, nicht 9</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>{count_bent} distortion coefficients: only k1, k2, p1, p2, k3 are known here</source>
   <translation>{count_bent} Verzeichnungskoeffizienten: bekannt sind hier nur k1, k2, p1, p2, k3</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>a focal length is not positive</source>
   <translation>eine Brennweite ist nicht positiv</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>there are no samples in it</source>
   <translation>es sind keine Messwerte darin</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>it is no picture that can be read ({error})</source>
   <translation>es ist kein lesbares Bild ({error})</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>more than {most_views} views</source>
   <translation>mehr als {most_views} Ansichten</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>the {what} holds something that is no number</source>
   <translation>{what} enthält etwas, das keine Zahl ist</translation>
  </message>
  <message>
   <location filename="handover/optics.py" />
   <source>more than {most_pixels} million pixels</source>
   <translation>mehr als {most_pixels} Millionen Bildpunkte</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>worked when it was brought</source>
   <translation>ging, als es gebracht wurde</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>did not work when it was brought</source>
   <translation>ging nicht, als es gebracht wurde</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>not tried</source>
   <translation>nicht versucht</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>The phone may be opened. Seals against water may not be as tight afterwards.</source>
   <translation>Das Telefon darf geöffnet werden. Dichtungen gegen Wasser sind danach vielleicht weniger dicht.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>Serials and calibration data of its parts may be read, kept and written to the parts that replace them.</source>
   <translation>Seriennummern und Kalibrierdaten seiner Teile dürfen gelesen, gesichert und auf die Teile geschrieben werden, die sie ersetzen.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>The phone may be started, and its functions tried.</source>
   <translation>Das Telefon darf gestartet und seine Funktionen dürfen versucht werden.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>If the phone asks for it: its owner will confirm trust and finish parts on the phone. The shop never asks for a passcode.</source>
   <translation>Wenn das Telefon danach fragt: sein Eigentümer bestätigt das Vertrauen und schließt Teile am Telefon ab. Die Werkstatt fragt nie nach einem Code.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>Chips may be heated and moved between displays. A display can be ruined by it.</source>
   <translation>Chips dürfen erhitzt und zwischen Displays umgesetzt werden. Ein Display kann dabei zerstört werden.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>The old battery is taken for recycling and is not given back where it is swollen or hurt.</source>
   <translation>Die alte Batterie wird zur Verwertung genommen und nicht zurückgegeben, wo sie aufgebläht oder verletzt ist.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>The face module may be opened and soldered. If that fails, unlocking by face is gone for good.</source>
   <translation>Das Gesichtsmodul darf geöffnet und gelötet werden. Schlägt das fehl, ist das Entsperren mit dem Gesicht für immer verloren.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>The front camera may be soldered to another flex.</source>
   <translation>Die Frontkamera darf auf ein anderes Flex gelötet werden.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>The front sensor flex may be replaced by a programmed one.</source>
   <translation>Das vordere Sensor-Flex darf durch ein programmiertes ersetzt werden.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>A function is promised only where it is written above. What cannot be proven is said on the page at hand-over.</source>
   <translation>Eine Funktion ist nur zugesagt, wo sie oben steht. Was sich nicht nachweisen lässt, steht bei der Übergabe auf der Seite.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>Some steps can fail and cannot be taken back; the shop says which before it begins.</source>
   <translation>Manche Schritte können fehlschlagen und lassen sich nicht zurücknehmen; die Werkstatt sagt, welche, bevor sie beginnt.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>Make a backup of your own data first: a phone that is damaged already may stop at any time.</source>
   <translation>Sichern Sie zuerst Ihre eigenen Daten: ein schon beschädigtes Telefon kann jederzeit ausfallen.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>IMEI, serials and calibration data of the phone's parts{parts}, what was done and measured. They are kept at the shop for warranty and can be purged {days} days after hand-over, or earlier when the owner asks. No photos, messages or other content of the phone are read.</source>
   <translation>IMEI, Seriennummern und Kalibrierdaten der Teile des Telefons{parts}, was getan und gemessen wurde. Sie bleiben für die Garantie in der Werkstatt und können {days} Tage nach der Übergabe gelöscht werden, oder früher, wenn der Eigentümer es wünscht. Fotos, Nachrichten oder andere Inhalte des Telefons werden nicht gelesen.</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>Phone ____________________</source>
   <translation>Telefon ____________________</translation>
  </message>
  <message>
   <location filename="handover/order.py" />
   <source>IMEI {grouped}</source>
   <translation>IMEI {grouped}</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>version {version}: {count_fresh} new ({fresh})</source>
   <translation>Fassung {version}: {count_fresh} neu ({fresh})</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>{count_changed} changed ({changed})</source>
   <translation>{count_changed} geändert ({changed})</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>{name} left out: {why}</source>
   <translation>{name} ausgelassen: {why}</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>key: it says {key}; this file is {key_2}'s</source>
   <translation>key: dort steht {key}; diese Datei ist die von {key_2}</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>Line {line}: {fault}.</source>
   <translation>Zeile {line}: {fault}.</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>as it ships</source>
   <translation>wie mitgeliefert</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>the shop's own</source>
   <translation>das eigene der Werkstatt</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>{key} cannot be the name of a model.</source>
   <translation>{key} kann nicht der Name eines Modells sein.</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>The file is as it was.</source>
   <translation>Die Datei ist, wie sie war.</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>Correct the line, then keep it again.</source>
   <translation>Die Zeile berichtigen, dann noch einmal behalten.</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>{path} cannot be taken: {error}.</source>
   <translation>{path} lässt sich nicht übernehmen: {error}.</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>{path} cannot be written: {strerror}.</source>
   <translation>{path} lässt sich nicht schreiben: {strerror}.</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>The catalogue is as it was.</source>
   <translation>Der Katalog ist, wie er war.</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>its name is none</source>
   <translation>sein Name ist keiner</translation>
  </message>
  <message>
   <location filename="handover/own_models.py" />
   <source>Check the folder's rights.</source>
   <translation>Die Rechte des Ordners prüfen.</translation>
  </message>
  <message>
   <location filename="handover/pages.py" />
   <source>The white, measured</source>
   <translation>Das Weiß, gemessen</translation>
  </message>
  <message>
   <location filename="handover/pages.py" />
   <source>Luminance against the light in the room</source>
   <translation>Leuchtdichte gegen das Licht im Raum</translation>
  </message>
  <message>
   <location filename="handover/pages.py" />
   <source>The panel, measured</source>
   <translation>Das Panel, gemessen</translation>
  </message>
  <message>
   <location filename="handover/pages.py" />
   <source>The pages could not be written to {folder}: {strerror}.</source>
   <translation>Die Seiten ließen sich nicht nach {folder} schreiben: {strerror}.</translation>
  </message>
  <message>
   <location filename="handover/pages.py" />
   <source>On the charging cable</source>
   <translation>Am Ladekabel</translation>
  </message>
  <message>
   <location filename="handover/pages.py" />
   <source>The job stays open, nothing of it is lost.</source>
   <translation>Der Auftrag bleibt offen, nichts davon ist verloren.</translation>
  </message>
  <message>
   <location filename="handover/pages.py" />
   <source>Check free space and rights of the folder, then try again.</source>
   <translation>Freien Platz und Rechte des Ordners prüfen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="handover/pages.py" />
   <source>, before and after</source>
   <translation>, davor und danach</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>: if ‘{title}’ fails, the best that is left keeps it less often</source>
   <translation>: schlägt „{title}“ fehl, hält das Beste, was übrig ist, es seltener</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>1 write</source>
   <translation>1 Mal schreiben</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>{writes} writes</source>
   <translation>{writes} Mal schreiben</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>, {board_heat} heatings of the board</source>
   <translation>, {board_heat} Mal Hitze auf der Platine</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>   {attended:.0f} min there, {minutes:.0f} min in all, {cost:.0f} {money}, {writes}{heat}</source>
   <translation>   {attended:.0f} min dabei, {minutes:.0f} min im Ganzen, {cost:.0f} {money}, {writes}{heat}</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>Ways</source>
   <translation>Wege</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>No way is open to anything that is promised.</source>
   <translation>Zu nichts, was zugesagt ist, ist ein Weg offen.</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>Where the numbers of ‘{way}’ come from</source>
   <translation>Woher die Zahlen von „{way}“ kommen</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>{labels} {percent} ({percent_2} with ways back{risk})</source>
   <translation>{labels} {percent} ({percent_2} mit Wegen zurück{risk})</translation>
  </message>
  <message>
   <location filename="handover/plantext.py" />
   <source>{labels} not kept</source>
   <translation>{labels} nicht gehalten</translation>
  </message>
  <message>
   <location filename="handover/settings_page.py" />
   <source>what a kept promise of {setting} is worth</source>
   <translation>was eine gehaltene Zusage von {setting} wert ist</translation>
  </message>
  <message>
   <location filename="handover/settings_page.py" />
   <source>  (usual)</source>
   <translation>  (üblich)</translation>
  </message>
  <message>
   <location filename="handover/settings_page.py" />
   <source>{group} Without it: {without}</source>
   <translation>{group} Ohne das: {without}</translation>
  </message>
  <message>
   <location filename="handover/settings_page.py" />
   <source>| name | usual | may be | what it is |</source>
   <translation>| Name | üblich | möglich | was es ist |</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>customer</source>
   <translation>Kunde</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>shop</source>
   <translation>Werkstatt</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>It says: {said}.</source>
   <translation>Dort steht: {said}.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>Everything that was promised works and was tested.</source>
   <translation>Alles Zugesagte geht und wurde getestet.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>On the {part}: until {warranty}.</source>
   <translation>Auf {part}: bis {warranty}.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>{origin}; it rests on what was imported from a file ({arrived})</source>
   <translation>{origin}; es beruht auf Daten, die aus einer Datei eingelesen wurden ({arrived})</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>what is known of the {model}: imported from a file ({arrived})</source>
   <translation>die Angaben zum {model}: aus einer Datei eingelesen ({arrived})</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>{proven} of {of} promises could be proven; what does not come back is said below.</source>
   <translation>{proven} von {of} Zusagen ließen sich nachweisen; was nicht zurückkommt, steht unten.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>In practice only: {said}</source>
   <translation>Nur zur Übung: {said}</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>in practice only</source>
   <translation>nur zur Übung</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>Practice, with simulated devices ({names}): this says nothing of a real phone.</source>
   <translation>Übung, mit simulierten Geräten ({names}): das sagt nichts über ein echtes Telefon.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>the phone itself, over the cable</source>
   <translation>das Telefon selbst, über das Kabel</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>typed by hand from paper</source>
   <translation>von Hand vom Papier getippt</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>put together: {note}</source>
   <translation>zusammengesetzt: {note}</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>a backup imported from a file ({arrived}), which says of itself: {origin}</source>
   <translation>eine aus einer Datei importierte Sicherung ({arrived}), die von sich sagt: {origin}</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source> (before: {status})</source>
   <translation> (davor: {status})</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>Nothing was promised.</source>
   <translation>Nichts wurde zugesagt.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>it was not tested</source>
   <translation>es wurde nicht getestet</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>On the work: {warranty} months</source>
   <translation>Auf die Arbeit: {warranty} Monate</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>the original part</source>
   <translation>das Originalteil</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>The parts page was not read.</source>
   <translation>Die Teileseite wurde nicht gelesen.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>, until {until}.</source>
   <translation>, bis {until}.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source> from hand-over.</source>
   <translation> ab Übergabe.</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>, with a notice</source>
   <translation>, mit einem Hinweis</translation>
  </message>
  <message>
   <location filename="handover/sheet.py" />
   <source>no data was written</source>
   <translation>keine Daten wurden geschrieben</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>The shelf is as it was.</source>
   <translation>Das Lager ist, wie es war.</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>{count_fresh} new</source>
   <translation>{count_fresh} neu</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>{count_changed} changed</source>
   <translation>{count_changed} geändert</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>{same} as they are</source>
   <translation>{same} wie sie sind</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>{path} has no column for the die or serial of the parts.</source>
   <translation>{path} hat keine Spalte für Chip oder Seriennummer der Teile.</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>{path} has two columns for: {fields}.</source>
   <translation>{path} hat zwei Spalten für: {fields}.</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>, {count_faults} wrong and left out</source>
   <translation>, {count_faults} falsch und ausgelassen</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>Nothing was taken.</source>
   <translation>Nichts wurde übernommen.</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>Its first line must name columns, such as: {fields}.</source>
   <translation>Die erste Zeile muss Spalten nennen, etwa: {fields}.</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>Take one of the two away, then try again.</source>
   <translation>Eine der beiden entfernen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>{path} cannot be read as CSV: {why}.</source>
   <translation>{path} lässt sich nicht als CSV lesen: {why}.</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>it stands twice in the file</source>
   <translation>es steht zweimal in der Datei</translation>
  </message>
  <message>
   <location filename="handover/shelf_file.py" />
   <source>Save it as CSV in UTF-8, then try again.</source>
   <translation>Als CSV in UTF-8 speichern, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="handover/tables.py" />
   <source>The journal is as it was.</source>
   <translation>Das Buch ist, wie es war.</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>{name} cannot be used: {why}.</source>
   <translation>{name} ist nicht brauchbar: {why}.</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>the file is larger than {largest} MB</source>
   <translation>die Datei ist größer als {largest} MB</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>line {line}, column {column}: {text!r} is no number</source>
   <translation>Zeile {line}, Spalte {column}: {text!r} ist keine Zahl</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>Earlier measurements are kept.</source>
   <translation>Frühere Messungen bleiben.</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>Correct the file, then import it again.</source>
   <translation>Die Datei berichtigen, dann noch einmal importieren.</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>the file is not UTF-8 text</source>
   <translation>die Datei ist kein UTF-8-Text</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>a line is longer than {longest_line} characters</source>
   <translation>eine Zeile ist länger als {longest_line} Zeichen</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>more than {most_lines} lines</source>
   <translation>mehr als {most_lines} Zeilen</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>line {number}: a quotation mark is not closed</source>
   <translation>Zeile {number}: ein Anführungszeichen wird nicht geschlossen</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>more than {most} measurements</source>
   <translation>mehr als {most} Messungen</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>more than {most_columns} fields</source>
   <translation>mehr als {most_columns} Felder</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>line {number}: {count_cells} values for {count_columns} fields</source>
   <translation>Zeile {number}: {count_cells} Werte für {count_columns} Felder</translation>
  </message>
  <message>
   <location filename="handover/tabular.py" />
   <source>more than {most_rows} measurements</source>
   <translation>mehr als {most_rows} Messungen</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>resonance {f0_hz:.2f} Hz, standard uncertainty {f0_u:.2f}; damping {damping:.4f}, standard uncertainty {damping_u:.4f}</source>
   <translation>Resonanz {f0_hz:.2f} Hz, Standardunsicherheit {f0_u:.2f}; Dämpfung {damping:.4f}, Standardunsicherheit {damping_u:.4f}</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>There are no limits for a step {key!r}.</source>
   <translation>Für einen Schritt {key!r} gibt es keine Grenzen.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Within the limits; hottest {hottest:.1f} °C.</source>
   <translation>Innerhalb der Grenzen; am heißesten {hottest:.1f} °C.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>No model is called {key}.</source>
   <translation>Kein Modell heißt {key}.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>{log} does not say how a motor taps and rings.</source>
   <translation>{log} sagt nicht, wie ein Motor tippt und ausschwingt.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>No chemistry is called {chemistry}.</source>
   <translation>Keine Chemie heißt {chemistry}.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Say it as 640x480.</source>
   <translation>Als 640x480 angeben.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>{word!r} is no 32-bit word in hexadecimal.</source>
   <translation>{word!r} ist kein 32-Bit-Wort in Hexadezimal.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Steps are {heat_limits}.</source>
   <translation>Schritte sind {heat_limits}.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Name one of {models}.</source>
   <translation>Eines von {models} nennen.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Give two shakes at least, of 40 samples and more, each going on after its drive has ended.</source>
   <translation>Mindestens zwei Erschütterungen angeben, mit je 40 Messwerten und mehr, die nach dem Ende ihres Antriebs weitergehen.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Name one of {known}.</source>
   <translation>Eine von {known} nennen.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>{value!r} is not two numbers such as 2{sign}1</source>
   <translation>{value!r} sind nicht zwei Zahlen wie 2{sign}1</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Let the motor tap once more.</source>
   <translation>Den Motor noch einmal tippen lassen.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Take the log once more.</source>
   <translation>Das Protokoll noch einmal aufnehmen.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Name a file that is there.</source>
   <translation>Eine Datei nennen, die da ist.</translation>
  </message>
  <message>
   <location filename="judging.py" />
   <source>Give words such as 0001912C.</source>
   <translation>Wörter wie 0001912C angeben.</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>MTF50 {mtf50:.4f} cycles a pixel, standard uncertainty {spread:.4f}; edge at {edge_deg:.2f} degrees</source>
   <translation>MTF50 {mtf50:.4f} Perioden je Bildpunkt, Standardunsicherheit {spread:.4f}; Kante bei {edge_deg:.2f} Grad</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>the camera is {offset:.2f} ms late, standard uncertainty {offset_u:.2f}</source>
   <translation>die Kamera ist {offset:.2f} ms zu spät, Standardunsicherheit {offset_u:.2f}</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>view {view}: {rms_px:.3f} px</source>
   <translation>Ansicht {view}: {rms_px:.3f} px</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source> rad/s</source>
   <translation> rad/s</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>all: {rms_of_all:.3f} px</source>
   <translation>alle: {rms_of_all:.3f} px</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>bias </source>
   <translation>Nullpunkt </translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>{distance:g} m: sharpest at code {code:.2f} (standard uncertainty {spread:.2f}), {mtf50:.4f} c/px</source>
   <translation>{distance:g} m: am schärfsten bei Code {code:.2f} (Standardunsicherheit {spread:.2f}), {mtf50:.4f} c/px</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>{distance:g} m: no peak</source>
   <translation>{distance:g} m: kein Gipfel</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>Take a picture of one slanted edge.</source>
   <translation>Ein Bild einer einzigen geneigten Kante nehmen.</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>Take more corners of that view.</source>
   <translation>Mehr Ecken dieser Ansicht nehmen.</translation>
  </message>
  <message>
   <location filename="judging_cameras.py" />
   <source>Turn the phone once more.</source>
   <translation>Das Telefon noch einmal drehen.</translation>
  </message>
  <message>
   <location filename="judging_common.py" />
   <source>Answer as JSON.</source>
   <translation>Als JSON antworten.</translation>
  </message>
  <message>
   <location filename="link/camera.py" />
   <source>Flashing does not come to an end: it stands at {share:.0f} %.</source>
   <translation>Das Aufspielen kommt nicht zum Ende: Es steht bei {share:.0f} %.</translation>
  </message>
  <message>
   <location filename="link/camera.py" />
   <source>Backups are safe.</source>
   <translation>Die Sicherungen sind unversehrt.</translation>
  </message>
  <message>
   <location filename="link/camera.py" />
   <source>Charge the phone, then flash it again.</source>
   <translation>Das Telefon laden, dann noch einmal aufspielen.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>The programmer's update does not come to an end.</source>
   <translation>Die Aktualisierung des Programmiergeräts kommt nicht an ihr Ende.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>The activation does not come to an end.</source>
   <translation>Die Aktivierung kommt nicht an ihr Ende.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>Restart it, then update again.</source>
   <translation>Es neu starten, dann noch einmal aktualisieren.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>It counts as spent.</source>
   <translation>Sie zählt als verbraucht.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>Settle it by looking.</source>
   <translation>Durch Nachsehen klären.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>The phone gave dots that make no sense.</source>
   <translation>Das Telefon gab Punkte, die keinen Sinn ergeben.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>Try again.</source>
   <translation>Noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>The programmer gave other bytes than asked.</source>
   <translation>Das Programmiergerät gab andere Bytes als verlangt.</translation>
  </message>
  <message>
   <location filename="link/devices.py" />
   <source>Read again.</source>
   <translation>Noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="link/discovery.py" />
   <source>No driver for {kind} is installed.</source>
   <translation>Kein Treiber für {kind} ist installiert.</translation>
  </message>
  <message>
   <location filename="link/discovery.py" />
   <source>Install a package that offers one in the entry point group {group}.</source>
   <translation>Ein Paket installieren, das einen in der Einstiegspunktgruppe {group} anbietet.</translation>
  </message>
  <message>
   <location filename="link/framing.py" />
   <source>A message of {count_payload} bytes is too large for the wire.</source>
   <translation>Eine Nachricht von {count_payload} Bytes ist zu groß für die Leitung.</translation>
  </message>
  <message>
   <location filename="link/framing.py" />
   <source>A frame's checksum does not fit.</source>
   <translation>Die Prüfsumme eines Rahmens passt nicht.</translation>
  </message>
  <message>
   <location filename="link/framing.py" />
   <source>Check the cable, then try again.</source>
   <translation>Das Kabel prüfen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="link/framing.py" />
   <source>A frame was damaged on the wire.</source>
   <translation>Ein Rahmen wurde auf der Leitung beschädigt.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>No part answers on the socket.</source>
   <translation>Auf dem Sockel antwortet kein Teil.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The part gives nothing: the programmer's firmware is older than this model.</source>
   <translation>Das Teil gibt nichts her: die Firmware des Programmiergeräts ist älter als dieses Modell.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The part is sound and untouched.</source>
   <translation>Das Teil ist heil und unberührt.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Update the programmer, then read again.</source>
   <translation>Das Programmiergerät aktualisieren, dann noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Another part is on the socket than the one that was checked.</source>
   <translation>Auf dem Sockel ist ein anderes Teil als das geprüfte.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Put the right part on the socket and read it.</source>
   <translation>Das richtige Teil auf den Sockel setzen und lesen.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The panel refuses a record of another maker.</source>
   <translation>Das Panel lehnt einen Datensatz eines anderen Herstellers ab.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The write was counted.</source>
   <translation>Das Schreiben wurde gezählt.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Use a panel by the record's maker.</source>
   <translation>Ein Panel vom Hersteller des Datensatzes nehmen.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The panel took no more writes.</source>
   <translation>Das Panel nahm kein Schreiben mehr an.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Its record is as it was; the write was counted.</source>
   <translation>Sein Datensatz ist, wie er war; das Schreiben wurde gezählt.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The phone does not trust this bench yet.</source>
   <translation>Das Telefon vertraut dieser Werkbank noch nicht.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Nothing was read.</source>
   <translation>Nichts wurde gelesen.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The phone does not answer.</source>
   <translation>Das Telefon antwortet nicht.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Switch the phone on and plug it in.</source>
   <translation>Das Telefon einschalten und anstecken.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The device does not know this request.</source>
   <translation>Das Gerät kennt diese Anfrage nicht.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Update the device's firmware.</source>
   <translation>Die Firmware des Geräts aktualisieren.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The request lies outside the part's memory.</source>
   <translation>Die Anfrage liegt außerhalb des Speichers des Teils.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Check the model in the ticket.</source>
   <translation>Das Modell im Auftrag prüfen.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The device is busy with another act.</source>
   <translation>Das Gerät ist mit einem anderen Vorgang beschäftigt.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Wait until it is finished, then try again.</source>
   <translation>Warten, bis er fertig ist, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The bytes that arrived are not the bytes that were sent.</source>
   <translation>Die Bytes, die ankamen, sind nicht die gesendeten.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>The device refused.</source>
   <translation>Das Gerät lehnte ab.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>Read what it says, put it right, try again.</source>
   <translation>Lesen, was es sagt, das beheben, noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>An answer on the wire is malformed.</source>
   <translation>Eine Antwort auf der Leitung ist missgestaltet.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>A request on the wire is malformed.</source>
   <translation>Eine Anfrage auf der Leitung ist missgestaltet.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>A message on the wire is not one CBOR map.</source>
   <translation>Eine Nachricht auf der Leitung ist nicht eine CBOR-Map.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>A message on the wire is not in the deterministic encoding.</source>
   <translation>Eine Nachricht auf der Leitung ist nicht in der eindeutigen Codierung.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>A message on the wire is cut off.</source>
   <translation>Eine Nachricht auf der Leitung ist abgeschnitten.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>A message on the wire holds tags, endless or undefined values.</source>
   <translation>Eine Nachricht auf der Leitung enthält Tags, endlose oder unbestimmte Werte.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>A message on the wire is not CBOR.</source>
   <translation>Eine Nachricht auf der Leitung ist kein CBOR.</translation>
  </message>
  <message>
   <location filename="link/messages.py" />
   <source>A message on the wire is cut off, too large or too deep.</source>
   <translation>Eine Nachricht auf der Leitung ist abgeschnitten, zu groß oder zu tief.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>The device refused: {answer}.</source>
   <translation>Das Gerät lehnte ab: {answer}.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>The {name} takes too long.</source>
   <translation>Es dauert zu lang: {name}.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>The port {url} cannot be opened.</source>
   <translation>Der Anschluss {url} lässt sich nicht öffnen.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>Check cable and power, then try again.</source>
   <translation>Kabel und Strom prüfen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>{op} was answered {code}</source>
   <translation>{op} wurde mit {code} beantwortet</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>The {name} answered {code!r} to {op}, which cannot be an answer to it.</source>
   <translation>{name} hat auf {op} mit {code!r} geantwortet, was keine Antwort darauf sein kann.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>The port {url} is used by another window or program.</source>
   <translation>Der Anschluss {url} wird von einem anderen Fenster oder Programm benutzt.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>Plug the device in and connect again.</source>
   <translation>Das Gerät anstecken und neu verbinden.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>It is a fault of the device: look at the part before going on, and update the device.</source>
   <translation>Das ist ein Fehler des Geräts: vor dem Weitermachen das Teil ansehen, und das Gerät aktualisieren.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>The {name} was unplugged.</source>
   <translation>Abgesteckt: {name}.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>The {name} does not answer.</source>
   <translation>Keine Antwort: {name}.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>Close that one, or use another device.</source>
   <translation>Jenes schließen, oder ein anderes Gerät benutzen.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>Plug it in and connect again.</source>
   <translation>Anstecken und neu verbinden.</translation>
  </message>
  <message>
   <location filename="link/port.py" />
   <source>Check cable and power.</source>
   <translation>Kabel und Strom prüfen.</translation>
  </message>
  <message>
   <location filename="link/ports.py" />
   <source>{kind}: {said}, {serial}, firmware {firmware}{pretends}; {seconds:.0f} ms</source>
   <translation>{kind}: {said}, {serial}, Firmware {firmware}{pretends}; {seconds:.0f} ms</translation>
  </message>
  <message>
   <location filename="link/ports.py" />
   <source>no description</source>
   <translation>keine Beschreibung</translation>
  </message>
  <message>
   <location filename="link/ports.py" />
   <source>You may not use {path}: it belongs to the group {group}.</source>
   <translation>{path} darf nicht benutzt werden: es gehört der Gruppe {group}.</translation>
  </message>
  <message>
   <location filename="link/ports.py" />
   <source>You may not use {path}: nobody but root may.</source>
   <translation>{path} darf nicht benutzt werden: nur root darf es.</translation>
  </message>
  <message>
   <location filename="link/ports.py" />
   <source>, a stand-in</source>
   <translation>, ein Simulator</translation>
  </message>
  <message>
   <location filename="link/ports.py" />
   <source>sudo usermod -aG {group} $USER   (then log in again)</source>
   <translation>sudo usermod -aG {group} $USER   (dann neu anmelden)</translation>
  </message>
  <message>
   <location filename="link/ports.py" />
   <source>{path} cannot be looked at.</source>
   <translation>{path} lässt sich nicht ansehen.</translation>
  </message>
  <message>
   <location filename="link/ports.py" />
   <source>Plug the device in again.</source>
   <translation>Das Gerät noch einmal anstecken.</translation>
  </message>
  <message>
   <location filename="link/shapes.py" />
   <source>The device gave an answer that makes no sense.</source>
   <translation>Das Gerät gab eine Antwort, die keinen Sinn ergibt.</translation>
  </message>
  <message>
   <location filename="link/shapes.py" />
   <source>Check its firmware, then try again.</source>
   <translation>Seine Firmware prüfen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="link/station.py" />
   <source>The station gave samples that make no sense.</source>
   <translation>Die Station gab Messwerte, die keinen Sinn ergeben.</translation>
  </message>
  <message>
   <location filename="link/thermocouple.py" />
   <source>The thermocouple gave temperatures that make no sense.</source>
   <translation>Das Thermoelement gab Temperaturen, die keinen Sinn ergeben.</translation>
  </message>
  <message>
   <location filename="link/thermocouple.py" />
   <source>Nothing was changed. Do not go by it: take the heat away.</source>
   <translation>Nichts wurde geändert. Nicht danach richten: die Hitze wegnehmen.</translation>
  </message>
  <message>
   <location filename="link/thermocouple.py" />
   <source>Check its tip and plug.</source>
   <translation>Seine Spitze und seinen Stecker prüfen.</translation>
  </message>
  <message>
   <location filename="link/usb_meter.py" />
   <source>The meter gave samples that make no sense.</source>
   <translation>Das Messgerät gab Messwerte, die keinen Sinn ergeben.</translation>
  </message>
  <message>
   <location filename="reports.py" />
   <source>Daruma made a mistake of its own. This file stays on this machine: read it before you pass it on.</source>
   <translation>Daruma hat selbst einen Fehler gemacht. Diese Datei bleibt auf diesem Rechner: vor dem Weitergeben lesen.</translation>
  </message>
  <message>
   <location filename="reports.py" />
   <source>The log's last lines may name ports, jobs and parts.</source>
   <translation>Die letzten Zeilen des Protokolls können Anschlüsse, Aufträge und Teile nennen.</translation>
  </message>
  <message>
   <location filename="reports.py" />
   <source>daruma {version}, Python {python_version}, {platform}</source>
   <translation>daruma {version}, Python {python_version}, {platform}</translation>
  </message>
  <message>
   <location filename="reports.py" />
   <source>started as: {argv}</source>
   <translation>gestartet als: {argv}</translation>
  </message>
  <message>
   <location filename="reports.py" />
   <source>Last lines of the log:</source>
   <translation>Letzte Zeilen des Protokolls:</translation>
  </message>
  <message>
   <location filename="reports.py" />
   <source>(there is no log)</source>
   <translation>(es gibt kein Protokoll)</translation>
  </message>
  <message>
   <location filename="store/act_rows.py" />
   <source>its settlement is damaged</source>
   <translation>seine Klärung ist beschädigt</translation>
  </message>
  <message>
   <location filename="store/checking.py" />
   <source>the store</source>
   <translation>der Bestand</translation>
  </message>
  <message>
   <location filename="store/checking.py" />
   <source>it cannot be read from the file</source>
   <translation>sie lässt sich nicht aus der Datei lesen</translation>
  </message>
  <message>
   <location filename="store/copy_files.py" />
   <source>There is no copy {name}.</source>
   <translation>Es gibt keine Kopie {name}.</translation>
  </message>
  <message>
   <location filename="store/copy_files.py" />
   <source>daruma copies list shows what there is.</source>
   <translation>daruma copies list zeigt, was es gibt.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>Bring a copy back: daruma copies restore {copy}.</source>
   <translation>Eine Kopie zurückholen: daruma copies restore {copy}.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>Look for a copy of it elsewhere.</source>
   <translation>Anderswo nach einer Kopie davon suchen.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>The store is {state}, though this folder held one{held}.</source>
   <translation>Der Bestand ist {state}, obwohl dieser Ordner einen hatte{held}.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>The store is closed.</source>
   <translation>Der Bestand ist geschlossen.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>The data folder is read-only.</source>
   <translation>Der Datenordner ist schreibgeschützt.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>{backups} backups, {acts} acts, {jobs} jobs</source>
   <translation>{backups} Sicherungen, {acts} Vorgänge, {jobs} Aufträge</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>Nothing was made in its place.</source>
   <translation>An seiner Stelle wurde nichts angelegt.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>{copy} To begin anew, take the folder away first.</source>
   <translation>{copy} Um neu zu beginnen, zuerst den Ordner wegnehmen.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>What was kept is safe.</source>
   <translation>Was gesichert war, ist unversehrt.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>Open it again, then try once more.</source>
   <translation>Noch einmal öffnen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>Everything in it can be read and exported.</source>
   <translation>Alles darin lässt sich lesen und exportieren.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>Copy the folder to a place that can be written, then open it there.</source>
   <translation>Den Ordner an einen beschreibbaren Ort kopieren, dann dort öffnen.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>It cannot be read how far the store has come: {error}.</source>
   <translation>Es lässt sich nicht lesen, wie weit der Bestand ist: {error}.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>This data folder is being restored from a copy.</source>
   <translation>Dieser Datenordner wird gerade aus einer Kopie wiederhergestellt.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>Nothing was opened.</source>
   <translation>Nichts wurde geöffnet.</translation>
  </message>
  <message>
   <location filename="store/database.py" />
   <source>Wait until that is finished, then open it again.</source>
   <translation>Warten, bis das fertig ist, dann noch einmal öffnen.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>The store could not be used: {said}.</source>
   <translation>Der Bestand war nicht zu benutzen: {said}.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>The store is damaged: {said}.</source>
   <translation>Der Bestand ist beschädigt: {said}.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>What was kept before is safe; nothing was kept by half.</source>
   <translation>Was vorher gesichert war, ist unversehrt; nichts wurde halb gesichert.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>Check free space and access rights of the data folder, then try again.</source>
   <translation>Freien Platz und Rechte des Datenordners prüfen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>A text holds characters that are no text and cannot be kept.</source>
   <translation>Ein Text enthält Zeichen, die kein Text sind; er kann nicht gespeichert werden.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>The data folder could not be used: {strerror}.</source>
   <translation>Der Datenordner war nicht zu benutzen: {strerror}.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>The file is left as it is; what can still be read is served.</source>
   <translation>Die Datei bleibt, wie sie ist; was noch lesbar ist, wird geliefert.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>Check the vault to see what is damaged, then restore a copy: daruma copies list, daruma copies restore.</source>
   <translation>Den Tresor prüfen, um zu sehen, was beschädigt ist, dann eine Kopie wiederherstellen: daruma copies list, daruma copies restore.</translation>
  </message>
  <message>
   <location filename="store/engine.py" />
   <source>Type it anew.</source>
   <translation>Neu eingeben.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>it is not as it was kept</source>
   <translation>es ist nicht, wie es gesichert wurde</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>Job {job_name} cannot be read from the store.</source>
   <translation>Der Auftrag {job_name} lässt sich nicht aus dem Bestand lesen.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>{kept} was changed in another window meanwhile: {what}.</source>
   <translation>{kept} wurde inzwischen in einem anderen Fenster geändert: {what}.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>Its bytes are left as they are; the vault is untouched.</source>
   <translation>Seine Bytes bleiben, wie sie sind; der Tresor ist unberührt.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>Restore a copy: daruma copies list, daruma copies restore.</source>
   <translation>Eine Kopie wiederherstellen: daruma copies list, daruma copies restore.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>What is kept there stays; nothing of it was overwritten.</source>
   <translation>Was dort gesichert ist, bleibt; nichts davon wurde überschrieben.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>Look at the job as it is now, then do again what is still to be done.</source>
   <translation>Den Auftrag ansehen, wie er jetzt ist, dann noch einmal tun, was noch zu tun ist.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>There is no job {name}.</source>
   <translation>Es gibt keinen Auftrag {name}.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>The others are untouched.</source>
   <translation>Die anderen sind unberührt.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>Search the jobs.</source>
   <translation>Die Aufträge durchsuchen.</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>part {row} of the shelf</source>
   <translation>Teil {row} des Lagers</translation>
  </message>
  <message>
   <location filename="store/jobs.py" />
   <source>job {job_name}</source>
   <translation>Auftrag {job_name}</translation>
  </message>
  <message>
   <location filename="store/journal.py" />
   <source>it is not as it was written</source>
   <translation>es ist nicht, wie es geschrieben wurde</translation>
  </message>
  <message>
   <location filename="store/journal.py" />
   <source>Act {number} on this part was never settled.</source>
   <translation>Vorgang {number} an diesem Teil wurde nie geklärt.</translation>
  </message>
  <message>
   <location filename="store/journal.py" />
   <source>Act {number} was settled before.</source>
   <translation>Vorgang {number} wurde schon geklärt.</translation>
  </message>
  <message>
   <location filename="store/journal.py" />
   <source>act {number}</source>
   <translation>Vorgang {number}</translation>
  </message>
  <message>
   <location filename="store/journal.py" />
   <source>Put the part on the socket and settle that act first.</source>
   <translation>Das Teil auf den Sockel setzen und zuerst jenen Vorgang klären.</translation>
  </message>
  <message>
   <location filename="store/journal.py" />
   <source>What the journal says stays.</source>
   <translation>Was im Buch steht, bleibt.</translation>
  </message>
  <message>
   <location filename="store/journal.py" />
   <source>Look at the job again.</source>
   <translation>Den Auftrag noch einmal ansehen.</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>the marks</source>
   <translation>die Marken</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>change</source>
   <translation>Änderung</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>changes</source>
   <translation>Änderungen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>{told} that were kept are not in it{where}</source>
   <translation>{told}, die gesichert waren, sind nicht darin{where}</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>; no copy here holds more: look in the shop's second place and on other disks</source>
   <translation>; keine Kopie hier hat mehr: am zweiten Ort der Werkstatt und auf anderen Datenträgern nachsehen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>backups</source>
   <translation>Sicherungen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>acts</source>
   <translation>Vorgänge</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>jobs</source>
   <translation>Aufträge</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>save of a job</source>
   <translation>Sichern eines Auftrags</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>saves of jobs</source>
   <translation>Sicherungen von Aufträgen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>settlement</source>
   <translation>Klärung</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>settlements</source>
   <translation>Klärungen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>save of a part on the shelf</source>
   <translation>Stand eines Lagerteils</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>saves of parts on the shelf</source>
   <translation>Stände von Lagerteilen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>piece of a recording</source>
   <translation>Stück einer Aufzeichnung</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>pieces of recordings</source>
   <translation>Stücke von Aufzeichnungen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>measurement</source>
   <translation>Messung</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>measurements</source>
   <translation>Messungen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>purge</source>
   <translation>Löschung</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>purges</source>
   <translation>Löschungen</translation>
  </message>
  <message>
   <location filename="store/losses.py" />
   <source>; copy {copy} holds {more} of them</source>
   <translation>; Kopie {copy} enthält davon {more}</translation>
  </message>
  <message>
   <location filename="store/marks.py" />
   <source>line {number} of {file} is damaged</source>
   <translation>Zeile {number} von {file} ist beschädigt</translation>
  </message>
  <message>
   <location filename="store/marks.py" />
   <source>The marks could not be kept in {parent}: {strerror}.</source>
   <translation>Die Marken ließen sich nicht in {parent} sichern: {strerror}.</translation>
  </message>
  <message>
   <location filename="store/merge/backups.py" />
   <source>{name_of} cannot be read in the replaced store</source>
   <translation>{name_of} lässt sich im ersetzten Bestand nicht lesen</translation>
  </message>
  <message>
   <location filename="store/merge/backups.py" />
   <source>{name_of} is now {kept}</source>
   <translation>{name_of} ist jetzt {kept}</translation>
  </message>
  <message>
   <location filename="store/merge/backups.py" />
   <source>{name_of} is damaged in the replaced store</source>
   <translation>{name_of} ist im ersetzten Bestand beschädigt</translation>
  </message>
  <message>
   <location filename="store/merge/jobs.py" />
   <source>{closed}{done} steps done, saved {revision} times</source>
   <translation>{closed}{done} Schritte erledigt, {revision} Mal gesichert</translation>
  </message>
  <message>
   <location filename="store/merge/jobs.py" />
   <source>job J-{number:04d} is damaged in the replaced store</source>
   <translation>Auftrag J-{number:04d} ist im ersetzten Bestand beschädigt</translation>
  </message>
  <message>
   <location filename="store/merge/jobs.py" />
   <source>closed, </source>
   <translation>geschlossen, </translation>
  </message>
  <message>
   <location filename="store/merge/jobs.py" />
   <source>recordings in the replaced store cannot be read</source>
   <translation>Aufzeichnungen im ersetzten Bestand lassen sich nicht lesen</translation>
  </message>
  <message>
   <location filename="store/merge/jobs.py" />
   <source>{there}: the replaced store's is further ({state}, not {state_2})</source>
   <translation>{there}: der im ersetzten Bestand ist weiter ({state}, nicht {state_2})</translation>
  </message>
  <message>
   <location filename="store/merge/jobs.py" />
   <source>a recording of job {job} is damaged in the replaced store from chunk {number} on</source>
   <translation>eine Aufzeichnung des Auftrags {job} ist im ersetzten Bestand ab Stück {number} beschädigt</translation>
  </message>
  <message>
   <location filename="store/merge/jobs.py" />
   <source>{there}: the copy's is further ({state}, not {state_2})</source>
   <translation>{there}: der in der Kopie ist weiter ({state}, nicht {state_2})</translation>
  </message>
  <message>
   <location filename="store/merge/journal.py" />
   <source>act {number} is damaged in the replaced store; it counts on</source>
   <translation>Vorgang {number} ist im ersetzten Bestand beschädigt; er zählt weiter</translation>
  </message>
  <message>
   <location filename="store/merge/journal.py" />
   <source>the settlement {number} in the replaced store is damaged, or its act is</source>
   <translation>die Klärung {number} im ersetzten Bestand ist beschädigt, oder ihr Vorgang ist es</translation>
  </message>
  <message>
   <location filename="store/merge/journal.py" />
   <source>act {act} is settled otherwise in the copy: {row} here</source>
   <translation>Vorgang {act} ist in der Kopie anders geklärt: hier {row}</translation>
  </message>
  <message>
   <location filename="store/merge/shelf.py" />
   <source>part {die} of the shelf (replaced store / copy): {said}; kept: {kept}</source>
   <translation>Lagerteil {die} (ersetzter Bestand / Kopie): {said}; es gilt: {kept}</translation>
  </message>
  <message>
   <location filename="store/merge/shelf.py" />
   <source>part {name} of the shelf is damaged in the replaced store</source>
   <translation>Lagerteil {name} ist im ersetzten Bestand beschädigt</translation>
  </message>
  <message>
   <location filename="store/merge/store.py" />
   <source>purged again: {names}</source>
   <translation>noch einmal gelöscht: {names}</translation>
  </message>
  <message>
   <location filename="store/night_copy.py" />
   <source>The copy does not verify: {name}: {what}.</source>
   <translation>Die Kopie besteht die Prüfung nicht: {name}: {what}.</translation>
  </message>
  <message>
   <location filename="store/night_copy.py" />
   <source>The store and the earlier copies are left as they are.</source>
   <translation>Der Bestand und die früheren Kopien bleiben, wie sie sind.</translation>
  </message>
  <message>
   <location filename="store/night_copy.py" />
   <source>Check the vault: the fault may be in the store itself. Do not let earlier copies go.</source>
   <translation>Den Tresor prüfen: der Fehler kann im Bestand selbst liegen. Frühere Kopien nicht loslassen.</translation>
  </message>
  <message>
   <location filename="store/night_copy.py" />
   <source>verifying the copy</source>
   <translation>die Kopie wird geprüft</translation>
  </message>
  <message>
   <location filename="store/recordings.py" />
   <source>A recording is not as it was kept, or not all of it is there.</source>
   <translation>Eine Aufzeichnung ist nicht, wie sie gesichert wurde, oder nicht alles davon ist da.</translation>
  </message>
  <message>
   <location filename="store/recordings.py" />
   <source>Its rows are left as they are; the job and the other recordings are untouched.</source>
   <translation>Ihre Zeilen bleiben, wie sie sind; der Auftrag und die anderen Aufzeichnungen sind unberührt.</translation>
  </message>
  <message>
   <location filename="store/recordings.py" />
   <source>Restore a copy that holds it: daruma copies list, daruma copies restore.</source>
   <translation>Eine Kopie wiederherstellen, die sie hat: daruma copies list, daruma copies restore.</translation>
  </message>
  <message>
   <location filename="store/restore.py" />
   <source>Copy {copy} does not verify: {name}: {what}.</source>
   <translation>Die Kopie {copy} besteht die Prüfung nicht: {name}: {what}.</translation>
  </message>
  <message>
   <location filename="store/restore.py" />
   <source>The store is left as it is.</source>
   <translation>Der Bestand bleibt, wie er ist.</translation>
  </message>
  <message>
   <location filename="store/restore.py" />
   <source>Choose another copy.</source>
   <translation>Eine andere Kopie wählen.</translation>
  </message>
  <message>
   <location filename="store/restore.py" />
   <source>The store is open in another window or command.</source>
   <translation>Der Bestand ist in einem anderen Fenster oder Befehl offen.</translation>
  </message>
  <message>
   <location filename="store/restore.py" />
   <source>It is left as it is.</source>
   <translation>Er bleibt, wie er ist.</translation>
  </message>
  <message>
   <location filename="store/restore.py" />
   <source>Close every other Daruma on this data folder, then restore again.</source>
   <translation>Jedes andere Daruma auf diesem Datenordner schließen, dann noch einmal wiederherstellen.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>What this shop has set. Daruma writes this file and keeps what is written into it by hand: `daruma settings` tells all keys.</source>
   <translation>Was diese Werkstatt gesetzt hat. Daruma schreibt diese Datei und behält, was von Hand hineingeschrieben wird: `daruma settings` nennt alle Schlüssel.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>{file}: {count} more entries cannot be used.</source>
   <translation>{file}: {count} weitere Einträge sind nicht verwendbar.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>{file}, line {line}</source>
   <translation>{file}, Zeile {line}</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source> It counts as not set: {default!r}.</source>
   <translation> Er zählt als nicht gesetzt: {default!r}.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source> It is not used.</source>
   <translation> Er wird nicht benutzt.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>{where}: {key} cannot be used: {fault}.{usual}</source>
   <translation>{where}: {key} ist nicht brauchbar: {fault}.{usual}</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>{file} cannot be read: {why}. Nothing counts as set.</source>
   <translation>{file} lässt sich nicht lesen: {why}. Nichts zählt als gesetzt.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>the key in line {line} has too many names</source>
   <translation>der Schlüssel in Zeile {line} hat zu viele Namen</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>Correct the first ones, then look again.</source>
   <translation>Die ersten berichtigen, dann noch einmal nachsehen.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>Correct that line.</source>
   <translation>Diese Zeile berichtigen.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>The file is as it was; jobs and backups are untouched.</source>
   <translation>Die Datei ist, wie sie war; Aufträge und Sicherungen sind unberührt.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>Correct the file or take it away.</source>
   <translation>Die Datei berichtigen oder wegnehmen.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>The settings could not be kept: {strerror}.</source>
   <translation>Die Einstellungen ließen sich nicht sichern: {strerror}.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>The settings could not be kept, because {file} cannot be read: {error}.</source>
   <translation>Die Einstellungen ließen sich nicht sichern, weil {file} nicht zu lesen ist: {error}.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>no setting has that name</source>
   <translation>keine Einstellung heißt so</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>They are as they were.</source>
   <translation>Sie sind, wie sie waren.</translation>
  </message>
  <message>
   <location filename="store/settings.py" />
   <source>Correct {path}, or take it away.</source>
   <translation>{path} berichtigen, oder wegnehmen.</translation>
  </message>
  <message>
   <location filename="store/twice.py" />
   <source>There is no second place for backups.</source>
   <translation>Es gibt keinen zweiten Ort für Sicherungen.</translation>
  </message>
  <message>
   <location filename="store/twice.py" />
   <source>The backup did not come back from the second place as it went in.</source>
   <translation>Die Sicherung kam vom zweiten Ort nicht so zurück, wie sie hineinging.</translation>
  </message>
  <message>
   <location filename="store/twice.py" />
   <source>{backup} is in the vault. The module is untouched.</source>
   <translation>{backup} ist im Tresor. Das Modul ist unberührt.</translation>
  </message>
  <message>
   <location filename="store/twice.py" />
   <source>Name one under Shop, Set-up: a folder of another disk or a network share.</source>
   <translation>Unter Werkstatt, Einrichtung einen nennen: einen Ordner eines anderen Datenträgers oder eine Netzwerkfreigabe.</translation>
  </message>
  <message>
   <location filename="store/twice.py" />
   <source>The second place cannot be written: {strerror}.</source>
   <translation>Der zweite Ort lässt sich nicht beschreiben: {strerror}.</translation>
  </message>
  <message>
   <location filename="store/twice.py" />
   <source>Look at the disk or the share, then try again.</source>
   <translation>Den Datenträger oder die Freigabe ansehen, dann noch einmal versuchen.</translation>
  </message>
  <message>
   <location filename="store/upgrade.py" />
   <source>This data folder was made by a newer Daruma, or its mark of the version is damaged.</source>
   <translation>Dieser Datenordner wurde von einem neueren Daruma angelegt, oder seine Versionsmarke ist beschädigt.</translation>
  </message>
  <message>
   <location filename="store/upgrade.py" />
   <source>The data folder is of an older version and read-only.</source>
   <translation>Der Datenordner ist von einer älteren Version und schreibgeschützt.</translation>
  </message>
  <message>
   <location filename="store/upgrade.py" />
   <source>Nothing in it was changed.</source>
   <translation>Darin wurde nichts geändert.</translation>
  </message>
  <message>
   <location filename="store/upgrade.py" />
   <source>Open it with that version, or bring back a copy: daruma copies.</source>
   <translation>Mit jener Version öffnen, oder eine Kopie zurückholen: daruma copies.</translation>
  </message>
  <message>
   <location filename="store/upgrade.py" />
   <source>Copy it to a place that can be written, and open it there.</source>
   <translation>An einen beschreibbaren Ort kopieren und dort öffnen.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>This is backup {there}, whose identifiers were purged on {purged}.</source>
   <translation>Das ist die Sicherung {there}, deren Kennungen am {purged} gelöscht wurden.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>A copy is only looked at.</source>
   <translation>Eine Kopie wird nur angesehen.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Restore a copy that holds it, or read the part again.</source>
   <translation>Eine Kopie wiederherstellen, die sie hat, oder das Teil noch einmal lesen.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Search the vault.</source>
   <translation>Den Tresor durchsuchen.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>The vault has no backup {named}.</source>
   <translation>Der Tresor hat keine Sicherung {named}.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Backup {backup} was damaged when a copy was restored; nothing of it could be carried over.</source>
   <translation>Die Sicherung {backup} war beschädigt, als eine Kopie wiederhergestellt wurde; nichts davon ließ sich übernehmen.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>The identifiers of backup {backup} were purged on {purged}; nothing is left to use.</source>
   <translation>Die Kennungen der Sicherung {backup} wurden am {purged} gelöscht; nichts Brauchbares ist übrig.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Backup {backup} is damaged: its bytes are not those that were kept.</source>
   <translation>Die Sicherung {backup} ist beschädigt: ihre Bytes sind nicht die gesicherten.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Read the part itself again: a fresh reading is kept as a backup of its own.</source>
   <translation>Das Teil selbst noch einmal lesen: eine frische Lesung wird als eigene Sicherung gesichert.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>it and all up to {name_of} are missing</source>
   <translation>sie und alle bis {name_of} fehlen</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>the vault's head</source>
   <translation>der Kopf des Tresors</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>it does not fit the newest backup</source>
   <translation>er passt nicht zur neuesten Sicherung</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>the search</source>
   <translation>die Suche</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>it knows {found} of {kept} backups</source>
   <translation>sie kennt {found} von {kept} Sicherungen</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Keep into the store itself.</source>
   <translation>In den Bestand selbst sichern.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Read the part again if you still have it, or import a copy of the backup.</source>
   <translation>Das Teil noch einmal lesen, wenn es noch da ist, oder eine Kopie der Sicherung importieren.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Read the part again if you still have it.</source>
   <translation>Das Teil noch einmal lesen, wenn es noch da ist.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>The others are untouched; this one will not be written to a part.</source>
   <translation>Die anderen sind unberührt; diese wird auf kein Teil geschrieben.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>Read the part again if you still have it, import a copy of the backup, or restore a copy of the store.</source>
   <translation>Das Teil noch einmal lesen, wenn es noch da ist, eine Kopie der Sicherung importieren, oder eine Kopie des Bestands wiederherstellen.</translation>
  </message>
  <message>
   <location filename="store/vault.py" />
   <source>its end cannot be read: {error}</source>
   <translation>sein Ende lässt sich nicht lesen: {error}</translation>
  </message>
  <message>
   <location filename="store/version.py" />
   <source>The store cannot be read: {error}.</source>
   <translation>Der Bestand lässt sich nicht lesen: {error}.</translation>
  </message>
  <message>
   <location filename="store/version.py" />
   <source>Bring back a copy: daruma copies.</source>
   <translation>Eine Kopie zurückholen: daruma copies.</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>the chain to the one before it is broken</source>
   <translation>die Kette zum Eintrag davor ist gebrochen</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>the settlement {number} of act {row}</source>
   <translation>die Klärung {number} des Vorgangs {row}</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>the settlement {number}</source>
   <translation>die Klärung {number}</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>job {name}</source>
   <translation>Auftrag {name}</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>what it has measured is not as it was written</source>
   <translation>was er gemessen hat, ist nicht, wie es geschrieben wurde</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>a recording of its cable is not as it was written</source>
   <translation>eine Aufzeichnung seines Kabels ist nicht, wie sie geschrieben wurde</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>whether it is in doubt is not as its settlements say</source>
   <translation>ob er ungewiss ist, ist nicht, wie seine Klärungen sagen</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>what its table {table} is made of has changed</source>
   <translation>der Aufbau seiner Tabelle {table} hat sich geändert</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>{number} before it are missing</source>
   <translation>davor fehlen {number}</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>the measurements of the jobs</source>
   <translation>die Messungen der Aufträge</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>they cannot be read: {error}</source>
   <translation>sie lassen sich nicht lesen: {error}</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>the recordings of the jobs</source>
   <translation>die Aufzeichnungen der Aufträge</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>the acts in doubt</source>
   <translation>die ungewissen Vorgänge</translation>
  </message>
  <message>
   <location filename="store/whole.py" />
   <source>row {number} of the shelf</source>
   <translation>Zeile {number} des Lagers</translation>
  </message>
  <message>
   <location filename="system_libraries.py" />
   <source>Qt needs the system library {library}, which is not installed. Install it and what else a window needs with: {command}</source>
   <translation>Qt braucht die Systembibliothek {library}, die nicht installiert ist. Sie und alles Weitere für ein Fenster installiert: {command}</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>New ticket</source>
   <translation>Neuer Auftrag</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Job</source>
   <translation>Auftrag</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Do the main action</source>
   <translation>Die Haupthandlung ausführen</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Go to a job, part, backup or page</source>
   <translation>Zu Auftrag, Teil, Sicherung oder Seite gehen</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Next job on the rail</source>
   <translation>Nächster Auftrag in der Leiste</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Previous job on the rail</source>
   <translation>Voriger Auftrag in der Leiste</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Owner's order on paper</source>
   <translation>Auftragszettel des Eigentümers</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Label for the phone</source>
   <translation>Etikett für das Telefon</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Stop what is going on</source>
   <translation>Anhalten, was gerade läuft</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Esc</source>
   <translation>Esc</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Quit</source>
   <translation>Beenden</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Stage</source>
   <translation>Stufe</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Vault</source>
   <translation>Tresor</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Shop</source>
   <translation>Werkstatt</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Find a job</source>
   <translation>Einen Auftrag finden</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Parts shelf</source>
   <translation>Teilelager</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Copies: make, restore, purge</source>
   <translation>Kopien: anlegen, wiederherstellen, löschen</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Catalogue</source>
   <translation>Katalog</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Set the shop up</source>
   <translation>Die Werkstatt einrichten</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Look for the devices again</source>
   <translation>Noch einmal nach den Geräten sehen</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Paper or ink</source>
   <translation>Papier oder Tinte</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Help</source>
   <translation>Hilfe</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>Words</source>
   <translation>Wörter</translation>
  </message>
  <message>
   <location filename="ui/actions.py" />
   <source>List of keys</source>
   <translation>Liste der Tasten</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>looking at the bench</source>
   <translation>die Werkbank wird angesehen</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>In its diagnostic mode no service is asked: do the step again.</source>
   <translation>In seinem Diagnosemodus wird kein Dienst gefragt: den Schritt noch einmal ausführen.</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>keeping the decision</source>
   <translation>die Entscheidung wird gesichert</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>The programmer has firmware {version}.</source>
   <translation>Das Programmiergerät hat Firmware {version}.</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>settling the act</source>
   <translation>der Vorgang wird geklärt</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>The act is settled: {state}.</source>
   <translation>Der Vorgang ist geklärt: {state}.</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>reading the phone</source>
   <translation>das Telefon wird gelesen</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>The phone was read over the cable.</source>
   <translation>Das Telefon wurde über das Kabel gelesen.</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>owner confirms</source>
   <translation>Eigentümer bestätigt</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>diagnostic mode</source>
   <translation>Diagnosemodus</translation>
  </message>
  <message>
   <location filename="ui/bench_desk.py" />
   <source>noting the failure</source>
   <translation>der Fehlschlag wird notiert</translation>
  </message>
  <message>
   <location filename="ui/close_check.py" />
   <source>The bench is in the middle of this: {name}.</source>
   <translation>Der Arbeitsplatz ist mitten dabei: {name}.</translation>
  </message>
  <message>
   <location filename="ui/close_check.py" />
   <source>Wait until it is finished, then close. Closing again leaves it half-way, to be settled later.</source>
   <translation>Warten, bis es fertig ist, dann schließen. Nochmaliges Schließen lässt es halb getan zurück; es ist dann später zu klären.</translation>
  </message>
  <message>
   <location filename="ui/close_check.py" />
   <source>Mend it, or close again to leave without what was typed last.</source>
   <translation>Es beheben, oder noch einmal schließen, um ohne das zuletzt Getippte zu gehen.</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>; {count_lines} more</source>
   <translation>; {count_lines} weitere</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source> Nothing differs.</source>
   <translation> Nichts weicht ab.</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>looking for copies</source>
   <translation>Kopien werden gesucht</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>copying the store</source>
   <translation>der Bestand wird kopiert</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>comparing the copy with the store</source>
   <translation>die Kopie wird mit dem Bestand verglichen</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>Accepted: what is missing is said no longer; what was counted stays counted.</source>
   <translation>Hingenommen: was fehlt, wird nicht mehr gesagt; was gezählt war, bleibt gezählt.</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>accepting</source>
   <translation>der Verlust wird hingenommen</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>looking what is old</source>
   <translation>es wird gesucht, was alt ist</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>Identifiers purged from {count_jobs} jobs and {count_backups} backups.</source>
   <translation>Kennungen aus {count_jobs} Aufträgen und {count_backups} Sicherungen gelöscht.</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>purging identifiers</source>
   <translation>Kennungen werden gelöscht</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>making the night's copy</source>
   <translation>die Kopie der Nacht wird angelegt</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>A restore of {copy} would carry over</source>
   <translation>Eine Wiederherstellung von {copy} würde übernehmen</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>The night's copy is made and verified: {name}.</source>
   <translation>Die Kopie der Nacht ist angelegt und geprüft: {name}.</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>{made} is made and verified</source>
   <translation>{made} ist angelegt und geprüft</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>The shop is still being opened: one moment.</source>
   <translation>Die Werkstatt wird noch geöffnet: einen Moment.</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>, {count_gone} old copies let go</source>
   <translation>, {count_gone} alte Kopien losgelassen</translation>
  </message>
  <message>
   <location filename="ui/copying.py" />
   <source>every byte and every link of the chain is as it was kept</source>
   <translation>jedes Byte und jedes Glied der Kette ist, wie es gesichert wurde</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>keeping the settings</source>
   <translation>die Einstellungen werden gesichert</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>; {count_faults} more</source>
   <translation>; {count_faults} weitere</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>Not all that was kept is there as it was. {first}{more}.</source>
   <translation>Nicht alles, was gesichert war, ist da, wie es war. {first}{more}.</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>restoring the copy</source>
   <translation>die Kopie wird wiederhergestellt</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>handing over</source>
   <translation>Übergabe läuft</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>What is sound is shown and goes on; what is missing still counts.</source>
   <translation>Was heil ist, wird gezeigt und läuft weiter; was fehlt, zählt trotzdem.</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>Shop, Vault, Check names all of it; Shop, Copies brings back what a copy holds.</source>
   <translation>Werkstatt, Tresor, Prüfen nennt alles davon; Werkstatt, Kopien bringt zurück, was eine Kopie hat.</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>Wait until what is going on is finished, then restore.</source>
   <translation>Warten, bis fertig ist, was gerade läuft, dann wiederherstellen.</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>Something is still going on.</source>
   <translation>Es ist noch etwas im Gang.</translation>
  </message>
  <message>
   <location filename="ui/desk.py" />
   <source>{copy} is restored; carried over</source>
   <translation>{copy} ist wiederhergestellt; übernommen</translation>
  </message>
  <message>
   <location filename="ui/drafts.py" />
   <source>keeping the ticket</source>
   <translation>der Auftrag wird gesichert</translation>
  </message>
  <message>
   <location filename="ui/finding.py" />
   <source>reading the index</source>
   <translation>das Verzeichnis wird gelesen</translation>
  </message>
  <message>
   <location filename="ui/finding.py" />
   <source>page of the shop</source>
   <translation>Seite der Werkstatt</translation>
  </message>
  <message>
   <location filename="ui/finishing.py" />
   <source>Finishing</source>
   <translation>Abschließen</translation>
  </message>
  <message>
   <location filename="ui/head.py" />
   <source>Cable meter</source>
   <translation>Kabelmessgerät</translation>
  </message>
  <message>
   <location filename="ui/head.py" />
   <source>What the charging cable says of the phone: live, recorded, from another meter's log</source>
   <translation>Was das Ladekabel vom Telefon sagt: jetzt, aufgezeichnet, aus dem Protokoll eines anderen Messgeräts</translation>
  </message>
  <message>
   <location filename="ui/head.py" />
   <source>System not known yet</source>
   <translation>System noch nicht bekannt</translation>
  </message>
  <message>
   <location filename="ui/head.py" />
   <source>{proven} of {promised} promises proven</source>
   <translation>{proven} von {promised} Zusagen nachgewiesen</translation>
  </message>
  <message>
   <location filename="ui/head.py" />
   <source>Nothing promised yet</source>
   <translation>Noch nichts zugesagt</translation>
  </message>
  <message>
   <location filename="ui/head.py" />
   <source>Practice, with stand-ins. </source>
   <translation>Übung, mit Simulatoren. </translation>
  </message>
  <message>
   <location filename="ui/head.py" />
   <source>Cable meter: recording {lasts}</source>
   <translation>Kabelmessgerät: Aufzeichnung {lasts}</translation>
  </message>
  <message>
   <location filename="ui/heating.py" />
   <source>watching the heat</source>
   <translation>die Hitze wird überwacht</translation>
  </message>
  <message>
   <location filename="ui/heating.py" />
   <source>keeping the heat</source>
   <translation>die Hitze wird gesichert</translation>
  </message>
  <message>
   <location filename="ui/heating.py" />
   <source>looking at the heat</source>
   <translation>nach der Hitze wird gesehen</translation>
  </message>
  <message>
   <location filename="ui/heating.py" />
   <source>Kept with the step: {words}.</source>
   <translation>Mit dem Schritt gesichert: {words}.</translation>
  </message>
  <message>
   <location filename="ui/heating.py" />
   <source>closing the thermocouple</source>
   <translation>das Thermoelement wird geschlossen</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Write down the phone, what is wrong, and what you promise. Read the phone on the cable to fill in most of it. What you promise decides which parts come on the table.</source>
   <translation>Das Telefon notieren, was fehlt, und was zugesagt wird. Das meiste füllt sich, wenn das Telefon am Kabel gelesen wird. Was zugesagt wird, entscheidet, welche Teile auf den Tisch kommen.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>See every way that is still open, part by part, with its time, cost, risk and chance; why the others are closed; and what would be worth knowing first. Choose a way: it becomes the run sheet.</source>
   <translation>Jeder Weg, der noch offen ist, Teil für Teil, mit Zeit, Kosten, Risiko und Aussicht; warum die anderen geschlossen sind; und was zuerst zu wissen sich lohnt. Einen Weg wählen: er wird zum Laufzettel.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Do the run sheet step by step. What the devices do is done here; what your hands do is ticked. What cannot be taken back is held, and only when every interlock is lit.</source>
   <translation>Den Laufzettel Schritt für Schritt abarbeiten. Was die Geräte tun, geschieht hier; was die Hände tun, wird abgehakt. Was sich nicht zurücknehmen lässt, wird gehalten, und nur, wenn jede Verriegelung leuchtet.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Measure what was promised. A function is proven when its measurement says so with its uncertainty; then its second eye is painted.</source>
   <translation>Messen, was zugesagt wurde. Eine Funktion ist nachgewiesen, wenn ihre Messung es mit ihrer Unsicherheit sagt; dann wird ihr zweites Auge gemalt.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>One page for the customer and one for the file, printed or saved; then the job is closed.</source>
   <translation>Eine Seite für den Kunden und eine für die Akte, gedruckt oder gesichert; dann wird der Auftrag geschlossen.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Backups of what parts carried. Nothing in here is ever changed; each is known by the digest of its bytes.</source>
   <translation>Sicherungen dessen, was Teile trugen. Hier ändert sich nie etwas; jede ist an der Prüfsumme ihrer Bytes zu erkennen.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Every job ever opened here. Search by number, model or part of an IMEI and open one again.</source>
   <translation>Jeder Auftrag, der hier je geöffnet wurde. Nach Nummer, Modell oder Teil einer IMEI suchen und wieder öffnen.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Spare parts with where they came from and what they have been through. Scan a serial into the form to add one; scan a label anywhere to find it again.</source>
   <translation>Ersatzteile, woher sie kamen und was sie hinter sich haben. Eine Seriennummer ins Formular scannen, um eines aufzunehmen; irgendwo ein Etikett scannen, um es wiederzufinden.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Copies of the whole store, made each night. Verify one, restore one, and purge what is kept too long.</source>
   <translation>Kopien des ganzen Bestands, jede Nacht angelegt. Eine prüfen, eine wiederherstellen, und löschen, was zu lange da ist.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>The models that the planner knows. Copy one into the shop's own folder to change it.</source>
   <translation>Die Modelle, die die Planung kennt. Eines in den eigenen Ordner der Werkstatt kopieren, um es zu ändern.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Who you are, where backups go, which devices and tools you have, and what things are worth to you.</source>
   <translation>Wer Sie sind, wohin Sicherungen gehen, welche Geräte und Werkzeuge da sind, und was die Dinge wert sind.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Words that the program uses in a sense of its own.</source>
   <translation>Wörter, die das Programm in einem eigenen Sinn benutzt.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Every key, and what it does.</source>
   <translation>Jede Taste, und was sie tut.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Act</source>
   <translation>Vorgang</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Something done to a part, a phone or the programmer that cannot be undone. Each is written down before it is sent.</source>
   <translation>Etwas an einem Teil, einem Telefon oder dem Programmiergerät, das sich nicht zurücknehmen lässt. Jeder wird notiert, bevor er gesendet wird.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Backup</source>
   <translation>Sicherung</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>What a part carried when it was read: bytes, fields, part, phone, time and programmer, under a digest.</source>
   <translation>Was ein Teil trug, als es gelesen wurde: Bytes, Felder, Teil, Telefon, Zeit und Programmiergerät, unter einer Prüfsumme.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>The phone's main board. It remembers which parts it expects; only the board itself can say what those are.</source>
   <translation>Die Hauptplatine des Telefons. Sie merkt sich, welche Teile sie erwartet; nur sie selbst kann sagen, welche das sind.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Closed way</source>
   <translation>Geschlossener Weg</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>A way that cannot be gone, with the one reason that closes it and what would open it.</source>
   <translation>Ein Weg, der nicht zu gehen ist, mit dem einen Grund, der ihn schließt, und dem, was ihn öffnen würde.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Die</source>
   <translation>Chipnummer</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>The number that a part's own chip says of itself. A part is known by it, before, during and after.</source>
   <translation>Die Nummer, die der Chip eines Teils von sich sagt. An ihr ist ein Teil zu erkennen, davor, dabei und danach.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Doubt</source>
   <translation>Ungewissheit</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>An act of which nobody knows yet whether it happened. It is settled by looking at the part.</source>
   <translation>Ein Vorgang, von dem noch niemand weiß, ob er geschehen ist. Geklärt wird er durch einen Blick auf das Teil.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Eye</source>
   <translation>Auge</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>The left one is painted when a function is promised, the right one when it is proven.</source>
   <translation>Das linke wird gemalt, wenn eine Funktion zugesagt ist, das rechte, wenn sie nachgewiesen ist.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>What the phone does itself, with the maker's service, to take a part as its own.</source>
   <translation>Was das Telefon selbst tut, mit dem Dienst des Herstellers, um ein Teil als sein eigenes anzunehmen.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Identity</source>
   <translation>Kennung</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>A serial or code by which a board knows a part.</source>
   <translation>Eine Seriennummer oder ein Code, an dem eine Platine ein Teil erkennt.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Interlock</source>
   <translation>Verriegelung</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>A condition that must hold, with evidence, before an act can be held.</source>
   <translation>Eine Bedingung, die mit Beleg gelten muss, bevor ein Vorgang gehalten werden kann.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Knot</source>
   <translation>Knoten</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>A step that cannot be untied: after it there is no way back.</source>
   <translation>Ein Schritt, der sich nicht lösen lässt: danach gibt es keinen Weg zurück.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Maker's record</source>
   <translation>Datensatz des Herstellers</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>The bytes in a part's memory: identities, calibration, checks; laid out as the model says.</source>
   <translation>Die Bytes im Speicher eines Teils: Kennungen, Kalibrierung, Prüfsummen; angeordnet, wie das Modell sagt.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Practice</source>
   <translation>Übung</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Work in which a stand-in took part. Its proofs say nothing of a real phone and are printed so.</source>
   <translation>Arbeit, an der ein Simulator beteiligt war. Ihre Nachweise sagen nichts über ein echtes Telefon und werden so gedruckt.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Promise</source>
   <translation>Zusage</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>A function that the shop says will work when the phone is handed over.</source>
   <translation>Eine Funktion, von der die Werkstatt sagt, dass sie bei der Übergabe geht.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>A measurement with its uncertainty that shows a promise is kept, taken on the parts as they are now.</source>
   <translation>Eine Messung mit ihrer Unsicherheit, die zeigt, dass eine Zusage gehalten ist, an den Teilen, wie sie jetzt sind.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Run sheet</source>
   <translation>Laufzettel</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>The steps of the way that was chosen, in their order.</source>
   <translation>Die Schritte des gewählten Weges, in ihrer Reihenfolge.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>A folder on another disk that remembers how far the store has come and keeps what must not be lost.</source>
   <translation>Ein Ordner auf einem anderen Datenträger, der sich merkt, wie weit der Bestand ist, und bewahrt, was nicht verloren gehen darf.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Stand-in</source>
   <translation>Simulator</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>A simulated device or phone behind a real wire.</source>
   <translation>Ein simuliertes Gerät oder Telefon hinter einer echten Leitung.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Thread</source>
   <translation>Faden</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>The tie between an identity that the board expects and the part that carries it: whole, broken or not known.</source>
   <translation>Das Band zwischen einer Kennung, die die Platine erwartet, und dem Teil, das sie trägt: ganz, gerissen oder nicht bekannt.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Way</source>
   <translation>Weg</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>An ordered list of steps from how things are to what was promised.</source>
   <translation>Eine geordnete Liste von Schritten von dem, wie es ist, zu dem, was zugesagt wurde.</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>Write budget</source>
   <translation>Schreibvorrat</translation>
  </message>
  <message>
   <location filename="ui/help.py" />
   <source>How often a part may still be written before its memory takes no more, and how sure that is.</source>
   <translation>Wie oft ein Teil noch geschrieben werden kann, bevor sein Speicher nichts mehr annimmt, und wie sicher das ist.</translation>
  </message>
  <message>
   <location filename="ui/jobs_desk.py" />
   <source>looking for the job</source>
   <translation>der Auftrag wird gesucht</translation>
  </message>
  <message>
   <location filename="ui/jobs_desk.py" />
   <source>new ticket</source>
   <translation>neuer Auftrag</translation>
  </message>
  <message>
   <location filename="ui/jobs_desk.py" />
   <source>The store could not be opened.</source>
   <translation>Der Bestand ließ sich nicht öffnen.</translation>
  </message>
  <message>
   <location filename="ui/jobs_desk.py" />
   <source>What was kept before is safe; what was typed since is not kept.</source>
   <translation>Was vorher gesichert war, ist unversehrt; was seither getippt wurde, ist nicht gesichert.</translation>
  </message>
  <message>
   <location filename="ui/jobs_desk.py" />
   <source>Mend what keeps it closed, then start again.</source>
   <translation>Beheben, was ihn geschlossen hält, dann neu starten.</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>The station's clock runs {speed:.0f} times faster than life.</source>
   <translation>Die Uhr der Station läuft {speed:.0f} Mal schneller als das Leben.</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>Demo: {said}</source>
   <translation>Demo: {said}</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>Cell</source>
   <translation>Zelle</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>{leaks:.2f} ± {leaks_2:.2f} mA</source>
   <translation>{leaks:.2f} ± {leaks_2:.2f} mA</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>no rest of an hour</source>
   <translation>keine Ruhe von einer Stunde</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>The catalogue does not say how this model's data flex is folded.</source>
   <translation>Der Katalog sagt nicht, wie das Datenflex dieses Modells gefaltet wird.</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>The new cell was not measured.</source>
   <translation>Die neue Zelle wurde nicht gemessen.</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>loses by itself</source>
   <translation>verliert von selbst</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>warmer than the room</source>
   <translation>wärmer als der Raum</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>{warmer:.1f} K at most</source>
   <translation>höchstens {warmer:.1f} K</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>Health, percent</source>
   <translation>Zustand, Prozent</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>Cycles</source>
   <translation>Zyklen</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>Use these figures</source>
   <translation>Diese Werte verwenden</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>To be written: {percent} %, {cycles} cycles. </source>
   <translation>Zu schreiben: {percent} %, {cycles} Zyklen. </translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>keeping the figures</source>
   <translation>die Werte werden gesichert</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>original gauge</source>
   <translation>originaler Ladezähler</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>written</source>
   <translation>geschrieben</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>measured alone</source>
   <translation>allein gemessen</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>resistance, 10 s</source>
   <translation>Widerstand, 10 s</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>Health %</source>
   <translation>Zustand %</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>Cell test</source>
   <translation>Zellentest</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>Fold guide</source>
   <translation>Faltanleitung</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>temperature (degC)</source>
   <translation>Temperatur (°C)</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>of its rated</source>
   <translation>der Nennkapazität</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>found by</source>
   <translation>gefunden durch</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>resting on</source>
   <translation>beruht auf</translation>
  </message>
  <message>
   <location filename="ui/kinds/battery.py" />
   <source>{swing:.0f} % of the charge</source>
   <translation>{swing:.0f} % der Ladung</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>This model takes no extension flex.</source>
   <translation>Dieses Modell nimmt kein Verlängerungsflex.</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>Dots</source>
   <translation>Punkte</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>Depth</source>
   <translation>Tiefe</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>Not measured yet: hold a flat matt card before the phone's top.</source>
   <translation>Noch nicht gemessen: eine ebene matte Karte vor die Oberseite des Telefons halten.</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>Lines</source>
   <translation>Leitungen</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>Supply</source>
   <translation>Netzteil</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>card {i}</source>
   <translation>Karte {i}</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>{d:.1f} ± {spread:.1f} mm, {tilt:.1f}°</source>
   <translation>{d:.1f} ± {spread:.1f} mm, {tilt:.1f}°</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>by triangulation</source>
   <translation>durch Triangulation</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>{triangulated:.1f} mm</source>
   <translation>{triangulated:.1f} mm</translation>
  </message>
  <message>
   <location filename="ui/kinds/face_module.py" />
   <source>widest gap</source>
   <translation>weiteste Lücke</translation>
  </message>
  <message>
   <location filename="ui/kinds/front_camera.py" />
   <source>Sharpness</source>
   <translation>Schärfe</translation>
  </message>
  <message>
   <location filename="ui/kinds/front_camera.py" />
   <source>Focus</source>
   <translation>Fokus</translation>
  </message>
  <message>
   <location filename="ui/kinds/front_camera.py" />
   <source>Not measured yet: stand the slanted-edge chart before the phone, evenly lit.</source>
   <translation>Noch nicht gemessen: die Tafel mit den geneigten Kanten gleichmäßig beleuchtet vor das Telefon stellen.</translation>
  </message>
  <message>
   <location filename="ui/kinds/front_camera.py" />
   <source>Nothing was measured of this camera yet.</source>
   <translation>An dieser Kamera wurde noch nichts gemessen.</translation>
  </message>
  <message>
   <location filename="ui/kinds/front_camera.py" />
   <source>frames are coming in</source>
   <translation>Bilder kommen herein</translation>
  </message>
  <message>
   <location filename="ui/kinds/motor.py" />
   <source>Motor</source>
   <translation>Motor</translation>
  </message>
  <message>
   <location filename="ui/kinds/motor.py" />
   <source>{f0:.1f} Hz, {level:.2f} g, brake {brake:.0f} ms</source>
   <translation>{f0:.1f} Hz, {level:.2f} g, Bremse {brake:.0f} ms</translation>
  </message>
  <message>
   <location filename="ui/kinds/motor.py" />
   <source>Not measured yet: lay the phone flat on the mat and leave it alone.</source>
   <translation>Noch nicht gemessen: das Telefon flach auf die Matte legen und in Ruhe lassen.</translation>
  </message>
  <message>
   <location filename="ui/kinds/motor.py" />
   <source>calibrated</source>
   <translation>kalibriert</translation>
  </message>
  <message>
   <location filename="ui/kinds/rear_camera.py" />
   <source>Alignment</source>
   <translation>Ausrichtung</translation>
  </message>
  <message>
   <location filename="ui/kinds/rear_camera.py" />
   <source>Lens</source>
   <translation>Linse</translation>
  </message>
  <message>
   <location filename="ui/kinds/rear_camera.py" />
   <source>Sweep ring</source>
   <translation>Durchlaufring</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>looking for recordings that were cut off</source>
   <translation>abgebrochene Aufzeichnungen werden gesucht</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>ending the recording</source>
   <translation>die Aufzeichnung wird beendet</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>reading a recording</source>
   <translation>eine Aufzeichnung wird gelesen</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>reading a log</source>
   <translation>ein Protokoll wird gelesen</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>The phone was unplugged and plugged in again.</source>
   <translation>Das Telefon wurde ab- und wieder angesteckt.</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>looking at the meter</source>
   <translation>nach dem Messgerät wird gesehen</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>beginning to record</source>
   <translation>die Aufzeichnung beginnt</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>Recorded for {job}: {boot}, {why}.</source>
   <translation>Für {job} aufgezeichnet: {boot}, {why}.</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>keeping the log</source>
   <translation>das Protokoll wird gesichert</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>plugging the phone in again</source>
   <translation>das Telefon wird wieder angesteckt</translation>
  </message>
  <message>
   <location filename="ui/metering.py" />
   <source>closing the meter</source>
   <translation>das Messgerät wird geschlossen</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>reading the model</source>
   <translation>das Modell wird gelesen</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>checking the model</source>
   <translation>das Modell wird geprüft</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>keeping the model</source>
   <translation>das Modell wird gesichert</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>{key} is the shop's own now</source>
   <translation>{key} ist jetzt das eigene der Werkstatt</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>taking the model back</source>
   <translation>das Modell wird zurückgenommen</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>{key} is as it ships again</source>
   <translation>{key} ist wieder wie mitgeliefert</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>{count_names} models, version {version}, are in {path}</source>
   <translation>{count_names} Modelle, Fassung {version}, sind in {path}</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>sharing the models</source>
   <translation>die Modelle werden geteilt</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>reading shared models</source>
   <translation>geteilte Modelle werden gelesen</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>taking shared models</source>
   <translation>geteilte Modelle werden übernommen</translation>
  </message>
  <message>
   <location filename="ui/modelling.py" />
   <source>taken: {shared}</source>
   <translation>übernommen: {shared}</translation>
  </message>
  <message>
   <location filename="ui/papers.py" />
   <source>making the order</source>
   <translation>der Auftragszettel wird gemacht</translation>
  </message>
  <message>
   <location filename="ui/papers.py" />
   <source>The order is in {path}</source>
   <translation>Der Auftragszettel ist in {path}</translation>
  </message>
  <message>
   <location filename="ui/papers.py" />
   <source>A mail is begun in the desktop's own program.</source>
   <translation>Im Programm des Desktops ist eine Mail begonnen.</translation>
  </message>
  <message>
   <location filename="ui/papers.py" />
   <source>This desktop has no way to begin a mail.</source>
   <translation>Dieser Desktop hat keine Möglichkeit, eine Mail zu beginnen.</translation>
  </message>
  <message>
   <location filename="ui/papers.py" />
   <source>The page is saved: {path}</source>
   <translation>Die Seite ist gesichert: {path}</translation>
  </message>
  <message>
   <location filename="ui/papers.py" />
   <source>Install xdg-utils ({mailer}), or attach the file by hand.</source>
   <translation>xdg-utils ({mailer}) installieren, oder die Datei von Hand anhängen.</translation>
  </message>
  <message>
   <location filename="ui/plan_desk.py" />
   <source>making the run sheet</source>
   <translation>der Laufzettel wird gemacht</translation>
  </message>
  <message>
   <location filename="ui/porting.py" />
   <source>asking {url}</source>
   <translation>{url} wird gefragt</translation>
  </message>
  <message>
   <location filename="ui/porting.py" />
   <source>testing the {kind}</source>
   <translation>Test: {kind}</translation>
  </message>
  <message>
   <location filename="ui/porting.py" />
   <source>looking for ports</source>
   <translation>Anschlüsse werden gesucht</translation>
  </message>
  <message>
   <location filename="ui/printing.py" />
   <source>Nothing else was changed.</source>
   <translation>Sonst wurde nichts geändert.</translation>
  </message>
  <message>
   <location filename="ui/printing.py" />
   <source>{path} could not be written.</source>
   <translation>{path} ließ sich nicht schreiben.</translation>
  </message>
  <message>
   <location filename="ui/printing.py" />
   <source>Check free space and rights of the folder.</source>
   <translation>Freien Platz und Rechte des Ordners prüfen.</translation>
  </message>
  <message>
   <location filename="ui/proving.py" />
   <source>measuring</source>
   <translation>es wird gemessen</translation>
  </message>
  <message>
   <location filename="ui/proving.py" />
   <source>importing measurements</source>
   <translation>Messungen werden importiert</translation>
  </message>
  <message>
   <location filename="ui/proving.py" />
   <source>measuring the panel</source>
   <translation>das Panel wird gemessen</translation>
  </message>
  <message>
   <location filename="ui/proving.py" />
   <source>keeping the tuned record</source>
   <translation>der abgestimmte Datensatz wird gesichert</translation>
  </message>
  <message>
   <location filename="ui/proving.py" />
   <source>proving</source>
   <translation>es wird nachgewiesen</translation>
  </message>
  <message>
   <location filename="ui/room.py" />
   <source>Opening the shop</source>
   <translation>Die Werkstatt wird geöffnet</translation>
  </message>
  <message>
   <location filename="ui/room.py" />
   <source>No tickets yet. Open the first one with New ticket (Ctrl+N).</source>
   <translation>Noch keine Aufträge. Den ersten mit Neuer Auftrag öffnen (Strg+N).</translation>
  </message>
  <message>
   <location filename="ui/room.py" />
   <source>The shop is not open.</source>
   <translation>Die Werkstatt ist nicht geöffnet.</translation>
  </message>
  <message>
   <location filename="ui/room.py" />
   <source>{stage}: not yet, {why}.</source>
   <translation>{stage}: noch nicht, {why}.</translation>
  </message>
  <message>
   <location filename="ui/running.py" />
   <source>opening the shop</source>
   <translation>die Werkstatt wird geöffnet</translation>
  </message>
  <message>
   <location filename="ui/running.py" />
   <source>looking after the station</source>
   <translation>nach der Station wird gesehen</translation>
  </message>
  <message>
   <location filename="ui/running.py" />
   <source>looking at the shelf</source>
   <translation>nach dem Lager wird gesehen</translation>
  </message>
  <message>
   <location filename="ui/running.py" />
   <source>reading the jobs again</source>
   <translation>die Aufträge werden neu gelesen</translation>
  </message>
  <message>
   <location filename="ui/shell.py" />
   <source>Daruma, {shop_name}</source>
   <translation>Daruma, {shop_name}</translation>
  </message>
  <message>
   <location filename="ui/shelving.py" />
   <source>keeping the shelf</source>
   <translation>das Lager wird gesichert</translation>
  </message>
  <message>
   <location filename="ui/shelving.py" />
   <source>reading {path}</source>
   <translation>{path} wird gelesen</translation>
  </message>
  <message>
   <location filename="ui/shelving.py" />
   <source>{count_parts} parts are written to {path}</source>
   <translation>{count_parts} Teile sind nach {path} geschrieben</translation>
  </message>
  <message>
   <location filename="ui/shelving.py" />
   <source>writing {path}</source>
   <translation>{path} wird geschrieben</translation>
  </message>
  <message>
   <location filename="ui/shelving.py" />
   <source>{count_labels} labels of {size} mm are in {path}</source>
   <translation>{count_labels} Etiketten mit {size} mm sind in {path}</translation>
  </message>
  <message>
   <location filename="ui/shelving.py" />
   <source>printing labels</source>
   <translation>Etiketten werden gedruckt</translation>
  </message>
  <message>
   <location filename="ui/shelving.py" />
   <source>withdrawn</source>
   <translation>zurückgezogen</translation>
  </message>
  <message>
   <location filename="ui/side.py" />
   <source>{minutes} min</source>
   <translation>{minutes} min</translation>
  </message>
  <message>
   <location filename="ui/side.py" />
   <source>The shop: vault, shelf, copies, set-up</source>
   <translation>Die Werkstatt: Tresor, Lager, Kopien, Einrichtung</translation>
  </message>
  <message>
   <location filename="ui/side.py" />
   <source>New</source>
   <translation>Neu</translation>
  </message>
  <message>
   <location filename="ui/side.py" />
   <source>Shop: vault, shelf, copies</source>
   <translation>Werkstatt: Tresor, Lager</translation>
  </message>
  <message>
   <location filename="ui/side.py" />
   <source>no model yet</source>
   <translation>noch kein Modell</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>put back</source>
   <translation>zurücksetzen</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>plan</source>
   <translation>planen</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>no device is set up</source>
   <translation>kein Gerät ist eingerichtet</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Safe now: {safe}  Links: {said}.</source>
   <translation>Jetzt sicher: {safe}  Verbindungen: {said}.</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>It failed</source>
   <translation>Es schlug fehl</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Go on to Proof: each promise is tested before the phone is closed.</source>
   <translation>Weiter zur Seite Nachweis: jede Zusage wird getestet, bevor das Telefon geschlossen wird.</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>write record</source>
   <translation>Datensatz schreiben</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Looking at the bench.</source>
   <translation>Die Werkbank wird angesehen.</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>no longer so</source>
   <translation>nicht mehr so</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>The bench work is done</source>
   <translation>Die Arbeit an der Werkbank ist getan</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Caution: </source>
   <translation>Vorsicht: </translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Tick this when it failed for good: {on_failure}.</source>
   <translation>Abhaken, wenn es endgültig fehlschlug: {on_failure}.</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Put back: {title}</source>
   <translation>Zurücksetzen: {title}</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source> Demo: the stand-in hands do it.</source>
   <translation> Demo: der simulierte Techniker tut es.</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>No longer so: {seen}.{hands}</source>
   <translation>Nicht mehr so: {seen}.{hands}</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>The bench could not be looked at: {trouble} {advice}</source>
   <translation>Die Werkbank ließ sich nicht ansehen: {trouble} {advice}</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Plan again from here</source>
   <translation>Von hier aus neu planen</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Go on to Proof</source>
   <translation>Weiter zum Nachweis</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Done</source>
   <translation>Erledigt</translation>
  </message>
  <message>
   <location filename="ui/views/bench.py" />
   <source>Demo: the stand-in hands do it with your tick.</source>
   <translation>Demo: der simulierte Techniker tut es beim Abhaken.</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Facts</source>
   <translation>Fakten</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Memory</source>
   <translation>Speicher</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Changes</source>
   <translation>Änderungen</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Models</source>
   <translation>Modelle</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Memory of which part</source>
   <translation>Speicher welches Teils</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Facts of the model</source>
   <translation>Fakten des Modells</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>How it differs from the model that ships</source>
   <translation>Wie es vom mitgelieferten Modell abweicht</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>The model's file</source>
   <translation>Die Datei des Modells</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Keep as the shop's own</source>
   <translation>Als eigenes der Werkstatt behalten</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Take back: as it ships</source>
   <translation>Zurücknehmen: wie mitgeliefert</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Take these</source>
   <translation>Diese übernehmen</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Take nothing</source>
   <translation>Nichts übernehmen</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>What was typed is not kept yet.</source>
   <translation>Was getippt wurde, ist noch nicht gesichert.</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>The file has {shared}. Nothing is taken yet.</source>
   <translation>Die Datei hat {shared}. Noch wurde nichts übernommen.</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Share all</source>
   <translation>Alle teilen</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Take shared</source>
   <translation>Übernehmen</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>the shop's own, in place of the one that ships</source>
   <translation>das eigene der Werkstatt, an Stelle des mitgelieferten</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>as it ships with the program</source>
   <translation>wie mit dem Programm geliefert</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>It is as it ships: nothing is changed.</source>
   <translation>Es ist wie mitgeliefert: nichts ist geändert.</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Line {line}: {fault}</source>
   <translation>Zeile {line}: {fault}</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Share the models</source>
   <translation>Modelle weitergeben</translation>
  </message>
  <message>
   <location filename="ui/views/catalogue_page.py" />
   <source>Take shared models</source>
   <translation>Weitergegebene Modelle übernehmen</translation>
  </message>
  <message>
   <location filename="ui/views/closing_sheet.py" />
   <source>Closing up</source>
   <translation>Schließen</translation>
  </message>
  <message>
   <location filename="ui/views/closing_sheet.py" />
   <source>{title}  ({done} of {of} done)</source>
   <translation>{title}  ({done} von {of} erledigt)</translation>
  </message>
  <message>
   <location filename="ui/views/closing_sheet.py" />
   <source>closing up</source>
   <translation>das Telefon wird geschlossen</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>The store is copied every night after 3:00 while Daruma is open, or at the next start. Every copy is verified. Daruma saves the newest copy of each of the last 14 days, then at least one a week for 8 weeks, and always the last one that holds more than the store. A restore puts a copy in the store's place and merges in everything saved since: counts never go down, and of two versions of a job the one that got further stays.</source>
   <translation>Der Bestand wird jede Nacht nach 3:00 kopiert, wenn Daruma offen ist, sonst beim nächsten Start. Jede Kopie wird geprüft. Daruma behält von jedem der letzten 14 Tage die neueste Kopie, dann 8 Wochen lang mindestens eine je Woche und immer die letzte, die mehr enthält als der Bestand. Beim Wiederherstellen tritt eine Kopie an die Stelle des Bestands, und alles seither Gespeicherte kommt hinzu: Zähler sinken nie, und von zwei Fassungen eines Auftrags bleibt die weitere.</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Purging takes IMEI, serials, texts and record bytes of old closed jobs for good. Proofs, outcomes, odds and the writes that each panel has had stay.</source>
   <translation>Löschen nimmt IMEI, Seriennummern, Texte und Datensatzbytes alter geschlossener Aufträge für immer weg. Nachweise, Ergebnisse, Aussichten und die Schreibvorgänge jedes Panels bleiben.</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Newest copy: {newest}. Days in a row with a copy: {days}. Oldest copy: {oldest}. Longest gap between two copies: {gap}.</source>
   <translation>Neueste Kopie: {newest}. Tage in Folge mit einer Kopie: {days}. Älteste Kopie: {oldest}. Längste Lücke zwischen zwei Kopien: {gap}.</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>from today</source>
   <translation>von heute</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>from yesterday</source>
   <translation>von gestern</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>{days} days old</source>
   <translation>{days} Tage alt</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>1 day</source>
   <translation>1 Tag</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>{days} days</source>
   <translation>{days} Tage</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Table of copies</source>
   <translation>Tabelle der Kopien</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Accept what is missing</source>
   <translation>Hinnehmen, was fehlt</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>restore this copy</source>
   <translation>diese Kopie wiederherstellen</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Days since closing</source>
   <translation>Tage seit dem Schließen</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source> days ago</source>
   <translation> Tagen</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>purge identifiers</source>
   <translation>Kennungen löschen</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>{count_jobs} jobs, {count_backups} backups</source>
   <translation>{count_jobs} Aufträge, {count_backups} Sicherungen</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>One copy so far.</source>
   <translation>Bisher eine Kopie.</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>No copy has been made yet.</source>
   <translation>Es gibt noch keine Kopie.</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Copy</source>
   <translation>Kopie</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Made</source>
   <translation>Angelegt</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Identifiers of closed jobs</source>
   <translation>Kennungen geschlossener Aufträge</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Copy now</source>
   <translation>Jetzt kopieren</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Verify this copy</source>
   <translation>Diese Kopie prüfen</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>What would differ</source>
   <translation>Was abweichen würde</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>Closed more than</source>
   <translation>Geschlossen vor mehr als</translation>
  </message>
  <message>
   <location filename="ui/views/copies_page.py" />
   <source>{size:.1f} MB</source>
   <translation>{size:.1f} MB</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>Table of ports</source>
   <translation>Tabelle der Anschlüsse</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>Ports of this machine</source>
   <translation>Anschlüsse dieses Rechners</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>Ask every port</source>
   <translation>Jeden Anschluss fragen</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>Nothing but a greeting is sent</source>
   <translation>Gesendet wird nur ein Gruß</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>/dev/..., socket://host:port or another pyserial address</source>
   <translation>/dev/..., socket://host:port oder eine andere pyserial-Adresse</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>Address of the device</source>
   <translation>Adresse des Geräts</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>This is a {kind}, not a {device}. {said}</source>
   <translation>Das ist: {kind}, nicht {device}. {said}</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>Port</source>
   <translation>Anschluss</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>The system says</source>
   <translation>Das System sagt</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>What answers</source>
   <translation>Was antwortet</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>{words}: where it is</source>
   <translation>{words}: wo es ist</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>Test</source>
   <translation>Testen</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>Test the {words}</source>
   <translation>Testen: {words}</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>a stand-in (simulated)</source>
   <translation>ein Simulator</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>asking ...</source>
   <translation>wird gefragt ...</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>none is set up</source>
   <translation>keines ist eingerichtet</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>{barred} This gives the right:
{remedy}</source>
   <translation>{barred} Das gibt das Recht:
{remedy}</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>{wire} (not there)</source>
   <translation>{wire} (nicht da)</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>type an address</source>
   <translation>eine Adresse eintippen</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>No serial port is there. Plug a device in: it is listed at once.</source>
   <translation>Kein serieller Anschluss ist da. Ein Gerät anstecken: es steht sofort in der Liste.</translation>
  </message>
  <message>
   <location filename="ui/views/devices_sheet.py" />
   <source>not asked yet</source>
   <translation>noch nicht gefragt</translation>
  </message>
  <message>
   <location filename="ui/views/evidence.py" />
   <source>Panel sheet</source>
   <translation>Panelblatt</translation>
  </message>
  <message>
   <location filename="ui/views/evidence.py" />
   <source>Light sensor</source>
   <translation>Lichtsensor</translation>
  </message>
  <message>
   <location filename="ui/views/evidence.py" />
   <source>Luminance</source>
   <translation>Leuchtdichte</translation>
  </message>
  <message>
   <location filename="ui/views/evidence.py" />
   <source>{xyz:.2f} cd/m²</source>
   <translation>{xyz:.2f} cd/m²</translation>
  </message>
  <message>
   <location filename="ui/views/evidence.py" />
   <source>The panel is not measured yet: its own fields tell which record would make it right.</source>
   <translation>Das Panel ist noch nicht gemessen: seine eigenen Felder sagen, welcher Datensatz es richtigstellen würde.</translation>
  </message>
  <message>
   <location filename="ui/views/evidence.py" />
   <source>Measured under {measured} light; {missing} light is still needed.</source>
   <translation>Gemessen unter Licht „{measured}“; Licht „{missing}“ fehlt noch.</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>read the phone</source>
   <translation>das Telefon lesen</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>the owner confirms trust</source>
   <translation>der Eigentümer bestätigt das Vertrauen</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>plan the way</source>
   <translation>den Weg planen</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>Read the phone again</source>
   <translation>Das Telefon noch einmal lesen</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>The phone asks its owner: unlock it and confirm trust on it.</source>
   <translation>Das Telefon fragt seinen Eigentümer: es entsperren und das Vertrauen darauf bestätigen.</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>Functions: what is promised, and how each was before</source>
   <translation>Funktionen: was zugesagt ist, und wie jede vorher war</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>the display's own among them.</source>
   <translation>die des Displays darunter.</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>not the display's own: those come from another source.</source>
   <translation>nicht die des Displays: die kommen aus einer anderen Quelle.</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>Read over the cable: {count_phone} identities of the board, {said}</source>
   <translation>Über das Kabel gelesen: {count_phone} Kennungen der Platine, {said}</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>Read the phone on the cable</source>
   <translation>Das Telefon am Kabel lesen</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>Plan the way</source>
   <translation>Den Weg planen</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>The phone on the cable can fill in model, IMEI, system version and what works now.</source>
   <translation>Das Telefon am Kabel kann Modell, IMEI, Systemversion und was jetzt geht eintragen.</translation>
  </message>
  <message>
   <location filename="ui/views/functions_sheet.py" />
   <source>Owner confirms trust (stand-in)</source>
   <translation>Eigentümer bestätigt das Vertrauen (Simulator)</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>The page as it will be printed</source>
   <translation>Die Seite, wie sie gedruckt wird</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>What was taken out comes onto the shelf, with what is known of it</source>
   <translation>Was ausgebaut wurde, kommt ins Lager, mit allem, was darüber bekannt ist</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Save both pages</source>
   <translation>Beide Seiten sichern</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>{proven} of {count_promised} promises carry their proof.</source>
   <translation>{proven} von {count_promised} Zusagen tragen ihren Nachweis.</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Old {names} onto the shelf</source>
   <translation>Altteil ins Lager: {names}</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Saved in {folder}</source>
   <translation>In {folder} gesichert</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>For the customer</source>
   <translation>Für den Kunden</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>For the file</source>
   <translation>Für die Akte</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Page on view</source>
   <translation>Gezeigte Seite</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Print</source>
   <translation>Drucken</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>E-mail</source>
   <translation>E-Mail</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>{act} the page on view</source>
   <translation>{act}: die gezeigte Seite</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Handed over</source>
   <translation>Übergeben</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Save pages and hand over</source>
   <translation>Seiten sichern und übergeben</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Hand over without every proof</source>
   <translation>Ohne jeden Nachweis übergeben</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>saving the pages</source>
   <translation>die Seiten werden gesichert</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>The second eye is painted</source>
   <translation>Das zweite Auge ist gemalt</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>The second eye waits</source>
   <translation>Das zweite Auge wartet</translation>
  </message>
  <message>
   <location filename="ui/views/handover.py" />
   <source>Closing up: {} of {}</source>
   <translation>Schließen: {} von {}</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>Heat: {parts}. With a thermocouple beside the joint it can be watched.</source>
   <translation>Hitze: {parts}. Mit einem Thermoelement neben der Lötstelle lässt sie sich überwachen.</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>Now {celsius:.0f} °C. </source>
   <translation>Jetzt {celsius:.0f} °C. </translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>{ahead}. Draw the air back now.</source>
   <translation>{ahead}. Die Luft jetzt zurückziehen.</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>No limit lies ahead.</source>
   <translation>Keine Grenze liegt voraus.</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source> Demo: the clock runs {speed:.0f} times faster than life.</source>
   <translation> Demo: die Uhr läuft {speed:.0f} Mal schneller als das Leben.</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>at most {peak_max:g} °C</source>
   <translation>höchstens {peak_max:g} °C</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>at least {peak_min:g} °C</source>
   <translation>mindestens {peak_min:g} °C</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>the part beside it {part:g} °C</source>
   <translation>das Teil daneben {part:g} °C</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>rising by {ramp:g} K/s at most</source>
   <translation>höchstens {ramp:g} K/s steigend</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>End the watch</source>
   <translation>Überwachung beenden</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>Watch the heat</source>
   <translation>Hitze überwachen</translation>
  </message>
  <message>
   <location filename="ui/views/heat_form.py" />
   <source>Kept: {kept}.</source>
   <translation>Gesichert: {kept}.</translation>
  </message>
  <message>
   <location filename="ui/views/intake.py" />
   <source>15 digits</source>
   <translation>15 Ziffern</translation>
  </message>
  <message>
   <location filename="ui/views/intake.py" />
   <source>such as 4.6</source>
   <translation>etwa 4.6</translation>
  </message>
  <message>
   <location filename="ui/views/intake.py" />
   <source>What is wrong</source>
   <translation>Was fehlt ihm</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>number, part of an IMEI, model</source>
   <translation>Nummer, Teil einer IMEI, Modell</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>Search the jobs</source>
   <translation>Die Aufträge durchsuchen</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>Open this job</source>
   <translation>Diesen Auftrag öffnen</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>Table of jobs</source>
   <translation>Tabelle der Aufträge</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>searching the jobs</source>
   <translation>die Aufträge werden durchsucht</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>{count_jobs} jobs shown, newest first. The rail keeps the open ones and those handed over last.</source>
   <translation>{count_jobs} Aufträge gezeigt, neueste zuerst. Die Leiste behält die offenen und die zuletzt übergebenen.</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>Opened</source>
   <translation>Geöffnet</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>Promised</source>
   <translation>Zugesagt</translation>
  </message>
  <message>
   <location filename="ui/views/jobs_page.py" />
   <source>Proven</source>
   <translation>Nachgewiesen</translation>
  </message>
  <message>
   <location filename="ui/views/lens_sheet.py" />
   <source>Writes: read the new {part} to see its budget.</source>
   <translation>Schreiben: neu lesen, um den Vorrat zu sehen: {part}.</translation>
  </message>
  <message>
   <location filename="ui/views/lens_sheet.py" />
   <source>Record</source>
   <translation>Datensatz</translation>
  </message>
  <message>
   <location filename="ui/views/lens_sheet.py" />
   <source>Fields</source>
   <translation>Felder</translation>
  </message>
  <message>
   <location filename="ui/views/lens_sheet.py" />
   <source>Bytes</source>
   <translation>Bytes</translation>
  </message>
  <message>
   <location filename="ui/views/lens_sheet.py" />
   <source>board expects</source>
   <translation>Platine erwartet</translation>
  </message>
  <message>
   <location filename="ui/views/lens_sheet.py" />
   <source>on the new {part}</source>
   <translation>auf dem neuen Teil: {part}</translation>
  </message>
  <message>
   <location filename="ui/views/lens_sheet.py" />
   <source>will be written</source>
   <translation>wird geschrieben</translation>
  </message>
  <message>
   <location filename="ui/views/lens_sheet.py" />
   <source>backup {named}</source>
   <translation>Sicherung {named}</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Time</source>
   <translation>Zeit</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Voltage</source>
   <translation>Spannung</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Current</source>
   <translation>Strom</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>{count_t} samples over {lasts}{lost}{missing}</source>
   <translation>{count_t} Messwerte über {lasts}{lost}{missing}</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>How the columns were understood</source>
   <translation>Wie die Spalten verstanden wurden</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>The first samples</source>
   <translation>Die ersten Messwerte</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Do not keep it</source>
   <translation>Nicht behalten</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>, {left_out} rows left out that cannot be read</source>
   <translation>, {left_out} nicht lesbare Zeilen ausgelassen</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>, {count} gaps, the longest {longest:.0f} s</source>
   <translation>, {count} Lücken, die längste {longest:.0f} s</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>, no gap</source>
   <translation>, keine Lücke</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>This is how the log was understood: {samples}. Nothing is kept yet.</source>
   <translation>So wurde das Protokoll verstanden: {samples}. Noch ist nichts gesichert.</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Keep it with {job}</source>
   <translation>Bei {job} behalten</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>What</source>
   <translation>Was</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Column of the file</source>
   <translation>Spalte der Datei</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Taken to be in</source>
   <translation>Gelesen in</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Seconds</source>
   <translation>Sekunden</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Table of columns</source>
   <translation>Tabelle der Spalten</translation>
  </message>
  <message>
   <location filename="ui/views/log_preview.py" />
   <source>Table of samples</source>
   <translation>Tabelle der Messwerte</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>Threads of which part</source>
   <translation>Fäden welches Teils</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>every part</source>
   <translation>jedes Teil</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>Threads</source>
   <translation>Fäden</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>Numbers</source>
   <translation>Zahlen</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>No way is chosen.</source>
   <translation>Kein Weg ist gewählt.</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>Where the numbers of the chosen way come from</source>
   <translation>Woher die Zahlen des gewählten Weges kommen</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>Threads of the {part}; no room for all</source>
   <translation>Fäden: {part}; kein Platz für alle</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>Threads with the new {part} in the phone, as the bench stands now</source>
   <translation>Fäden mit dem neuen Teil im Telefon ({part}), wie die Werkbank jetzt steht</translation>
  </message>
  <message>
   <location filename="ui/views/map_sheet.py" />
   <source>Threads, as the bench stands now</source>
   <translation>Fäden, wie die Werkbank jetzt steht</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>SVG (*.svg)</source>
   <translation>SVG (*.svg)</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>PNG (*.png)</source>
   <translation>PNG (*.png)</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>CSV (*.csv)</source>
   <translation>CSV (*.csv)</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>No meter has answered yet</source>
   <translation>Noch hat kein Messgerät geantwortet</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>A meter in the phone's charging cable: volts, amperes, watts.</source>
   <translation>Ein Messgerät im Ladekabel des Telefons: Volt, Ampere, Watt.</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Plug in again</source>
   <translation>Wieder anstecken</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Take in a log</source>
   <translation>Ein Protokoll einlesen</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Back to the job</source>
   <translation>Zurück zum Auftrag</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>another job</source>
   <translation>ein anderer Auftrag</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>nothing was said</source>
   <translation>nichts gesagt</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>{rate:g} samples a second{warm}. The charger offers: {offers}.</source>
   <translation>{rate:g} Messwerte je Sekunde{warm}. Das Ladegerät bietet: {offers}.</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Saved {file}</source>
   <translation>{file} gesichert</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>A meter's log</source>
   <translation>Das Protokoll eines Messgeräts</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Log (*.csv *.txt *.tsv)</source>
   <translation>Protokoll (*.csv *.txt *.tsv)</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>End the recording</source>
   <translation>Aufzeichnung beenden</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Record for {job}</source>
   <translation>Für {job} aufzeichnen</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>The meter records for {other}: end that first.</source>
   <translation>Das Messgerät zeichnet für {other} auf: das zuerst beenden.</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Recording for {name_of}: {lasts}. </source>
   <translation>Aufzeichnung für {name_of}: {lasts}. </translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>To see a start, record from before the phone is plugged in. </source>
   <translation>Um einen Start zu sehen, aufzeichnen, bevor das Telefon angesteckt wird. </translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>No meter answers</source>
   <translation>Kein Messgerät antwortet</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>What is recorded waits</source>
   <translation>Was aufgezeichnet ist, wartet</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Before ({first}): {boot}. After ({latest}): {boot_2}; {why}.</source>
   <translation>Davor ({first}): {boot}. Danach ({latest}): {boot_2}; {why}.</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Export</source>
   <translation>Exportieren</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>exporting</source>
   <translation>wird ausgegeben</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>{file} has no ending that is known.</source>
   <translation>{file} hat keine bekannte Endung.</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Nothing was written; the recording is kept.</source>
   <translation>Nichts wurde geschrieben; die Aufzeichnung ist gesichert.</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Name the file .csv, .svg or .png.</source>
   <translation>Die Datei .csv, .svg oder .png nennen.</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>{wish}The last minute:</source>
   <translation>{wish}Die letzte Minute:</translation>
  </message>
  <message>
   <location filename="ui/views/meter_page.py" />
   <source>Waiting for the meter.</source>
   <translation>Auf das Messgerät wird gewartet.</translation>
  </message>
  <message>
   <location filename="ui/views/pages.py" />
   <source>Jobs</source>
   <translation>Aufträge</translation>
  </message>
  <message>
   <location filename="ui/views/pages.py" />
   <source>Copies</source>
   <translation>Kopien</translation>
  </message>
  <message>
   <location filename="ui/views/pages.py" />
   <source>Set-up</source>
   <translation>Einrichtung</translation>
  </message>
  <message>
   <location filename="ui/views/pages.py" />
   <source>Keys</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <location filename="ui/views/plan.py" />
   <source>Lay another way over the chosen one</source>
   <translation>Einen anderen Weg über den gewählten legen</translation>
  </message>
  <message>
   <location filename="ui/views/plan.py" />
   <source>Ways that keep less</source>
   <translation>Wege, die weniger halten</translation>
  </message>
  <message>
   <location filename="ui/views/plan.py" />
   <source>Show every thread</source>
   <translation>Jeden Faden zeigen</translation>
  </message>
  <message>
   <location filename="ui/views/plan.py" />
   <source>No way is open to anything that is promised. Promise less, or change what is in hand.</source>
   <translation>Zu nichts, was zugesagt ist, ist ein Weg offen. Weniger zusagen, oder ändern, was zur Hand ist.</translation>
  </message>
  <message>
   <location filename="ui/views/plan.py" />
   <source>Taken: {way}. Taking a way again starts from where the bench stands.</source>
   <translation>Genommen: {way}. Einen Weg noch einmal nehmen beginnt da, wo die Werkbank steht.</translation>
  </message>
  <message>
   <location filename="ui/views/plan.py" />
   <source>Ways as they would be</source>
   <translation>Wege, wie sie wären</translation>
  </message>
  <message>
   <location filename="ui/views/plan.py" />
   <source>Lay nothing over</source>
   <translation>Nichts darüberlegen</translation>
  </message>
  <message>
   <location filename="ui/views/plan.py" />
   <source>Lay over: {way}</source>
   <translation>Darüberlegen: {way}</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Picture, SVG (*.svg)</source>
   <translation>Bild, SVG (*.svg)</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Picture, PNG (*.png)</source>
   <translation>Bild, PNG (*.png)</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Measurements, CSV (*.csv)</source>
   <translation>Messungen, CSV (*.csv)</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Measurements, CGATS text (*.txt)</source>
   <translation>Messungen, CGATS-Text (*.txt)</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Measure again</source>
   <translation>Noch einmal messen</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Import</source>
   <translation>Importieren</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Measurements of another instrument, as CSV or CGATS text</source>
   <translation>Messungen eines anderen Messgeräts, als CSV oder CGATS-Text</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>The picture as SVG or PNG, the measurements as CSV or CGATS text</source>
   <translation>Das Bild als SVG oder PNG, die Messungen als CSV oder CGATS-Text</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Hand over as it is</source>
   <translation>Übergeben, wie es ist</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Measurements</source>
   <translation>Messungen</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>CSV or CGATS (*.csv *.txt *.cgats)</source>
   <translation>CSV oder CGATS (*.csv *.txt *.cgats)</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Nothing is promised</source>
   <translation>Nichts ist zugesagt</translation>
  </message>
  <message>
   <location filename="ui/views/proof.py" />
   <source>Not tested yet.</source>
   <translation>Noch nicht getestet.</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Measure again under both lights</source>
   <translation>Unter beiden Lichtern noch einmal messen</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Measure {fields} fields of the panel, {minutes:.0f} min</source>
   <translation>{fields} Felder des Panels messen, {minutes:.0f} min</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Measure under {light} light</source>
   <translation>Unter Licht „{light}“ messen</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Go on to Hand-over</source>
   <translation>Weiter zur Übergabe</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Go on to {labels}</source>
   <translation>Weiter zu {labels}</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Measure at {count_shots} levels, {minutes:.0f} min</source>
   <translation>Bei {count_shots} Stufen messen, {minutes:.0f} min</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Measure under {missing} light</source>
   <translation>Unter Licht „{missing}“ messen</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Measure again, {often} readings a light</source>
   <translation>Noch einmal messen, {often} Messungen je Licht</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Find out why: the panel sheet</source>
   <translation>Den Grund finden: das Panelblatt</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>To the panel sheet: tuning is worth a write</source>
   <translation>Zum Panelblatt: Abstimmen ist ein Schreiben wert</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Repeat {bad} of {fields} fields</source>
   <translation>{bad} von {fields} Feldern wiederholen</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Measure the {left} fields that are left</source>
   <translation>Die {left} übrigen Felder messen</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Keep the tuned record</source>
   <translation>Den abgestimmten Datensatz sichern</translation>
  </message>
  <message>
   <location filename="ui/views/proof_acts.py" />
   <source>Measure again, {often} readings a level, {minutes:.0f} min</source>
   <translation>Noch einmal messen, {often} Messungen je Stufe, {minutes:.0f} min</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Table of recordings</source>
   <translation>Tabelle der Aufzeichnungen</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Recordings of this job</source>
   <translation>Aufzeichnungen dieses Auftrags</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Recordings of this job: choose one to see it, two to lay them over each other</source>
   <translation>Aufzeichnungen dieses Auftrags: eine wählen, um sie zu sehen, zwei, um sie übereinanderzulegen</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Live</source>
   <translation>Jetzt</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Stage, time</source>
   <translation>Stufe, Zeit</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Length</source>
   <translation>Länge</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Samples</source>
   <translation>Messwerte</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Charge</source>
   <translation>Ladung</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Energy</source>
   <translation>Energie</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>The phone</source>
   <translation>Das Telefon</translation>
  </message>
  <message>
   <location filename="ui/views/recordings_sheet.py" />
   <source>Why</source>
   <translation>Warum</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>Look around in the demo</source>
   <translation>In der Demo umsehen</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>An invented shop with a simulated bench, in a window of its own: nothing here is touched</source>
   <translation>Eine erfundene Werkstatt mit simulierter Werkbank, in einem eigenen Fenster: hier wird nichts berührt</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>Skip for now</source>
   <translation>Vorerst auslassen</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>Without it: {without}</source>
   <translation>Ohne das: {without}</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source> Before the last change: {before}.</source>
   <translation> Vor der letzten Änderung: {before}.</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>Example ({case}): {now}.{was}</source>
   <translation>Beispiel ({case}): {now}.{was}</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>{done} of {count_groups} steps are done or skipped. Each can be left and taken up again.</source>
   <translation>{done} von {count_groups} Schritten sind erledigt oder ausgelassen. Jeder lässt sich verlassen und wieder aufnehmen.</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>The demo opens in a window of its own.</source>
   <translation>Die Demo öffnet in einem eigenen Fenster.</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>Open a ticket</source>
   <translation>Einen Auftrag öffnen</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>Not kept: {fault}.</source>
   <translation>Nicht gesichert: {fault}.</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>set</source>
   <translation>gesetzt</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>skipped</source>
   <translation>ausgelassen</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>opens: {ways}</source>
   <translation>öffnet: {ways}</translation>
  </message>
  <message>
   <location filename="ui/views/set_up.py" />
   <source>no way rests on it alone</source>
   <translation>darauf allein ruht kein Weg</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>The shelf is empty. Add a part, scan its serial into the form, or take parts in from a CSV file.</source>
   <translation>Das Lager ist leer. Ein Teil aufnehmen, seine Seriennummer ins Formular scannen, oder Teile aus einer CSV-Datei übernehmen.</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>State</source>
   <translation>Zustand</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Find a part</source>
   <translation>Ein Teil finden</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>part, model, maker, serial, place; or scan a label</source>
   <translation>Teil, Modell, Hersteller, Seriennummer, Platz; oder ein Etikett scannen</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Add a part</source>
   <translation>Ein Teil aufnehmen</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Table of the shelf's parts</source>
   <translation>Tabelle der Teile im Lager</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Parts on the shelf</source>
   <translation>Teile im Lager</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Take the sound rows</source>
   <translation>Die heilen Zeilen übernehmen</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>{part} is kept</source>
   <translation>{part} ist aufgenommen</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>From CSV</source>
   <translation>Aus CSV</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>To CSV</source>
   <translation>Nach CSV</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Its label</source>
   <translation>Sein Etikett</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Labels of all listed</source>
   <translation>Etiketten aller gezeigten</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>{count_listed} parts, {free} of them free.</source>
   <translation>{count_listed} Teile, {free} davon frei.</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>line {line}: {why}</source>
   <translation>Zeile {line}: {why}</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Parts from CSV</source>
   <translation>Teile aus CSV</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>The file has {preview}. Nothing is kept yet. {wrong}{more}</source>
   <translation>Die Datei hat {preview}. Noch ist nichts übernommen. {wrong}{more}</translation>
  </message>
  <message>
   <location filename="ui/views/shelf_page.py" />
   <source>Parts to CSV</source>
   <translation>Teile nach CSV</translation>
  </message>
  <message>
   <location filename="ui/views/shop.py" />
   <source>Back</source>
   <translation>Zurück</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Find a word</source>
   <translation>Ein Wort finden</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>find a word</source>
   <translation>ein Wort finden</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Words and what they mean</source>
   <translation>Wörter, und was sie bedeuten</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Key</source>
   <translation>Taste</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>What it does</source>
   <translation>Was sie tut</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Menu</source>
   <translation>Menü</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Table of keys</source>
   <translation>Tabelle der Tasten</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Tab</source>
   <translation>Tab</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Next field, in the order of the work</source>
   <translation>Nächstes Feld, in der Reihenfolge der Arbeit</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Left, Right</source>
   <translation>Links, Rechts</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>On the cord: stage before, stage after</source>
   <translation>Auf der Schnur: Stufe davor, Stufe danach</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Up, Down</source>
   <translation>Auf, Ab</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>On the thread map: function; on the strips: route</source>
   <translation>Auf der Fadenkarte: Funktion; auf den Streifen: Weg</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>Space, held</source>
   <translation>Leertaste, gehalten</translation>
  </message>
  <message>
   <location filename="ui/views/shop_pages.py" />
   <source>On a hold button: close the ring</source>
   <translation>Auf einem Halteknopf: den Ring schließen</translation>
  </message>
  <message>
   <location filename="ui/views/table_sheet.py" />
   <source>Work on it was begun: plan again instead.</source>
   <translation>Die Arbeit daran hat begonnen: stattdessen neu planen.</translation>
  </message>
  <message>
   <location filename="ui/views/table_sheet.py" />
   <source>Put a part on the table</source>
   <translation>Ein Teil auf den Tisch legen</translation>
  </message>
  <message>
   <location filename="ui/views/table_sheet.py" />
   <source>Nothing yet: promise a function, or choose a part. What is not here stays as it is.</source>
   <translation>Noch nichts: eine Funktion zusagen, oder ein Teil wählen. Was nicht hier ist, bleibt, wie es ist.</translation>
  </message>
  <message>
   <location filename="ui/views/table_sheet.py" />
   <source>the {part}</source>
   <translation>{part}</translation>
  </message>
  <message>
   <location filename="ui/views/table_sheet.py" />
   <source>On the table</source>
   <translation>Auf dem Tisch</translation>
  </message>
  <message>
   <location filename="ui/views/table_sheet.py" />
   <source>put a part on the table</source>
   <translation>ein Teil auf den Tisch legen</translation>
  </message>
  <message>
   <location filename="ui/views/take_button.py" />
   <source>Take the changed facts back first</source>
   <translation>Zuerst die geänderten Fakten zurücknehmen</translation>
  </message>
  <message>
   <location filename="ui/views/take_button.py" />
   <source>Take this way</source>
   <translation>Diesen Weg nehmen</translation>
  </message>
  <message>
   <location filename="ui/views/take_button.py" />
   <source>Take this way: {minutes:.0f} min, 1 write</source>
   <translation>Diesen Weg nehmen: {minutes:.0f} min, 1 Mal schreiben</translation>
  </message>
  <message>
   <location filename="ui/views/take_button.py" />
   <source>Take this way: {minutes:.0f} min, {writes} writes</source>
   <translation>Diesen Weg nehmen: {minutes:.0f} min, {writes} Mal schreiben</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>part of a serial, IMEI, model or job</source>
   <translation>Teil einer Seriennummer, IMEI, Modell oder Auftrag</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Search the vault</source>
   <translation>Den Tresor durchsuchen</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Table of backups</source>
   <translation>Tabelle der Sicherungen</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>searching the vault</source>
   <translation>der Tresor wird durchsucht</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>{count_backups} backups shown. Backups are never changed or deleted; each is chained to the one before.</source>
   <translation>{count_backups} Sicherungen gezeigt. Sicherungen werden nie geändert oder gelöscht; jede ist an die davor gekettet.</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>checking the vault</source>
   <translation>der Tresor wird geprüft</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Exported: {files}</source>
   <translation>Exportiert: {files}</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Import a backup</source>
   <translation>Eine Sicherung importieren</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Backup (*.json)</source>
   <translation>Sicherung (*.json)</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>importing</source>
   <translation>wird eingelesen</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Imported as {backup}.</source>
   <translation>Importiert als {backup}.</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Check every backup</source>
   <translation>Jede Sicherung prüfen</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Taken</source>
   <translation>Aufgenommen</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>{seen} backups checked: every byte and every link of the chain is as it was kept.</source>
   <translation>{seen} Sicherungen geprüft: jedes Byte und jedes Glied der Kette ist, wie es gesichert wurde.</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Export the backup to</source>
   <translation>Die Sicherung exportieren nach</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>{seen} of {total}</source>
   <translation>{seen} von {total}</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>. The others can be used.</source>
   <translation>. Die anderen sind benutzbar.</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>earlier</source>
   <translation>früher</translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>Damaged: </source>
   <translation>Beschädigt: </translation>
  </message>
  <message>
   <location filename="ui/views/vault_page.py" />
   <source>, imported</source>
   <translation>, importiert</translation>
  </message>
  <message>
   <location filename="ui/views/ways_sheet.py" />
   <source>solid: there   hatched: waiting   knot: final   wave: heat   (in brackets: with ways back)</source>
   <translation>voll: dabei   schraffiert: Warten   Knoten: endgültig   Welle: Hitze   (in Klammern: mit Wegen zurück)</translation>
  </message>
  <message>
   <location filename="ui/views/ways_sheet.py" />
   <source>Ways to all that is promised</source>
   <translation>Wege zu allem, was zugesagt ist</translation>
  </message>
  <message>
   <location filename="ui/views/ways_sheet.py" />
   <source>No way keeps all that is promised; these keep some of it</source>
   <translation>Kein Weg hält alles, was zugesagt ist; diese halten etwas davon</translation>
  </message>
  <message>
   <location filename="ui/views/ways_sheet.py" />
   <source>Ways, the one worth most first</source>
   <translation>Wege, der wertvollste zuerst</translation>
  </message>
  <message>
   <location filename="ui/widgets/advice_box.py" />
   <source>The best next step</source>
   <translation>Der beste nächste Schritt</translation>
  </message>
  <message>
   <location filename="ui/widgets/advice_box.py" />
   <source>No plan yet</source>
   <translation>Noch kein Plan</translation>
  </message>
  <message>
   <location filename="ui/widgets/advice_box.py" />
   <source>The ticket must be complete first.</source>
   <translation>Zuerst muss der Auftrag vollständig sein.</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>Change a fact to see at once what opens and what closes.</source>
   <translation>Eine Tatsache ändern, um sofort zu sehen, was sich öffnet und was sich schließt.</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>opens: {way}</source>
   <translation>öffnet: {way}</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>Take it back</source>
   <translation>Zurücknehmen</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>Fact</source>
   <translation>Tatsache</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>What if it were</source>
   <translation>Was, wenn es wäre</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>What if</source>
   <translation>Was wäre, wenn</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>If </source>
   <translation>Wenn </translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>is beaten now: {way}</source>
   <translation>ist jetzt geschlagen: {way}</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>closes: {way} ({reason})</source>
   <translation>schließt: {way} ({reason})</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source>nothing opens or closes.</source>
   <translation>nichts öffnet oder schließt sich.</translation>
  </message>
  <message>
   <location filename="ui/widgets/ask_box.py" />
   <source> (as it is)</source>
   <translation> (wie es ist)</translation>
  </message>
  <message>
   <location filename="ui/widgets/cord.py" />
   <source>Stages. {words}. On view: {shown}</source>
   <translation>Stufen. {words}. Gezeigt: {shown}</translation>
  </message>
  <message>
   <location filename="ui/widgets/doubt_bar.py" />
   <source> {more} more after it.</source>
   <translation> {more} weitere danach.</translation>
  </message>
  <message>
   <location filename="ui/widgets/doubt_bar.py" />
   <source>It counts as a write until then</source>
   <translation>Bis dahin zählt er als Schreiben</translation>
  </message>
  <message>
   <location filename="ui/widgets/doubt_bar.py" />
   <source>It counts as done until then</source>
   <translation>Bis dahin zählt er als erledigt</translation>
  </message>
  <message>
   <location filename="ui/widgets/doubt_bar.py" />
   <source>In doubt: {what}, act {number} of {job_name}. What it did is not known.{others}</source>
   <translation>Ungewiss: {what}, Vorgang {number} von {job_name}. Was er bewirkt hat, ist nicht bekannt.{others}</translation>
  </message>
  <message>
   <location filename="ui/widgets/doubt_bar.py" />
   <source>{counts}, and nothing is planned or done past it. Backups are safe. {where}, then settle it.</source>
   <translation>{counts}, und nichts wird darüber hinaus geplant oder getan. Die Sicherungen sind unversehrt. {where}, dann klären.</translation>
  </message>
  <message>
   <location filename="ui/widgets/doubt_bar.py" />
   <source>Open {job_name}</source>
   <translation>{job_name} öffnen</translation>
  </message>
  <message>
   <location filename="ui/widgets/doubt_bar.py" />
   <source>Settle the act in doubt</source>
   <translation>Den ungewissen Vorgang klären</translation>
  </message>
  <message>
   <location filename="ui/widgets/faces.py" />
   <source>both eyes: promised and proven</source>
   <translation>beide Augen: zugesagt und nachgewiesen</translation>
  </message>
  <message>
   <location filename="ui/widgets/faces.py" />
   <source>one eye: promised, not proven yet</source>
   <translation>ein Auge: zugesagt, noch nicht nachgewiesen</translation>
  </message>
  <message>
   <location filename="ui/widgets/faces.py" />
   <source>no eye: not promised</source>
   <translation>kein Auge: nicht zugesagt</translation>
  </message>
  <message>
   <location filename="ui/widgets/finder.py" />
   <source>Page</source>
   <translation>Seite</translation>
  </message>
  <message>
   <location filename="ui/widgets/finder.py" />
   <source>job, customer's words, part, serial, backup, page</source>
   <translation>Auftrag, Worte des Kunden, Teil, Seriennummer, Sicherung, Seite</translation>
  </message>
  <message>
   <location filename="ui/widgets/finder.py" />
   <source>What was found</source>
   <translation>Was gefunden wurde</translation>
  </message>
  <message>
   <location filename="ui/widgets/finder.py" />
   <source>Looked at last.</source>
   <translation>Zuletzt angesehen.</translation>
  </message>
  <message>
   <location filename="ui/widgets/finder.py" />
   <source>{said} Arrows choose, Enter opens, Esc leaves.</source>
   <translation>{said} Pfeile wählen, Eingabe öffnet, Esc verlässt.</translation>
  </message>
  <message>
   <location filename="ui/widgets/finder.py" />
   <source>{count_found} found.</source>
   <translation>{count_found} gefunden.</translation>
  </message>
  <message>
   <location filename="ui/widgets/finder.py" />
   <source>Nothing holds all of that.</source>
   <translation>Nichts enthält all das.</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>Programmer: not asked yet</source>
   <translation>Programmiergerät: noch nicht gefragt</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>phone on the cable: {phone_label}, on</source>
   <translation>Telefon am Kabel: {phone_label}, an</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>phone on the cable: off</source>
   <translation>Telefon am Kabel: aus</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>no phone cable</source>
   <translation>kein Telefonkabel</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>vault: {backups} backups</source>
   <translation>Tresor: {backups} Sicherungen</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>No programmer: {trouble}</source>
   <translation>Kein Programmiergerät: {trouble}</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>{programmer}, firmware {firmware}</source>
   <translation>{programmer}, Firmware {firmware}</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>sockets empty</source>
   <translation>Sockel leer</translation>
  </message>
  <message>
   <location filename="ui/widgets/foot.py" />
   <source>none set up</source>
   <translation>keines eingerichtet</translation>
  </message>
  <message>
   <location filename="ui/widgets/function_row.py" />
   <source>fails</source>
   <translation>geht nicht</translation>
  </message>
  <message>
   <location filename="ui/widgets/function_row.py" />
   <source>not seen</source>
   <translation>ungeprüft</translation>
  </message>
  <message>
   <location filename="ui/widgets/function_row.py" />
   <source>{function} before: {state}</source>
   <translation>{function} vorher: {state}</translation>
  </message>
  <message>
   <location filename="ui/widgets/function_row.py" />
   <source>Promise {words}: {meaning}</source>
   <translation>{words} zusagen: {meaning}</translation>
  </message>
  <message>
   <location filename="ui/widgets/help_strip.py" />
   <source>What is this for</source>
   <translation>Wozu ist das</translation>
  </message>
  <message>
   <location filename="ui/widgets/hold.py" />
   <source>Hold to: {act}</source>
   <translation>Halten: {act}</translation>
  </message>
  <message>
   <location filename="ui/widgets/hold.py" />
   <source>Press and hold for {seconds} seconds, or hold the space bar</source>
   <translation>{seconds} Sekunden gedrückt halten, oder die Leertaste halten</translation>
  </message>
  <message>
   <location filename="ui/widgets/hold.py" />
   <source>Hold: </source>
   <translation>Halten: </translation>
  </message>
  <message>
   <location filename="ui/widgets/locks.py" />
   <source>{label}: dark</source>
   <translation>{label}: dunkel</translation>
  </message>
  <message>
   <location filename="ui/widgets/locks.py" />
   <source>Interlocks. </source>
   <translation>Verriegelungen. </translation>
  </message>
  <message>
   <location filename="ui/widgets/notices.py" />
   <source>Update the programmer</source>
   <translation>Das Programmiergerät aktualisieren</translation>
  </message>
  <message>
   <location filename="ui/widgets/notices.py" />
   <source>The owner confirms trust</source>
   <translation>Der Eigentümer bestätigt das Vertrauen</translation>
  </message>
  <message>
   <location filename="ui/widgets/notices.py" />
   <source>Decide: try it on this panel</source>
   <translation>Entscheiden: auf diesem Panel versuchen</translation>
  </message>
  <message>
   <location filename="ui/widgets/notices.py" />
   <source>It is in its diagnostic mode</source>
   <translation>Es ist in seinem Diagnosemodus</translation>
  </message>
  <message>
   <location filename="ui/widgets/notices.py" />
   <source>Dismiss</source>
   <translation>Wegräumen</translation>
  </message>
  <message>
   <location filename="ui/widgets/notices.py" />
   <source>Stop</source>
   <translation>Anhalten</translation>
  </message>
  <message>
   <location filename="ui/widgets/notices.py" />
   <source>, about {elapsed:.0f} s to go</source>
   <translation>, noch etwa {elapsed:.0f} s</translation>
  </message>
  <message>
   <location filename="ui/widgets/part_card.py" />
   <source>Take off</source>
   <translation>Abräumen</translation>
  </message>
  <message>
   <location filename="ui/widgets/part_card.py" />
   <source>Take the {part} off the table</source>
   <translation>{part} vom Tisch nehmen</translation>
  </message>
  <message>
   <location filename="ui/widgets/part_card.py" />
   <source>missing: {missing}</source>
   <translation>fehlt: {missing}</translation>
  </message>
  <message>
   <location filename="ui/widgets/part_card.py" />
   <source>It is left as it is; what was typed comes back with it.</source>
   <translation>Es bleibt, wie es ist; was getippt wurde, kommt mit ihm zurück.</translation>
  </message>
  <message>
   <location filename="ui/widgets/part_card.py" />
   <source>not from the shelf</source>
   <translation>nicht aus dem Lager</translation>
  </message>
  <message>
   <location filename="ui/widgets/part_ways.py" />
   <source>left as it is</source>
   <translation>gelassen, wie es ist</translation>
  </message>
  <message>
   <location filename="ui/widgets/part_ways.py" />
   <source>Way of the {part}</source>
   <translation>Weg: {part}</translation>
  </message>
  <message>
   <location filename="ui/widgets/preference_box.py" />
   <source>No board heat</source>
   <translation>Kein Erhitzen</translation>
  </message>
  <message>
   <location filename="ui/widgets/preference_box.py" />
   <source>No soldering</source>
   <translation>Kein Löten</translation>
  </message>
  <message>
   <location filename="ui/widgets/preference_box.py" />
   <source>Fastest first</source>
   <translation>Schnell zuerst</translation>
  </message>
  <message>
   <location filename="ui/widgets/preference_box.py" />
   <source>Cheapest first</source>
   <translation>Billig zuerst</translation>
  </message>
  <message>
   <location filename="ui/widgets/preference_box.py" />
   <source>{what} costs {price:.0f} {money} here</source>
   <translation>{what} kostet hier {price:.0f} {money}</translation>
  </message>
  <message>
   <location filename="ui/widgets/preference_box.py" />
   <source>The shop prefers</source>
   <translation>Die Werkstatt zieht vor</translation>
  </message>
  <message>
   <location filename="ui/widgets/promise_card.py" />
   <source>: proven</source>
   <translation>: belegt</translation>
  </message>
  <message>
   <location filename="ui/widgets/promise_card.py" />
   <source>: not proven</source>
   <translation>: nicht belegt</translation>
  </message>
  <message>
   <location filename="ui/widgets/rail.py" />
   <source>{proven} of {count_faces} promises proven</source>
   <translation>{proven} von {count_faces} Zusagen nachgewiesen</translation>
  </message>
  <message>
   <location filename="ui/widgets/rail.py" />
   <source>{job}, {phone}, {promises}, {waiting}, waits for {waits_for}</source>
   <translation>{job}, {phone}, {promises}, {waiting}, wartet auf {waits_for}</translation>
  </message>
  <message>
   <location filename="ui/widgets/rail.py" />
   <source>Open jobs</source>
   <translation>Offene Aufträge</translation>
  </message>
  <message>
   <location filename="ui/widgets/rail.py" />
   <source>{kept} of {count_faces}</source>
   <translation>{kept} von {count_faces}</translation>
  </message>
  <message>
   <location filename="ui/widgets/run_sheet.py" />
   <source>{minutes:g} min</source>
   <translation>{minutes:g} min</translation>
  </message>
  <message>
   <location filename="ui/widgets/run_sheet.py" />
   <source>Run sheet. </source>
   <translation>Laufzettel. </translation>
  </message>
  <message>
   <location filename="ui/widgets/setting_form.py" />
   <source>it takes a number, {limits}</source>
   <translation>es nimmt eine Zahl, {limits}</translation>
  </message>
  <message>
   <location filename="ui/widgets/setting_form.py" />
   <source>Not kept: {error}.</source>
   <translation>Nicht gesichert: {error}.</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>A new part</source>
   <translation>Ein neues Teil</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>Withdraw</source>
   <translation>Zurückziehen</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>It is offered no longer; what is known of it stays. The note says why.</source>
   <translation>Es wird nicht mehr angeboten; was darüber bekannt ist, bleibt. Die Notiz sagt, warum.</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>Keep</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>Price, {money}</source>
   <translation>Preis, {money}</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>Put back</source>
   <translation>Zurücklegen</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>Done to it here:
{said}</source>
   <translation>Hier damit getan:
{said}</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>Nothing was done to it here yet.</source>
   <translation>Hier wurde noch nichts damit getan.</translation>
  </message>
  <message>
   <location filename="ui/widgets/shelf_form.py" />
   <source>Not kept. {fault}.</source>
   <translation>Nicht gesichert. {fault}.</translation>
  </message>
  <message>
   <location filename="ui/widgets/step_timer.py" />
   <source>Start timer</source>
   <translation>Uhr starten</translation>
  </message>
  <message>
   <location filename="ui/widgets/step_timer.py" />
   <source>Go on</source>
   <translation>Weiter</translation>
  </message>
  <message>
   <location filename="ui/widgets/step_timer.py" />
   <source>Pause timer</source>
   <translation>Uhr anhalten</translation>
  </message>
  <message>
   <location filename="ui/widgets/step_timer.py" />
   <source>{clock} min left</source>
   <translation>noch {clock} min</translation>
  </message>
  <message>
   <location filename="ui/widgets/step_timer.py" />
   <source>{clock} min over</source>
   <translation>{clock} min darüber</translation>
  </message>
  <message>
   <location filename="ui/work.py" />
   <source>Read {report}, then pass it on</source>
   <translation>{report} lesen, dann weitergeben</translation>
  </message>
  <message>
   <location filename="ui/work.py" />
   <source>Report this with the log</source>
   <translation>Das mit dem Protokoll melden</translation>
  </message>
  <message>
   <location filename="ui/work.py" />
   <source>Daruma made a mistake of its own ({name}).</source>
   <translation>Daruma hat selbst einen Fehler gemacht ({name}).</translation>
  </message>
  <message>
   <location filename="ui/work.py" />
   <source>What was kept before is safe.</source>
   <translation>Was vorher gesichert war, ist unversehrt.</translation>
  </message>
  <message>
   <location filename="ui/work.py" />
   <source>Look at the part before going on. {where}: nothing is sent by itself.</source>
   <translation>Vor dem Weitermachen das Teil ansehen. {where}: nichts wird von selbst gesendet.</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>, handed over on {when}</source>
   <translation>, übergeben am {when}</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>. IMEI ends in {last}, system {system}.</source>
   <translation>. Ende der IMEI {last}, System {system}.</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>What was promised</source>
   <translation>Was zugesagt wurde</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>works, tested</source>
   <translation>geht, getestet</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>What was fitted</source>
   <translation>Was eingebaut wurde</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>{part}. From: {source}.</source>
   <translation>{part}. Von: {source}.</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>No part was changed.</source>
   <translation>Kein Teil wurde gewechselt.</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>Data written to the new parts, as they were on the old ones: {fields}.</source>
   <translation>Auf die neuen Teile geschrieben, wie es auf den alten stand: {fields}.</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>The display's calibration was made for this panel from its own measurement.</source>
   <translation>Die Kalibrierung des Displays wurde für dieses Panel aus seiner eigenen Messung gemacht.</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>What your phone says of its parts</source>
   <translation>Was Ihr Telefon von seinen Teilen sagt</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>What does not come back, and why</source>
   <translation>Was nicht zurückkommt, und warum</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>Warranty</source>
   <translation>Garantie</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>What the law gives you besides is not touched by this.</source>
   <translation>Was Ihnen das Gesetz außerdem gibt, bleibt davon unberührt.</translation>
  </message>
  <message>
   <location filename="handover/templates/customer.html" />
   <source>Keep this page: it says which parts are in your phone. The measurements are in the shop's file under {job}.</source>
   <translation>Diese Seite aufbewahren: sie sagt, welche Teile in Ihrem Telefon sind. Die Messungen sind in der Akte der Werkstatt unter {job}.</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>Order, {job}</source>
   <translation>Auftragszettel, {job}</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>Repair order {job}</source>
   <translation>Reparaturauftrag {job}</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>{phone}, {imei}. Brought in on {day}.</source>
   <translation>{phone}, {imei}. Gebracht am {day}.</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>What is wrong, in the owner's words</source>
   <translation>Was fehlt, in den Worten des Eigentümers</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>What is asked for</source>
   <translation>Was gewünscht wird</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>Nothing has been promised yet.</source>
   <translation>Noch wurde nichts zugesagt.</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>What may be done</source>
   <translation>Was getan werden darf</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>What the owner should know</source>
   <translation>Was der Eigentümer wissen sollte</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>Data that is kept</source>
   <translation>Daten, die aufbewahrt werden</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>Signed</source>
   <translation>Unterschrieben</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>Name ____________________________ Telephone ______________________</source>
   <translation>Name ____________________________ Telefon ______________________</translation>
  </message>
  <message>
   <location filename="handover/templates/order.html" />
   <source>Day ____________ Owner ____________________ Shop ____________________</source>
   <translation>Tag ____________ Eigentümer ____________________ Werkstatt ____________________</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>{job}, opened {when}</source>
   <translation>{job}, geöffnet {when}</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>, handed over {when}</source>
   <translation>, übergeben {when}</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>, IMEI {imei}, system {system}</source>
   <translation>, IMEI {imei}, System {system}</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Parts page</source>
   <translation>Teileseite</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>What data was written</source>
   <translation>Welche Daten geschrieben wurden</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Source</source>
   <translation>Quelle</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Calibration</source>
   <translation>Kalibrierung</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>made for this panel from its own measurement ({record})</source>
   <translation>für dieses Panel aus seiner eigenen Messung gemacht ({record})</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>{label}: numbers</source>
   <translation>{label}: Zahlen</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>in words</source>
   <translation>in Worten</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>CCT: correlated colour temperature. Duv: distance from the black-body curve in u, v. ±: expanded uncertainty, k = 2.</source>
   <translation>CCT: korrelierte Farbtemperatur. Duv: Abstand von der Schwarzkörperkurve in u, v. ±: erweiterte Unsicherheit, k = 2.</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>instrument</source>
   <translation>Messgerät</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>{instruments}, {count} readings, {when}</source>
   <translation>{instruments}, {count} Messungen, {when}</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Recorded</source>
   <translation>Aufgezeichnet</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>±: expanded uncertainty (95 %) from the meter's gain and zero.</source>
   <translation>±: erweiterte Unsicherheit (95 %) aus Verstärkung und Nullpunkt des Messgeräts.</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Nothing that was promised is missing.</source>
   <translation>Nichts Zugesagtes fehlt.</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Writes</source>
   <translation>Schreiben</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>act {number}, {when}</source>
   <translation>Vorgang {number}, {when}</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Interlocks of act {number}</source>
   <translation>Verriegelungen des Vorgangs {number}</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Heat</source>
   <translation>Hitze</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>not ticked</source>
   <translation>nicht abgehakt</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>{when}, {programmer}, firmware {firmware}</source>
   <translation>{when}, {programmer}, Firmware {firmware}</translation>
  </message>
  <message>
   <location filename="handover/templates/sheet.html" />
   <source>Identifiers on this page are personal data: keep them no longer than needed.</source>
   <translation>Kennungen auf dieser Seite sind personenbezogene Daten: nicht länger als nötig aufbewahren.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Move, guard and prove the part data of repaired phones.

Without a command, opens the shop's own data.</source>
   <translation>Bewegt, schützt und belegt die Teiledaten reparierter Telefone.

Öffnet ohne Befehl die eigenen Daten der Werkstatt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Show the version and exit.</source>
   <translation>Die Version zeigen und enden.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Data folder of the shop.</source>
   <translation>Datenordner der Werkstatt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Log every exchange with the devices.</source>
   <translation>Jede Übertragung mit den Geräten protokollieren.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Open the demo: an invented shop with a simulated bench.</source>
   <translation>Die Demo öffnen: eine erfundene Werkstatt mit simulierter Werkbank.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Start the demo over.</source>
   <translation>Die Demo von vorn beginnen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Data folder of the demo.</source>
   <translation>Datenordner der Demo.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Plan a case file: ways, closed ways, the best next step.</source>
   <translation>Eine Falldatei planen: Wege, geschlossene Wege, der beste nächste Schritt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Print the JSON Schema of case files.</source>
   <translation>Das JSON-Schema der Falldateien ausgeben.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>List the acts that were never settled, with what to do.</source>
   <translation>Die nie geklärten Vorgänge auflisten, und was zu tun ist.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Write the whole journal as CSV.</source>
   <translation>Das ganze Buch als CSV schreiben.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Purge the identifiers of jobs that were closed more than DAYS ago, for good.</source>
   <translation>Die Kennungen von Aufträgen, die vor mehr als DAYS Tagen geschlossen wurden, für immer löschen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Purge; without it only what would be purged is listed.</source>
   <translation>Löschen; ohne das wird nur aufgelistet, was gelöscht würde.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Check, list, export and import backups.</source>
   <translation>Sicherungen prüfen, auflisten, exportieren und importieren.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Verify every backup, act and job, their chains, and that nothing that was kept is missing.</source>
   <translation>Jede Sicherung, jeden Vorgang und Auftrag prüfen, ihre Ketten, und dass nichts Gesichertes fehlt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>List backups whose texts hold every word.</source>
   <translation>Sicherungen auflisten, deren Texte jedes Wort enthalten.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Write a backup as JSON, Intel HEX and raw binary, with their checksums.</source>
   <translation>Eine Sicherung als JSON, Intel HEX und rohe Binärdatei schreiben, mit Prüfsummen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Take a backup's JSON file into the vault.</source>
   <translation>Die JSON-Datei einer Sicherung in den Tresor aufnehmen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Print the JSON Schema of backup files.</source>
   <translation>Das JSON-Schema der Sicherungsdateien ausgeben.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Copies of the store: make, list, verify, restore.</source>
   <translation>Kopien des Bestands: anlegen, auflisten, prüfen, wiederherstellen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Copy the store, verify the copy, and let old copies go.</source>
   <translation>Den Bestand kopieren, die Kopie prüfen und alte Kopien loslassen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>List the copies, newest first.</source>
   <translation>Die Kopien auflisten, neueste zuerst.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Verify a copy.</source>
   <translation>Eine Kopie prüfen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Put a copy in the store's place; what came after it is carried over, the replaced store is kept.</source>
   <translation>Eine Kopie an die Stelle des Bestands setzen; was danach kam, wird übernommen, der ersetzte Bestand bleibt erhalten.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Say what a restore of a copy would carry over and what differs; nothing is changed.</source>
   <translation>Sagen, was eine Wiederherstellung einer Kopie übernehmen würde und was abweicht; nichts wird geändert.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Take the store as it is after a loss: what is missing is said no longer; counts of writes stay.</source>
   <translation>Den Bestand nach einem Verlust nehmen, wie er ist: was fehlt, wird nicht mehr gesagt; gezähltes Schreiben bleibt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge a measurement: what it proves, with its uncertainty.</source>
   <translation>Eine Messung beurteilen: was sie belegt, mit ihrer Unsicherheit.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge the sharpness of the slanted edge in IMAGE: the frequency at which half the contrast is left.</source>
   <translation>Die Schärfe der geneigten Kante in IMAGE beurteilen: die Frequenz, bei der der halbe Kontrast übrig ist.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge where a lens is sharpest by a sweep in LOG (mode,distance_m,code,swept,edge,mtf50_cpp,u), at each distance.</source>
   <translation>Nach einem Durchlauf in LOG (mode,distance_m,code,swept,edge,mtf50_cpp,u) beurteilen, wo eine Linse am schärfsten ist, bei jeder Entfernung.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge a lens record: CORNERS of a chessboard (view,x,y,z,u,v) projected by CAMERA (an OpenCV YAML file).</source>
   <translation>Einen Linsendatensatz beurteilen: CORNERS eines Schachbretts (view,x,y,z,u,v), abgebildet durch CAMERA (eine OpenCV-YAML-Datei).</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge how a camera stands to its gyroscope: both as t,wx,wy,wz (s, rad/s).</source>
   <translation>Beurteilen, wie eine Kamera zu ihrem Gyroskop steht: beide als t,wx,wy,wz (s, rad/s).</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge the dots that a camera has SEEN on a flat card by the projector's MAP.

SEEN has the columns u, v (px), and may have card_mm (measured distance) and frame; MAP has x, y (tangents).</source>
   <translation>Die Punkte, die eine Kamera auf einer ebenen Karte gesehen hat (SEEN), nach der MAP des Projektors beurteilen.

SEEN hat die Spalten u, v (px) und darf card_mm (gemessene Entfernung) und frame haben; MAP hat x, y (Tangens).</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Focal length, px.</source>
   <translation>Brennweite, px.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Principal point, px.</source>
   <translation>Hauptpunkt, px.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Size of the picture, px.</source>
   <translation>Größe des Bildes, px.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Camera to projector, mm.</source>
   <translation>Kamera zu Projektor, mm.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge the ring-down of a haptic motor in LOG (t,a): resonance and damping.</source>
   <translation>Das Ausschwingen eines Haptikmotors in LOG (t,a) beurteilen: Resonanz und Dämpfung.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Decode what a charger offers: Power Delivery objects as hexadecimal WORDs.</source>
   <translation>Entziffern, was ein Ladegerät bietet: Power-Delivery-Objekte als hexadezimale WORDs.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge a thermocouple's LOG (t,celsius) by the limits of a step: each that is broken, where and by how much.</source>
   <translation>Das LOG (t,celsius) eines Thermoelements nach den Grenzen eines Schritts beurteilen: jede verletzte, wo und um wie viel.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Step whose limits count; an unknown one lists them.</source>
   <translation>Schritt, dessen Grenzen gelten; ein unbekannter listet sie auf.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge a haptic motor by a LOG (columns shake, t, a): its taps, braked, and last of all one that is left to ring.</source>
   <translation>Einen Haptikmotor nach einem LOG (Spalten shake, t, a) beurteilen: sein gebremstes Tippen, und zuletzt eines, das ausschwingt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Calibrated resonance, Hz.</source>
   <translation>Kalibrierte Resonanz, Hz.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Calibrated level, in the log's unit.</source>
   <translation>Kalibrierter Pegel, in der Einheit des Protokolls.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Seconds after which the drive ends.</source>
   <translation>Sekunden, nach denen der Antrieb endet.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge a meter's LOG of volts and amperes: charge, energy, phases, steps, gaps; the columns are found by name and unit.</source>
   <translation>Das LOG eines Messgeräts mit Volt und Ampere beurteilen: Ladung, Energie, Phasen, Stufen, Lücken; die Spalten werden an Name und Einheit erkannt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Model of the phone on the cable: lets its start be judged.</source>
   <translation>Modell des Telefons am Kabel: damit lässt sich sein Start beurteilen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Sign of the charging current; otherwise found from the log.</source>
   <translation>Vorzeichen des Ladestroms; sonst aus dem Protokoll ermittelt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Judge a cell by a LOG of its charging and discharging: capacity, health, what may be written of it.

Without a chemistry the log must run from a full charge (recorded in it, or stated with --full) down to --end.</source>
   <translation>Eine Zelle nach einem LOG ihres Ladens und Entladens beurteilen: Kapazität, Zustand, was davon geschrieben werden darf.

Ohne Zellchemie muss das Protokoll von einer vollen Ladung (darin aufgezeichnet oder mit --full angegeben) bis --end reichen.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Rated capacity, mAh.</source>
   <translation>Nennkapazität, mAh.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Chemistry of the cell: lets rests say its state of charge.</source>
   <translation>Chemie der Zelle: damit sagen Ruhephasen ihren Ladestand.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>The log begins with a fully charged cell.</source>
   <translation>Das Protokoll beginnt mit einer voll geladenen Zelle.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Voltage at which the cell counts as empty.</source>
   <translation>Spannung, bei der die Zelle als leer gilt.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Say what is wrong with this machine: libraries, window, ports, rights, disk, clock, settings, store.</source>
   <translation>Sagen, was an diesem Rechner nicht stimmt: Bibliotheken, Fenster, Anschlüsse, Rechte, Datenträger, Uhr, Einstellungen, Bestand.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>List every setting with its value, limits and use; name what of the file cannot be used.</source>
   <translation>Jede Einstellung mit Wert, Grenzen und Nutzen auflisten; nennen, was von der Datei nicht brauchbar ist.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Write the page of the documentation.</source>
   <translation>Die Seite der Dokumentation schreiben.</translation>
  </message>
  <message>
   <location filename="commands" />
   <source>Print what a shell needs to complete commands; put it where the shell looks for completions.</source>
   <translation>Ausgeben, was eine Shell zum Vervollständigen der Befehle braucht; dorthin legen, wo die Shell danach sucht.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>True Tone</source>
   <translation>True Tone</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Auto-brightness</source>
   <translation>Auto-Helligkeit</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>No display notice</source>
   <translation>Kein Displayhinweis</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Touch</source>
   <translation>Touch</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Face ID</source>
   <translation>Face ID</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Runs on its battery</source>
   <translation>Läuft mit Batterie</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery health</source>
   <translation>Batteriezustand</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>No battery notice</source>
   <translation>Kein Batteriehinweis</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Haptics</source>
   <translation>Haptik</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the white follows the light in the room</source>
   <translation>das Weiß folgt dem Licht im Raum</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the screen gets brighter and darker with the room</source>
   <translation>der Bildschirm wird mit dem Raum heller und dunkler</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the parts page has nothing to say about the display</source>
   <translation>die Teileseite hat über das Display nichts zu sagen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the screen answers to fingers everywhere</source>
   <translation>der Bildschirm antwortet überall auf Finger</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the phone unlocks by face</source>
   <translation>das Telefon entsperrt mit dem Gesicht</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the battery holds as much as the shop claims</source>
   <translation>die Batterie fasst so viel, wie die Werkstatt zusagt</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the phone shows the battery's health</source>
   <translation>das Telefon zeigt den Zustand der Batterie</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the parts page has nothing to say about the battery</source>
   <translation>die Teileseite hat über die Batterie nichts zu sagen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>photo, video and focus of the front camera work</source>
   <translation>Foto, Video und Fokus der Frontkamera arbeiten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>it is finished, and stands and sees as its record says</source>
   <translation>sie ist abgeschlossen, und steht und sieht, wie ihr Datensatz sagt</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the phone answers with a tap one can feel</source>
   <translation>das Telefon antwortet mit einem spürbaren Tippen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Open, take the display out</source>
   <translation>Öffnen, das Display herausnehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Switch the phone off. Warm the edge, lift the display, keep every screw in the place of its hole.</source>
   <translation>Das Telefon ausschalten. Die Kante wärmen, das Display anheben, jede Schraube am Platz ihres Lochs ablegen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Disconnect the battery before any other connector, then the display.</source>
   <translation>Die Batterie vor jedem anderen Stecker trennen, dann das Display.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>edge warmer 80 °C, 2 min</source>
   <translation>Kantenwärmer 80 °C, 2 min</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lithium cell: never bend, pierce or heat it. If it swells, hisses or smells, stop, put it in the sand bucket and air the room.</source>
   <translation>Lithiumzelle: nie biegen, durchstechen oder erhitzen. Wenn sie sich bläht, zischt oder riecht: aufhören, in den Sandeimer damit und lüften.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit the display, start the phone</source>
   <translation>Das Display einbauen, das Telefon starten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the panel is broken in fitting: take another one</source>
   <translation>das Panel ist beim Einbau gebrochen: ein anderes nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit the front sensor flex of the phone, then the display; the hardest connector first, the battery last.</source>
   <translation>Das vordere Sensor-Flex des Telefons einbauen, dann das Display; den schwersten Stecker zuerst, die Batterie zuletzt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Start the phone and test before sealing.</source>
   <translation>Das Telefon starten und vor dem Versiegeln testen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Do not press on the cell. Connect the battery last.</source>
   <translation>Nicht auf die Zelle drücken. Die Batterie zuletzt verbinden.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Unbind the board on the phone</source>
   <translation>Die Platine am Telefon entkoppeln</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; restart the phone and try again</source>
   <translation>nichts ist verloren; das Telefon neu starten und noch einmal versuchen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone runs, is unlocked and trusts this bench. After it the board gives the display's codes over the cable.</source>
   <translation>Das Telefon läuft, ist entsperrt und vertraut dieser Werkbank. Danach gibt die Platine die Displaycodes über das Kabel her.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lift the memory off the board</source>
   <translation>Den Speicher von der Platine ablösen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take the board out, shield what stands beside the memory, underfill softened first.</source>
   <translation>Die Platine herausnehmen, abschirmen, was neben dem Speicher steht, die Unterfüllung zuerst erweichen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Warm evenly, lift when the balls flow, clean the pads.</source>
   <translation>Gleichmäßig wärmen, anheben, wenn die Kugeln fließen, die Lötflächen reinigen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>hot air 350 °C, middle flow</source>
   <translation>Heißluft 350 °C, mittlerer Strom</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>board preheated to 120 °C</source>
   <translation>Platine auf 120 °C vorgeheizt</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Hot air and flux fumes: extraction on. Battery out and away from the heat. Glasses on.</source>
   <translation>Heißluft und Flussmitteldämpfe: Absaugung an. Batterie heraus und weg von der Hitze. Brille auf.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Unbind the memory in its socket</source>
   <translation>Den Speicher in seinem Sockel entkoppeln</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; seat it again and repeat</source>
   <translation>nichts ist verloren; neu einsetzen und wiederholen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>5 to 20 minutes (common practice): go on with another phone meanwhile.</source>
   <translation>5 bis 20 Minuten (übliche Praxis): inzwischen mit einem anderen Telefon weitermachen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Re-ball the memory and put it back</source>
   <translation>Den Speicher neu bekugeln und zurücksetzen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>a cold joint can be done again once; then the board is lost</source>
   <translation>eine kalte Lötstelle lässt sich einmal nachlöten; dann ist die Platine verloren</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Re-ball on the stencil, place, warm until it settles, let it cool.</source>
   <translation>Auf der Schablone bekugeln, aufsetzen, wärmen, bis er sich setzt, abkühlen lassen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Test that the board starts before anything is fitted.</source>
   <translation>Testen, dass die Platine startet, bevor etwas eingebaut wird.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>re-ball at about 280 °C</source>
   <translation>bekugeln bei etwa 280 °C</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Let the owner confirm trust</source>
   <translation>Den Eigentümer das Vertrauen bestätigen lassen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone asks whether to trust this bench; its owner unlocks it and says yes.</source>
   <translation>Das Telefon fragt, ob es dieser Werkbank vertrauen soll; sein Eigentümer entsperrt es und sagt ja.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Close the phone up</source>
   <translation>Das Telefon schließen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Put in what there is, the battery last, and close the phone: it is not left open.</source>
   <translation>Einsetzen, was da ist, die Batterie zuletzt, und das Telefon schließen: es bleibt nicht offen liegen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Connect the new panel for a trial, start the phone</source>
   <translation>Das neue Panel zur Probe verbinden, das Telefon starten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Connect only what is needed, battery last. Confirm trust on the screen.</source>
   <translation>Nur verbinden, was nötig ist, die Batterie zuletzt. Das Vertrauen am Bildschirm bestätigen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Nothing is glued, nothing is screwed.</source>
   <translation>Nichts wird geklebt, nichts geschraubt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Switch off, take the panel off again</source>
   <translation>Ausschalten, das Panel wieder abnehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Phone off, battery connector first, then the panel.</source>
   <translation>Telefon aus, Batteriestecker zuerst, dann das Panel.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Open the phone again</source>
   <translation>Das Telefon wieder öffnen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Switch off, warm the edge, lift the display. Battery connector first.</source>
   <translation>Ausschalten, die Kante wärmen, das Display anheben. Batteriestecker zuerst.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lithium cell: never bend, pierce or heat it.</source>
   <translation>Lithiumzelle: nie biegen, durchstechen oder erhitzen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Begin finishing on the phone</source>
   <translation>Das Abschließen am Telefon beginnen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Parts page, restart and finish, network, terms: once for every part of the phone.</source>
   <translation>Teileseite, neu starten und abschließen, Netz, Bedingungen: einmal für jedes Teil des Telefons.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Locked parts are skipped: the others can be finished first. Only the owner can release a locked one.</source>
   <translation>Gesperrte Teile werden ausgelassen: die anderen lassen sich zuerst abschließen. Nur der Eigentümer kann ein gesperrtes freigeben.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>A part that was bound elsewhere says used from then on, even back in its own phone.</source>
   <translation>Ein Teil, das anderswo gebunden war, heißt von da an gebraucht, auch zurück in seinem eigenen Telefon.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Original panel on the socket</source>
   <translation>Originalpanel auf den Sockel</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Wear the wrist strap. Press the connector home on both ends; the socket lamp must light.</source>
   <translation>Das Armband tragen. Den Stecker an beiden Enden ganz eindrücken; die Sockellampe muss leuchten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Discharge yourself first: a spark kills a panel without a trace.</source>
   <translation>Sich zuerst entladen: ein Funke zerstört ein Panel spurlos.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read and keep the original</source>
   <translation>Das Original lesen und sichern</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; clean the contacts and read again</source>
   <translation>nichts ist verloren; Kontakte reinigen und noch einmal lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The record is read twice, compared, kept in the vault and read back from there.</source>
   <translation>Der Datensatz wird zweimal gelesen, verglichen, im Tresor gesichert und von dort zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take the codes from an earlier backup</source>
   <translation>Die Codes aus einer früheren Sicherung nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The newest backup of this phone is taken from the vault and checked byte by byte.</source>
   <translation>Die neueste Sicherung dieses Telefons wird aus dem Tresor geholt und Byte für Byte geprüft.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read the codes over the cable</source>
   <translation>Die Codes über das Kabel lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone must run, be unlocked and trust this bench.</source>
   <translation>Das Telefon muss laufen, entsperrt sein und dieser Werkbank vertrauen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>New panel on the socket</source>
   <translation>Neues Panel auf den Sockel</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take the other panel off first. Press the connector home on both ends; the socket lamp must light.</source>
   <translation>Zuerst das andere Panel abnehmen. Den Stecker an beiden Enden ganz eindrücken; die Sockellampe muss leuchten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read and check the new panel</source>
   <translation>Das neue Panel lesen und prüfen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Maker, model and what the panel already carries are compared with the ticket and the backup.</source>
   <translation>Hersteller, Modell und was das Panel schon trägt, werden mit Auftrag und Sicherung verglichen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write record</source>
   <translation>Datensatz schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the write counts all the same; stop, a further try can kill the panel</source>
   <translation>das Schreiben zählt trotzdem; aufhören, ein weiterer Versuch kann das Panel zerstören</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The record is written once and read back at once. Hands off the socket until the read-back is compared.</source>
   <translation>Der Datensatz wird einmal geschrieben und sofort zurückgelesen. Hände weg vom Sockel, bis der Vergleich fertig ist.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take the panel off the socket</source>
   <translation>Das Panel vom Sockel nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lift the connector straight up.</source>
   <translation>Den Stecker gerade nach oben abheben.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lift the original's touch chip</source>
   <translation>Den Touch-Chip des Originals ablösen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the chip is lost, and with it the way to a clean parts page</source>
   <translation>der Chip ist verloren, und mit ihm der Weg zu einer sauberen Teileseite</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Shield the panel, flux, warm evenly, lift the chip when the balls flow. Never pull.</source>
   <translation>Das Panel abschirmen, Flussmittel, gleichmäßig wärmen, den Chip anheben, wenn die Kugeln fließen. Nie ziehen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Clean the pads with wick, re-ball the chip on its stencil.</source>
   <translation>Die Lötflächen mit Litze reinigen, den Chip auf seiner Schablone neu bekugeln.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>hot air 330 °C, low flow</source>
   <translation>Heißluft 330 °C, geringer Strom</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Hot air and flux fumes: extraction on, isopropyl closed and away. Glasses on.</source>
   <translation>Heißluft und Flussmitteldämpfe: Absaugung an, Isopropanol zu und weg. Brille auf.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Clear the new panel's own chip</source>
   <translation>Den eigenen Chip des neuen Panels entfernen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the new panel is lost</source>
   <translation>das neue Panel ist verloren</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The panel must live, its chip need not: grind it down in thin layers, stop at the pads.</source>
   <translation>Das Panel muss leben, sein Chip nicht: in dünnen Schichten abschleifen, an den Lötflächen aufhören.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Wick the pads flat and clean them.</source>
   <translation>Die Lötflächen mit Litze ebnen und reinigen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>grinder at low speed, 0.1 mm a pass</source>
   <translation>Schleifer mit niedriger Drehzahl, 0,1 mm je Gang</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Glass and metal dust: glasses, mask and extraction. Nothing loose near the spindle.</source>
   <translation>Glas- und Metallstaub: Brille, Maske und Absaugung. Nichts Loses nahe der Spindel.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Solder the original touch chip</source>
   <translation>Den originalen Touch-Chip auflöten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>dry joints can be done again once; watch the pads</source>
   <translation>kalte Lötstellen lassen sich einmal nachlöten; auf die Lötflächen achten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Flux, place, warm until the chip settles. Insulate under the shield, clean, let it cool.</source>
   <translation>Flussmittel, aufsetzen, wärmen, bis sich der Chip setzt. Unter der Abschirmung isolieren, reinigen, abkühlen lassen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Test touch before anything is closed.</source>
   <translation>Touch testen, bevor etwas geschlossen wird.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>cool 2 min</source>
   <translation>2 min kühlen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Check touch</source>
   <translation>Touch prüfen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone's own touch test is read over the cable; draw across every edge as well.</source>
   <translation>Der Touch-Test des Telefons wird über das Kabel gelesen; auch über jede Kante streichen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Check auto-brightness</source>
   <translation>Auto-Helligkeit prüfen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Screen luminance is measured with the light box dim and bright; it must rise with the light.</source>
   <translation>Die Leuchtdichte des Bildschirms wird bei dunkler und heller Lichtkiste gemessen; sie muss mit dem Licht steigen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Measure the white under two lights</source>
   <translation>Das Weiß unter zwei Lichtern messen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The colorimeter reads the screen's white under a warm and a cool light; the program judges whether it follows.</source>
   <translation>Das Farbmessgerät liest das Weiß des Bildschirms unter warmem und kühlem Licht; das Programm beurteilt, ob es folgt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The parts page is read over the cable after a restart.</source>
   <translation>Die Teileseite wird nach einem Neustart über das Kabel gelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Type the display serial from paper</source>
   <translation>Die Display-Seriennummer vom Papier eintippen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; the paper was misread or is of another phone</source>
   <translation>nichts ist verloren; das Papier wurde verlesen oder ist von einem anderen Telefon</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Length, alphabet, look-alike characters and near misses are checked against everything known.</source>
   <translation>Länge, Alphabet, ähnliche Zeichen und Beinahe-Treffer werden gegen alles Bekannte geprüft.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The last resort: always read back after writing.</source>
   <translation>Das letzte Mittel: nach dem Schreiben immer zurücklesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take a complete record and put this phone's codes into it</source>
   <translation>Einen vollständigen Datensatz nehmen und die Codes dieses Telefons hineinsetzen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; the record does not suit this panel</source>
   <translation>nichts ist verloren; der Datensatz passt nicht zu diesem Panel</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>A complete record of the same model and panel maker is taken from the vault, this phone's codes are put into it, and that is written once.</source>
   <translation>Ein vollständiger Datensatz desselben Modells und Panelherstellers wird aus dem Tresor geholt, die Codes dieses Telefons werden hineingesetzt, und das wird einmal geschrieben.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take another panel</source>
   <translation>Ein anderes Panel nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lay the first one aside with a note of what was tried on it.</source>
   <translation>Das erste mit einer Notiz beiseitelegen, was daran versucht wurde.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Find out about the donor panel</source>
   <translation>Über das Spenderpanel erkundigen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Ask where it came from: a panel locked to somebody's account cannot be finished, and only its owner can release it.</source>
   <translation>Fragen, woher es kam: ein an jemandes Konto gesperrtes Panel lässt sich nicht abschließen, und nur sein Eigentümer kann es freigeben.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Look at the touch flex: one that was replaced is refused as well.</source>
   <translation>Das Touch-Flex ansehen: ein ersetztes wird ebenfalls abgelehnt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>If either is so, tick that it failed: nothing is lost, and no heat was spent.</source>
   <translation>Trifft eines zu, abhaken, dass es fehlschlug: nichts ist verloren, und keine Hitze wurde verbraucht.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write the codes alone</source>
   <translation>Nur die Codes schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Display serial and cover code are written, the calibration is not: it is of another maker's panel. Written once, read back at once.</source>
   <translation>Display-Seriennummer und Glascode werden geschrieben, die Kalibrierung nicht: sie ist von einem Panel eines anderen Herstellers. Einmal geschrieben, sofort zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write the codes alone, for the panel's own chip</source>
   <translation>Nur die Codes schreiben, für den eigenen Chip des Panels</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The board's display serial and the code of the chip on the panel are written, the calibration is not: it is of another maker's panel. Written once, read back at once.</source>
   <translation>Die Display-Seriennummer der Platine und der Code des Chips auf dem Panel werden geschrieben, die Kalibrierung nicht: sie ist von einem Panel eines anderen Herstellers. Einmal geschrieben, sofort zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write another maker's record</source>
   <translation>Den Datensatz eines anderen Herstellers schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the write counts all the same; this panel refuses the other maker's record and is not asked again</source>
   <translation>das Schreiben zählt trotzdem; dieses Panel lehnt den Datensatz des anderen Herstellers ab und wird nicht noch einmal gefragt</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Some panels of this maker take a record of the other maker's panels, others refuse it: decide, and say so, before it is sent.</source>
   <translation>Manche Panels dieses Herstellers nehmen einen Datensatz von Panels des anderen, andere lehnen ihn ab: entscheiden und es sagen, bevor er gesendet wird.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Written once, read back at once.</source>
   <translation>Einmal geschrieben, sofort zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write the record for the panel's own chip</source>
   <translation>Den Datensatz für den eigenen Chip des Panels schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The board's display serial with the code of the chip that sits on the panel: what finishing on the phone asks for.</source>
   <translation>Die Display-Seriennummer der Platine mit dem Code des Chips, der auf dem Panel sitzt: danach fragt das Abschließen am Telefon.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Copy the moved chip's code into the record</source>
   <translation>Den Code des umgesetzten Chips in den Datensatz übernehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The cover code becomes that of the original chip on the panel. Written once, read back at once.</source>
   <translation>Der Glascode wird der des originalen Chips auf dem Panel. Einmal geschrieben, sofort zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write the tuned record</source>
   <translation>Den abgestimmten Datensatz schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The calibration made for this panel, with the codes that it carries already. Written once, read back at once.</source>
   <translation>Die für dieses Panel gemachte Kalibrierung, mit den Codes, die es schon trägt. Einmal geschrieben, sofort zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Finish the display on the phone</source>
   <translation>Das Display am Telefon abschließen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; the service is often busy: try again, then in the phone's diagnostic mode</source>
   <translation>nichts ist verloren; der Dienst ist oft belegt: noch einmal versuchen, dann im Diagnosemodus des Telefons</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone binds the panel as it is: it says used from then on if it was bound elsewhere.</source>
   <translation>Das Telefon bindet das Panel, wie es ist: es heißt von da an gebraucht, wenn es anderswo gebunden war.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Test the front sensor flex</source>
   <translation>Das vordere Sensor-Flex testen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Cover the sensor and watch the screen's brightness; look for corrosion, tears and a flex that is not the phone's own.</source>
   <translation>Den Sensor abdecken und die Helligkeit des Bildschirms beobachten; auf Korrosion, Risse und ein fremdes Flex achten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>If it is not the original or not sound, tick that it failed.</source>
   <translation>Ist es nicht das Original oder nicht heil, abhaken, dass es fehlschlug.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Back up the sensor flex through the ear-speaker connector</source>
   <translation>Das Sensor-Flex über den Hörmuschelstecker sichern</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; seat the adapter again</source>
   <translation>nichts ist verloren; den Adapter neu aufsetzen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone is on and trusts this bench; the adapter sits on the ear-speaker connector.</source>
   <translation>Das Telefon ist an und vertraut dieser Werkbank; der Adapter sitzt auf dem Hörmuschelstecker.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The data are read twice, compared, kept in the vault and read back.</source>
   <translation>Die Daten werden zweimal gelesen, verglichen, im Tresor gesichert und zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take the flex data from an earlier backup</source>
   <translation>Die Flexdaten aus einer früheren Sicherung nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The newest backup of this phone's flex is taken from the vault and checked byte by byte.</source>
   <translation>Die neueste Sicherung vom Flex dieses Telefons wird aus dem Tresor geholt und Byte für Byte geprüft.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read the flex data from the unbound board</source>
   <translation>Die Flexdaten von der entkoppelten Platine lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>New flex on the programmer</source>
   <translation>Neues Flex ans Programmiergerät</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lay the programmable flex into its holder; the socket lamp must light.</source>
   <translation>Das programmierbare Flex in seinen Halter legen; die Sockellampe muss leuchten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write the new flex</source>
   <translation>Das neue Flex schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the flex can be written again</source>
   <translation>das Flex lässt sich noch einmal schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The original flex's data are written to the new one and read back.</source>
   <translation>Die Daten des originalen Flex werden auf das neue geschrieben und zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Swap the sensor flex</source>
   <translation>Das Sensor-Flex tauschen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>a dry joint can be done again once; then the new flex is lost</source>
   <translation>eine kalte Lötstelle lässt sich einmal nachlöten; dann ist das neue Flex verloren</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery disconnected. Take the old flex out, move the ear speaker: two solder points.</source>
   <translation>Batterie getrennt. Das alte Flex herausnehmen, die Hörmuschel umsetzen: zwei Lötpunkte.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>A bright start-up logo is normal.</source>
   <translation>Ein helles Startlogo ist normal.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>iron 350 °C</source>
   <translation>Lötkolben 350 °C</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Disconnect the battery first. Iron and fumes: extraction on.</source>
   <translation>Zuerst die Batterie trennen. Lötkolben und Dämpfe: Absaugung an.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Signature</source>
   <translation>Signatur</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Ambient sensor gains</source>
   <translation>Verstärkungen des Lichtsensors</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Ask the phone for infrared camera and flood light</source>
   <translation>Das Telefon nach Infrarotkamera und Flutlicht fragen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>infrared camera or flood light do not answer: an extension of the projector cannot bring Face ID back</source>
   <translation>Infrarotkamera oder Flutlicht antworten nicht: eine Verlängerung des Projektors kann Face ID nicht zurückbringen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone is on and trusts this bench. Both codes must be those that its board expects: only then the projector is to blame.</source>
   <translation>Das Telefon ist an und vertraut dieser Werkbank. Beide Codes müssen die sein, die seine Platine erwartet: nur dann ist der Projektor schuld.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take the face module out, seat it on the programmer</source>
   <translation>Das Gesichtsmodul herausnehmen, ins Programmiergerät setzen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Phone off, battery disconnected. Lift the module's three connectors, take the module out.</source>
   <translation>Telefon aus, Batterie getrennt. Die drei Stecker des Moduls abheben, das Modul herausnehmen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Seat it on the programmer's place for face modules, supply unpowered.</source>
   <translation>Auf den Platz des Programmiergeräts für Gesichtsmodule setzen, Netzteil stromlos.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Electrostatic discharge: strap on. Never run a bare projector at eye height: its infrared light cannot be seen (IEC 60825-1).</source>
   <translation>Elektrostatische Entladung: Armband an. Einen nackten Projektor nie in Augenhöhe betreiben: sein Infrarotlicht ist unsichtbar (IEC 60825-1).</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Test the module's lines</source>
   <translation>Die Leitungen des Moduls testen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the link chip is silent, or the module was repaired before: no extension flex can save it</source>
   <translation>der Verbindungschip ist stumm, oder das Modul wurde schon repariert: kein Verlängerungsflex kann es retten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Six lines, the link chip, the power switch and the module's revision are read.</source>
   <translation>Sechs Leitungen, der Verbindungschip, der Leistungsschalter und die Ausgabe des Moduls werden gelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Back up the dot map, twice over</source>
   <translation>Die Punktkarte sichern, doppelt</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read twice and compared, each block by its checksum. Kept in the vault and in the shop's second place, and read back from both.</source>
   <translation>Zweimal gelesen und verglichen, jeder Block mit seiner Prüfsumme. Im Tresor und am zweiten Ort der Werkstatt gesichert und von beiden zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Switch the open phone on, on the cable</source>
   <translation>Das offene Telefon einschalten, am Kabel</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery on again, phone on the cable, its owner's trust confirmed: it must be the same phone when the module is activated.</source>
   <translation>Batterie wieder an, Telefon am Kabel, Vertrauen vom Eigentümer bestätigt: es muss dasselbe Telefon sein, wenn das Modul aktiviert wird.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Activate: open the projector's power switch, once</source>
   <translation>Aktivieren: den Leistungsschalter des Projektors öffnen, einmal</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the module's one activation is spent: it cannot be saved by an extension flex any more</source>
   <translation>die einzige Aktivierung des Moduls ist verbraucht: ein Verlängerungsflex kann es nicht mehr retten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Supply of 19 V on, its lamp lit. The phone stays on the cable.</source>
   <translation>Netzteil mit 19 V an, seine Lampe leuchtet. Das Telefon bleibt am Kabel.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Hold until the ring closes; leave everything in its place for the ten seconds after it.</source>
   <translation>Halten, bis sich der Ring schließt; danach zehn Sekunden alles an seinem Platz lassen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>19 V, 0.15 to 0.35 A, 8 s</source>
   <translation>19 V, 0,15 bis 0,35 A, 8 s</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The supply: fit and remove the module unpowered. Invisible infrared: the projector looks away from everybody's eyes.</source>
   <translation>Das Netzteil: das Modul stromlos einsetzen und herausnehmen. Unsichtbares Infrarot: der Projektor blickt von jedermanns Augen weg.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Extension flex on the holder</source>
   <translation>Verlängerungsflex auf den Halter</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lay the new extension flex into its holder, contacts down.</source>
   <translation>Das neue Verlängerungsflex in seinen Halter legen, Kontakte nach unten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write the dot map to the extension flex</source>
   <translation>Die Punktkarte auf das Verlängerungsflex schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; seat the flex again and write once more</source>
   <translation>nichts ist verloren; das Flex neu einsetzen und noch einmal schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The module's own backup is written and read back.</source>
   <translation>Die eigene Sicherung des Moduls wird geschrieben und zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Cut the shield's locating plate</source>
   <translation>Das Fixierblech der Abschirmung schneiden</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>This model's shield has a plate where the extension lies: cut it off flush, file the edge.</source>
   <translation>Die Abschirmung dieses Modells hat ein Blech, wo die Verlängerung liegt: bündig abschneiden, die Kante feilen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Metal splinters: glasses on.</source>
   <translation>Metallsplitter: Brille auf.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fold the extension flex onto the module</source>
   <translation>Das Verlängerungsflex auf das Modul falten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>folded wrong, all lines read open: the flex protects itself. Unfold it and fold again</source>
   <translation>falsch gefaltet lesen sich alle Leitungen offen: das Flex schützt sich. Auseinanderfalten und neu falten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Follow the fold guide: each fold in its order. Keep the flex clear of the screw hole beside the ear speaker.</source>
   <translation>Der Faltanleitung folgen: jede Falte in ihrer Reihenfolge. Das Flex vom Schraubenloch neben der Hörmuschel freihalten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Test the lines through the extension</source>
   <translation>Die Leitungen durch die Verlängerung testen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>a line reads open: the flex is folded wrong, fold it again</source>
   <translation>eine Leitung liest sich offen: das Flex ist falsch gefaltet, neu falten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>All six lines must read normal through the folded flex.</source>
   <translation>Alle sechs Leitungen müssen sich durch das gefaltete Flex normal lesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Move the link chip, bridge the projector</source>
   <translation>Den Verbindungschip umsetzen, den Projektor überbrücken</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the module is ruined</source>
   <translation>das Modul ist zerstört</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The older school: the link chip is moved to a donor flex, its lines are bridged by soldering.</source>
   <translation>Die ältere Schule: der Verbindungschip wird auf ein Spenderflex umgesetzt, seine Leitungen werden durch Löten überbrückt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Insulate, clean, test every line before fitting.</source>
   <translation>Isolieren, reinigen, jede Leitung vor dem Einbau testen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>hot air 300 °C, lowest flow</source>
   <translation>Heißluft 300 °C, geringster Strom</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>iron 350 °C, finest tip</source>
   <translation>Lötkolben 350 °C, feinste Spitze</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Hot air: burns. Extract the fumes.</source>
   <translation>Heißluft: Verbrennungen. Die Dämpfe absaugen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit the face module again</source>
   <translation>Das Gesichtsmodul wieder einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Camera connector first, screen and battery after. The flex stays clear of the screw hole beside the ear speaker.</source>
   <translation>Kamerastecker zuerst, Bildschirm und Batterie danach. Das Flex bleibt vom Schraubenloch neben der Hörmuschel frei.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Electrostatic discharge: strap on.</source>
   <translation>Elektrostatische Entladung: Armband an.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Prove Face ID</source>
   <translation>Face ID nachweisen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>A flat matt card at two distances: the dots that the projector throws are compared with the map.</source>
   <translation>Eine ebene matte Karte in zwei Entfernungen: die Punkte, die der Projektor wirft, werden mit der Karte des Moduls verglichen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Enrol a face, then unlock as often as the shop claims.</source>
   <translation>Ein Gesicht anlernen, dann so oft entsperren, wie die Werkstatt zusagt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Invisible infrared: hold the card, not your eyes, before the phone's top.</source>
   <translation>Unsichtbares Infrarot: die Karte, nicht die Augen, vor die Oberseite des Telefons halten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Module revision</source>
   <translation>Ausgabe des Moduls</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Dot map, block 1</source>
   <translation>Punktkarte, Block 1</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Dot map, block 2</source>
   <translation>Punktkarte, Block 2</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Dot map, block 3</source>
   <translation>Punktkarte, Block 3</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Dot map, block 4</source>
   <translation>Punktkarte, Block 4</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Dot map, block 5</source>
   <translation>Punktkarte, Block 5</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Dot map, block 6</source>
   <translation>Punktkarte, Block 6</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Compare with a known-good front camera</source>
   <translation>Mit einer sicher heilen Frontkamera vergleichen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the board runs no camera: it is the board, and no new camera helps</source>
   <translation>die Platine betreibt keine Kamera: es ist die Platine, und keine neue Kamera hilft</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery disconnected. Lay the shop's known-good camera on the board's connector, then connect and look at its picture.</source>
   <translation>Batterie getrennt. Die sicher heile Kamera der Werkstatt auf den Stecker der Platine legen, dann verbinden und ihr Bild ansehen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>It shows one: the board is sound, the camera was not. It does not: the board runs none.</source>
   <translation>Sie zeigt eines: die Platine ist heil, die Kamera war es nicht. Sie zeigt keines: die Platine betreibt keine.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Never swap another customer's camera in to try: a part that was bound elsewhere says used for ever.</source>
   <translation>Nie die Kamera eines anderen Kunden zum Probieren einsetzen: ein Teil, das anderswo gebunden war, heißt für immer gebraucht.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lithium cell beside it: battery disconnected first. Electrostatic discharge: strap on.</source>
   <translation>Lithiumzelle daneben: zuerst die Batterie trennen. Elektrostatische Entladung: Armband an.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read the front camera's data over the cable</source>
   <translation>Die Daten der Frontkamera über das Kabel lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; try the cable again</source>
   <translation>nichts ist verloren; das Kabel noch einmal versuchen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone is on and trusts this bench. Serial, focus codes and lens table are kept in the vault.</source>
   <translation>Das Telefon ist an und vertraut dieser Werkbank. Seriennummer, Fokuscodes und Linsentabelle werden im Tresor gesichert.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Original front camera on the holder</source>
   <translation>Originale Frontkamera auf den Halter</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery disconnected. Take the assembly out, lay the original camera's flex into the holder; close the lid until it clicks.</source>
   <translation>Batterie getrennt. Die Baugruppe herausnehmen, das Flex der Originalkamera in den Halter legen; den Deckel schließen, bis er einrastet.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Never lever against the battery. Touch no lens.</source>
   <translation>Nie gegen die Batterie hebeln. Keine Linse berühren.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read the original front camera</source>
   <translation>Die originale Frontkamera lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>a flex that is torn gives nothing: an earlier backup of this phone is the only other source</source>
   <translation>ein gerissenes Flex gibt nichts her: eine frühere Sicherung dieses Telefons ist die einzige andere Quelle</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Serial, focus codes and lens table are read twice, compared and kept in the vault.</source>
   <translation>Seriennummer, Fokuscodes und Linsentabelle werden zweimal gelesen, verglichen und im Tresor gesichert.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Take the front camera's data from an earlier backup</source>
   <translation>Die Daten der Frontkamera aus einer früheren Sicherung nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>A backup of this very phone's own camera is in the vault: its phone and model are compared.</source>
   <translation>Eine Sicherung der eigenen Kamera genau dieses Telefons ist im Tresor: Telefon und Modell werden verglichen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Unbind the front camera on the phone</source>
   <translation>Die Frontkamera am Telefon entkoppeln</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; try once more</source>
   <translation>nichts ist verloren; noch einmal versuchen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The board lets go of its camera, so that it takes another one with the same data.</source>
   <translation>Die Platine lässt ihre Kamera los, damit sie eine andere mit denselben Daten annimmt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Solder the programmable flex to the new camera</source>
   <translation>Das programmierbare Flex an die neue Kamera löten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the lens was too hot, or a pad has come off: take another camera</source>
   <translation>die Linse wurde zu heiß, oder eine Lötfläche hat sich gelöst: eine andere Kamera nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Shield off; the glue is softened with hot air, the lens turned away from it: too hot a stream kills the lens.</source>
   <translation>Abschirmung ab; der Kleber wird mit Heißluft erweicht, die Linse davon abgewandt: ein zu heißer Strom zerstört die Linse.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Old flex off, pads cleaned, the programmable flex aligned and soldered; no dry joints; insulate.</source>
   <translation>Altes Flex ab, Lötflächen gereinigt, das programmierbare Flex ausgerichtet und angelötet; keine kalten Lötstellen; isolieren.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>hot air 120 °C at the glue (common practice, no source)</source>
   <translation>Heißluft 120 °C am Kleber (übliche Praxis, ohne Quelle)</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>iron 380 °C, finest tip, for the pads (common practice, no source)</source>
   <translation>Lötkolben 380 °C, feinste Spitze, für die Lötflächen (übliche Praxis, ohne Quelle)</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Hot air and iron: burns. Extract the fumes, glasses on. Follow your shop's own safety rules.</source>
   <translation>Heißluft und Lötkolben: Verbrennungen. Die Dämpfe absaugen, Brille auf. Den eigenen Sicherheitsregeln der Werkstatt folgen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>New front camera on the holder</source>
   <translation>Neue Frontkamera auf den Halter</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lay the new camera's flex into the holder, contacts down; close the lid until it clicks.</source>
   <translation>Das Flex der neuen Kamera in den Halter legen, Kontakte nach unten; den Deckel schließen, bis er einrastet.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read the new front camera</source>
   <translation>Die neue Frontkamera lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>a flex that gives nothing has a dry joint: solder its pads again</source>
   <translation>ein Flex, das nichts hergibt, hat eine kalte Lötstelle: seine Lötflächen nachlöten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The programmer must see the flex: that tells a good joint from a dry one.</source>
   <translation>Das Programmiergerät muss das Flex sehen: das unterscheidet eine gute von einer kalten Lötstelle.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write the original's data to the new front camera</source>
   <translation>Die Daten des Originals auf die neue Frontkamera schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Serial, focus codes and lens table are written and read back.</source>
   <translation>Seriennummer, Fokuscodes und Linsentabelle werden geschrieben und zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit the new front camera</source>
   <translation>Die neue Frontkamera einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Move the new camera into the original assembly; nothing on the lens. Camera connector first, screen and battery after.</source>
   <translation>Die neue Kamera in die originale Baugruppe setzen; nichts auf der Linse. Kamerastecker zuerst, Bildschirm und Batterie danach.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Each screw back into its own hole.</source>
   <translation>Jede Schraube zurück in ihr eigenes Loch.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery disconnected. Electrostatic discharge: strap on.</source>
   <translation>Batterie getrennt. Elektrostatische Entladung: Armband an.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Flash the system after the swap</source>
   <translation>Das System nach dem Tausch neu aufspielen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; charge the phone, then flash it again</source>
   <translation>nichts ist verloren; das Telefon laden, dann noch einmal aufspielen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone stays on the charger. Its owner's data stay; they should be backed up all the same.</source>
   <translation>Das Telefon bleibt am Ladegerät. Die Daten des Eigentümers bleiben; gesichert sein sollten sie trotzdem.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit a genuine front camera</source>
   <translation>Eine Originalfrontkamera einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Move the genuine camera into the original assembly; the phone finishes it afterwards.</source>
   <translation>Die Originalkamera in die originale Baugruppe setzen; das Telefon schließt sie danach ab.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Let the phone finish its front camera</source>
   <translation>Das Telefon seine Frontkamera abschließen lassen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone binds the camera as it is: it says used from then on if it was bound elsewhere.</source>
   <translation>Das Telefon bindet die Kamera, wie sie ist: sie heißt von da an gebraucht, wenn sie anderswo gebunden war.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Prove the front camera</source>
   <translation>Die Frontkamera nachweisen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The slanted-edge chart, evenly lit, before the phone at three distances: near, at arm's length, farther. Photo, film, depth and focus are judged by their frames.</source>
   <translation>Die Tafel mit den geneigten Kanten, gleichmäßig beleuchtet, in drei Entfernungen vor dem Telefon: nah, auf Armlänge, weiter. Foto, Film, Tiefe und Fokus werden an ihren Bildern beurteilt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Camera serial</source>
   <translation>Seriennummer der Kamera</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Focus, far</source>
   <translation>Fokus, fern</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Focus, dioptre</source>
   <translation>Fokus, Dioptrie</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lens table</source>
   <translation>Linsentabelle</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit a genuine rear camera</source>
   <translation>Eine Originalrückkamera einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery disconnected. Take out the camera's plate, lift its connector, seat the new module flat; nothing on its lenses.</source>
   <translation>Batterie getrennt. Das Kamerablech herausnehmen, den Stecker abheben, das neue Modul eben einsetzen; nichts auf den Linsen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Never swap modules only to try: one that was bound elsewhere says used from then on.</source>
   <translation>Module nie nur zum Probieren tauschen: eines, das anderswo gebunden war, heißt von da an gebraucht.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lithium cell beside it: never lever against the battery. Electrostatic discharge: strap on.</source>
   <translation>Lithiumzelle daneben: nie gegen die Batterie hebeln. Elektrostatische Entladung: Armband an.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Let the phone finish its rear camera, with the sweep</source>
   <translation>Das Telefon seine Rückkamera abschließen lassen, mit dem Durchlauf</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; begin the sweep again in a well-lit room with several large objects</source>
   <translation>nichts ist verloren; den Durchlauf in einem hellen Raum mit mehreren großen Gegenständen noch einmal beginnen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Hold the phone upright at the chest, in a well-lit room with several large objects. Hold still for a moment, then turn left and right until the ring is full: 3 to 5 minutes (common practice, no source).</source>
   <translation>Das Telefon aufrecht vor die Brust halten, in einem hellen Raum mit mehreren großen Gegenständen. Einen Moment stillhalten, dann nach links und rechts drehen, bis der Ring voll ist: 3 bis 5 Minuten (übliche Praxis, ohne Quelle).</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>It cannot be skipped: the other parts stay unfinished without it.</source>
   <translation>Er lässt sich nicht auslassen: ohne ihn bleiben die anderen Teile unabgeschlossen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Look where you turn: clear the floor.</source>
   <translation>Schauen, wohin man dreht: den Boden freiräumen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Prove the rear camera</source>
   <translation>Die Rückkamera nachweisen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The chessboard before the camera in five views. Its rotation and delay against the gyroscope come from the sweep.</source>
   <translation>Das Schachbrett in fünf Ansichten vor der Kamera. Ihre Drehung und ihr Verzug gegen das Gyroskop kommen aus dem Durchlauf.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Angle to the gyroscope</source>
   <translation>Winkel zum Gyroskop</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Delay to the gyroscope</source>
   <translation>Verzug zum Gyroskop</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lens: fx, fy, cx, cy</source>
   <translation>Linse: fx, fy, cx, cy</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lens: k1, k2, p1, p2, k3</source>
   <translation>Linse: k1, k2, p1, p2, k3</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read the gauge over the cable</source>
   <translation>Den Ladezähler über das Kabel lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone is on and trusts this bench. Gauge registers and the serial that its board expects are kept in the vault.</source>
   <translation>Das Telefon ist an und vertraut dieser Werkbank. Die Register des Ladezählers und die Seriennummer, die seine Platine erwartet, werden im Tresor gesichert.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Look at the new cell</source>
   <translation>Die neue Zelle ansehen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>it is swollen or damaged: keep it on a fire-proof base, outdoors; take another one</source>
   <translation>sie ist aufgebläht oder beschädigt: auf feuerfester Unterlage im Freien aufbewahren; eine andere nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>From the side, on a flat surface: flat, dry, no dent, no sharp edge, no smell. Swollen or damaged: say that it failed.</source>
   <translation>Von der Seite, auf ebener Fläche: flach, trocken, keine Delle, keine scharfe Kante, kein Geruch. Aufgebläht oder beschädigt: sagen, dass es fehlschlug.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Never press, bend or puncture a cell. A swollen one is not charged, not shipped and not thrown away: local rules say where it goes.</source>
   <translation>Eine Zelle nie drücken, biegen oder durchstechen. Eine aufgeblähte wird nicht geladen, nicht verschickt und nicht weggeworfen: die örtlichen Vorschriften sagen, wohin damit.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Measure the new cell</source>
   <translation>Die neue Zelle messen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the cell is worse than it says: send it back, take another one</source>
   <translation>die Zelle ist schlechter, als sie sagt: zurückschicken, eine andere nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Clamp it to the station, sensor on its middle.</source>
   <translation>In die Station klemmen, Fühler auf ihre Mitte.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>It rests, charges, rests, discharges. The test stops as soon as enough is known, and goes on while you do other work.</source>
   <translation>Sie ruht, lädt, ruht, entlädt. Der Test hört auf, sobald genug bekannt ist, und läuft neben anderer Arbeit weiter.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Charge an unknown cell attended, on a fire-proof base, nothing that burns beside it. Hot or swelling: leave it, stand back.</source>
   <translation>Eine unbekannte Zelle beaufsichtigt laden, auf feuerfester Unterlage, nichts Brennbares daneben. Heiß oder sich blähend: lassen, zurücktreten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Weld the new cell to the gauge board</source>
   <translation>Die neue Zelle an die Ladezählerplatine schweißen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the gauge board is ruined: the phone's own battery identity is gone</source>
   <translation>die Ladezählerplatine ist zerstört: die eigene Batteriekennung des Telefons ist verloren</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery out. Cut the tabs of the old cell, insulate each at once. The board stays powered from the holder.</source>
   <translation>Batterie heraus. Die Laschen der alten Zelle schneiden, jede sofort isolieren. Die Platine bleibt vom Halter versorgt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Weld the new cell's tabs, negative first; insulate; measure before fitting.</source>
   <translation>Die Laschen der neuen Zelle anschweißen, Minus zuerst; isolieren; vor dem Einbau messen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>welder: lowest pulse that holds, two points each tab</source>
   <translation>Schweißgerät: kleinster Puls, der hält, zwei Punkte je Lasche</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>A cell burns when pierced, bent or shorted: no metal edge near it, never weld on the cell itself. Old cells by the local rules for shipping and disposal.</source>
   <translation>Eine Zelle brennt, wenn sie durchstochen, gebogen oder kurzgeschlossen wird: keine Metallkante in der Nähe, nie an der Zelle selbst schweißen. Alte Zellen nach den örtlichen Vorschriften für Versand und Entsorgung.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>New pack on the holder</source>
   <translation>Neuer Akku auf den Halter</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lay the new pack's data flex into its holder, contacts down.</source>
   <translation>Das Datenflex des neuen Akkus in den Halter legen, Kontakte nach unten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Activate the data flex, once</source>
   <translation>Das Datenflex aktivieren, einmal</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the flex's one activation is spent: take another pack</source>
   <translation>die einzige Aktivierung des Flex ist verbraucht: einen anderen Akku nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The flex is activated once in its life. Hold until the ring closes.</source>
   <translation>Das Flex wird einmal in seinem Leben aktiviert. Halten, bis sich der Ring schließt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write serial, health and cycles to the data flex</source>
   <translation>Seriennummer, Zustand und Zyklen auf das Datenflex schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Only figures that the measurement supports are written, and read back.</source>
   <translation>Nur Werte, die die Messung stützt, werden geschrieben und zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fold the data flex onto the pack</source>
   <translation>Das Datenflex auf den Akku falten</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Follow the fold guide. Put on the wrong way round it protects itself: take it off and fit it again.</source>
   <translation>Der Faltanleitung folgen. Verkehrt herum aufgesetzt schützt es sich: abnehmen und neu aufsetzen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit the new pack</source>
   <translation>Den neuen Akku einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; fit it again</source>
   <translation>nichts ist verloren; noch einmal einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Old battery out: pull the strips flat, heat only from the screen's side. New pack in, its connector last.</source>
   <translation>Alte Batterie heraus: die Streifen flach ziehen, nur von der Bildschirmseite wärmen. Neuer Akku hinein, sein Stecker zuletzt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Never lever under the old cell with metal: a pierced cell burns. Old cells by the local rules for shipping and disposal.</source>
   <translation>Nie mit Metall unter der alten Zelle hebeln: eine durchstochene Zelle brennt. Alte Zellen nach den örtlichen Vorschriften für Versand und Entsorgung.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Start it twice, compare the figures</source>
   <translation>Zweimal starten, die Werte vergleichen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>a figure differs from what was written: write the flex again</source>
   <translation>ein Wert weicht vom geschriebenen ab: das Flex noch einmal schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Charged supply on. First start: an unknown part and a red state are expected.</source>
   <translation>Geladenes Netzteil an. Erster Start: ein unbekanntes Teil und ein roter Zustand sind zu erwarten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Off, so that the old data clears. Second start: the phone's figures must be those that were written.</source>
   <translation>Aus, damit die alten Daten verschwinden. Zweiter Start: die Werte des Telefons müssen die geschriebenen sein.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit the genuine pack</source>
   <translation>Den Originalakku einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Let the phone finish its battery</source>
   <translation>Das Telefon seine Batterie abschließen lassen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the service is busy: try again; a pack that was bound elsewhere says used for ever</source>
   <translation>der Dienst ist belegt: noch einmal versuchen; ein Akku, der anderswo gebunden war, heißt für immer gebraucht</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone binds the pack as it is: it says used from then on if it was bound elsewhere.</source>
   <translation>Das Telefon bindet den Akku, wie er ist: er heißt von da an gebraucht, wenn er anderswo gebunden war.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit the unknown pack</source>
   <translation>Den unbekannten Akku einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>It works, and the battery notice stays: the customer is told.</source>
   <translation>Er arbeitet, und der Batteriehinweis bleibt: dem Kunden wird es gesagt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Prove that it runs on its battery</source>
   <translation>Nachweisen, dass es mit seiner Batterie läuft</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>What the cell holds was measured; the phone runs on it.</source>
   <translation>Was die Zelle fasst, wurde gemessen; das Telefon läuft damit.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Prove the battery health</source>
   <translation>Den Batteriezustand nachweisen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone's figures are compared with those that the measurement supports.</source>
   <translation>Die Werte des Telefons werden mit denen verglichen, die die Messung stützt.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Prove that no battery notice stands</source>
   <translation>Nachweisen, dass kein Batteriehinweis steht</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The parts page is read.</source>
   <translation>Die Teileseite wird gelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery status: address and command</source>
   <translation>Batteriestatus: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery status</source>
   <translation>Batteriestatus</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Specification: address and command</source>
   <translation>Spezifikation: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Specification</source>
   <translation>Spezifikation</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Temperature, in 0.1 K: address and command</source>
   <translation>Temperatur, in 0,1 K: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Temperature</source>
   <translation>Temperatur</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Voltage: address and command</source>
   <translation>Spannung: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Current: address and command</source>
   <translation>Strom: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Relative state of charge: address and command</source>
   <translation>Relativer Ladestand: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Relative state of charge</source>
   <translation>Relativer Ladestand</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Full-charge capacity: address and command</source>
   <translation>Volle Kapazität: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Full-charge capacity</source>
   <translation>Volle Kapazität</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Cycle count: address and command</source>
   <translation>Zyklenzahl: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Cycle count</source>
   <translation>Zyklenzahl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Design capacity: address and command</source>
   <translation>Nennkapazität: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Design capacity</source>
   <translation>Nennkapazität</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Design voltage: address and command</source>
   <translation>Nennspannung: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Design voltage</source>
   <translation>Nennspannung</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Manufacture date: address and command</source>
   <translation>Herstelldatum: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Manufacture date</source>
   <translation>Herstelldatum</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery mode: address and command</source>
   <translation>Batteriemodus: Adresse und Befehl</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery mode</source>
   <translation>Batteriemodus</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read the motor's serial over the cable</source>
   <translation>Die Seriennummer des Motors über das Kabel lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The phone is on and trusts this bench. The serial that its board expects is kept in the vault.</source>
   <translation>Das Telefon ist an und vertraut dieser Werkbank. Die Seriennummer, die seine Platine erwartet, wird im Tresor gesichert.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>New motor on the holder</source>
   <translation>Neuer Motor auf den Halter</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lay the new motor into the holder, contacts down; close the lid until it clicks.</source>
   <translation>Den neuen Motor in den Halter legen, Kontakte nach unten; den Deckel schließen, bis er einrastet.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Read the new motor</source>
   <translation>Den neuen Motor lesen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>a motor that the programmer does not see, or that buzzes once, hard, and then stays dumb, is faulty or counterfeit: try a known-good one before the board is blamed</source>
   <translation>ein Motor, den das Programmiergerät nicht sieht, oder der einmal hart summt und dann stumm bleibt, ist fehlerhaft oder gefälscht: einen sicher heilen versuchen, bevor die Platine beschuldigt wird</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The programmer must see the motor: that tells a good one from a faulty or counterfeit one.</source>
   <translation>Das Programmiergerät muss den Motor sehen: das unterscheidet einen guten von einem fehlerhaften oder gefälschten.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Write the serial to the new motor</source>
   <translation>Die Seriennummer auf den neuen Motor schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>nothing is lost; seat the motor again and write once more</source>
   <translation>nichts ist verloren; den Motor neu einsetzen und noch einmal schreiben</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>The original's serial is written and read back.</source>
   <translation>Die Seriennummer des Originals wird geschrieben und zurückgelesen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Fit the new motor</source>
   <translation>Den neuen Motor einbauen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the new motor's contacts are torn: take another one</source>
   <translation>die Kontakte des neuen Motors sind gerissen: einen anderen nehmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery disconnected. Take out the screws beside the motor, lift its contacts off, seat the new one.</source>
   <translation>Batterie getrennt. Die Schrauben neben dem Motor herausnehmen, seine Kontakte abheben, den neuen einsetzen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lithium cell beside it: never lever against the battery.</source>
   <translation>Lithiumzelle daneben: nie gegen die Batterie hebeln.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Compare with a known-good motor</source>
   <translation>Mit einem sicher heilen Motor vergleichen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the board drives no motor: it is the board, and no new motor helps</source>
   <translation>die Platine treibt keinen Motor an: es ist die Platine, und kein neuer Motor hilft</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Battery disconnected. Lay the shop's known-good motor on the board's contacts, the phone face up, then connect and let it tap.</source>
   <translation>Batterie getrennt. Den sicher heilen Motor der Werkstatt auf die Kontakte der Platine legen, das Telefon mit dem Gesicht nach oben, dann verbinden und tippen lassen.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>It taps: the board is sound, the motor was not. It does not: the board drives none.</source>
   <translation>Er tippt: die Platine ist heil, der Motor war es nicht. Er tippt nicht: die Platine treibt keinen an.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Prove the haptics</source>
   <translation>Die Haptik nachweisen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lay the phone flat on the mat and leave it alone: it taps three times and rings once, and its own accelerometer listens.</source>
   <translation>Das Telefon flach auf die Matte legen und in Ruhe lassen: es tippt dreimal und schwingt einmal aus, und sein eigener Beschleunigungsmesser hört zu.</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Drive: resonance</source>
   <translation>Antrieb: Resonanz</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Drive: level</source>
   <translation>Antrieb: Pegel</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Drive: brake</source>
   <translation>Antrieb: Bremse</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Panel maker</source>
   <translation>Panelhersteller</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>White point x, y</source>
   <translation>Weißpunkt x, y</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Gain matrix</source>
   <translation>Verstärkungsmatrix</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Tone curves</source>
   <translation>Tonwertkurven</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Brightness curve</source>
   <translation>Helligkeitskurve</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>the original must be read and kept before heat comes near it</source>
   <translation>das Original muss gelesen und gesichert sein, bevor Hitze in seine Nähe kommt</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>a locked panel or a replaced touch flex cannot pass: find out before</source>
   <translation>ein gesperrtes Panel oder ein ersetztes Touch-Flex kann nicht bestehen: vorher erkundigen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>write first: with a foreign chip it takes no data any more</source>
   <translation>zuerst schreiben: mit fremdem Chip nimmt es keine Daten mehr</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>takes data before and after</source>
   <translation>nimmt Daten davor und danach</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Lithium cobalt oxide, 4.2 V</source>
   <translation>Lithium-Cobaltoxid, 4,2 V</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Cobalt oxide blended with manganese, 4.35 V</source>
   <translation>Cobaltoxid mit Mangan gemischt, 4,35 V</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>Cobalt oxide blended with nickel, 4.45 V</source>
   <translation>Cobaltoxid mit Nickel gemischt, 4,45 V</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>cross</source>
   <translation>Kreuz</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>display cable plate</source>
   <translation>Blech über den Displaykabeln</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>three-wing</source>
   <translation>Dreiflügel</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>battery cable plate</source>
   <translation>Blech über dem Batteriekabel</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>front sensor plate</source>
   <translation>Blech des vorderen Sensors</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>motor and speaker</source>
   <translation>Motor und Lautsprecher</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>five-point</source>
   <translation>Fünfpunkt</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>bottom frame</source>
   <translation>unterer Rahmen</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>screw hole</source>
   <translation>Schraubenloch</translation>
  </message>
  <message>
   <location filename="catalogue" />
   <source>ear speaker</source>
   <translation>Hörmuschel</translation>
  </message>
 </context>
</TS>
