<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Base</name>
    <message>
        <source>The memory does not suffice for this; close other programs and try again.</source>
        <translation>Der Speicher reicht dafür nicht; andere Programme schließen und neu versuchen.</translation>
    </message>
    <message>
        <source>Something failed that should not: {0}. Nothing of it is kept; try again.</source>
        <translation>Etwas hat versagt, das nicht sollte: {0}. Nichts davon wird behalten; neu versuchen.</translation>
    </message>
    <message>
        <source>Something failed that should not. Nothing of it is kept; try again.</source>
        <translation>Etwas hat versagt, das nicht sollte. Nichts davon wird behalten; neu versuchen.</translation>
    </message>
    <message>
        <source>A quote in the list is not closed; save it again as CSV.</source>
        <translation>Ein Anführungszeichen in der Liste ist nicht geschlossen; sie neu als CSV speichern.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no moment of a recording; it is written as seconds in a fraction, as in 1001/30.</source>
        <translation>&quot;{0}&quot; ist kein Augenblick einer Aufnahme; er wird als Sekunden in einem Bruch geschrieben, wie 1001/30.</translation>
    </message>
    <message>
        <source>{0} holds an entry of the kind “{1}”, which a newer version of Anagraph wrote.</source>
        <translation>{0} enthält einen Eintrag der Art „{1}“, den eine neuere Fassung von Anagraph geschrieben hat.</translation>
    </message>
    <message>
        <source>{0} holds an entry “{1}” that is not written as it must be.</source>
        <translation>{0} enthält einen Eintrag „{1}“, der nicht so geschrieben ist, wie er sein muss.</translation>
    </message>
    <message>
        <source>{0} holds an entry that is not written as it must be.</source>
        <translation>{0} enthält einen Eintrag, der nicht so geschrieben ist, wie er sein muss.</translation>
    </message>
</context>
<context>
    <name>Bench</name>
    <message>
        <source>A run begins with who does it on which machine.</source>
        <translation>Ein Durchlauf beginnt damit, wer ihn an welcher Maschine macht.</translation>
    </message>
    <message>
        <source>This run has begun already.</source>
        <translation>Dieser Durchlauf hat schon begonnen.</translation>
    </message>
    <message>
        <source>Put on your protective gear and tick it: {0}.</source>
        <translation>Die Schutzausrüstung anlegen und abhaken: {0}.</translation>
    </message>
    <message>
        <source>Make the machine safe by the site&apos;s rules, then say that it is.</source>
        <translation>Die Maschine nach den Regeln des Betriebs sichern, dann sagen, dass sie es ist.</translation>
    </message>
    <message>
        <source>{0} is {1} the limits: do it again, stop and ask, or say why it stays.</source>
        <translation>{0} liegt {1} der Grenzen: noch einmal machen, anhalten und fragen, oder sagen, warum es bleibt.</translation>
    </message>
    <message>
        <source>Line {0} is still to be done.</source>
        <translation>Zeile {0} ist noch zu tun.</translation>
    </message>
    <message>
        <source>The wait is still to come: {0}.</source>
        <translation>Das Warten steht noch aus: {0}.</translation>
    </message>
    <message>
        <source>{0} left: {1}.</source>
        <translation>Noch {0}: {1}.</translation>
    </message>
    <message>
        <source>Write down what you read: {0}.</source>
        <translation>Aufschreiben, was abgelesen wird: {0}.</translation>
    </message>
    <message>
        <source>Look, and say whether it is good: {0}.</source>
        <translation>Hinsehen und sagen, ob es gut ist: {0}.</translation>
    </message>
    <message>
        <source>It is not good: {0}. Put it right and look again, stop and ask, or say why it stays.</source>
        <translation>Es ist nicht gut: {0}. In Ordnung bringen und neu ansehen, anhalten und fragen, oder sagen, warum es bleibt.</translation>
    </message>
    <message>
        <source>Step {0} comes first: do it, or leave it out and say why.</source>
        <translation>Schritt {0} kommt zuerst: ihn tun, oder auslassen und sagen, warum.</translation>
    </message>
    <message>
        <source>Step {0} is still to be done, or left out with a reason.</source>
        <translation>Schritt {0} ist noch zu tun, oder mit einer Begründung auszulassen.</translation>
    </message>
    <message>
        <source>The work is at its end; sign the run and put it into the logbook.</source>
        <translation>Die Arbeit ist am Ende; den Durchlauf unterschreiben und ins Logbuch legen.</translation>
    </message>
    <message>
        <source>This guide has no steps for this variant.</source>
        <translation>Diese Anleitung hat keine Schritte für diese Ausführung.</translation>
    </message>
    <message>
        <source>{0} came from the wrench, but no step is in hand; it was not written down.</source>
        <translation>{0} kam vom Schlüssel, aber kein Schritt ist in der Hand; es wurde nicht aufgeschrieben.</translation>
    </message>
    <message>
        <source>{0} came from the wrench, but step {1} wants no such reading; it was not written down.</source>
        <translation>{0} kam vom Schlüssel, aber Schritt {1} verlangt keine solche Ablesung; es wurde nicht aufgeschrieben.</translation>
    </message>
    <message>
        <source>The work has not begun: tick the gear, make the machine safe, then begin.</source>
        <translation>Die Arbeit hat nicht begonnen: die Ausrüstung abhaken, die Maschine sichern, dann beginnen.</translation>
    </message>
    <message>
        <source>The run is paused; go on first.</source>
        <translation>Der Durchlauf ist unterbrochen; erst weitermachen.</translation>
    </message>
    <message>
        <source>The run is at its end; nothing of a step can be entered any more.</source>
        <translation>Der Durchlauf ist am Ende; zu keinem Schritt kann mehr etwas eingetragen werden.</translation>
    </message>
    <message>
        <source>This guide has no step “{0}”.</source>
        <translation>Diese Anleitung hat keinen Schritt „{0}“.</translation>
    </message>
    <message>
        <source>Step {0} is closed; take it up again first.</source>
        <translation>Schritt {0} ist abgeschlossen; ihn erst wieder aufnehmen.</translation>
    </message>
    <message>
        <source>A run is named by a UUID.</source>
        <translation>Ein Durchlauf wird mit einer UUID benannt.</translation>
    </message>
    <message>
        <source>This run was begun with {0}, and not with {1}.</source>
        <translation>Dieser Durchlauf wurde mit {0} begonnen und nicht mit {1}.</translation>
    </message>
    <message>
        <source>Say who does the work, by post.</source>
        <translation>Sagen, wer die Arbeit tut, mit der Funktion.</translation>
    </message>
    <message>
        <source>Say which machine it is, by its name or its serial.</source>
        <translation>Sagen, welche Maschine es ist, mit Namen oder Seriennummer.</translation>
    </message>
    <message>
        <source>Nobody assesses their own run.</source>
        <translation>Niemand beurteilt den eigenen Durchlauf.</translation>
    </message>
    <message>
        <source>The work has begun already.</source>
        <translation>Die Arbeit hat schon begonnen.</translation>
    </message>
    <message>
        <source>The step has not so many lines.</source>
        <translation>So viele Zeilen hat der Schritt nicht.</translation>
    </message>
    <message>
        <source>Step {0} wants no such reading.</source>
        <translation>Schritt {0} verlangt keine solche Ablesung.</translation>
    </message>
    <message>
        <source>{0} is no reading of {1}: it is written down in {2}.</source>
        <translation>{0} ist keine Ablesung von {1}: sie wird in {2} aufgeschrieben.</translation>
    </message>
    <message>
        <source>The step has no such check.</source>
        <translation>Der Schritt hat keine solche Prüfung.</translation>
    </message>
    <message>
        <source>Evidence is named by the SHA-256 of its file.</source>
        <translation>Nachweise werden mit der SHA-256 ihrer Datei benannt.</translation>
    </message>
    <message>
        <source>The step has no such wait.</source>
        <translation>Der Schritt hat kein solches Warten.</translation>
    </message>
    <message>
        <source>This wait has begun already.</source>
        <translation>Dieses Warten hat schon begonnen.</translation>
    </message>
    <message>
        <source>This wait has not begun.</source>
        <translation>Dieses Warten hat nicht begonnen.</translation>
    </message>
    <message>
        <source>Say what you found.</source>
        <translation>Sagen, was gefunden wurde.</translation>
    </message>
    <message>
        <source>Say what was used.</source>
        <translation>Sagen, was verbraucht wurde.</translation>
    </message>
    <message>
        <source>Give the reason.</source>
        <translation>Die Begründung angeben.</translation>
    </message>
    <message>
        <source>Say why the work stops here.</source>
        <translation>Sagen, warum die Arbeit hier anhält.</translation>
    </message>
    <message>
        <source>Say why the step is left out.</source>
        <translation>Sagen, warum der Schritt ausgelassen wird.</translation>
    </message>
    <message>
        <source>The run is not paused.</source>
        <translation>Der Durchlauf ist nicht unterbrochen.</translation>
    </message>
    <message>
        <source>Nobody was named who assesses this run.</source>
        <translation>Niemand wurde genannt, der diesen Durchlauf beurteilt.</translation>
    </message>
    <message>
        <source>The run is signed; nothing of it can be changed any more.</source>
        <translation>Der Durchlauf ist unterschrieben; nichts daran kann mehr geändert werden.</translation>
    </message>
    <message>
        <source>A run is signed at its end.</source>
        <translation>Ein Durchlauf wird an seinem Ende unterschrieben.</translation>
    </message>
    <message>
        <source>{0} neither did the work nor assessed it.</source>
        <translation>{0} hat die Arbeit weder getan noch beurteilt.</translation>
    </message>
    <message>
        <source>{0} has signed already.</source>
        <translation>{0} hat schon unterschrieben.</translation>
    </message>
    <message>
        <source>“{0}” is no moment; write it as 2026-11-30T10:42:08Z.</source>
        <translation>„{0}“ ist kein Zeitpunkt; er wird geschrieben wie 2026-11-30T10:42:08Z.</translation>
    </message>
</context>
<context>
    <name>Changes</name>
    <message>
        <source>Begin the guide</source>
        <translation>Anleitung anlegen</translation>
    </message>
    <message>
        <source>a caution before its action</source>
        <translation>Warnhinweis vor seine Handlung setzen</translation>
    </message>
    <message>
        <source>add a callout</source>
        <translation>Positionsnummer setzen</translation>
    </message>
    <message>
        <source>add a caution</source>
        <translation>Warnhinweis hinzufügen</translation>
    </message>
    <message>
        <source>add a check</source>
        <translation>Kontrolle hinzufügen</translation>
    </message>
    <message>
        <source>add a figure</source>
        <translation>Wert hinzufügen</translation>
    </message>
    <message>
        <source>add a source</source>
        <translation>Quelle hinzufügen</translation>
    </message>
    <message>
        <source>add a step</source>
        <translation>Schritt hinzufügen</translation>
    </message>
    <message>
        <source>add a take</source>
        <translation>Fassung hinzufügen</translation>
    </message>
    <message>
        <source>add a usual caution</source>
        <translation>üblichen Warnhinweis hinzufügen</translation>
    </message>
    <message>
        <source>add a wait</source>
        <translation>Warten hinzufügen</translation>
    </message>
    <message>
        <source>add an instruction</source>
        <translation>Anweisung hinzufügen</translation>
    </message>
    <message>
        <source>add an item</source>
        <translation>Gegenstand hinzufügen</translation>
    </message>
    <message>
        <source>align two recordings</source>
        <translation>zwei Aufnahmen abgleichen</translation>
    </message>
    <message>
        <source>answer the dry run</source>
        <translation>Trockenlauf beantworten</translation>
    </message>
    <message>
        <source>answer the editor</source>
        <translation>Prüfer des Textes beantworten</translation>
    </message>
    <message>
        <source>ask for level ground at the beginning</source>
        <translation>am Anfang ebenen Boden verlangen</translation>
    </message>
    <message>
        <source>bracket a step</source>
        <translation>Schritt anzeichnen</translation>
    </message>
    <message>
        <source>bring the state about</source>
        <translation>Zustand herstellen</translation>
    </message>
    <message>
        <source>change a caution</source>
        <translation>Warnhinweis ändern</translation>
    </message>
    <message>
        <source>change a check</source>
        <translation>Kontrolle ändern</translation>
    </message>
    <message>
        <source>change a clip</source>
        <translation>Clip ändern</translation>
    </message>
    <message>
        <source>change a figure</source>
        <translation>Wert ändern</translation>
    </message>
    <message>
        <source>change a signal word</source>
        <translation>Signalwort ändern</translation>
    </message>
    <message>
        <source>change a typed line</source>
        <translation>getippte Zeile ändern</translation>
    </message>
    <message>
        <source>change an item</source>
        <translation>Gegenstand ändern</translation>
    </message>
    <message>
        <source>change guide settings</source>
        <translation>Einstellungen der Anleitung ändern</translation>
    </message>
    <message>
        <source>choose another frame</source>
        <translation>anderes Einzelbild wählen</translation>
    </message>
    <message>
        <source>choose methods</source>
        <translation>Vorgehen wählen</translation>
    </message>
    <message>
        <source>choose the best take</source>
        <translation>beste Fassung wählen</translation>
    </message>
    <message>
        <source>close it after the test</source>
        <translation>nach der Prüfung schließen</translation>
    </message>
    <message>
        <source>comment</source>
        <translation>Kommentar</translation>
    </message>
    <message>
        <source>confirm a drafted step</source>
        <translation>entworfenen Schritt bestätigen</translation>
    </message>
    <message>
        <source>confirm what was worked out</source>
        <translation>Erschlossenes bestätigen</translation>
    </message>
    <message>
        <source>copy a step</source>
        <translation>Schritt kopieren</translation>
    </message>
    <message>
        <source>correct a line</source>
        <translation>Zeile berichtigen</translation>
    </message>
    <message>
        <source>correct a line, and those misheard alike</source>
        <translation>Zeile berichtigen, und die ebenso verhörten</translation>
    </message>
    <message>
        <source>crop, hide or brighten a still</source>
        <translation>Standbild zuschneiden, abdecken oder aufhellen</translation>
    </message>
    <message>
        <source>dismiss a mark</source>
        <translation>Markierung verwerfen</translation>
    </message>
    <message>
        <source>draft lines from the tape</source>
        <translation>Zeilen vom Band entwerfen</translation>
    </message>
    <message>
        <source>draft steps from the tape</source>
        <translation>Schritte vom Band entwerfen</translation>
    </message>
    <message>
        <source>draw a mark</source>
        <translation>Zeichen setzen</translation>
    </message>
    <message>
        <source>drop a line as talk</source>
        <translation>Zeile als Gerede weglassen</translation>
    </message>
    <message>
        <source>edit the follow-ups</source>
        <translation>Folgearbeiten ändern</translation>
    </message>
    <message>
        <source>explain a word</source>
        <translation>Wort erklären</translation>
    </message>
    <message>
        <source>fill it again</source>
        <translation>wieder füllen</translation>
    </message>
    <message>
        <source>fill it once it is closed</source>
        <translation>füllen, wenn es geschlossen ist</translation>
    </message>
    <message>
        <source>free the machine first</source>
        <translation>Maschine zuerst freigeben</translation>
    </message>
    <message>
        <source>keep a picture</source>
        <translation>Bild behalten</translation>
    </message>
    <message>
        <source>keep a step in its place</source>
        <translation>Schritt an seinem Platz halten</translation>
    </message>
    <message>
        <source>lay out callouts</source>
        <translation>Positionsnummern anordnen</translation>
    </message>
    <message>
        <source>leave it out</source>
        <translation>weglassen</translation>
    </message>
    <message>
        <source>let a step move</source>
        <translation>Schritt beweglich lassen</translation>
    </message>
    <message>
        <source>look for leaks</source>
        <translation>nach Lecks sehen</translation>
    </message>
    <message>
        <source>lower it on its stands</source>
        <translation>auf die Stützen ablassen</translation>
    </message>
    <message>
        <source>make a clip</source>
        <translation>Clip anlegen</translation>
    </message>
    <message>
        <source>mark a picture to be kept</source>
        <translation>Bild zum Behalten vormerken</translation>
    </message>
    <message>
        <source>merge two figures</source>
        <translation>zwei Werte zusammenlegen</translation>
    </message>
    <message>
        <source>merge two steps</source>
        <translation>zwei Schritte zusammenlegen</translation>
    </message>
    <message>
        <source>move a callout</source>
        <translation>Positionsnummer verschieben</translation>
    </message>
    <message>
        <source>move a mark</source>
        <translation>Zeichen verschieben</translation>
    </message>
    <message>
        <source>move a step</source>
        <translation>Schritt verschieben</translation>
    </message>
    <message>
        <source>move the beginning of a step</source>
        <translation>Anfang eines Schritts verschieben</translation>
    </message>
    <message>
        <source>move the end of a step</source>
        <translation>Ende eines Schritts verschieben</translation>
    </message>
    <message>
        <source>nobody is needed while it waits</source>
        <translation>während des Wartens wird niemand gebraucht</translation>
    </message>
    <message>
        <source>note something on the tape</source>
        <translation>etwas auf dem Band notieren</translation>
    </message>
    <message>
        <source>note where a figure was looked for</source>
        <translation>notieren, wo ein Wert gesucht wurde</translation>
    </message>
    <message>
        <source>open it first</source>
        <translation>zuerst öffnen</translation>
    </message>
    <message>
        <source>open the filling place first</source>
        <translation>zuerst die Einfüllstelle öffnen</translation>
    </message>
    <message>
        <source>pair two pictures</source>
        <translation>zwei Bilder paaren</translation>
    </message>
    <message>
        <source>place a fastener</source>
        <translation>Befestigung setzen</translation>
    </message>
    <message>
        <source>pour what goes in again</source>
        <translation>wieder einfüllen, was hineinkommt</translation>
    </message>
    <message>
        <source>put it back on</source>
        <translation>wieder anbringen</translation>
    </message>
    <message>
        <source>put right what a line orders</source>
        <translation>berichtigen, was eine Zeile anordnet</translation>
    </message>
    <message>
        <source>put the vessel under it</source>
        <translation>Gefäß darunterstellen</translation>
    </message>
    <message>
        <source>read the level</source>
        <translation>Stand ablesen</translation>
    </message>
    <message>
        <source>remove a callout</source>
        <translation>Positionsnummer entfernen</translation>
    </message>
    <message>
        <source>remove a caution</source>
        <translation>Warnhinweis entfernen</translation>
    </message>
    <message>
        <source>remove a fastener</source>
        <translation>Befestigung entfernen</translation>
    </message>
    <message>
        <source>remove a figure</source>
        <translation>Wert entfernen</translation>
    </message>
    <message>
        <source>remove a mark</source>
        <translation>Zeichen entfernen</translation>
    </message>
    <message>
        <source>remove a note</source>
        <translation>Notiz entfernen</translation>
    </message>
    <message>
        <source>remove a plate</source>
        <translation>Tafel entfernen</translation>
    </message>
    <message>
        <source>remove a source</source>
        <translation>Quelle entfernen</translation>
    </message>
    <message>
        <source>remove a step</source>
        <translation>Schritt entfernen</translation>
    </message>
    <message>
        <source>remove a take</source>
        <translation>Fassung entfernen</translation>
    </message>
    <message>
        <source>remove an instruction</source>
        <translation>Anweisung entfernen</translation>
    </message>
    <message>
        <source>remove the clip</source>
        <translation>Clip entfernen</translation>
    </message>
    <message>
        <source>renew the seal</source>
        <translation>Dichtung erneuern</translation>
    </message>
    <message>
        <source>reopen a figure</source>
        <translation>Wert wieder öffnen</translation>
    </message>
    <message>
        <source>replace words</source>
        <translation>Wörter ersetzen</translation>
    </message>
    <message>
        <source>resolve a figure</source>
        <translation>Wert klären</translation>
    </message>
    <message>
        <source>resolve a figure by the house rule</source>
        <translation>Wert nach der Hausregel klären</translation>
    </message>
    <message>
        <source>say how a display is set back</source>
        <translation>sagen, wie eine Anzeige zurückgestellt wird</translation>
    </message>
    <message>
        <source>say how items belong together</source>
        <translation>sagen, wie Gegenstände zusammengehören</translation>
    </message>
    <message>
        <source>say that it is not so</source>
        <translation>sagen, dass es nicht so ist</translation>
    </message>
    <message>
        <source>say what a figure applies to</source>
        <translation>sagen, wofür ein Wert gilt</translation>
    </message>
    <message>
        <source>say what a step applies to</source>
        <translation>sagen, wofür ein Schritt gilt</translation>
    </message>
    <message>
        <source>say where it goes</source>
        <translation>sagen, wohin es kommt</translation>
    </message>
    <message>
        <source>say which variants a plate applies to</source>
        <translation>sagen, für welche Ausführungen eine Tafel gilt</translation>
    </message>
    <message>
        <source>say who speaks</source>
        <translation>sagen, wer spricht</translation>
    </message>
    <message>
        <source>set the removal order</source>
        <translation>Ausbaureihenfolge festlegen</translation>
    </message>
    <message>
        <source>set the time of a step</source>
        <translation>Zeit eines Schritts setzen</translation>
    </message>
    <message>
        <source>somebody stays while it waits</source>
        <translation>während des Wartens bleibt jemand da</translation>
    </message>
    <message>
        <source>split a step</source>
        <translation>Schritt teilen</translation>
    </message>
    <message>
        <source>stop the machine first</source>
        <translation>Maschine zuerst anhalten</translation>
    </message>
    <message>
        <source>take a heard caution</source>
        <translation>gehörten Warnhinweis übernehmen</translation>
    </message>
    <message>
        <source>take a heard figure</source>
        <translation>gehörten Wert übernehmen</translation>
    </message>
    <message>
        <source>take a larger vessel as well</source>
        <translation>auch ein größeres Gefäß nehmen</translation>
    </message>
    <message>
        <source>take a measured value</source>
        <translation>Messwert übernehmen</translation>
    </message>
    <message>
        <source>take a reset out</source>
        <translation>Rückstellung herausnehmen</translation>
    </message>
    <message>
        <source>take a typed line out</source>
        <translation>getippte Zeile herausnehmen</translation>
    </message>
    <message>
        <source>take an answer back</source>
        <translation>Antwort zurücknehmen</translation>
    </message>
    <message>
        <source>take off what is in front first</source>
        <translation>zuerst abnehmen, was davor sitzt</translation>
    </message>
    <message>
        <source>take over callouts</source>
        <translation>Positionsnummern übernehmen</translation>
    </message>
    <message>
        <source>take the old seal off</source>
        <translation>alte Dichtung abnehmen</translation>
    </message>
    <message>
        <source>tie the words to the film</source>
        <translation>Worte an den Film binden</translation>
    </message>
    <message>
        <source>tighten it</source>
        <translation>festziehen</translation>
    </message>
    <message>
        <source>tighten it once all are started</source>
        <translation>festziehen, wenn alle angesetzt sind</translation>
    </message>
    <message>
        <source>translate a text</source>
        <translation>Text übersetzen</translation>
    </message>
    <message>
        <source>type a line</source>
        <translation>Zeile tippen</translation>
    </message>
    <message>
        <source>use a recording</source>
        <translation>Aufnahme verwenden</translation>
    </message>
    <message>
        <source>warn of hot oil</source>
        <translation>vor heißem Öl warnen</translation>
    </message>
    <message>
        <source>write a caption</source>
        <translation>Bildunterschrift schreiben</translation>
    </message>
    <message>
        <source>write a caution</source>
        <translation>Warnhinweis schreiben</translation>
    </message>
    <message>
        <source>write a check</source>
        <translation>Kontrolle schreiben</translation>
    </message>
    <message>
        <source>write a heading</source>
        <translation>Überschrift schreiben</translation>
    </message>
    <message>
        <source>write a line as it was</source>
        <translation>Zeile schreiben, wie sie war</translation>
    </message>
    <message>
        <source>write a wait</source>
        <translation>Warten schreiben</translation>
    </message>
    <message>
        <source>write an instruction</source>
        <translation>Anweisung schreiben</translation>
    </message>
    <message>
        <source>write it into the book</source>
        <translation>ins Buch schreiben</translation>
    </message>
    <message>
        <source>take another order</source>
        <translation>andere Reihenfolge nehmen</translation>
    </message>
    <message>
        <source>part a claim from a figure</source>
        <translation>Angabe von einem Wert trennen</translation>
    </message>
</context>
<context>
    <name>Controls</name>
    <message>
        <source>This can be read two ways. Which is meant?</source>
        <translation>Das lässt sich auf zwei Arten lesen. Was ist gemeint?</translation>
    </message>
</context>
<context>
    <name>DryRunRules</name>
    <message>
        <source>That step is no longer in the guide.</source>
        <translation>Dieser Schritt ist nicht mehr in der Anleitung.</translation>
    </message>
    <message>
        <source>Say why it is kept as it is; the reason is printed for the checker.</source>
        <translation>Sagen, warum es so bleibt; die Begründung wird für den Prüfer gedruckt.</translation>
    </message>
    <message>
        <source>That answer is no longer in the guide.</source>
        <translation>Diese Antwort ist nicht mehr in der Anleitung.</translation>
    </message>
    <message>
        <source>What is drained must be filled again: the filling place comes undone first. If it will not move, the machine still runs.</source>
        <translation>Was abgelassen wird, muss wieder aufgefüllt werden: Die Füllstelle kommt zuerst auf. Geht sie nicht auf, läuft die Maschine noch.</translation>
    </message>
    <message>
        <source>What is filled while something below is open runs out again.</source>
        <translation>Was eingefüllt wird, während unten etwas offen ist, läuft wieder heraus.</translation>
    </message>
    <message>
        <source>What comes off, is opened or is disconnected is back at the end.</source>
        <translation>Was abkommt, geöffnet oder getrennt wird, ist am Ende wieder dran.</translation>
    </message>
    <message>
        <source>What goes back by hand is tightened before the job ends.</source>
        <translation>Was von Hand wieder angesetzt wird, ist festgezogen, bevor die Arbeit endet.</translation>
    </message>
    <message>
        <source>Several fasteners are all started by hand before the first is tightened, or the last ones no longer find their threads.</source>
        <translation>Mehrere Befestigungen werden alle von Hand angesetzt, bevor die erste festgezogen wird, sonst finden die letzten ihr Gewinde nicht mehr.</translation>
    </message>
    <message>
        <source>A seal that is new each time is renewed before it is closed over; none leaks, and two leak.</source>
        <translation>Eine Dichtung, die jedes Mal neu ist, wird erneuert, bevor über ihr geschlossen wird; keine leckt, und zwei lecken.</translation>
    </message>
    <message>
        <source>What lies in front is off before a hand can reach behind it.</source>
        <translation>Was davor liegt, ist ab, bevor eine Hand dahinter greifen kann.</translation>
    </message>
    <message>
        <source>Hands stay out of a machine that runs; it runs closed and filled; and the state a step asks for has been brought about.</source>
        <translation>Hände bleiben aus einer laufenden Maschine; sie läuft geschlossen und gefüllt; und der Zustand, den ein Schritt verlangt, ist hergestellt.</translation>
    </message>
    <message>
        <source>A machine that has run holds hot oil: a temperature, a wait or the caution stands before it is opened.</source>
        <translation>Eine Maschine, die gelaufen ist, hat heißes Öl: Eine Temperatur, ein Warten oder der Warnhinweis steht, bevor sie geöffnet wird.</translation>
    </message>
    <message>
        <source>Nobody works under a machine that hangs on a jack.</source>
        <translation>Niemand arbeitet unter einer Maschine, die am Heber hängt.</translation>
    </message>
    <message>
        <source>What is drained is caught.</source>
        <translation>Was abgelassen wird, wird aufgefangen.</translation>
    </message>
    <message>
        <source>A vessel holds all that can come out, with the filter&apos;s share.</source>
        <translation>Ein Gefäß fasst alles, was herauskommen kann, mit dem Anteil des Filters.</translation>
    </message>
    <message>
        <source>What an action needs is on the list, so that it is laid out before; and the wrench can be set to the figure.</source>
        <translation>Was eine Handlung braucht, steht auf der Liste, damit es vorher bereitliegt; und der Schlüssel lässt sich auf den Wert einstellen.</translation>
    </message>
    <message>
        <source>It is run and looked at before the covers go back: what leaks then is found, and nothing comes off again for it.</source>
        <translation>Sie läuft und wird angesehen, bevor die Abdeckungen wieder dran sind: Was dann leckt, wird gefunden, und nichts kommt dafür noch einmal ab.</translation>
    </message>
    <message>
        <source>What was opened is looked at for leaks once it is closed and has run.</source>
        <translation>Was geöffnet war, wird auf Lecks angesehen, wenn es geschlossen ist und gelaufen hat.</translation>
    </message>
    <message>
        <source>What is drained is filled again.</source>
        <translation>Was abgelassen wird, wird wieder aufgefüllt.</translation>
    </message>
    <message>
        <source>More than goes in does harm: it foams, and it finds its way out past seals.</source>
        <translation>Mehr als hineingehört schadet: Es schäumt und findet seinen Weg an Dichtungen vorbei.</translation>
    </message>
    <message>
        <source>The amounts poured reach what goes in again.</source>
        <translation>Die eingefüllten Mengen erreichen, was wieder hineingehört.</translation>
    </message>
    <message>
        <source>A level is read after filling by its own rule: warm or cold, running or stopped, so many minutes after, on level ground.</source>
        <translation>Ein Stand wird nach dem Füllen nach seiner eigenen Regel abgelesen: warm oder kalt, laufend oder stehend, so viele Minuten danach, auf ebenem Boden.</translation>
    </message>
    <message>
        <source>What comes off twice could come off once.</source>
        <translation>Was zweimal abkommt, könnte einmal abkommen.</translation>
    </message>
    <message>
        <source>An action that changes nothing has lost its place or its partner.</source>
        <translation>Eine Handlung, die nichts ändert, hat ihren Platz oder ihr Gegenstück verloren.</translation>
    </message>
    <message>
        <source>A learner works to a figure only where a source proves it.</source>
        <translation>Ein Lernender arbeitet nur dort nach einem Wert, wo eine Quelle ihn belegt.</translation>
    </message>
    <message>
        <source>Used oil and old parts go where the shop takes them; the guide says where.</source>
        <translation>Altöl und alte Teile gehen dorthin, wo die Werkstatt sie annimmt; die Anleitung sagt, wohin.</translation>
    </message>
    <message>
        <source>A service that is in no book was not done: its date and reading are written down.</source>
        <translation>Eine Wartung, die in keinem Buch steht, wurde nicht getan: Datum und Ablesung werden aufgeschrieben.</translation>
    </message>
    <message>
        <source>The {0} runs out before the {1} has come undone; if that will not move, the machine stands still.</source>
        <translation>{0}: läuft heraus, bevor {1} gelöst ist; geht das nicht auf, steht die Maschine still.</translation>
    </message>
    <message>
        <source>The {0} is filled while the {1} are open: it runs out again.</source>
        <translation>{0}: wird eingefüllt, während {1} offen sind; es läuft wieder heraus.</translation>
    </message>
    <message>
        <source>The {0} is filled while the {1} is open: it runs out again.</source>
        <translation>{0}: wird eingefüllt, während {1} offen ist; es läuft wieder heraus.</translation>
    </message>
    <message>
        <source>The {0} is drained, and nothing is named to catch it.</source>
        <translation>{0}: wird abgelassen, und nichts ist genannt, das es auffängt.</translation>
    </message>
    <message>
        <source>The {0} runs out of the {1}, and nothing is named to catch it.</source>
        <translation>{0}: läuft aus {1} heraus, und nichts ist genannt, das es auffängt.</translation>
    </message>
    <message>
        <source>The {0} runs out, and nothing is named to catch it.</source>
        <translation>{0}: läuft heraus, und nichts ist genannt, das es auffängt.</translation>
    </message>
    <message>
        <source>Up to {0} comes out; the {1} have room for {2}.</source>
        <translation>Bis zu {0} kommen heraus; {1} haben Platz für {2}.</translation>
    </message>
    <message>
        <source>Up to {0} comes out; the {1} has room for {2}.</source>
        <translation>Bis zu {0} kommen heraus; {1} hat Platz für {2}.</translation>
    </message>
    <message>
        <source>It runs with the {0} in it again, and nobody looks whether the {1} are tight.</source>
        <translation>Sie läuft wieder mit {0}, und niemand sieht nach, ob {1} fest sind.</translation>
    </message>
    <message>
        <source>It runs with the {0} in it again, and nobody looks whether the {1} is tight.</source>
        <translation>Sie läuft wieder mit {0}, und niemand sieht nach, ob {1} fest ist.</translation>
    </message>
    <message>
        <source>The {0} were opened, and it is not run and looked at for leaks once it is closed and filled again.</source>
        <translation>{0}: wurden geöffnet, und nach dem Schließen und Auffüllen lässt niemand laufen und sieht nach Lecks.</translation>
    </message>
    <message>
        <source>The {0} was opened, and it is not run and looked at for leaks once it is closed and filled again.</source>
        <translation>{0}: wurde geöffnet, und nach dem Schließen und Auffüllen lässt niemand laufen und sieht nach Lecks.</translation>
    </message>
    <message>
        <source>The {0} is drained and not filled again.</source>
        <translation>{0}: wird abgelassen und nicht wieder aufgefüllt.</translation>
    </message>
    <message>
        <source>{0} are poured into a system that nothing has drained.</source>
        <translation>{0} werden in ein System gefüllt, das nichts abgelassen hat.</translation>
    </message>
    <message>
        <source>{0} are poured; {1} is what goes in again.</source>
        <translation>{0} werden eingefüllt; {1} gehören wieder hinein.</translation>
    </message>
    <message>
        <source>{0} are poured; {1} is all the system holds.</source>
        <translation>{0} werden eingefüllt; {1} fasst das ganze System.</translation>
    </message>
    <message>
        <source>{0} are poured, and {1} go in.</source>
        <translation>{0} werden eingefüllt, und {1} gehören hinein.</translation>
    </message>
    <message>
        <source>The {0} is read before the run in which the new filter takes its share.</source>
        <translation>{0}: wird abgelesen, bevor der Lauf dem neuen Filter seinen Anteil gibt.</translation>
    </message>
    <message>
        <source>The level of the {0} is read in step {1}, but not by its rule: {2}</source>
        <translation>Der Stand ({0}) wird in Schritt {1} abgelesen, aber nicht nach seiner Regel: {2}</translation>
    </message>
    <message>
        <source>on level ground.</source>
        <translation>auf ebenem Boden.</translation>
    </message>
    <message>
        <source>The level of the {0} is not read after it is filled.</source>
        <translation>Der Stand ({0}) wird nach dem Füllen nicht abgelesen.</translation>
    </message>
    <message>
        <source>Nothing says where the used {0} goes.</source>
        <translation>Nichts sagt, wohin das Gebrauchte kommt: {0}.</translation>
    </message>
    <message>
        <source>Nothing says where the old {0} goes.</source>
        <translation>Nichts sagt, wohin das Alte kommt: {0}.</translation>
    </message>
    <message>
        <source>The {0} comes off in step {1} and is not back on at the end.</source>
        <translation>{0}: kommt in Schritt {1} ab und ist am Ende nicht wieder dran.</translation>
    </message>
    <message>
        <source>The {0} is opened in step {1} and is still open at the end.</source>
        <translation>{0}: wird in Schritt {1} geöffnet und ist am Ende noch offen.</translation>
    </message>
    <message>
        <source>The {0} come off in step {1} and are not back on at the end.</source>
        <translation>{0}: kommen in Schritt {1} ab und sind am Ende nicht wieder dran.</translation>
    </message>
    <message>
        <source>The {0} are opened in step {1} and are still open at the end.</source>
        <translation>{0}: werden in Schritt {1} geöffnet und sind am Ende noch offen.</translation>
    </message>
    <message>
        <source>The {0} is loosened and never tightened.</source>
        <translation>{0}: wird gelöst und nie festgezogen.</translation>
    </message>
    <message>
        <source>The {0} goes back and is never tightened.</source>
        <translation>{0}: wird wieder angesetzt und nie festgezogen.</translation>
    </message>
    <message>
        <source>The {0} are loosened and never tightened.</source>
        <translation>{0}: werden gelöst und nie festgezogen.</translation>
    </message>
    <message>
        <source>The {0} go back and are never tightened.</source>
        <translation>{0}: werden wieder angesetzt und nie festgezogen.</translation>
    </message>
    <message>
        <source>There is a figure for it.</source>
        <translation>Es gibt dafür einen Wert.</translation>
    </message>
    <message>
        <source>Tightened before all are started: the {0}, and not started yet: the {1}. The part is held askew, and the others no longer find their threads.</source>
        <translation>Festgezogen, bevor alle angesetzt sind: {0}; noch nicht angesetzt: {1}. Das Teil sitzt schief, und die anderen finden ihr Gewinde nicht mehr.</translation>
    </message>
    <message>
        <source>The {0} is closed without the {1}.</source>
        <translation>{0}: wird geschlossen ohne {1}.</translation>
    </message>
    <message>
        <source>Two of the {0} lie under the {1}: nothing takes the old one off, and two leak.</source>
        <translation>Zwei ({0}) liegen unter {1}: Nichts nimmt die alte ab, und zwei lecken.</translation>
    </message>
    <message>
        <source>The {0} is closed over the old {1}, which is new each time.</source>
        <translation>{0}: wird über dem alten Teil geschlossen ({1}), das jedes Mal neu ist.</translation>
    </message>
    <message>
        <source>The {0} cannot run out while the {1} is on.</source>
        <translation>{0}: kann nicht herauslaufen, solange {1} dran ist.</translation>
    </message>
    <message>
        <source>The {0} cannot go in while the {1} is on.</source>
        <translation>{0}: kann nicht hinein, solange {1} dran ist.</translation>
    </message>
    <message>
        <source>The {0} lies behind the {1}, and that behind it again: neither can be reached. Put one of the two right.</source>
        <translation>{0}: liegt hinter {1}, und das wieder dahinter; keines ist zu erreichen. Eines von beiden berichtigen.</translation>
    </message>
    <message>
        <source>The {0} lie behind the {1}, and that is still on.</source>
        <translation>{0}: liegen hinter {1}, und das ist noch dran.</translation>
    </message>
    <message>
        <source>The {0} lies behind the {1}, and that is still on.</source>
        <translation>{0}: liegt hinter {1}, und das ist noch dran.</translation>
    </message>
    <message>
        <source>The {0} lie behind the {1}, and they are still on.</source>
        <translation>{0}: liegen hinter {1}, und die sind noch dran.</translation>
    </message>
    <message>
        <source>The {0} lies behind the {1}, and they are still on.</source>
        <translation>{0}: liegt hinter {1}, und die sind noch dran.</translation>
    </message>
    <message>
        <source>The {0} goes back over the {1} before the first run and the look for leaks: if it leaks, all comes off again.</source>
        <translation>{0}: kommt vor dem ersten Lauf und dem Blick nach Lecks über {1}; leckt es, kommt alles wieder ab.</translation>
    </message>
    <message>
        <source>The {0} came off in step {1} already and goes on in between.</source>
        <translation>{0}: kam schon in Schritt {1} ab und geht dazwischen wieder dran.</translation>
    </message>
    <message>
        <source>The {0} is off already.</source>
        <translation>{0}: ist schon ab.</translation>
    </message>
    <message>
        <source>The {0} is open already.</source>
        <translation>{0}: ist schon offen.</translation>
    </message>
    <message>
        <source>The {0} is closed already.</source>
        <translation>{0}: ist schon geschlossen.</translation>
    </message>
    <message>
        <source>The {0} is tight already.</source>
        <translation>{0}: ist schon fest.</translation>
    </message>
    <message>
        <source>The {0} is full already: what goes in again has been poured.</source>
        <translation>{0}: ist schon voll; was hineingehört, ist eingefüllt.</translation>
    </message>
    <message>
        <source>The machine is locked off already.</source>
        <translation>Die Maschine ist schon gesperrt.</translation>
    </message>
    <message>
        <source>The machine stands still already.</source>
        <translation>Die Maschine steht schon still.</translation>
    </message>
    <message>
        <source>“{0}”</source>
        <translation>„{0}“</translation>
    </message>
    <message>
        <source>{0} is on no list of this guide.</source>
        <translation>{0} steht auf keiner Liste dieser Anleitung.</translation>
    </message>
    <message>
        <source>{0} are on no list of this guide.</source>
        <translation>{0} stehen auf keiner Liste dieser Anleitung.</translation>
    </message>
    <message>
        <source>No torque wrench is on the list for {0}.</source>
        <translation>Kein Drehmomentschlüssel für {0} steht auf der Liste.</translation>
    </message>
    <message>
        <source>The {0} cannot be set to {1}.</source>
        <translation>{0}: lässt sich nicht auf {1} einstellen.</translation>
    </message>
    <message>
        <source>It works to a figure that the guide does not have.</source>
        <translation>Es wird nach einem Wert gearbeitet, den die Anleitung nicht hat.</translation>
    </message>
    <message>
        <source>It works to a figure that is not known for {0}.</source>
        <translation>Es wird nach einem Wert gearbeitet, der für {0} nicht bekannt ist.</translation>
    </message>
    <message>
        <source>“{0}” is {1}.</source>
        <translation>„{0}“ ist {1}.</translation>
    </message>
    <message>
        <source>Nothing writes the date and the meter&apos;s reading into the book.</source>
        <translation>Nichts schreibt Datum und Zählerstand ins Buch.</translation>
    </message>
    <message>
        <source>Step {0} asks for the machine to be {1}, and nothing before it has brought that about.</source>
        <translation>Schritt {0} verlangt, dass die Maschine so ist: {1}; nichts davor hat das hergestellt.</translation>
    </message>
    <message>
        <source>It is run while it is locked off; nothing has released it.</source>
        <translation>Sie läuft, während sie gesperrt ist; nichts hat sie freigegeben.</translation>
    </message>
    <message>
        <source>It is run while the {0} are open: the {1} comes out.</source>
        <translation>Sie läuft, während {0} offen sind: Es kommt heraus ({1}).</translation>
    </message>
    <message>
        <source>It is run while the {0} is open: the {1} comes out.</source>
        <translation>Sie läuft, während {0} offen ist: Es kommt heraus ({1}).</translation>
    </message>
    <message>
        <source>It is run without {0}.</source>
        <translation>Sie läuft ohne {0}.</translation>
    </message>
    <message>
        <source>Hands are in the machine while it runs; nothing has stopped it.</source>
        <translation>Hände sind in der Maschine, während sie läuft; nichts hat sie angehalten.</translation>
    </message>
    <message>
        <source>The {0} is drained straight after running: no temperature, no wait, no caution.</source>
        <translation>{0}: wird gleich nach dem Laufen abgelassen, ohne Temperatur, Warten oder Warnhinweis.</translation>
    </message>
    <message>
        <source>The {0} is opened straight after running: no temperature, no wait, no caution.</source>
        <translation>{0}: wird gleich nach dem Laufen geöffnet, ohne Temperatur, Warten oder Warnhinweis.</translation>
    </message>
    <message>
        <source>The machine is lifted and not lowered on its stands yet.</source>
        <translation>Die Maschine ist angehoben und noch nicht auf ihre Böcke gesenkt.</translation>
    </message>
    <message>
        <source>The machine is lifted and not on stands.</source>
        <translation>Die Maschine ist angehoben und nicht auf Böcken.</translation>
    </message>
    <message>
        <source>That item is no longer in the guide.</source>
        <translation>Dieser Gegenstand ist nicht mehr in der Anleitung.</translation>
    </message>
</context>
<context>
    <name>Edition</name>
    <message>
        <source>This is no edition of a guide, or a damaged one; take edition.json from a pack that verifies.</source>
        <translation>Das ist keine Ausgabe einer Anleitung, oder eine beschädigte; edition.json aus einem Paket nehmen, das geprüft ist.</translation>
    </message>
</context>
<context>
    <name>Editor</name>
    <message>
        <source>Nothing was logged in this step that a line could be made of: take its actions and figures first, or write the line.</source>
        <translation>In diesem Schritt wurde nichts erfasst, aus dem eine Zeile werden könnte: erst seine Handlungen und Werte übernehmen, oder die Zeile schreiben.</translation>
    </message>
    <message>
        <source>Choose the step whose lines are to be drafted.</source>
        <translation>Den Schritt wählen, dessen Zeilen entworfen werden sollen.</translation>
    </message>
    <message>
        <source>This step has its lines already; a draft never writes over what a person wrote.</source>
        <translation>Dieser Schritt hat seine Zeilen schon; ein Entwurf schreibt nie über das, was ein Mensch schrieb.</translation>
    </message>
    <message>
        <source>Every step has its lines already; a draft never writes over what a person wrote.</source>
        <translation>Jeder Schritt hat seine Zeilen schon; ein Entwurf schreibt nie über das, was ein Mensch schrieb.</translation>
    </message>
    <message>
        <source>One action a line: who looks up from the machine finds the place again, and nothing is done halfway.</source>
        <translation>Eine Handlung je Zeile: Wer von der Maschine aufblickt, findet die Stelle wieder, und nichts bleibt halb getan.</translation>
    </message>
    <message>
        <source>A caution stands before the action it warns of: afterwards the hand is already there.</source>
        <translation>Ein Warnhinweis steht vor der Handlung, vor der er warnt: Danach ist die Hand schon dort.</translation>
    </message>
    <message>
        <source>Work of a kind carries cautions that every guide shows, before the first step they concern.</source>
        <translation>Arbeiten einer Art haben Warnhinweise, die jede Anleitung zeigt, vor dem ersten Schritt, den sie betreffen.</translation>
    </message>
    <message>
        <source>A number is a figure: with its evidence, in both unit systems, and changed in one place.</source>
        <translation>Eine Zahl ist ein Wert: mit seinen Nachweisen, in beiden Einheitensystemen und an einer Stelle geändert.</translation>
    </message>
    <message>
        <source>A part has one name in the whole guide, the one on its picture.</source>
        <translation>Ein Teil hat in der ganzen Anleitung einen Namen, den auf seinem Bild.</translation>
    </message>
    <message>
        <source>“It” and “them” must have one possible meaning: the wrong part is undone otherwise.</source>
        <translation>„It“ und „them“ dürfen nur eines meinen können: Sonst wird das falsche Teil gelöst.</translation>
    </message>
    <message>
        <source>An order says who does it: the reader, now. “Is removed” may have been done by somebody else.</source>
        <translation>Eine Anweisung sagt, wer es tut: der Leser, jetzt. „Is removed“ kann jemand anders getan haben.</translation>
    </message>
    <message>
        <source>“Properly” and “make sure” cannot be checked: say how tight, how much, how long, or what to look for.</source>
        <translation>„Properly“ und „make sure“ lassen sich nicht prüfen: sagen, wie fest, wie viel, wie lange, oder worauf zu sehen ist.</translation>
    </message>
    <message>
        <source>A fastener needs its tool named, so that it is in the kit and not fetched from under the machine.</source>
        <translation>Eine Befestigung braucht ihr Werkzeug mit Namen, damit es bereitliegt und nicht unter der Maschine hervor geholt wird.</translation>
    </message>
    <message>
        <source>A check says what is good, what stops the job, and whom to ask then.</source>
        <translation>Eine Prüfung sagt, was gut ist, was die Arbeit anhält und wer dann zu fragen ist.</translation>
    </message>
    <message>
        <source>A word of the trade that is no part on a picture is explained once in the guide.</source>
        <translation>Ein Fachwort, das kein Teil auf einem Bild ist, wird in der Anleitung einmal erklärt.</translation>
    </message>
    <message>
        <source>A misspelt word makes a reader doubt the figures too.</source>
        <translation>Ein falsch geschriebenes Wort lässt den Leser auch an den Werten zweifeln.</translation>
    </message>
    <message>
        <source>That step is no longer in the guide.</source>
        <translation>Dieser Schritt ist nicht mehr in der Anleitung.</translation>
    </message>
    <message>
        <source>Say why it is kept as it is; the reason is kept with the step.</source>
        <translation>Sagen, warum es so bleibt; die Begründung bleibt beim Schritt.</translation>
    </message>
    <message>
        <source>{0} or the {1}</source>
        <translation>{0} oder {1}</translation>
    </message>
    <message>
        <source>Two actions in one line: “{0}” and “{1}”. Give each its own line.</source>
        <translation>Zwei Handlungen in einer Zeile: „{0}“ und „{1}“. Jeder eine eigene Zeile geben.</translation>
    </message>
    <message>
        <source>“{0}” is typed: make it a figure, so that it has its evidence and both units.</source>
        <translation>„{0}“ ist getippt: einen Wert daraus machen, damit es seine Nachweise und beide Einheiten hat.</translation>
    </message>
    <message>
        <source>“{0}” is typed; the guide has it as “{1}”.</source>
        <translation>„{0}“ ist getippt; die Anleitung hat es als „{1}“.</translation>
    </message>
    <message>
        <source>“{0}” is typed; named as an item it has its number on the pictures and follows when it is renamed.</source>
        <translation>„{0}“ ist getippt; als Gegenstand benannt hat es seine Nummer auf den Bildern und folgt, wenn er umbenannt wird.</translation>
    </message>
    <message>
        <source>“The {0}” may be the {1}: name the one that is meant.</source>
        <translation>„The {0}“ kann {1} sein: den gemeinten benennen.</translation>
    </message>
    <message>
        <source>“{0}” is called “{1}” elsewhere: one name for one part.</source>
        <translation>„{0}“ heißt anderswo „{1}“: ein Name für ein Teil.</translation>
    </message>
    <message>
        <source>“{0}” may be the {1}: name it.</source>
        <translation>„{0}“ kann {1} sein: es benennen.</translation>
    </message>
    <message>
        <source>“{0}” does not say who does it: begin with the action, as an order.</source>
        <translation>„{0}“ sagt nicht, wer es tut: mit der Handlung beginnen, als Anweisung.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say what to look at and what is good, as a check.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, was anzusehen ist und was gut ist, als Prüfung.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how it looks when it is right.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, wie es aussieht, wenn es richtig ist.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how much.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, wie viel.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say when it is required.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, wann es verlangt ist.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say when it is necessary.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, wann es nötig ist.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say what shows that it is.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, was zeigt, dass es so ist.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say which.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, welche.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how many.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, wie viele.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how long.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, wie lange.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: say how tight.</source>
        <translation>„{0}“ lässt sich nicht prüfen: sagen, wie fest.</translation>
    </message>
    <message>
        <source>“{0}” cannot be checked: name them all.</source>
        <translation>„{0}“ lässt sich nicht prüfen: alle nennen.</translation>
    </message>
    <message>
        <source>A caution after an action: it belongs before the step, with its signal word.</source>
        <translation>Ein Warnhinweis nach einer Handlung: Er gehört vor den Schritt, mit seinem Signalwort.</translation>
    </message>
    <message>
        <source>A caution among the actions: it belongs before them, with its signal word.</source>
        <translation>Ein Warnhinweis zwischen den Handlungen: Er gehört davor, mit seinem Signalwort.</translation>
    </message>
    <message>
        <source>Does every reader know “{0}”? The guide can explain it: {1}.</source>
        <translation>Kennt jeder Leser „{0}“? Die Anleitung kann es erklären: {1}.</translation>
    </message>
    <message>
        <source>“{0}” is in no dictionary here.</source>
        <translation>„{0}“ steht hier in keinem Wörterbuch.</translation>
    </message>
    <message>
        <source>“{0}” is in no dictionary here; “{1}” perhaps?</source>
        <translation>„{0}“ steht hier in keinem Wörterbuch; vielleicht „{1}“?</translation>
    </message>
    <message>
        <source>Choose the step that is to be split.</source>
        <translation>Den Schritt wählen, der geteilt werden soll.</translation>
    </message>
    <message>
        <source>Put the cursor into the line that is to begin the new step; each of the two keeps at least one line.</source>
        <translation>Den Cursor in die Zeile setzen, die den neuen Schritt beginnen soll; jeder der beiden behält mindestens eine Zeile.</translation>
    </message>
    <message>
        <source>With what? No tool is named for the {0}; name it, or say “by hand”.</source>
        <translation>Womit? Für {0} ist kein Werkzeug genannt; es nennen, oder „by hand“ sagen.</translation>
    </message>
    <message>
        <source>A check without its verdict: say what is good, and what stops the job.</source>
        <translation>Eine Prüfung ohne ihr Urteil: sagen, was gut ist und was die Arbeit anhält.</translation>
    </message>
    <message>
        <source>A check without its verdict: say what is good.</source>
        <translation>Eine Prüfung ohne ihr Urteil: sagen, was gut ist.</translation>
    </message>
    <message>
        <source>A check without its verdict: say what stops the job, and whom to ask then.</source>
        <translation>Eine Prüfung ohne ihr Urteil: sagen, was die Arbeit anhält und wer dann zu fragen ist.</translation>
    </message>
</context>
<context>
    <name>Edits</name>
    <message>
        <source>Choose the step that is to be copied.</source>
        <translation>Den Schritt wählen, der kopiert werden soll.</translation>
    </message>
    <message>
        <source>step {0} still uses this recording</source>
        <translation>Schritt {0} verwendet diese Aufnahme noch</translation>
    </message>
    <message>
        <source>another recording runs alongside it</source>
        <translation>eine andere Aufnahme läuft daneben</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; was heard in this recording</source>
        <translation>&quot;{0}&quot; wurde in dieser Aufnahme gehört</translation>
    </message>
    <message>
        <source>step {0} still acts on it</source>
        <translation>Schritt {0} tut noch etwas damit</translation>
    </message>
    <message>
        <source>step {0} still calls it out</source>
        <translation>Schritt {0} bezeichnet es noch</translation>
    </message>
    <message>
        <source>the figure &quot;{0}&quot; is about it</source>
        <translation>der Wert &quot;{0}&quot; handelt davon</translation>
    </message>
    <message>
        <source>the {0} closes its system</source>
        <translation>{0} schließt sein System</translation>
    </message>
    <message>
        <source>the {0} lies behind it</source>
        <translation>{0} liegt dahinter</translation>
    </message>
    <message>
        <source>the {0} sits under it</source>
        <translation>{0} sitzt darunter</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is proved by it</source>
        <translation>&quot;{0}&quot; ist damit belegt</translation>
    </message>
    <message>
        <source>step {0} still uses it</source>
        <translation>Schritt {0} verwendet es noch</translation>
    </message>
    <message>
        <source>the {0} is said to hold it</source>
        <translation>{0} soll so viel fassen</translation>
    </message>
    <message>
        <source>That recording is not used in this guide yet; add it to the guide first.</source>
        <translation>Diese Aufnahme wird in dieser Anleitung noch nicht verwendet; sie erst hinzufügen.</translation>
    </message>
    <message>
        <source>A recording cannot run alongside itself.</source>
        <translation>Eine Aufnahme kann nicht neben sich selbst laufen.</translation>
    </message>
    <message>
        <source>Lines tied to the film stay in the order in which they are said; untie the other line first.</source>
        <translation>Zeilen, die an den Film gebunden sind, bleiben in der Reihenfolge, in der sie gesagt werden; die andere erst lösen.</translation>
    </message>
    <message>
        <source>A source needs a title.</source>
        <translation>Eine Quelle braucht einen Titel.</translation>
    </message>
    <message>
        <source>The figure is about &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation>Der Wert handelt von &quot;{0}&quot;, das kein Gegenstand dieser Anleitung ist; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>The figure is proved by a source that is not in this guide; add the source first.</source>
        <translation>Der Wert ist mit einer Quelle belegt, die nicht in dieser Anleitung ist; sie erst hinzufügen.</translation>
    </message>
    <message>
        <source>A check or a wait lies within a stretch of its step; move the step&apos;s edges first.</source>
        <translation>Eine Prüfung oder ein Warten liegt innerhalb einer Strecke seines Schritts; erst die Kanten des Schritts verschieben.</translation>
    </message>
    <message>
        <source>An item needs a name.</source>
        <translation>Ein Gegenstand braucht einen Namen.</translation>
    </message>
    <message>
        <source>The {1} closes &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation>{1} schließt &quot;{0}&quot;, das kein Gegenstand dieser Anleitung ist; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>Nothing lies behind itself; take the {0} from that list.</source>
        <translation>Nichts liegt hinter sich selbst; {0} aus dieser Liste nehmen.</translation>
    </message>
    <message>
        <source>The {1} lies behind &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation>{1} liegt hinter &quot;{0}&quot;, das kein Gegenstand dieser Anleitung ist; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>Nothing sits under itself; take the {0} from that list.</source>
        <translation>Nichts sitzt unter sich selbst; {0} aus dieser Liste nehmen.</translation>
    </message>
    <message>
        <source>The {1} sits under &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation>{1} sitzt unter &quot;{0}&quot;, das kein Gegenstand dieser Anleitung ist; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>What the {0} holds is no figure of this guide; add the figure first.</source>
        <translation>Was {0} fasst, ist kein Wert dieser Anleitung; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>An action names &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation>Eine Handlung nennt &quot;{0}&quot;, das kein Gegenstand dieser Anleitung ist; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>An action is done to a figure that is not in this guide.</source>
        <translation>Eine Handlung geschieht nach einem Wert, der nicht in dieser Anleitung ist.</translation>
    </message>
    <message>
        <source>A clip ends after it begins; move its other end first.</source>
        <translation>Ein Clip endet, nachdem er beginnt; erst sein anderes Ende verschieben.</translation>
    </message>
    <message>
        <source>A clip runs as it was filmed, or two to eight times slower.</source>
        <translation>Ein Clip läuft, wie er gefilmt wurde, oder zwei- bis achtmal langsamer.</translation>
    </message>
    <message>
        <source>The still that stands for a clip is one of its own pictures.</source>
        <translation>Das Standbild, das für einen Clip steht, ist eines seiner eigenen Bilder.</translation>
    </message>
    <message>
        <source>The clip shows the number of &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation>Der Clip zeigt die Nummer von &quot;{0}&quot;, das kein Gegenstand dieser Anleitung ist; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>A distance on the clip is a figure that is not in this guide.</source>
        <translation>Ein Abstand auf dem Clip ist ein Wert, der nicht in dieser Anleitung ist.</translation>
    </message>
    <message>
        <source>What is drawn over a clip stays for a while; its end comes after its beginning.</source>
        <translation>Was über einen Clip gezeichnet ist, bleibt eine Weile; sein Ende kommt nach seinem Anfang.</translation>
    </message>
    <message>
        <source>The plate calls out &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation>Die Tafel bezeichnet &quot;{0}&quot;, das kein Gegenstand dieser Anleitung ist; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>The plate shows the place of &quot;{0}&quot;, which is no item of this guide; add the item first.</source>
        <translation>Die Tafel zeigt die Stelle von &quot;{0}&quot;, das kein Gegenstand dieser Anleitung ist; ihn erst hinzufügen.</translation>
    </message>
    <message>
        <source>A distance on the plate is a figure that is not in this guide.</source>
        <translation>Ein Abstand auf der Tafel ist ein Wert, der nicht in dieser Anleitung ist.</translation>
    </message>
    <message>
        <source>The order of taking off names parts that are called out on the plate; call the part out first.</source>
        <translation>Die Reihenfolge des Abnehmens nennt Teile, die auf der Tafel bezeichnet sind; das Teil erst bezeichnen.</translation>
    </message>
    <message>
        <source>A still is turned by 15 degrees at most.</source>
        <translation>Ein Standbild wird um höchstens 15 Grad gedreht.</translation>
    </message>
    <message>
        <source>A still is brightened by 0 to 100.</source>
        <translation>Ein Standbild wird um 0 bis 100 aufgehellt.</translation>
    </message>
    <message>
        <source>What is shown of a still lies within it and is not smaller than a twentieth of it.</source>
        <translation>Was von einem Standbild gezeigt wird, liegt in ihm und ist nicht kleiner als ein Zwanzigstel davon.</translation>
    </message>
    <message>
        <source>What is hidden lies within the still.</source>
        <translation>Was verdeckt ist, liegt im Standbild.</translation>
    </message>
    <message>
        <source>A step ends after it begins; set its end further down the tape.</source>
        <translation>Ein Schritt endet, nachdem er beginnt; sein Ende weiter hinten auf dem Band setzen.</translation>
    </message>
    <message>
        <source>From {0} to {1} the tape is a take of this step already; a moment belongs to one take.</source>
        <translation>Von {0} bis {1} ist das Band schon eine Aufnahme dieses Schritts; ein Augenblick gehört zu einer.</translation>
    </message>
    <message>
        <source>From {0} to {1} the tape already belongs to &quot;{2}&quot;; a moment belongs to one step.</source>
        <translation>Von {0} bis {1} gehört das Band schon zu &quot;{2}&quot;; ein Augenblick gehört zu einem Schritt.</translation>
    </message>
    <message>
        <source>another step</source>
        <translation>ein anderer Schritt</translation>
    </message>
    <message>
        <source>The step waits for a time that is no figure of this guide.</source>
        <translation>Der Schritt wartet eine Zeit, die kein Wert dieser Anleitung ist.</translation>
    </message>
    <message>
        <source>A reading has limits that are no figure of this guide.</source>
        <translation>Eine Ablesung hat Grenzen, die kein Wert dieser Anleitung sind.</translation>
    </message>
    <message>
        <source>A button is held for a time that is no figure of this guide.</source>
        <translation>Ein Knopf wird eine Zeit gehalten, die kein Wert dieser Anleitung ist.</translation>
    </message>
    <message>
        <source>The time a step takes needs a unit: 5 min.</source>
        <translation>Die Zeit, die ein Schritt braucht, braucht eine Einheit: 5 min.</translation>
    </message>
    <message>
        <source>The step uses a figure that is not in this guide.</source>
        <translation>Der Schritt verwendet einen Wert, der nicht in dieser Anleitung ist.</translation>
    </message>
    <message>
        <source>A guide needs a title and a machine.</source>
        <translation>Eine Anleitung braucht einen Titel und eine Maschine.</translation>
    </message>
    <message>
        <source>What is put into a guide needs an id.</source>
        <translation>Was in eine Anleitung kommt, braucht eine Kennung.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is not in this guide.</source>
        <translation>&quot;{0}&quot; ist nicht in dieser Anleitung.</translation>
    </message>
    <message>
        <source>It cannot be removed: {0}. Remove it there first.</source>
        <translation>Es kann nicht entfernt werden: {0}. Es erst dort entfernen.</translation>
    </message>
    <message>
        <source>That step is not in this guide.</source>
        <translation>Dieser Schritt ist nicht in dieser Anleitung.</translation>
    </message>
    <message>
        <source>The language is given by its two letters: en, de, fr, nl.</source>
        <translation>Die Sprache wird mit ihren zwei Buchstaben angegeben: en, de, fr, nl.</translation>
    </message>
    <message>
        <source>A guide needs a machine and a job.</source>
        <translation>Eine Anleitung braucht eine Maschine und eine Arbeit.</translation>
    </message>
    <message>
        <source>Two variants are called {0}; give each a name of its own.</source>
        <translation>Zwei Ausführungn heißen {0}; jeder einen eigenen Namen geben.</translation>
    </message>
    <message>
        <source>{0} cannot go: without it this would apply to every machine: {1}. Say first what else each applies to, or remove it.</source>
        <translation>{0} kann nicht weg: Ohne sie würde das für jede Maschine gelten: {1}. Erst sagen, wofür es sonst gilt, oder es entfernen.</translation>
    </message>
    <message>
        <source>Figures and items stand in the translation as they stand in the original, each as often; they are not translated.</source>
        <translation>Werte und Gegenstände stehen in der Übersetzung wie im Original, jeder ebenso oft; sie werden nicht übersetzt.</translation>
    </message>
    <message>
        <source>That step is not in the guide any more.</source>
        <translation>Dieser Schritt ist nicht mehr in der Anleitung.</translation>
    </message>
    <message>
        <source>That item is not in the guide any more.</source>
        <translation>Dieser Gegenstand ist nicht mehr in der Anleitung.</translation>
    </message>
</context>
<context>
    <name>Evidence</name>
    <message>
        <source>{0} applies to other variants only and does not count here.</source>
        <translation>{0} gilt nur für andere Ausführungn und zählt hier nicht.</translation>
    </message>
    <message>
        <source>{0} applies to {1} only and does not count here.</source>
        <translation>{0} gilt nur für {1} und zählt hier nicht.</translation>
    </message>
    <message>
        <source>“{0}” at {1} and “{2}” at {3} cannot both be right.</source>
        <translation>„{0}“ bei {1} und „{2}“ bei {3} können nicht beide stimmen.</translation>
    </message>
    <message>
        <source>Two figures of this guide are needed to join them.</source>
        <translation>Zwei Werte dieser Anleitung werden gebraucht, um sie zu verbinden.</translation>
    </message>
    <message>
        <source>A {0} and a {1} cannot be one figure.</source>
        <translation>{0} und {1} können kein gemeinsamer Wert sein.</translation>
    </message>
    <message>
        <source>Choose the claim that is to become a figure of its own.</source>
        <translation>Die Angabe wählen, die ein eigener Wert werden soll.</translation>
    </message>
    <message>
        <source>It is all that speaks for this figure: there is nothing to part.</source>
        <translation>Sie ist alles, was für diesen Wert spricht: Es gibt nichts abzutrennen.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no stage; write them as &quot;20, then 40, then 60 Nm&quot;.</source>
        <translation>&quot;{0}&quot; ist keine Stufe; sie werden geschrieben wie &quot;20, then 40, then 60 Nm&quot;.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; goes back: each stage is above the one before.</source>
        <translation>&quot;{0}&quot; geht zurück: Jede Stufe liegt über der davor.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; runs from the larger to the smaller; write the smaller end first.</source>
        <translation>&quot;{0}&quot; geht vom Größeren zum Kleineren; das kleinere Ende zuerst schreiben.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no {1}; write it as in &quot;{2}&quot;.</source>
        <translation>&quot;{0}&quot; passt nicht zu {1}; schreiben wie &quot;{2}&quot;.</translation>
    </message>
    <message>
        <source>{0}; {1}</source>
        <translation>{0}; {1}</translation>
    </message>
    <message>
        <source>{0} ({1}, {2})</source>
        <translation>{0} ({1}, {2})</translation>
    </message>
    <message>
        <source>Not found. Looked in: {0}.</source>
        <translation>Nicht gefunden. Gesucht in: {0}.</translation>
    </message>
    <message>
        <source>Nobody has said it and no source gives it.</source>
        <translation>Niemand hat es gesagt, und keine Quelle gibt es an.</translation>
    </message>
    <message>
        <source>Find it, or leave it as not known.</source>
        <translation>Es finden, oder als nicht bekannt stehen lassen.</translation>
    </message>
    <message>
        <source>Heard by the program; nobody has listened to it yet.</source>
        <translation>Vom Programm gehört; niemand hat es noch angehört.</translation>
    </message>
    <message>
        <source>Listen to it and confirm its step, then add the source that gives it.</source>
        <translation>Es anhören und seinen Schritt bestätigen, dann die Quelle hinzufügen, die es angibt.</translation>
    </message>
    <message numerus="yes">
        <source>Said %n times; speech alone proves nothing.</source>
        <comment>Said once; speech alone proves nothing.</comment>
        <translation>
            <numerusform>Einmal gesagt; Sprechen allein belegt nichts.</numerusform>
            <numerusform>%n-mal gesagt; Sprechen allein belegt nichts.</numerusform>
        </translation>
    </message>
    <message>
        <source>Add the source that gives it.</source>
        <translation>Die Quelle hinzufügen, die es angibt.</translation>
    </message>
    <message>
        <source>A source is named, but no value is chosen.</source>
        <translation>Eine Quelle ist genannt, aber kein Wert gewählt.</translation>
    </message>
    <message>
        <source>a source gives {0}</source>
        <translation>eine Quelle gibt {0} an</translation>
    </message>
    <message>
        <source>{0} gives {1}</source>
        <translation>{0} gibt {1} an</translation>
    </message>
    <message>
        <source>“{0}” was said at {1}</source>
        <translation>„{0}“ wurde bei {1} gesagt</translation>
    </message>
    <message>
        <source>The source gives {0}</source>
        <translation>Die Quelle gibt {0} an</translation>
    </message>
    <message>
        <source>the other sources agree</source>
        <translation>die anderen Quellen stimmen überein</translation>
    </message>
    <message>
        <source>everything said agrees with it</source>
        <translation>alles Gesagte stimmt damit überein</translation>
    </message>
    <message>
        <source>{0}.</source>
        <translation>{0}.</translation>
    </message>
    <message>
        <source>Resolved: {0}. What differs: {1}.</source>
        <translation>Geklärt: {0}. Was abweicht: {1}.</translation>
    </message>
    <message>
        <source>Against {0}: {1}.</source>
        <translation>Gegen {0}: {1}.</translation>
    </message>
    <message>
        <source>Say why the value holds, or change it.</source>
        <translation>Sagen, warum der Wert gilt, oder ihn ändern.</translation>
    </message>
</context>
<context>
    <name>Fasteners</name>
    <message>
        <source>The picture shows {0} {1}; the guide counts {2}.</source>
        <translation>Das Bild zeigt {0} {1}; die Anleitung zählt {2}.</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>washer</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>Not stated of the {0}: {1}; edit the item to say it.</source>
        <translation>Nicht angegeben von {0}: {1}; den Gegenstand bearbeiten, um es zu sagen.</translation>
    </message>
</context>
<context>
    <name>Figures</name>
    <message>
        <source>proved</source>
        <translation>belegt</translation>
    </message>
    <message>
        <source>disputed</source>
        <translation>strittig</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>agrees</source>
        <translation>stimmt überein</translation>
    </message>
    <message>
        <source>differs</source>
        <translation>weicht ab</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>{0} to {1}</source>
        <translation>{0} bis {1}</translation>
    </message>
    <message>
        <source>loosened, then {0}</source>
        <translation>gelöst, dann {0}</translation>
    </message>
    <message>
        <source>{0}, then {1}</source>
        <translation>{0}, dann {1}</translation>
    </message>
    <message>
        <source>{0}, then {1} degrees further</source>
        <translation>{0}, dann {1} Grad weiter</translation>
    </message>
    <message>
        <source>at most {0}</source>
        <translation>höchstens {0}</translation>
    </message>
    <message>
        <source>at least {0}</source>
        <translation>mindestens {0}</translation>
    </message>
    <message>
        <source>{0} plus or minus {1}</source>
        <translation>{0} plus oder minus {1}</translation>
    </message>
    <message>
        <source>for {0}</source>
        <translation>für {0}</translation>
    </message>
    <message>
        <source>nothing speaks for it</source>
        <translation>nichts spricht dafür</translation>
    </message>
    <message numerus="yes">
        <source>%n claims</source>
        <comment>one claim</comment>
        <translation>
            <numerusform>eine Angabe</numerusform>
            <numerusform>%n Angaben</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sources</source>
        <comment>one source</comment>
        <translation>
            <numerusform>eine Quelle</numerusform>
            <numerusform>%n Quellen</numerusform>
        </translation>
    </message>
    <message>
        <source>said at {0}: “{1}”, {2}</source>
        <translation>gesagt bei {0}: „{1}“, {2}</translation>
    </message>
    <message>
        <source>a source that is gone</source>
        <translation>eine Quelle, die weg ist</translation>
    </message>
    <message>
        <source>{0}: {1}, {2}</source>
        <translation>{0}: {1}, {2}</translation>
    </message>
    <message>
        <source>does not count here</source>
        <translation>zählt hier nicht</translation>
    </message>
</context>
<context>
    <name>Files</name>
    <message>
        <source>read</source>
        <translation>gelesen</translation>
    </message>
    <message>
        <source>written</source>
        <translation>geschrieben</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>gesperrt</translation>
    </message>
</context>
<context>
    <name>FillPanel</name>
    <message>
        <source>&amp;Total, dry</source>
        <translation>&amp;Gesamt, trocken</translation>
    </message>
    <message>
        <source>&amp;Refill with filter</source>
        <translation>&amp;Füllung mit Filter</translation>
    </message>
    <message>
        <source>&amp;Stays behind</source>
        <translation>Bleibt &amp;zurück</translation>
    </message>
    <message>
        <source>&amp;Filter takes</source>
        <translation>&amp;Filter nimmt auf</translation>
    </message>
    <message>
        <source>&amp;Came out</source>
        <translation>&amp;Kam heraus</translation>
    </message>
    <message>
        <source>&amp;Between the marks</source>
        <translation>Z&amp;wischen den Marken</translation>
    </message>
</context>
<context>
    <name>Films</name>
    <message>
        <source>{0} is no file that can be read; choose the recording itself.</source>
        <translation>{0} ist keine Datei, die gelesen werden kann; die Aufnahme selbst wählen.</translation>
    </message>
    <message>
        <source>{0} is not there; choose the recording again.</source>
        <translation>{0} ist nicht da; die Aufnahme neu wählen.</translation>
    </message>
    <message>
        <source>{0} cannot be opened ({1}); check that you may read it.</source>
        <translation>{0} kann nicht geöffnet werden ({1}); prüfen, ob Sie sie lesen dürfen.</translation>
    </message>
    <message>
        <source>{0} is empty; copy it from the camera again.</source>
        <translation>{0} ist leer; sie neu von der Kamera kopieren.</translation>
    </message>
    <message>
        <source>{0} may not be read; change its permissions or copy it somewhere else.</source>
        <translation>{0} darf nicht gelesen werden; die Rechte ändern oder sie anderswohin kopieren.</translation>
    </message>
    <message>
        <source>{0} is no video that can be read ({1}); choose a recording such as MP4, MOV, MKV or WebM, or copy it from the camera again.</source>
        <translation>{0} ist kein Video, das gelesen werden kann ({1}); eine Aufnahme wie MP4, MOV, MKV oder WebM wählen, oder sie neu von der Kamera kopieren.</translation>
    </message>
    <message>
        <source>{0} begins like a video but cannot be read on ({1}); copy it from the camera again.</source>
        <translation>{0} beginnt wie ein Video, kann aber nicht weiter gelesen werden ({1}); sie neu von der Kamera kopieren.</translation>
    </message>
    <message>
        <source>{0} has pictures of {1} x {2} pixels, more than any camera makes; choose another recording.</source>
        <translation>{0} hat Bilder von {1} x {2} Punkten, mehr als eine Kamera macht; eine andere Aufnahme wählen.</translation>
    </message>
    <message>
        <source>{0} has no picture, only sound or text; choose the film itself.</source>
        <translation>{0} hat kein Bild, nur Ton oder Text; den Film selbst wählen.</translation>
    </message>
    <message>
        <source>The memory does not suffice for {0}; close other programs and try again.</source>
        <translation>Der Speicher reicht nicht für {0}; andere Programme schließen und neu versuchen.</translation>
    </message>
    <message>
        <source>The disk is full, so {0} could not be written; free some space and try again.</source>
        <translation>Der Datenträger ist voll, {0} konnte nicht geschrieben werden; Platz schaffen und neu versuchen.</translation>
    </message>
    <message>
        <source>The disk failed while {0} was being {1}; check the disk and its cable, and try again.</source>
        <translation>Der Datenträger hat versagt, während {0} {1} wurde; ihn und sein Kabel prüfen und neu versuchen.</translation>
    </message>
    <message>
        <source>{0} may not be {1}; change the permissions, or choose another place.</source>
        <translation>{0} darf nicht {1} werden; die Rechte ändern, oder einen anderen Ort wählen.</translation>
    </message>
    <message>
        <source>{0} could not be {1} ({2}); check the folder, or choose another one.</source>
        <translation>{0} konnte nicht {1} werden ({2}); den Ordner prüfen, oder einen anderen wählen.</translation>
    </message>
    <message>
        <source>Nothing here can decode {0}; convert the recording to H.264 first.</source>
        <translation>Nichts hier kann {0} entschlüsseln; die Aufnahme erst in H.264 umwandeln.</translation>
    </message>
    <message>
        <source>The memory does not suffice to decode the recording; close other programs and try again.</source>
        <translation>Der Speicher reicht nicht, um die Aufnahme zu entschlüsseln; andere Programme schließen und neu versuchen.</translation>
    </message>
    <message>
        <source>The recording&apos;s {0} cannot be decoded ({1}).</source>
        <translation>{0} der Aufnahme kann nicht entschlüsselt werden ({1}).</translation>
    </message>
    <message>
        <source>The camera was let go.</source>
        <translation>Die Kamera wurde freigegeben.</translation>
    </message>
    <message>
        <source>There is no camera {0}; connect it, or choose another.</source>
        <translation>Es gibt keine Kamera {0}; sie anschließen, oder eine andere wählen.</translation>
    </message>
    <message>
        <source>{0} is no camera.</source>
        <translation>{0} ist keine Kamera.</translation>
    </message>
    <message>
        <source>The camera {0} is in use by another program; close that first.</source>
        <translation>Die Kamera {0} wird von einem anderen Programm benutzt; das erst schließen.</translation>
    </message>
    <message>
        <source>The camera {0} may not be opened; add yourself to those who may use cameras (group video).</source>
        <translation>Die Kamera {0} darf nicht geöffnet werden; sich denen hinzufügen, die Kameras benutzen dürfen (Gruppe video).</translation>
    </message>
    <message>
        <source>The camera {0} does not answer ({1}); pull it out, put it in again, or take a file.</source>
        <translation>Die Kamera {0} antwortet nicht ({1}); sie aus- und einstecken, oder eine Datei nehmen.</translation>
    </message>
    <message>
        <source>The camera {0} gives no picture; take a file.</source>
        <translation>Die Kamera {0} gibt kein Bild; eine Datei nehmen.</translation>
    </message>
    <message>
        <source>The camera {0} gives no picture any more; put it in again, or take a file.</source>
        <translation>Die Kamera {0} gibt kein Bild mehr; sie neu einstecken, oder eine Datei nehmen.</translation>
    </message>
    <message>
        <source>Between {0} and {1} the recording holds no picture; choose another stretch.</source>
        <translation>Zwischen {0} und {1} hat die Aufnahme kein Bild; eine andere Strecke wählen.</translation>
    </message>
    <message>
        <source>This system has no H.264 encoder (libx264), so clips cannot be made; install it.</source>
        <translation>Dieses System hat keinen H.264-Kodierer (libx264), Clips können nicht gemacht werden; ihn installieren.</translation>
    </message>
    <message>
        <source>Cutting the clip was stopped.</source>
        <translation>Das Schneiden des Clips wurde angehalten.</translation>
    </message>
    <message>
        <source>No picture could be decoded at {0} of {1}; choose a moment nearby.</source>
        <translation>Bei {0} von {1} konnte kein Bild entschlüsselt werden; einen Augenblick in der Nähe wählen.</translation>
    </message>
    <message>
        <source>The recording could not be taken apart.</source>
        <translation>Die Aufnahme konnte nicht zerlegt werden.</translation>
    </message>
    <message>
        <source>{0} reads differently at a second time; copy it from the camera again.</source>
        <translation>{0} liest sich beim zweiten Mal anders; sie neu von der Kamera kopieren.</translation>
    </message>
    <message>
        <source>The recogniser &quot;{0}&quot; could not be started ({1}).</source>
        <translation>Der Erkenner &quot;{0}&quot; konnte nicht gestartet werden ({1}).</translation>
    </message>
    <message>
        <source>Hearing was stopped; nothing of it is kept.</source>
        <translation>Das Hören wurde angehalten; nichts davon wird behalten.</translation>
    </message>
    <message>
        <source>The recogniser &quot;{0}&quot; failed{1}{2}. Try the command in a terminal on a WAV file, and put it right in the house settings.</source>
        <translation>Der Erkenner &quot;{0}&quot; hat versagt{1}{2}. Den Befehl in einem Terminal an einer WAV-Datei versuchen und ihn in den Hauseinstellungen berichtigen.</translation>
    </message>
    <message>
        <source>The recogniser &quot;{0}&quot; wrote nothing; it has to write WebVTT or SRT {1}.</source>
        <translation>Der Erkenner &quot;{0}&quot; hat nichts geschrieben; er muss WebVTT oder SRT schreiben {1}.</translation>
    </message>
    <message>
        <source>The recogniser&apos;s language {0} cannot be read; install the program again.</source>
        <translation>Die Sprache des Erkenners {0} kann nicht gelesen werden; das Programm neu installieren.</translation>
    </message>
    <message>
        <source>The recogniser&apos;s model of English is not installed. Install the package pocketsphinx-en-us, or name another recogniser in the house settings.</source>
        <translation>Das englische Modell des Erkenners ist nicht installiert. Das Paket pocketsphinx-en-us installieren, oder in den Hauseinstellungen einen anderen Erkenner nennen.</translation>
    </message>
    <message>
        <source>{0} has no sound, so nothing can be heard; type what is said on the Tape.</source>
        <translation>{0} hat keinen Ton, es ist nichts zu hören; auf dem Band tippen, was gesagt wird.</translation>
    </message>
    <message>
        <source>{0} is a sound file with a cover picture; choose the film itself.</source>
        <translation>{0} ist eine Tondatei mit einem Titelbild; den Film selbst wählen.</translation>
    </message>
    <message>
        <source>{0} has no picture of a usable size; choose another recording.</source>
        <translation>{0} hat kein Bild von brauchbarer Größe; eine andere Aufnahme wählen.</translation>
    </message>
    <message>
        <source>{0} has pictures but no times.</source>
        <translation>{0} hat Bilder, aber keine Zeiten.</translation>
    </message>
    <message>
        <source>The times of {0} go back at {1}: camera files joined end to end do that.</source>
        <translation>Die Zeiten von {0} gehen bei {1} zurück: Das tun Kameradateien, die aneinandergehängt wurden.</translation>
    </message>
    <message>
        <source>The times of {0} begin below zero.</source>
        <translation>Die Zeiten von {0} beginnen unter null.</translation>
    </message>
    <message>
        <source>The import was stopped; nothing of it is kept.</source>
        <translation>Das Importieren wurde angehalten; nichts davon wird behalten.</translation>
    </message>
    <message>
        <source>The small copy could not be made ({0}).</source>
        <translation>Die kleine Kopie konnte nicht gemacht werden ({0}).</translation>
    </message>
    <message>
        <source>Memory is full.</source>
        <translation>Der Speicher ist voll.</translation>
    </message>
    <message>
        <source>The player could not be started; everything but playing still works. Check that libmpv is installed.</source>
        <translation>Der Abspieler konnte nicht gestartet werden; alles außer Abspielen geht weiter. Prüfen, ob libmpv installiert ist.</translation>
    </message>
    <message>
        <source>The small copy of this recording is missing or damaged; import the recording again.</source>
        <translation>Die kleine Kopie dieser Aufnahme fehlt oder ist beschädigt; die Aufnahme neu importieren.</translation>
    </message>
    <message>
        <source>This picture is not in the small copy; import the recording again.</source>
        <translation>Dieses Bild ist nicht in der kleinen Kopie; die Aufnahme neu importieren.</translation>
    </message>
    <message>
        <source>The index of this recording is damaged or from an older version; import the recording again.</source>
        <translation>Das Verzeichnis dieser Aufnahme ist beschädigt oder von einer älteren Fassung; die Aufnahme neu importieren.</translation>
    </message>
    <message>
        <source>The index of this recording is damaged; import the recording again.</source>
        <translation>Das Verzeichnis dieser Aufnahme ist beschädigt; die Aufnahme neu importieren.</translation>
    </message>
    <message>
        <source>This recording has not been looked through yet; import it again.</source>
        <translation>Diese Aufnahme wurde noch nicht durchgesehen; sie neu importieren.</translation>
    </message>
    <message>
        <source>Looking for a sharper still was stopped.</source>
        <translation>Die Suche nach einem schärferen Standbild wurde angehalten.</translation>
    </message>
</context>
<context>
    <name>FirstWeekWords</name>
    <message>
        <source>Safety first</source>
        <translation>Zuerst die Sicherheit</translation>
    </message>
    <message>
        <source>&lt;h2&gt;Safety first&lt;/h2&gt;&lt;p&gt;%1&lt;/p&gt;&lt;p&gt;A learner puts a spanner on a machine because of what you issue. So:&lt;/p&gt;&lt;ul&gt;&lt;li&gt;What was said on a film proves nothing. A torque, a capacity or a grade is proved by the maker&apos;s book, a label, a drawing, a standard or a measurement, and shows where it stands there.&lt;/li&gt;&lt;li&gt;What nobody found is printed as “not known”. Never guess a figure to close an open point.&lt;/li&gt;&lt;li&gt;Lock off, hot, pressed, raised, turning: say it as a caution before the step it belongs to, not after.&lt;/li&gt;&lt;li&gt;Where practitioners differ, the house says which way it goes and why; the guide shows what else is accepted.&lt;/li&gt;&lt;li&gt;Electrical work, lifting gear, pressure and gas belong to people who are licensed for it, where the law says so.&lt;/li&gt;&lt;li&gt;Another post than the authors checks a guide before it goes out. If an edition turns out to be dangerous, withdraw it: everybody who has it is told.&lt;/li&gt;&lt;/ul&gt;</source>
        <translation>&lt;h2&gt;Zuerst die Sicherheit&lt;/h2&gt;&lt;p&gt;%1&lt;/p&gt;&lt;p&gt;Lernende setzen einen Schlüssel an eine Maschine, weil Sie etwas herausgeben. Also:&lt;/p&gt;&lt;ul&gt;&lt;li&gt;Was im Film gesagt wurde, belegt nichts. Ein Drehmoment, eine Menge oder eine Sorte wird durch das Buch des Herstellers, ein Schild, eine Zeichnung, eine Norm oder eine Messung belegt und zeigt, wo es dort steht.&lt;/li&gt;&lt;li&gt;Was niemand fand, wird als „nicht bekannt“ gedruckt. Nie einen Wert raten, um einen offenen Punkt zu schließen.&lt;/li&gt;&lt;li&gt;Sperren, heiß, unter Druck, angehoben, drehend: als Warnhinweis vor dem Schritt sagen, zu dem es gehört, nicht danach.&lt;/li&gt;&lt;li&gt;Wo Fachleute verschiedener Meinung sind, sagt das Haus, wie es dort gemacht wird und warum; die Anleitung zeigt, was sonst anerkannt wird.&lt;/li&gt;&lt;li&gt;Arbeit an Elektrik, Hebezeug, Druck und Gas gehört denen, die dafür befugt sind, wo das Gesetz es sagt.&lt;/li&gt;&lt;li&gt;Eine andere Funktion als die Autoren prüft eine Anleitung, bevor sie hinausgeht. Erweist sich eine Ausgabe als gefährlich, sie zurückziehen: alle, die sie haben, erfahren es.&lt;/li&gt;&lt;/ul&gt;</translation>
    </message>
    <message>
        <source>Where do I begin?</source>
        <translation>Wo fange ich an?</translation>
    </message>
    <message>
        <source>With a film of the job: {shelf.import}, or drop it on the Shelf. Then {shelf.new}, and the Tape shows it line by line. Without a film of your own, open the demo library: &lt;b&gt;anagraph --demo&lt;/b&gt;; {window.tasks} has small work on it that says when it is done.</source>
        <translation>Mit einem Film der Arbeit: {shelf.import}, oder ihn auf das Regal ziehen. Dann {shelf.new}, und das Band zeigt ihn Zeile für Zeile. Ohne eigenen Film die Vorführbibliothek öffnen: &lt;b&gt;anagraph --demo&lt;/b&gt;; {window.tasks} hat darin kleine Aufgaben, die selbst sagen, wann sie erledigt sind.</translation>
    </message>
    <message>
        <source>Is my work saved, also when the power goes?</source>
        <translation>Ist meine Arbeit gespeichert, auch wenn der Strom ausfällt?</translation>
    </message>
    <message>
        <source>Every change is on disk before the head of the window says saved; there is nothing to press. Only words in a field that you have not left yet are not. If the program ever ends without closing, its next start says what is saved.</source>
        <translation>Jede Änderung liegt auf dem Datenträger, bevor der Kopf des Fensters gespeichert sagt; zu drücken ist nichts. Nur Worte in einem Feld, das Sie noch nicht verlassen haben, sind es nicht. Endet das Programm je, ohne zu schließen, sagt sein nächster Start, was gespeichert ist.</translation>
    </message>
    <message>
        <source>I did something wrong. How do I get back?</source>
        <translation>Ich habe etwas falsch gemacht. Wie komme ich zurück?</translation>
    </message>
    <message>
        <source>{window.undo}, as often as you like, through the whole guide; {window.redo} the other way. What a line said before, and who wrote it: {sheet.history}.</source>
        <translation>{window.undo}, so oft Sie wollen, durch die ganze Anleitung; {window.redo} in die andere Richtung. Was eine Zeile vorher sagte und wer sie schrieb: {sheet.history}.</translation>
    </message>
    <message>
        <source>It was said clearly on the film. Why is the figure still open?</source>
        <translation>Im Film wurde es klar gesagt. Warum ist der Wert noch offen?</translation>
    </message>
    <message>
        <source>People slip, and a microphone hears “newtons” for “newton metres”. A figure is proved by a source: {figures.add-source}.</source>
        <translation>Leute versprechen sich, und ein Mikrofon hört „Newton“ statt „Newtonmeter“. Ein Wert wird durch eine Quelle belegt: {figures.add-source}.</translation>
    </message>
    <message>
        <source>The book and the film give different values.</source>
        <translation>Buch und Film geben verschiedene Werte an.</translation>
    </message>
    <message>
        <source>The figure is disputed until you say why its value holds: {figures.resolve}, or {figures.house-rule} where your house has decided it for all guides.</source>
        <translation>Der Wert ist strittig, bis Sie sagen, warum er gilt: {figures.resolve}, oder {figures.house-rule}, wo Ihr Haus es für alle Anleitungen entschieden hat.</translation>
    </message>
    <message>
        <source>Nobody knows the value.</source>
        <translation>Niemand kennt den Wert.</translation>
    </message>
    <message>
        <source>{figures.not-found} says where you looked. It is printed as “not known” and the guide can still go out.</source>
        <translation>{figures.not-found} sagt, wo Sie gesucht haben. Er wird als „nicht bekannt“ gedruckt, und die Anleitung kann trotzdem hinausgehen.</translation>
    </message>
    <message>
        <source>A face or a name plate is on the picture.</source>
        <translation>Ein Gesicht oder ein Namensschild ist auf dem Bild.</translation>
    </message>
    <message>
        <source>{plates.crop}: what you hide there is not in the picture that goes out, nor behind it. Do it on each picture that shows it.</source>
        <translation>{plates.crop}: was Sie dort verbergen, ist nicht in dem Bild, das hinausgeht, und auch nicht dahinter. Auf jedem Bild tun, das es zeigt.</translation>
    </message>
    <message>
        <source>Why can I not issue?</source>
        <translation>Warum kann ich nicht herausgeben?</translation>
    </message>
    <message>
        <source>{window.next-open} goes through what is open. What the dry run stops has to be mended or kept with a reason, and another post than the authors has to check the guide: {window.post} says who sits here, {issue.check} is the check.</source>
        <translation>{window.next-open} geht durch, was offen ist. Was der Trockenlauf anhält, muss behoben oder mit einem Grund so gelassen werden, und eine andere Funktion als die Autoren muss die Anleitung prüfen: {window.post} sagt, wer hier sitzt, {issue.check} ist die Prüfung.</translation>
    </message>
    <message>
        <source>Something is wrong in an edition that went out.</source>
        <translation>In einer Ausgabe, die hinausging, stimmt etwas nicht.</translation>
    </message>
    <message>
        <source>Change the guide and issue the next edition; who learned the old one is told what changed. If it is dangerous, {issue.withdraw} it at once.</source>
        <translation>Die Anleitung ändern und die nächste Ausgabe herausgeben; wer die alte gelernt hat, erfährt, was sich geändert hat. Ist sie gefährlich, sofort zurückziehen: {issue.withdraw}.</translation>
    </message>
    <message>
        <source>The learner has no network.</source>
        <translation>Lernende haben kein Netz.</translation>
    </message>
    <message>
        <source>{issue.copy} writes the pack to a stick; it opens in any browser, and its bench.html takes a run on a tablet. What comes back as a file goes into the Logbook with {logbook.run}.</source>
        <translation>{issue.copy} schreibt das Paket auf einen Stick; es öffnet sich in jedem Browser, und seine bench.html nimmt einen Durchlauf auf einem Tablet auf. Was als Datei zurückkommt, geht mit {logbook.run} ins Logbuch.</translation>
    </message>
    <message>
        <source>How do two of us work in one guide?</source>
        <translation>Wie arbeiten zwei von uns in einer Anleitung?</translation>
    </message>
    <message>
        <source>Open the same library in both windows; each sees the other&apos;s step and what is saved, and where both changed the same thing {window.decide} asks. For several computers the library moves to a server: {window.library}.</source>
        <translation>Dieselbe Bibliothek in beiden Fenstern öffnen; jedes sieht den Schritt des anderen und was gespeichert ist, und wo beide dasselbe änderten, fragt {window.decide}. Für mehrere Rechner zieht die Bibliothek auf einen Server um: {window.library}.</translation>
    </message>
    <message>
        <source>How does my library get to another computer?</source>
        <translation>Wie kommt meine Bibliothek auf einen anderen Rechner?</translation>
    </message>
    <message>
        <source>{window.backup} writes all of it into one file, on a stick. On the other computer &lt;b&gt;anagraph FILE.zip&lt;/b&gt; makes it your library, never over another.</source>
        <translation>{window.backup} schreibt alles davon in eine Datei, auf einen Stick. Auf dem anderen Rechner macht &lt;b&gt;anagraph DATEI.zip&lt;/b&gt; sie zu Ihrer Bibliothek, nie über eine andere.</translation>
    </message>
    <message>
        <source>The first week</source>
        <translation>Die erste Woche</translation>
    </message>
</context>
<context>
    <name>Fluids</name>
    <message>
        <source>No source says what the fluid has to meet.</source>
        <translation>Keine Quelle sagt, was die Flüssigkeit erfüllen muss.</translation>
    </message>
    <message>
        <source>{0} is asked for, the pack says {1}.</source>
        <translation>{0} ist verlangt, das Gebinde sagt {1}.</translation>
    </message>
    <message>
        <source>{0} is asked for; the pack says no viscosity.</source>
        <translation>{0} ist verlangt; das Gebinde sagt keine Viskosität.</translation>
    </message>
    <message>
        <source>The pack does not say that it meets {0}: ask its maker.</source>
        <translation>Das Gebinde sagt nicht, dass es {0} erfüllt: den Hersteller fragen.</translation>
    </message>
    <message>
        <source>The pack says {0}; no specification is asked for beside the viscosity.</source>
        <translation>Das Gebinde sagt {0}; außer der Viskosität ist keine Vorschrift verlangt.</translation>
    </message>
    <message>
        <source>The pack says all that is asked for: {0}.</source>
        <translation>Das Gebinde sagt alles, was verlangt ist: {0}.</translation>
    </message>
    <message>
        <source>The volume of the system must be more than nothing.</source>
        <translation>Das Volumen des Systems muss mehr als nichts sein.</translation>
    </message>
    <message>
        <source>A strength lies between 0 and 100 %.</source>
        <translation>Eine Stärke liegt zwischen 0 und 100 %.</translation>
    </message>
    <message>
        <source>A concentrate of {0} % cannot bring the mixture to {1} %.</source>
        <translation>Ein Konzentrat von {0} % kann die Mischung nicht auf {1} % bringen.</translation>
    </message>
    <message>
        <source>No amount of water makes it pure water: drain it.</source>
        <translation>Keine Menge Wasser macht reines Wasser daraus: es ablassen.</translation>
    </message>
    <message>
        <source>{0} would have to be added and there is room for {1}: drain some and replace it.</source>
        <translation>{0} müssten hinzu, und Platz ist für {1}: etwas ablassen und ersetzen.</translation>
    </message>
    <message>
        <source>A ratio is told in parts of concentrate and water, as in 1 to 10.</source>
        <translation>Ein Verhältnis wird in Teilen Konzentrat und Wasser gesagt, wie 1 zu 10.</translation>
    </message>
    <message>
        <source>Freezing points are known here from 0 to 60 %; stronger mixtures protect less again.</source>
        <translation>Gefrierpunkte sind hier von 0 bis 60 % bekannt; stärkere Mischungen schützen wieder weniger.</translation>
    </message>
    <message>
        <source>No mixture of {0} is good to {1} degC.</source>
        <translation>Keine Mischung mit {0} reicht bis {1} °C.</translation>
    </message>
    <message>
        <source>Say what is poured and what the jug holds.</source>
        <translation>Sagen, was eingefüllt wird und was der Krug fasst.</translation>
    </message>
    <message>
        <source>That is {0} jugs: take a larger one.</source>
        <translation>Das sind {0} Krüge: einen größeren nehmen.</translation>
    </message>
    <message>
        <source>{0} is no pack of a fluid; write it as 1 L@6.50.</source>
        <translation>{0} ist kein Gebinde einer Flüssigkeit; schreiben wie 1 L@6.50.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no price; write the pack as 1 L@6.50.</source>
        <translation>&quot;{0}&quot; ist kein Preis; das Gebinde schreiben wie 1 L@6.50.</translation>
    </message>
    <message>
        <source>What is needed must be more than nothing.</source>
        <translation>Was gebraucht wird, muss mehr als nichts sein.</translation>
    </message>
    <message>
        <source>Say which packs there are, as in --pack &quot;1 L@6.50&quot;.</source>
        <translation>Sagen, welche Gebinde es gibt, wie --pack &quot;1 L@6.50&quot;.</translation>
    </message>
    <message>
        <source>A pack must hold more than nothing.</source>
        <translation>Ein Gebinde muss mehr als nichts fassen.</translation>
    </message>
    <message>
        <source>A price cannot be less than nothing.</source>
        <translation>Ein Preis kann nicht weniger als nichts sein.</translation>
    </message>
    <message>
        <source>The least cost can only be found with a price for every pack, as in &quot;5 L@24&quot;.</source>
        <translation>Die geringsten Kosten sind nur zu finden, wenn jedes Gebinde einen Preis hat, wie &quot;5 L@24&quot;.</translation>
    </message>
    <message>
        <source>That is too much for packs so small to look through: say larger packs, or the need of one machine.</source>
        <translation>Das ist zu viel für so kleine Gebinde: größere nennen, oder den Bedarf einer Maschine.</translation>
    </message>
    <message>
        <source>The {0} must be more than nothing.</source>
        <translation>{0} muss mehr als nichts sein.</translation>
    </message>
    <message>
        <source>{0} refill out of {1} total cannot be: one of the two is wrong.</source>
        <translation>{0} Nachfüllmenge von {1} insgesamt kann nicht sein: Eines von beiden ist falsch.</translation>
    </message>
    <message>
        <source>{0} cannot stay behind of {1} in all.</source>
        <translation>{0} können nicht zurückbleiben von {1} insgesamt.</translation>
    </message>
    <message>
        <source>{0} refill and {1} residue make {2}, not the {3} said to be the total.</source>
        <translation>{0} Nachfüllmenge und {1} Rest ergeben {2}, nicht die {3}, die insgesamt sein sollen.</translation>
    </message>
    <message>
        <source>The filter cannot take {0} of {1} {2}.</source>
        <translation>Der Filter kann nicht {0} von {1} {2} aufnehmen.</translation>
    </message>
    <message>
        <source>{0} between the marks is more than the {1} of {2}.</source>
        <translation>{0} zwischen den Marken sind mehr als die {1} von {2}.</translation>
    </message>
    <message>
        <source>{0} came out of a system that holds {1}: it was overfilled, or one of the two is wrong.</source>
        <translation>{0} kamen aus einem System, das {1} fasst: Es war überfüllt, oder eines von beiden ist falsch.</translation>
    </message>
    <message>
        <source>{0} is no amount of fluid; write it as 1.7 L.</source>
        <translation>{0} ist keine Menge einer Flüssigkeit; schreiben wie 1.7 L.</translation>
    </message>
    <message>
        <source>Refill: the total less what stays behind, {0} − {1}.</source>
        <translation>Nachfüllmenge: die Gesamtmenge weniger dem, was zurückbleibt, {0} − {1}.</translation>
    </message>
    <message>
        <source>Refill: what came out and the filter&apos;s share; right only if the level was right before.</source>
        <translation>Nachfüllmenge: was herauskam und der Anteil des Filters; nur richtig, wenn der Stand vorher stimmte.</translation>
    </message>
    <message>
        <source>Refill: what came out; right only if the level was right before, and without the filter&apos;s share.</source>
        <translation>Nachfüllmenge: was herauskam; nur richtig, wenn der Stand vorher stimmte, und ohne den Anteil des Filters.</translation>
    </message>
    <message>
        <source>Residue: the total less the refill, {0} − {1}.</source>
        <translation>Rest: die Gesamtmenge weniger der Nachfüllmenge, {0} − {1}.</translation>
    </message>
    <message>
        <source>First pour: the refill less the filter&apos;s share, which fills only when it runs, and a little less than the upper mark.</source>
        <translation>Erste Füllung: die Nachfüllmenge weniger dem Anteil des Filters, der sich erst beim Laufen füllt, und etwas weniger als die obere Marke.</translation>
    </message>
    <message>
        <source>First pour: the filter&apos;s share is not known, so as much as {0} % of the refill is kept back until it has run.</source>
        <translation>Erste Füllung: Der Anteil des Filters ist nicht bekannt, darum werden bis zu {0} % der Nachfüllmenge zurückgehalten, bis sie gelaufen ist.</translation>
    </message>
    <message>
        <source>First pour: only the total is known; as much as {0} % of it may have stayed behind. Then read and add.</source>
        <translation>Erste Füllung: Nur die Gesamtmenge ist bekannt; bis zu {0} % davon können zurückgeblieben sein. Dann ablesen und nachfüllen.</translation>
    </message>
    <message>
        <source>What lies between the marks must be known to say how much to add: give --between-marks.</source>
        <translation>Was zwischen den Marken liegt, muss bekannt sein, um zu sagen, wie viel nachzufüllen ist: --between-marks angeben.</translation>
    </message>
    <message>
        <source>A reading is told in shares of the way between the marks: 0 the lower, 1 the upper, 1.2 a fifth over.</source>
        <translation>Eine Ablesung wird in Anteilen des Weges zwischen den Marken gesagt: 0 die untere, 1 die obere, 1.2 ein Fünftel darüber.</translation>
    </message>
    <message>
        <source>The amount and the vessel must be more than nothing.</source>
        <translation>Die Menge und das Gefäß müssen mehr als nichts sein.</translation>
    </message>
    <message>
        <source>The vessel of {0} takes all {1} and has {2} to spare.</source>
        <translation>Das Gefäß von {0} nimmt alle {1} auf und hat {2} übrig.</translation>
    </message>
    <message numerus="yes">
        <source>The vessel of {0} does not take {1}: close the plug at {2} and change it, %n times.</source>
        <comment>The vessel of {0} does not take {1}: close the plug at {2} and change it, once.</comment>
        <translation>
            <numerusform>Das Gefäß von {0} nimmt {1} nicht auf: bei {2} den Stopfen schließen und es wechseln, einmal.</numerusform>
            <numerusform>Das Gefäß von {0} nimmt {1} nicht auf: bei {2} den Stopfen schließen und es wechseln, %n-mal.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Guide</name>
    <message>
        <source>This {0} cannot be read: {1}.</source>
        <translation>{0} kann nicht gelesen werden: {1}.</translation>
    </message>
    <message>
        <source>This guide was written by a newer version of the program; open it with that version.</source>
        <translation>Diese Anleitung wurde von einer neueren Fassung des Programms geschrieben; sie mit jener öffnen.</translation>
    </message>
</context>
<context>
    <name>GuideDialogsWords</name>
    <message>
        <source>Items of some only</source>
        <translation>Nur Gegenstände mancher</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>Step %1, %2</source>
        <translation>Schritt %1, %2</translation>
    </message>
    <message>
        <source>differs</source>
        <translation>weicht ab</translation>
    </message>
    <message>
        <source>not for this one</source>
        <translation>nicht für diese</translation>
    </message>
    <message>
        <source>The guide is for one kind of machine; name its variants in the guide settings to see them side by side.</source>
        <translation>Die Anleitung gilt für eine Art von Maschine; ihre Ausführungen in den Einstellungen der Anleitung nennen, um sie nebeneinander zu sehen.</translation>
    </message>
    <message>
        <source>Variants side by side</source>
        <translation>Ausführungen nebeneinander</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Gezeigt</translation>
    </message>
    <message>
        <source>all side by side</source>
        <translation>alle nebeneinander</translation>
    </message>
    <message>
        <source>%1 alone</source>
        <translation>%1 allein</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>every line</source>
        <translation>jede Zeile</translation>
    </message>
    <message>
        <source>only what differs</source>
        <translation>nur was abweicht</translation>
    </message>
    <message>
        <source>The guide for its variants</source>
        <translation>Die Anleitung für ihre Ausführungen</translation>
    </message>
    <message>
        <source>Put the cursor into the line whose history is wanted.</source>
        <translation>Den Cursor in die Zeile setzen, deren Geschichte gefragt ist.</translation>
    </message>
    <message>
        <source>Who wrote this line, and what stood there before</source>
        <translation>Wer diese Zeile schrieb und was vorher dort stand</translation>
    </message>
    <message>
        <source>Versions of the line, the newest first</source>
        <translation>Fassungen der Zeile, die neueste zuerst</translation>
    </message>
    <message>
        <source>(empty)</source>
        <translation>(leer)</translation>
    </message>
    <message>
        <source>%1 · %2 · %3%4</source>
        <translation>%1 · %2 · %3%4</translation>
    </message>
    <message>
        <source> · as it stands now</source>
        <translation> · wie sie jetzt steht</translation>
    </message>
    <message>
        <source>Restore this version</source>
        <translation>Diese Fassung zurückholen</translation>
    </message>
    <message>
        <source>A step of another guide</source>
        <translation>Ein Schritt einer anderen Anleitung</translation>
    </message>
    <message>
        <source>Guide</source>
        <translation>Anleitung</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>There is no other guide in this library yet.</source>
        <translation>Es gibt noch keine andere Anleitung in dieser Bibliothek.</translation>
    </message>
    <message>
        <source>Its steps</source>
        <translation>Ihre Schritte</translation>
    </message>
    <message>
        <source>It comes in behind the step in hand, with the items, figures and sources it names. What this guide has already is used.</source>
        <translation>Er kommt hinter den Schritt in der Hand, mit den Gegenständen, Werten und Quellen, die er nennt. Was diese Anleitung schon hat, wird benutzt.</translation>
    </message>
</context>
<context>
    <name>HandOutWords</name>
    <message>
        <source>Hand out edition %1</source>
        <translation>Ausgabe %1 aushändigen</translation>
    </message>
    <message>
        <source>chosen below</source>
        <translation>unten gewählt</translation>
    </message>
    <message>
        <source>Learners</source>
        <translation>Lernende</translation>
    </message>
    <message>
        <source>Nobody is in the register of learners yet; add them under Learners first.</source>
        <translation>Im Verzeichnis der Lernenden steht noch niemand; zuerst unter Lernende eintragen.</translation>
    </message>
    <message>
        <source>&amp;Group</source>
        <translation>&amp;Gruppe</translation>
    </message>
    <message>
        <source>&amp;To</source>
        <translation>&amp;An</translation>
    </message>
    <message>
        <source>&amp;How</source>
        <translation>&amp;Wie</translation>
    </message>
    <message>
        <source>Tick those it is handed out to.</source>
        <translation>Anhaken, wem sie ausgehändigt wird.</translation>
    </message>
</context>
<context>
    <name>HelpWords</name>
    <message>
        <source>Pages of the help</source>
        <translation>Seiten der Hilfe</translation>
    </message>
    <message>
        <source>Tape</source>
        <translation>Band</translation>
    </message>
    <message>
        <source>&lt;p&gt;Watch the recording once and mark its steps: {tape.open-step} begins one, {tape.close-step} ends it. Figures and cautions that were said stand beside their line and are taken with a key. Or have the steps drafted from what was said, look at each and confirm it.&lt;/p&gt;&lt;p&gt;A film that came without a narration is heard by the program, after its import or by {tape.hear}. What it hears is uncertain: hatched words most of all, and a figure says that the program heard it until its step is confirmed. Put a line right with {tape.correct-line}; the same mistake in other lines is offered to be put right with it.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Aufnahme einmal ansehen und ihre Schritte anzeichnen: {tape.open-step} beginnt einen, {tape.close-step} beendet ihn. Werte und Warnhinweise, die gesagt wurden, stehen neben ihrer Zeile und werden mit einer Taste übernommen. Oder die Schritte entwerfen lassen, jeden ansehen und bestätigen.&lt;/p&gt;&lt;p&gt;Einen Film, der ohne Mitschrift kam, hört das Programm selbst an, nach dem Importieren oder mit {tape.hear}. Was es hört, ist unsicher: schraffierte Wörter am meisten, und ein Wert sagt, dass das Programm ihn hörte, bis sein Schritt bestätigt ist. Eine Zeile mit {tape.correct-line} berichtigen; derselbe Fehler in anderen Zeilen wird zum Berichtigen mit angeboten.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>&lt;p&gt;What was said stands as pins on the line of a figure, what the sources give as blocks, the tolerance as a band. A solid box with a filled corner is proved, a dashed one open, a double left edge disputed. Speech alone proves nothing: add the source that gives the value.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Was gesagt wurde, steht als Nadel auf der Linie eines Wertes, was die Quellen angeben, als Block, die Toleranz als Band. Ein Kasten mit gefüllter Ecke ist belegt, ein gestrichelter offen, eine doppelte linke Kante strittig. Gesagtes allein belegt nichts: die Quelle hinzufügen, die den Wert angibt.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>&lt;p&gt;The guide as its reader will see it, one step under the other. In a line, type { to name a figure or an item; Enter begins the next line, Backspace takes an empty one out.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Anleitung, wie sie gelesen wird, ein Schritt unter dem anderen. In einer Zeile { tippen, um einen Wert oder Gegenstand zu nennen; Enter beginnt die nächste Zeile, die Rücktaste nimmt eine leere weg.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Plates</source>
        <translation>Tafeln</translation>
    </message>
    <message>
        <source>&lt;p&gt;Call the parts of a picture out: a part has one number in the whole guide. Arrows move the callout in hand, with Shift what it points at.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Teile eines Bildes bezeichnen: ein Teil hat in der ganzen Anleitung dieselbe Nummer. Pfeile bewegen die Positionsnummer in der Hand, mit Umschalt das, worauf sie zeigt.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Dry run</source>
        <translation>Trockenlauf</translation>
    </message>
    <message>
        <source>&lt;p&gt;The guide is walked before a learner meets it: each item is a thread that runs down the steps, solid while it is tight, thin while it is only on, broken while it is loose, dotted while it is off, double once it is new. A ring is a finding, two rings stop the guide. Click a place, or hold Space with the picture in hand, and see what lies beside the machine then. The plan beside it shows hands and waits in the same direction; plum is what another order moves.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Anleitung wird durchgegangen, bevor Lernende sie bekommen: jeder Gegenstand ist ein Faden, der die Schritte hinunterläuft, voll solange er fest ist, dünn solange er nur sitzt, unterbrochen solange er lose ist, gepunktet solange er ab ist, doppelt sobald er neu ist. Ein Ring ist ein Befund, zwei Ringe halten die Anleitung an. Eine Stelle anklicken, oder die Leertaste halten, während das Bild in der Hand ist, und sehen, was dann neben der Maschine liegt. Der Plan daneben zeigt Handarbeit und Wartezeiten in derselben Richtung; pflaumenfarben ist, was eine andere Reihenfolge verschiebt.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Issue</source>
        <translation>Herausgabe</translation>
    </message>
    <message>
        <source>&lt;p&gt;The editions run down a line, from the first to the hand-out of the next. Another post than the authors of the guide reviews it: the places that changed come first, the old beside the new; each is passed or commented, and when all are passed the guide is checked. What goes out never changes again. A house with keys signs its editions; a passphrase is asked for once and not kept. Hand an edition out to learners, and the register says who has to read again what has changed since. Drop a pack on the window to verify it.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Ausgaben stehen an einer Linie, von der ersten bis zum Aushändigen der nächsten. Eine andere Funktion als die Autoren der Anleitung sieht sie durch: die geänderten Stellen kommen zuerst, das Alte neben dem Neuen; jede ist in Ordnung oder wird kommentiert, und sind alle in Ordnung, ist die Anleitung geprüft. Was hinausgeht, ändert sich nie mehr. Ein Haus mit Schlüsseln unterschreibt seine Ausgaben; nach einem Kennsatz wird einmal gefragt, und er wird nicht aufbewahrt. Eine Ausgabe an Lernende aushändigen, dann sagt das Verzeichnis, wer wieder lesen muss, was sich seither geändert hat. Ein Paket auf das Fenster ziehen, um es zu verifizieren.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>&lt;p&gt;The guides and recordings of the library. Import a recording, or drop a film here, and begin a guide on it.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Anleitungen und Aufnahmen der Bibliothek. Eine Aufnahme importieren oder einen Film hierher ziehen und eine Anleitung darauf beginnen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>&lt;p&gt;A guide at the machine, one step at a time. Choose an edition, say who works on which machine, tick kit and gear, make the machine safe; then {bench.on}, or a foot pedal, goes through lines, waits and steps. Readings are typed or come from the wrench; one outside its limits stops the step until it is done again, explained, or the work stops. At the end the trainer says how each step was done, both sign, and the run goes into the logbook. What is entered is on disk at once: after a power cut the run waits where it was.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Eine Anleitung an der Maschine, ein Schritt nach dem anderen. Eine Ausgabe wählen, sagen, wer an welcher Maschine arbeitet, Werkzeug und Schutz abhaken, die Maschine sichern; dann geht {bench.on}, oder ein Fußpedal, durch Zeilen, Wartezeiten und Schritte. Ablesungen werden getippt oder kommen vom Schlüssel; eine außerhalb ihrer Grenzen hält den Schritt an, bis sie wiederholt oder erklärt ist oder die Arbeit stoppt. Am Ende sagt der Ausbilder, wie jeder Schritt getan wurde, beide unterschreiben, und der Durchlauf kommt ins Logbuch. Was eingetragen wird, ist sofort gespeichert: nach einem Stromausfall wartet der Durchlauf, wo er war.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>&lt;p&gt;The machines stand across, the weeks run down: a round is a service that was done, a diamond what is due, full and with its word once it is overdue; what is hatched is kept free. Enter readings, services and findings, say what is due and how often, and take in the runs of the bench. Nothing is written over: a mistake is struck, and stays to be seen.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Die Maschinen stehen nebeneinander, die Wochen laufen hinunter: ein Kreis ist ein getaner Service, eine Raute, was fällig ist, voll und mit ihrem Wort, sobald es überfällig ist; was schraffiert ist, wird freigehalten. Ablesungen, Service und Befunde eintragen, sagen, was wie oft fällig ist, und die Durchläufe der Werkbank übernehmen. Nichts wird überschrieben: ein Fehler wird gestrichen und bleibt sichtbar.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>From a recording to a guide</source>
        <translation>Von der Aufnahme zur Anleitung</translation>
    </message>
    <message>
        <source>&lt;h2&gt;From a recording to a guide&lt;/h2&gt;&lt;p&gt;The stations stand in the order of the work: import a recording on the &lt;b&gt;Shelf&lt;/b&gt; and begin a guide; mark its steps and take its figures on the &lt;b&gt;Tape&lt;/b&gt;; prove each value on the &lt;b&gt;Figures&lt;/b&gt;; shape the words on the &lt;b&gt;Sheet&lt;/b&gt;; call the parts out on the &lt;b&gt;Plates&lt;/b&gt;; walk it on the &lt;b&gt;Dry run&lt;/b&gt;; freeze the edition on the &lt;b&gt;Issue&lt;/b&gt;.&lt;/p&gt;&lt;p&gt;A station shows what fits the thing in hand. The right button, or the menu key, shows the rest, and Find finds everything by typing. Everything can be undone, and what the head calls saved is on disk.&lt;/p&gt;</source>
        <translation>&lt;h2&gt;Von der Aufnahme zur Anleitung&lt;/h2&gt;&lt;p&gt;Die Stationen stehen in der Reihenfolge der Arbeit: am &lt;b&gt;Regal&lt;/b&gt; eine Aufnahme importieren und eine Anleitung beginnen; am &lt;b&gt;Band&lt;/b&gt; ihre Schritte anzeichnen und ihre Werte übernehmen; jeden Wert unter &lt;b&gt;Werte&lt;/b&gt; belegen; die Worte auf dem &lt;b&gt;Blatt&lt;/b&gt; formen; die Teile auf den &lt;b&gt;Tafeln&lt;/b&gt; bezeichnen; sie im &lt;b&gt;Trockenlauf&lt;/b&gt; durchgehen; die Ausgabe bei der &lt;b&gt;Herausgabe&lt;/b&gt; festhalten.&lt;/p&gt;&lt;p&gt;Eine Station zeigt, was zu dem passt, was in der Hand ist. Die rechte Maustaste oder die Menütaste zeigt den Rest, und Finden findet alles durch Tippen. Alles lässt sich zurücknehmen, und was der Kopf gespeichert nennt, liegt auf dem Datenträger.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Several people, one library</source>
        <translation>Mehrere Leute, eine Bibliothek</translation>
    </message>
    <message>
        <source>&lt;h2&gt;Several people, one library&lt;/h2&gt;&lt;p&gt;Several windows may have one library open, on one machine or, where it is on a server, on many. The head of the window says who else is there; on the &lt;b&gt;Sheet&lt;/b&gt; the step they work on shows their post. What they save appears within a second, but never under your hands while you type. Undo takes back your own changes, past theirs.&lt;/p&gt;&lt;p&gt;Changes of different things are both kept. Where you and somebody else change the same text, figure, picture or order, both stand side by side with what they came from, and you say which stands; until then yours is kept on this computer. {window.decide} shows what is left to decide.&lt;/p&gt;&lt;p&gt;While the server cannot be reached you go on with the guide in hand: what you change is called not saved yet, is kept on this computer, also when it is switched off, and goes to the library by itself once it is back.&lt;/p&gt;&lt;p&gt;{window.library} says where it lives. There you tick the guides that go along where the server is not: they are copied to this computer and kept up to date, and where the server cannot be reached the program opens on that copy. You work in the guides as usual; issuing, importing and what belongs to the whole workshop waits until it is back.&lt;/p&gt;&lt;p&gt;Where the films lie in an object store, the small copy of a film comes when you open it; the picture you stop at, stills and clips come from the film itself. How much of this computer they may take up is said there too.&lt;/p&gt;&lt;p&gt;There a library is also moved, to a server or back; the window is closed meanwhile. Into one file and out of it, and what a person may do in it: &lt;b&gt;anagraph-cli library --help&lt;/b&gt;.&lt;/p&gt;</source>
        <translation>&lt;h2&gt;Mehrere Leute, eine Bibliothek&lt;/h2&gt;&lt;p&gt;Mehrere Fenster können eine Bibliothek offen haben, auf einem Rechner oder, wenn sie auf einem Server liegt, auf vielen. Der Kopf des Fensters sagt, wer noch da ist; auf dem &lt;b&gt;Blatt&lt;/b&gt; zeigt der Schritt, an dem sie arbeiten, ihre Funktion. Was sie speichern, erscheint innerhalb einer Sekunde, aber nie unter den Händen, während Sie tippen. Rückgängig nimmt die eigenen Änderungen zurück, an ihren vorbei.&lt;/p&gt;&lt;p&gt;Änderungen an Verschiedenem bleiben beide. Wo Sie und jemand anders denselben Text, Wert, dasselbe Bild oder dieselbe Reihenfolge ändern, stehen beide nebeneinander mit dem, woraus sie wurden, und Sie sagen, was gilt; bis dahin bleibt Ihres auf diesem Rechner. {window.decide} zeigt, was noch zu entscheiden ist.&lt;/p&gt;&lt;p&gt;Solange der Server nicht zu erreichen ist, geht es mit der Anleitung in der Hand weiter: was Sie ändern, heißt noch nicht gespeichert, bleibt auf diesem Rechner, auch wenn er ausgeschaltet wird, und geht von selbst in die Bibliothek, sobald sie wieder da ist.&lt;/p&gt;&lt;p&gt;{window.library} sagt, wo sie liegt. Dort haken Sie die Anleitungen an, die mitkommen, wo der Server nicht ist: sie werden auf diesen Rechner kopiert und aktuell gehalten, und wo der Server nicht zu erreichen ist, öffnet das Programm diese Kopie. Sie arbeiten in den Anleitungen wie gewohnt; Herausgeben, Importieren und was der ganzen Werkstatt gehört wartet, bis er wieder da ist.&lt;/p&gt;&lt;p&gt;Wo die Filme in einem Objektspeicher liegen, kommt die kleine Kopie eines Films, wenn Sie ihn öffnen; das Bild, bei dem Sie anhalten, Standbilder und Clips kommen vom Film selbst. Wie viel Platz sie auf diesem Rechner nehmen dürfen, wird auch dort gesagt.&lt;/p&gt;&lt;p&gt;Dort wird eine Bibliothek auch umgezogen, auf einen Server oder zurück; das Fenster ist währenddessen geschlossen. In eine Datei und heraus, und was jemand darin tun darf: &lt;b&gt;anagraph-cli library --help&lt;/b&gt;.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>What the editor looks for</source>
        <translation>Worauf der Prüfer des Textes achtet</translation>
    </message>
    <message>
        <source>&lt;h2&gt;What the editor looks for&lt;/h2&gt;&lt;p&gt;It stands beside its line and can be put right or kept as it is, with a reason; the house settings can do without a rule.&lt;/p&gt;</source>
        <translation>&lt;h2&gt;Worauf der Prüfer des Textes achtet&lt;/h2&gt;&lt;p&gt;Es steht neben seiner Zeile und kann berichtigt oder mit einem Grund so gelassen werden; die Hauseinstellungen können auf eine Regel verzichten.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>What the dry run looks for</source>
        <translation>Worauf der Trockenlauf achtet</translation>
    </message>
    <message>
        <source>&lt;h2&gt;What the dry run looks for&lt;/h2&gt;&lt;p&gt;What stops a guide is mended, or kept as it is with a reason that is printed for the checker; a warning goes out if you let it; a note is only told.&lt;/p&gt;</source>
        <translation>&lt;h2&gt;Worauf der Trockenlauf achtet&lt;/h2&gt;&lt;p&gt;Was eine Anleitung anhält, wird behoben oder mit einem Grund so gelassen, der für den Prüfer gedruckt wird; eine Warnung geht hinaus, wenn Sie es zulassen; ein Hinweis wird nur gesagt.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>search the help</source>
        <translation>Hilfe durchsuchen</translation>
    </message>
    <message>
        <source>Search the help</source>
        <translation>Die Hilfe durchsuchen</translation>
    </message>
    <message>
        <source>Page of the help</source>
        <translation>Seite der Hilfe</translation>
    </message>
</context>
<context>
    <name>House</name>
    <message>
        <source>&quot;{0}&quot; is no kind of source.</source>
        <translation>&quot;{0}&quot; ist keine Art von Quelle.</translation>
    </message>
    <message>
        <source>What the house keeps cannot be read: {0}.</source>
        <translation>Was das Haus behält, kann nicht gelesen werden: {0}.</translation>
    </message>
</context>
<context>
    <name>KeyFormsWords</name>
    <message>
        <source>Key of the %1</source>
        <translation>Schlüssel: %1</translation>
    </message>
    <message>
        <source>Key &amp;file</source>
        <translation>Schlüssel&amp;datei</translation>
    </message>
    <message>
        <source>The key file</source>
        <translation>Die Schlüsseldatei</translation>
    </message>
    <message>
        <source>P&amp;assphrase</source>
        <translation>&amp;Kennsatz</translation>
    </message>
    <message>
        <source>That file holds the key of another post.</source>
        <translation>Diese Datei enthält den Schlüssel einer anderen Funktion.</translation>
    </message>
    <message>
        <source>Choose…</source>
        <translation>Wählen …</translation>
    </message>
    <message>
        <source>Choose: %1</source>
        <translation>Wählen: %1</translation>
    </message>
    <message>
        <source>Who sits here</source>
        <translation>Wer hier sitzt</translation>
    </message>
    <message>
        <source>Every change, comment and check carries this post. It is kept on this desk until you change it.</source>
        <translation>Jede Änderung, jeder Kommentar und jede Prüfung trägt diese Funktion. Sie bleibt an diesem Platz, bis Sie sie ändern.</translation>
    </message>
    <message>
        <source>&amp;Post</source>
        <translation>&amp;Funktion</translation>
    </message>
    <message>
        <source>author, checker, instructor pump bay</source>
        <translation>Autor, Prüfer, Ausbilder Pumpenstand</translation>
    </message>
    <message>
        <source>Say who sits here, by post.</source>
        <translation>Sagen, wer hier sitzt, als Funktion.</translation>
    </message>
    <message>
        <source>Sign the edition</source>
        <translation>Die Ausgabe unterschreiben</translation>
    </message>
    <message>
        <source>Author and checker vouch for the edition with their keys. A passphrase is asked for once, and not kept.</source>
        <translation>Autor und Prüfer stehen mit ihren Schlüsseln für die Ausgabe ein. Nach einem Kennsatz wird einmal gefragt, und er wird nicht aufbewahrt.</translation>
    </message>
    <message>
        <source>author</source>
        <translation>Autor</translation>
    </message>
    <message>
        <source>checker</source>
        <translation>Prüfer</translation>
    </message>
    <message>
        <source>The key file of the %1</source>
        <translation>Die Schlüsseldatei: %1</translation>
    </message>
    <message>
        <source>Passphrase of the %1</source>
        <translation>Kennsatz: %1</translation>
    </message>
    <message>
        <source>Choose the key file of the %1.</source>
        <translation>Die Schlüsseldatei wählen: %1.</translation>
    </message>
    <message>
        <source>Type the passphrase of the %1.</source>
        <translation>Den Kennsatz tippen: %1.</translation>
    </message>
    <message>
        <source>That file holds the key of another post than the %1.</source>
        <translation>Diese Datei enthält den Schlüssel einer anderen Funktion als: %1.</translation>
    </message>
    <message>
        <source>Make a key</source>
        <translation>Einen Schlüssel machen</translation>
    </message>
    <message>
        <source>The key file stays with its post, outside the library. Without file and passphrase nobody can sign in its name; lost ones cannot be brought back, only ended and replaced.</source>
        <translation>Die Schlüsseldatei bleibt bei ihrer Funktion, außerhalb der Bibliothek. Ohne Datei und Kennsatz kann niemand in ihrem Namen unterschreiben; verlorene lassen sich nicht zurückholen, nur beenden und ersetzen.</translation>
    </message>
    <message>
        <source>author, checker</source>
        <translation>Autor, Prüfer</translation>
    </message>
    <message>
        <source>&amp;Again</source>
        <translation>&amp;Noch einmal</translation>
    </message>
    <message>
        <source>Type a passphrase.</source>
        <translation>Einen Kennsatz tippen.</translation>
    </message>
    <message>
        <source>The two passphrases are not the same.</source>
        <translation>Die beiden Kennsätze sind nicht gleich.</translation>
    </message>
    <message>
        <source>The key of the %1 is made and registered. From now on editions are signed by their author and their checker.</source>
        <translation>Der Schlüssel ist gemacht und eingetragen: %1. Von jetzt an werden Ausgaben von ihrem Autor und ihrem Prüfer unterschrieben.</translation>
    </message>
    <message>
        <source>Register a key</source>
        <translation>Einen Schlüssel eintragen</translation>
    </message>
    <message>
        <source>The public part of a key that was made elsewhere: the file that ends in .pub.</source>
        <translation>Der öffentliche Teil eines Schlüssels, der woanders gemacht wurde: die Datei, die auf .pub endet.</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>A public key</source>
        <translation>Ein öffentlicher Schlüssel</translation>
    </message>
    <message>
        <source>The key of the %1 is registered.</source>
        <translation>Der Schlüssel ist eingetragen: %1.</translation>
    </message>
    <message>
        <source>No key is registered.</source>
        <translation>Es ist kein Schlüssel eingetragen.</translation>
    </message>
    <message>
        <source>End a key</source>
        <translation>Einen Schlüssel beenden</translation>
    </message>
    <message>
        <source>What it signed before stays good. It signs nothing from now on.</source>
        <translation>Was er vorher unterschrieb, bleibt gut. Von jetzt an unterschreibt er nichts mehr.</translation>
    </message>
    <message>
        <source>&amp;Key of</source>
        <translation>&amp;Schlüssel von</translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation>&amp;Warum</translation>
    </message>
    <message>
        <source>lost, stolen, the post has ended</source>
        <translation>verloren, gestohlen, die Funktion ist zu Ende</translation>
    </message>
    <message>
        <source>Say why it ends.</source>
        <translation>Sagen, warum er endet.</translation>
    </message>
</context>
<context>
    <name>KeyRingWords</name>
    <message>
        <source>The last passphrase was wrong; try again in %1 s.</source>
        <translation>Der letzte Kennsatz war falsch; noch einmal in %1 s.</translation>
    </message>
</context>
<context>
    <name>Keys</name>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Page Down</source>
        <translation>Bild ab</translation>
    </message>
    <message>
        <source>Page Up</source>
        <translation>Bild auf</translation>
    </message>
</context>
<context>
    <name>Languages</name>
    <message>
        <source>English</source>
        <translation>Englisch</translation>
    </message>
    <message>
        <source>German</source>
        <translation>Deutsch</translation>
    </message>
    <message>
        <source>French</source>
        <translation>Französisch</translation>
    </message>
    <message>
        <source>Dutch</source>
        <translation>Niederländisch</translation>
    </message>
    <message>
        <source>Polish</source>
        <translation>Polnisch</translation>
    </message>
    <message>
        <source>Spanish</source>
        <translation>Spanisch</translation>
    </message>
</context>
<context>
    <name>Learner</name>
    <message>
        <source>These are no answers to a check: {0} Hand in the file as the guide saved it.</source>
        <translation>Das sind keine Antworten auf eine Prüfung: {0} Die Datei abgeben, wie die Anleitung sie gespeichert hat.</translation>
    </message>
    <message>
        <source>These are no answers to check {0} of this edition: {1}</source>
        <translation>Das sind keine Antworten auf die Prüfung {0} dieser Ausgabe: {1}</translation>
    </message>
</context>
<context>
    <name>LevelRule</name>
    <message>
        <source>On level ground</source>
        <translation>Auf ebenem Boden</translation>
    </message>
    <message>
        <source>cold or warm</source>
        <translation>kalt oder warm</translation>
    </message>
    <message>
        <source>cold</source>
        <translation>kalt</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>warm</translation>
    </message>
    <message>
        <source>running or stopped</source>
        <translation>laufend oder stehend</translation>
    </message>
    <message>
        <source>stopped for {0} min</source>
        <translation>seit {0} min stehend</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>stehend</translation>
    </message>
    <message>
        <source>how long after stopping</source>
        <translation>wie lange nach dem Anhalten</translation>
    </message>
    <message>
        <source>running</source>
        <translation>laufend</translation>
    </message>
    <message>
        <source>how it is read</source>
        <translation>wie abgelesen wird</translation>
    </message>
    <message>
        <source>dipstick resting, not screwed in</source>
        <translation>Peilstab aufliegend, nicht eingeschraubt</translation>
    </message>
    <message>
        <source>dipstick screwed in</source>
        <translation>Peilstab eingeschraubt</translation>
    </message>
    <message>
        <source>by the sight glass</source>
        <translation>am Schauglas</translation>
    </message>
    <message>
        <source>until the level plug weeps</source>
        <translation>bis die Standschraube tropft</translation>
    </message>
    <message>
        <source>{0}.</source>
        <translation>{0}.</translation>
    </message>
    <message>
        <source>Not known: {0}.</source>
        <translation>Nicht bekannt: {0}.</translation>
    </message>
</context>
<context>
    <name>Library</name>
    <message>
        <source>{0} is not opened: its entry “{1}” {2}. Ask for it anew where it comes from.</source>
        <translation>{0} wird nicht geöffnet: Ihr Eintrag „{1}“ {2}. Sie dort neu anfordern, woher sie kommt.</translation>
    </message>
    <message>
        <source>{0} holds more files than a pack can have.</source>
        <translation>{0} enthält mehr Dateien, als ein Paket haben kann.</translation>
    </message>
    <message>
        <source>{0} is damaged: its list of files cannot be read. Copy it again.</source>
        <translation>{0} ist beschädigt: Ihre Dateiliste kann nicht gelesen werden. Sie neu kopieren.</translation>
    </message>
    <message>
        <source>{0} is not in {1}.</source>
        <translation>{0} ist nicht in {1}.</translation>
    </message>
    <message>
        <source>{0} in {1} is damaged; copy it again.</source>
        <translation>{0} in {1} ist beschädigt; es neu kopieren.</translation>
    </message>
    <message>
        <source>Stopped.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>There is no file {0}; check the path.</source>
        <translation>Es gibt keine Datei {0}; den Pfad prüfen.</translation>
    </message>
    <message>
        <source>{0} is no ordinary file.</source>
        <translation>{0} ist keine gewöhnliche Datei.</translation>
    </message>
    <message>
        <source>{0} is damaged or cut short; copy it again.</source>
        <translation>{0} ist beschädigt oder abgeschnitten; sie neu kopieren.</translation>
    </message>
    <message>
        <source>{0} is no pack in one file.</source>
        <translation>{0} ist kein Paket in einer Datei.</translation>
    </message>
    <message>
        <source>{0} in {1} is larger than it can be.</source>
        <translation>{0} in {1} ist größer, als es sein kann.</translation>
    </message>
    <message>
        <source>The memory does not suffice for the archive; close other programs and try again.</source>
        <translation>Der Speicher reicht nicht für das Archiv; andere Programme schließen und neu versuchen.</translation>
    </message>
    <message>
        <source>Writing the archive was stopped; nothing of it is kept.</source>
        <translation>Das Schreiben des Archivs wurde angehalten; nichts davon wird behalten.</translation>
    </message>
    <message>
        <source>The folder {0} is not there; put the stick in, or name another.</source>
        <translation>Der Ordner {0} ist nicht da; den Stick einstecken, oder einen anderen nennen.</translation>
    </message>
    <message>
        <source>A run at the bench was changed by another hand or is damaged; put back library.db from your last copy.</source>
        <translation>Ein Durchlauf an der Werkbank wurde von fremder Hand geändert oder ist beschädigt; library.db aus der letzten Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>{0} holds passwords and may be read by others; make it yours alone (chmod 600), and choose new ones.</source>
        <translation>{0} enthält Passwörter und darf von anderen gelesen werden; sie nur für sich lesbar machen (chmod 600) und neue wählen.</translation>
    </message>
    <message>
        <source>{0} is no list of passwords; mend it or take it away.</source>
        <translation>{0} ist keine Liste von Passwörtern; sie in Ordnung bringen oder wegnehmen.</translation>
    </message>
    <message>
        <source>The library {0} was written by a newer version of the program; open it with that version.</source>
        <translation>Die Bibliothek {0} wurde von einer neueren Fassung des Programms geschrieben; sie mit jener öffnen.</translation>
    </message>
    <message>
        <source>Say where it shall be written.</source>
        <translation>Sagen, wohin geschrieben werden soll.</translation>
    </message>
    <message>
        <source>{0} is a link to somewhere else; name the place itself.</source>
        <translation>{0} ist ein Verweis anderswohin; den Ort selbst nennen.</translation>
    </message>
    <message>
        <source>{0} lies in the library {1}, which the program alone writes in; choose a place outside it.</source>
        <translation>{0} liegt in der Bibliothek {1}, in die nur das Programm schreibt; einen Ort außerhalb wählen.</translation>
    </message>
    <message>
        <source>The folder {0} is not there; make it first, or choose another one.</source>
        <translation>Der Ordner {0} ist nicht da; ihn erst anlegen, oder einen anderen wählen.</translation>
    </message>
    <message>
        <source>{0} is a file, so nothing can be written in it; choose another place.</source>
        <translation>{0} ist eine Datei, darin kann nichts geschrieben werden; einen anderen Ort wählen.</translation>
    </message>
    <message>
        <source>{0} is a link to somewhere else; take it away first.</source>
        <translation>{0} ist ein Verweis anderswohin; ihn erst wegnehmen.</translation>
    </message>
    <message>
        <source>{0} is a folder; name a file in it.</source>
        <translation>{0} ist ein Ordner; eine Datei darin nennen.</translation>
    </message>
    <message>
        <source>{0} is no ordinary file; choose another name.</source>
        <translation>{0} ist keine gewöhnliche Datei; einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>{0} is what it is made from; choose another name.</source>
        <translation>{0} ist das, woraus es gemacht wird; einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>{0} is there already; choose another name, or take it away first.</source>
        <translation>{0} ist schon da; einen anderen Namen wählen, oder es erst wegnehmen.</translation>
    </message>
    <message>
        <source>{0} is a file; choose a folder.</source>
        <translation>{0} ist eine Datei; einen Ordner wählen.</translation>
    </message>
    <message>
        <source>{0} holds other files; choose an empty folder.</source>
        <translation>{0} enthält andere Dateien; einen leeren Ordner wählen.</translation>
    </message>
    <message>
        <source>{0} has changed meanwhile, so nothing was written there; try again.</source>
        <translation>{0} hat sich inzwischen geändert, darum wurde dort nichts geschrieben; neu versuchen.</translation>
    </message>
    <message>
        <source>There is no edition {0} of &quot;{1}&quot; in this library.</source>
        <translation>Es gibt keine Ausgabe {0} von &quot;{1}&quot; in dieser Bibliothek.</translation>
    </message>
    <message>
        <source>Edition {0} in the library is not what was issued; put back library.db from your last copy.</source>
        <translation>Ausgabe {0} in der Bibliothek ist nicht, was herausgegeben wurde; library.db aus der letzten Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>A pack is named by the SHA-256 of its manifest.</source>
        <translation>Ein Paket wird mit der SHA-256 seines Verzeichnisses benannt.</translation>
    </message>
    <message>
        <source>Edition {0} was already issued and stays as it is; issue the next number.</source>
        <translation>Ausgabe {0} wurde schon herausgegeben und bleibt, wie sie ist; die nächste Nummer herausgeben.</translation>
    </message>
    <message>
        <source>{0} is a link to somewhere else; put what it leads to in its place.</source>
        <translation>{0} ist ein Verweis anderswohin; das, wohin er führt, an seine Stelle legen.</translation>
    </message>
    <message>
        <source>What applies to the whole house was changed elsewhere meanwhile, so nothing was saved; look at it as it is now and do it again.</source>
        <translation>Was für das ganze Haus gilt, wurde inzwischen anderswo geändert, darum wurde nichts gespeichert; es ansehen, wie es jetzt ist, und neu tun.</translation>
    </message>
    <message>
        <source>The disk is full, so {0} could not be {1}; free some space and try again.</source>
        <translation>Der Datenträger ist voll, {0} konnte nicht {1} werden; Platz schaffen und neu versuchen.</translation>
    </message>
    <message>
        <source>{0} is not there; choose the file again.</source>
        <translation>{0} ist nicht da; die Datei neu wählen.</translation>
    </message>
    <message>
        <source>{0} may not be {1}; change the permissions, or choose another place.</source>
        <translation>{0} darf nicht {1} werden; die Rechte ändern, oder einen anderen Ort wählen.</translation>
    </message>
    <message>
        <source>{0} lies on a disk that may only be read; choose another place.</source>
        <translation>{0} liegt auf einem Datenträger, der nur gelesen werden darf; einen anderen Ort wählen.</translation>
    </message>
    <message>
        <source>{0} would be larger than a file may be here; choose another disk, or raise the limit.</source>
        <translation>{0} würde größer, als eine Datei hier sein darf; einen anderen Datenträger wählen, oder die Grenze erhöhen.</translation>
    </message>
    <message>
        <source>The disk failed while {0} was being {1}; check the disk and its cable, and try again.</source>
        <translation>Der Datenträger hat versagt, während {0} {1} wurde; ihn und sein Kabel prüfen und neu versuchen.</translation>
    </message>
    <message>
        <source>{0} could not be {1} ({2}); check the folder, or choose another one.</source>
        <translation>{0} konnte nicht {1} werden ({2}); den Ordner prüfen, oder einen anderen wählen.</translation>
    </message>
    <message>
        <source>{0} is a folder; choose a file.</source>
        <translation>{0} ist ein Ordner; eine Datei wählen.</translation>
    </message>
    <message>
        <source>{0} is no file that can be read; choose another one.</source>
        <translation>{0} ist keine Datei, die gelesen werden kann; eine andere wählen.</translation>
    </message>
    <message>
        <source>{0} is {1} MB long, which is more than such a file can be; choose another one.</source>
        <translation>{0} ist {1} MB lang, mehr als so eine Datei sein kann; eine andere wählen.</translation>
    </message>
    <message>
        <source>Reading the file was stopped.</source>
        <translation>Das Lesen der Datei wurde angehalten.</translation>
    </message>
    <message>
        <source>Copying was stopped; nothing of it is kept.</source>
        <translation>Das Kopieren wurde angehalten; nichts davon wird behalten.</translation>
    </message>
    <message>
        <source>{0} is a link or a device, which is not copied; remove it first.</source>
        <translation>{0} ist ein Verweis oder ein Gerät, das nicht kopiert wird; es erst entfernen.</translation>
    </message>
    <message>
        <source>The library holds a guide whose id cannot be one (“{0}”); it was not written by this program. Open a copy you trust.</source>
        <translation>Die Bibliothek enthält eine Anleitung, deren Kennung keine sein kann („{0}“); sie wurde nicht von diesem Programm geschrieben. Eine Kopie öffnen, der Sie trauen.</translation>
    </message>
    <message>
        <source>There is no guide &quot;{0}&quot; in this library.</source>
        <translation>Es gibt keine Anleitung &quot;{0}&quot; in dieser Bibliothek.</translation>
    </message>
    <message>
        <source>The journal of the guide &quot;{0}&quot; is damaged; put back library.db from your last copy.</source>
        <translation>Die Aufzeichnung der Anleitung &quot;{0}&quot; ist beschädigt; library.db aus der letzten Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>A change of {0} by {1} is damaged or stands on a damaged one, and is missing.</source>
        <translation>Eine Änderung vom {0} durch {1} ist beschädigt oder steht auf einer beschädigten und fehlt.</translation>
    </message>
    <message>
        <source>The guide &quot;{0}&quot; has its changes 1 to {1}; there is no {2} to stand on.</source>
        <translation>Die Anleitung &quot;{0}&quot; hat die Änderungen 1 bis {1}; es gibt keine {2}, auf der zu stehen wäre.</translation>
    </message>
    <message>
        <source>The films of this library lie in its own folder, and none of them is kept a second time.</source>
        <translation>Die Filme dieser Bibliothek liegen in ihrem eigenen Ordner, und keiner wird ein zweites Mal behalten.</translation>
    </message>
    <message>
        <source>{0} holds other files ({1}), so no library is made there; choose an empty folder or a new one.</source>
        <translation>{0} enthält andere Dateien ({1}), darum wird dort keine Bibliothek angelegt; einen leeren oder neuen Ordner wählen.</translation>
    </message>
    <message>
        <source>{0} is a file; a library is a folder. Choose a folder.</source>
        <translation>{0} ist eine Datei; eine Bibliothek ist ein Ordner. Einen Ordner wählen.</translation>
    </message>
    <message>
        <source>There is no library in {0}; check the path.</source>
        <translation>Es gibt keine Bibliothek in {0}; den Pfad prüfen.</translation>
    </message>
    <message>
        <source>{0}{1} is a link to somewhere else, and a library keeps everything in its own folder; put what it leads to in its place.</source>
        <translation>{0}{1} ist ein Verweis anderswohin, und eine Bibliothek behält alles in ihrem eigenen Ordner; das, wohin er führt, an seine Stelle legen.</translation>
    </message>
    <message>
        <source>The folder {0} holds the films of another library ({1}); name another folder, or, where it is the same library at a new address, take away the file {2} in it.</source>
        <translation>Der Ordner {0} enthält die Filme einer anderen Bibliothek ({1}); einen anderen Ordner nennen, oder, wo es dieselbe Bibliothek unter neuer Adresse ist, die Datei {2} darin wegnehmen.</translation>
    </message>
    <message>
        <source>There is no library in the database {0}; make one with anagraph-cli library create ADDRESS.</source>
        <translation>Es gibt keine Bibliothek in der Datenbank {0}; eine anlegen mit anagraph-cli library create ADDRESS.</translation>
    </message>
    <message>
        <source>The database {0} holds other tables ({1}), so no library is made there; take an empty one.</source>
        <translation>Die Datenbank {0} enthält andere Tabellen ({1}), darum wird dort keine Bibliothek angelegt; eine leere nehmen.</translation>
    </message>
    <message>
        <source>The library {0} cannot be reached, and what was taken along of it is a copy: this can be done when it is back.</source>
        <translation>Die Bibliothek {0} ist nicht zu erreichen, und was davon mitgenommen wurde, ist eine Kopie: Das geht, wenn sie wieder da ist.</translation>
    </message>
    <message>
        <source>The library {0} is open elsewhere in an older version of the program; close it there first.</source>
        <translation>Die Bibliothek {0} ist anderswo in einer älteren Fassung des Programms offen; sie dort erst schließen.</translation>
    </message>
    <message>
        <source>Nothing of {0} was taken along.</source>
        <translation>Von {0} wurde nichts mitgenommen.</translation>
    </message>
    <message>
        <source>The library {0} may not be written; change the folder&apos;s permissions or open a copy.</source>
        <translation>Die Bibliothek {0} darf nicht geschrieben werden; die Rechte des Ordners ändern oder eine Kopie öffnen.</translation>
    </message>
    <message>
        <source>The library {0} is open elsewhere{1}; close it everywhere first.</source>
        <translation>Die Bibliothek {0} ist anderswo offen{1}; sie erst überall schließen.</translation>
    </message>
    <message>
        <source>The library {0} is being put in order by another window{1}; try again when it is done.</source>
        <translation>Die Bibliothek {0} wird von einem anderen Fenster in Ordnung gebracht{1}; neu versuchen, wenn es fertig ist.</translation>
    </message>
    <message>
        <source>{0} was changed while it was sent; send it again.</source>
        <translation>{0} wurde beim Senden geändert; neu senden.</translation>
    </message>
    <message>
        <source>The list of {0} cannot be read.</source>
        <translation>Die Liste von {0} kann nicht gelesen werden.</translation>
    </message>
    <message>
        <source>{0} is not in the object store {1}; library check says what depends on it.</source>
        <translation>{0} ist nicht im Objektspeicher {1}; library check sagt, was davon abhängt.</translation>
    </message>
    <message>
        <source>{0} did not arrive in {1} as it was sent; try again.</source>
        <translation>{0} kam in {1} nicht so an, wie es gesendet wurde; neu versuchen.</translation>
    </message>
    <message>
        <source>{0} takes no file in parts; ask its keeper.</source>
        <translation>{0} nimmt keine Datei in Teilen; den Betreuer fragen.</translation>
    </message>
    <message>
        <source>{0} forgot the parts of {1} that were sent; try again.</source>
        <translation>{0} hat die gesendeten Teile von {1} vergessen; neu versuchen.</translation>
    </message>
    <message>
        <source>No key and secret of yours are kept for {0}; keep them with anagraph-cli library password {1}.</source>
        <translation>Für {0} sind kein Schlüssel und kein Geheimnis von Ihnen hinterlegt; sie hinterlegen mit anagraph-cli library password {1}.</translation>
    </message>
    <message>
        <source>The object store {0} is full, so nothing more can be put into {1}; free some space there and try again.</source>
        <translation>Der Objektspeicher {0} ist voll, in {1} passt nichts mehr; dort Platz schaffen und neu versuchen.</translation>
    </message>
    <message>
        <source>The clock of this computer and that of {0} differ too much, so it takes nothing; set the clock, and try again.</source>
        <translation>Die Uhren dieses Rechners und von {0} gehen zu verschieden, darum nimmt er nichts; die Uhr stellen und neu versuchen.</translation>
    </message>
    <message>
        <source>{0} does not know you by the key and secret kept here; keep them anew with anagraph-cli library password.</source>
        <translation>{0} kennt Sie nicht mit dem Schlüssel und dem Geheimnis, die hier hinterlegt sind; sie neu hinterlegen mit anagraph-cli library password.</translation>
    </message>
    <message>
        <source>There is no bucket {0} on {1}; its keeper makes one.</source>
        <translation>Es gibt keinen Behälter {0} auf {1}; sein Betreuer legt einen an.</translation>
    </message>
    <message>
        <source>{0} does not let you do that in {1}{2}; ask its keeper.</source>
        <translation>{0} lässt Sie das in {1} nicht tun{2}; den Betreuer fragen.</translation>
    </message>
    <message>
        <source>{0} answered with {1}{2}, which nobody expected; try again, or ask its keeper.</source>
        <translation>{0} antwortete mit {1}{2}, was niemand erwartet hat; neu versuchen, oder den Betreuer fragen.</translation>
    </message>
    <message>
        <source>The memory does not suffice to reach the object store.</source>
        <translation>Der Speicher reicht nicht, um den Objektspeicher zu erreichen.</translation>
    </message>
    <message>
        <source>It was stopped; what was sent is kept for the next time.</source>
        <translation>Es wurde angehalten; was gesendet ist, bleibt für das nächste Mal.</translation>
    </message>
    <message>
        <source>{0} does not prove who it is ({1}), so nothing is sent there; ask its keeper for its certificate and name the file with objects_rootcert= in the address.</source>
        <translation>{0} weist sich nicht aus ({1}), darum wird nichts dorthin gesendet; den Betreuer um sein Zertifikat bitten und die Datei mit objects_rootcert= in der Adresse nennen.</translation>
    </message>
    <message>
        <source>The object store {0} cannot be reached ({1}); what was sent is kept, and goes on from there the next time.</source>
        <translation>Der Objektspeicher {0} ist nicht zu erreichen ({1}); was gesendet ist, bleibt, und beim nächsten Mal geht es dort weiter.</translation>
    </message>
    <message>
        <source>{0} did not come from the object store as it was sent there; library check says what depends on it.</source>
        <translation>{0} kam nicht so aus dem Objektspeicher, wie es dorthin gesendet wurde; library check sagt, was davon abhängt.</translation>
    </message>
    <message>
        <source>Fetching was stopped; what has come is kept.</source>
        <translation>Das Holen wurde angehalten; was gekommen ist, bleibt.</translation>
    </message>
    <message>
        <source>{0} is not in the object store.</source>
        <translation>{0} ist nicht im Objektspeicher.</translation>
    </message>
    <message>
        <source>What this computer keeps of a library cannot be less than nothing.</source>
        <translation>Was dieser Rechner von einer Bibliothek behält, kann nicht weniger als nichts sein.</translation>
    </message>
    <message>
        <source>What the library&apos;s object store says of a file cannot be read.</source>
        <translation>Was der Objektspeicher der Bibliothek von einer Datei sagt, kann nicht gelesen werden.</translation>
    </message>
    <message>
        <source>{0} is not what was sent there; check the disk and do it again.</source>
        <translation>{0} ist nicht, was dorthin gesendet wurde; den Datenträger prüfen und es neu tun.</translation>
    </message>
    <message>
        <source>In {0} {1}; an object store is named as s3://ENDPOINT/BUCKET.</source>
        <translation>In {0} {1}; ein Objektspeicher wird genannt wie s3://ENDPOINT/BUCKET.</translation>
    </message>
    <message>
        <source>A key or a secret does not belong in the address of a library, where others read it; leave it out and keep it with anagraph-cli library password s3://ENDPOINT/BUCKET.</source>
        <translation>Ein Schlüssel oder ein Geheimnis gehört nicht in die Adresse einer Bibliothek, wo andere es lesen; es weglassen und hinterlegen mit anagraph-cli library password s3://ENDPOINT/BUCKET.</translation>
    </message>
    <message>
        <source>{0} is no folder and no address of a library; {1}.</source>
        <translation>{0} ist kein Ordner und keine Adresse einer Bibliothek; {1}.</translation>
    </message>
    <message>
        <source>In {0} {1}; {2}.</source>
        <translation>In {0} {1}; {2}.</translation>
    </message>
    <message>
        <source>A password does not belong in the address of a library, where others read it; leave it out and keep it with anagraph-cli library password ADDRESS.</source>
        <translation>Ein Passwort gehört nicht in die Adresse einer Bibliothek, wo andere es lesen; es weglassen und hinterlegen mit anagraph-cli library password ADDRESS.</translation>
    </message>
    <message>
        <source>{0} is nothing the address of a library says; it says objects, objects_region, objects_rootcert, host, sslmode, sslrootcert, sslcert, sslkey.</source>
        <translation>{0} ist nichts, was die Adresse einer Bibliothek sagt; sie sagt objects, objects_region, objects_rootcert, host, sslmode, sslrootcert, sslcert, sslkey.</translation>
    </message>
    <message>
        <source>The server of the library {0} cannot be reached, so nothing was saved; try again when it is back.</source>
        <translation>Der Server der Bibliothek {0} ist nicht zu erreichen, darum wurde nichts gespeichert; neu versuchen, wenn er wieder da ist.</translation>
    </message>
    <message>
        <source>The server of the library {0} is being restored and takes no changes now; try again later.</source>
        <translation>Der Server der Bibliothek {0} wird wiederhergestellt und nimmt jetzt keine Änderungen; später neu versuchen.</translation>
    </message>
    <message>
        <source>The library {0} was opened for reading, so nothing was saved.</source>
        <translation>Die Bibliothek {0} wurde zum Lesen geöffnet, darum wurde nichts gespeichert.</translation>
    </message>
    <message>
        <source>The library {0} does not let you do this; whoever keeps it gives each post its role.</source>
        <translation>Die Bibliothek {0} lässt Sie das nicht tun; wer sie betreut, gibt jeder Funktion ihre Rolle.</translation>
    </message>
    <message>
        <source>The disk of the server of {0} is full, so the change was not saved; its keeper must free some space.</source>
        <translation>Der Datenträger des Servers von {0} ist voll, darum wurde die Änderung nicht gespeichert; sein Betreuer muss Platz schaffen.</translation>
    </message>
    <message>
        <source>The server of the library {0} has no room for more at the moment; try again in a while.</source>
        <translation>Der Server der Bibliothek {0} hat im Augenblick keinen Platz mehr; nach einer Weile neu versuchen.</translation>
    </message>
    <message>
        <source>The library {0} is being written by another program for a long time; try again when it is done.</source>
        <translation>Die Bibliothek {0} wird lange Zeit von einem anderen Programm geschrieben; neu versuchen, wenn es fertig ist.</translation>
    </message>
    <message>
        <source>The database of the library {0} is damaged; its keeper must put back a copy.</source>
        <translation>Die Datenbank der Bibliothek {0} ist beschädigt; ihr Betreuer muss eine Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>The library {0} answered with an error: {1}.</source>
        <translation>Die Bibliothek {0} antwortete mit einem Fehler: {1}.</translation>
    </message>
    <message>
        <source>The library {0} is being put in order by another program; try again when it is done.</source>
        <translation>Die Bibliothek {0} wird von einem anderen Programm in Ordnung gebracht; neu versuchen, wenn es fertig ist.</translation>
    </message>
    <message>
        <source>The library {0} is open elsewhere; close it everywhere first.</source>
        <translation>Die Bibliothek {0} ist anderswo offen; sie erst überall schließen.</translation>
    </message>
    <message>
        <source>What became of a change of the library {0} cannot be found out now.</source>
        <translation>Was aus einer Änderung der Bibliothek {0} wurde, lässt sich jetzt nicht herausfinden.</translation>
    </message>
    <message>
        <source>The server of {0} does not know you by this name and password; keep the right one with anagraph-cli library password ADDRESS.</source>
        <translation>Der Server von {0} kennt Sie nicht mit diesem Namen und Passwort; das richtige hinterlegen mit anagraph-cli library password ADDRESS.</translation>
    </message>
    <message>
        <source>The server of {0} does not prove that it is the one you mean ({1}); nothing was sent to it. Ask its keeper for its certificate and name it with sslrootcert in the address.</source>
        <translation>Der Server von {0} weist sich nicht als der aus, den Sie meinen ({1}); nichts wurde an ihn gesendet. Den Betreuer um sein Zertifikat bitten und es mit sslrootcert in der Adresse nennen.</translation>
    </message>
    <message>
        <source>The server of {0} sends everything in the open; where the network is closed to others, say so with sslmode=disable in the address.</source>
        <translation>Der Server von {0} sendet alles offen; wo das Netz für andere geschlossen ist, das mit sslmode=disable in der Adresse sagen.</translation>
    </message>
    <message>
        <source>There is no database {0} on {1} for you ({2}); its keeper makes one.</source>
        <translation>Es gibt keine Datenbank {0} auf {1} für Sie ({2}); ihr Betreuer legt eine an.</translation>
    </message>
    <message>
        <source>The server of the library {0} cannot be reached; check the network, or try again when it is back.</source>
        <translation>Der Server der Bibliothek {0} ist nicht zu erreichen; das Netz prüfen, oder neu versuchen, wenn er wieder da ist.</translation>
    </message>
    <message>
        <source>The library holds a recording whose id cannot be one; it was not written by this program. Open a copy you trust.</source>
        <translation>Die Bibliothek enthält eine Aufnahme, deren Kennung keine sein kann; sie wurde nicht von diesem Programm geschrieben. Eine Kopie öffnen, der Sie trauen.</translation>
    </message>
    <message>
        <source>That recording is not in this library; import it again.</source>
        <translation>Diese Aufnahme ist nicht in dieser Bibliothek; sie neu importieren.</translation>
    </message>
    <message>
        <source>A recording is named by what is in it.</source>
        <translation>Eine Aufnahme wird nach dem benannt, was in ihr ist.</translation>
    </message>
    <message>
        <source>This recording has a narration already; guides may rest on its lines, so it stays.</source>
        <translation>Diese Aufnahme hat schon eine Mitschrift; Anleitungen können auf ihren Zeilen stehen, darum bleibt sie.</translation>
    </message>
    <message>
        <source>The narration of this recording is damaged; import the recording again together with its narration.</source>
        <translation>Die Mitschrift dieser Aufnahme ist beschädigt; die Aufnahme zusammen mit ihrer Mitschrift neu importieren.</translation>
    </message>
    <message>
        <source>The records of keys, learners and hand-outs were changed by another hand or are damaged; put back library.db from your last copy.</source>
        <translation>Die Aufzeichnungen von Schlüsseln, Lernenden und Aushändigungen wurden von fremder Hand geändert oder sind beschädigt; library.db aus der letzten Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>The logbook was changed by another hand or is damaged; put back library.db from your last copy.</source>
        <translation>Das Logbuch wurde von fremder Hand geändert oder ist beschädigt; library.db aus der letzten Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>The library {0} is a folder; who may do what there is said by the rights of its files.</source>
        <translation>Die Bibliothek {0} ist ein Ordner; wer dort was darf, sagen die Rechte seiner Dateien.</translation>
    </message>
    <message>
        <source>The server does not know the name {0}; whoever keeps the server adds it: createuser --pwprompt {1}</source>
        <translation>Der Server kennt den Namen {0} nicht; wer ihn betreut, fügt ihn hinzu: createuser --pwprompt {1}</translation>
    </message>
    <message>
        <source>The table {0} of the library is damaged.</source>
        <translation>Die Tabelle {0} der Bibliothek ist beschädigt.</translation>
    </message>
    <message>
        <source>A key is made for a post; name it: author, checker.</source>
        <translation>Ein Schlüssel wird für eine Funktion gemacht; sie nennen: author, checker.</translation>
    </message>
    <message>
        <source>The signing library did not start; close other programs and try again.</source>
        <translation>Die Bibliothek zum Unterschreiben ist nicht gestartet; andere Programme schließen und neu versuchen.</translation>
    </message>
    <message>
        <source>A key file is sealed with a passphrase; give one.</source>
        <translation>Eine Schlüsseldatei wird mit einem Kennsatz versiegelt; einen angeben.</translation>
    </message>
    <message>
        <source>The memory does not suffice to seal the key; close other programs and try again.</source>
        <translation>Der Speicher reicht nicht, um den Schlüssel zu versiegeln; andere Programme schließen und neu versuchen.</translation>
    </message>
    <message>
        <source>This is no key file, or a damaged one; choose the file that was written when the key was made.</source>
        <translation>Das ist keine Schlüsseldatei, oder eine beschädigte; die Datei wählen, die geschrieben wurde, als der Schlüssel gemacht wurde.</translation>
    </message>
    <message>
        <source>The memory does not suffice to open the key; close other programs and try again.</source>
        <translation>Der Speicher reicht nicht, um den Schlüssel zu öffnen; andere Programme schließen und neu versuchen.</translation>
    </message>
    <message>
        <source>The passphrase is not the one this key was sealed with, or the key file was changed. Type it again.</source>
        <translation>Der Kennsatz ist nicht der, mit dem dieser Schlüssel versiegelt wurde, oder die Schlüsseldatei wurde geändert. Ihn neu tippen.</translation>
    </message>
    <message>
        <source>This is no public key; choose the file that ends in .pub, written when the key was made.</source>
        <translation>Das ist kein öffentlicher Schlüssel; die Datei wählen, die auf .pub endet und geschrieben wurde, als der Schlüssel gemacht wurde.</translation>
    </message>
    <message>
        <source>The disk is full, so the change was not saved; free some space and do it again.</source>
        <translation>Der Datenträger ist voll, darum wurde die Änderung nicht gespeichert; Platz schaffen und sie neu tun.</translation>
    </message>
    <message>
        <source>The file of the library {0} could be opened for reading only: the disk is full or failed for a moment, or a permission is in the way. Open it again.</source>
        <translation>Die Datei der Bibliothek {0} konnte nur zum Lesen geöffnet werden: Der Datenträger ist voll oder hat kurz versagt, oder ein Recht steht im Weg. Sie neu öffnen.</translation>
    </message>
    <message>
        <source>The library file in {0} is damaged; put back library.db from your last copy.</source>
        <translation>Die Bibliotheksdatei in {0} ist beschädigt; library.db aus der letzten Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>The disk of the library {0} failed, so the change was not saved; check the disk and its cable, and do it again.</source>
        <translation>Der Datenträger der Bibliothek {0} hat versagt, darum wurde die Änderung nicht gespeichert; ihn und sein Kabel prüfen und sie neu tun.</translation>
    </message>
    <message>
        <source>A file of the library {0} could not be opened: the disk is full or failed for a moment, or a permission is in the way. Check that the folder and the files in it may be read and written, and try again.</source>
        <translation>Eine Datei der Bibliothek {0} konnte nicht geöffnet werden: Der Datenträger ist voll oder hat kurz versagt, oder ein Recht steht im Weg. Prüfen, ob der Ordner und die Dateien darin gelesen und geschrieben werden dürfen, und neu versuchen.</translation>
    </message>
    <message>
        <source>The memory does not suffice, so the change was not saved; close other programs and do it again.</source>
        <translation>Der Speicher reicht nicht, darum wurde die Änderung nicht gespeichert; andere Programme schließen und sie neu tun.</translation>
    </message>
    <message>
        <source>This library lies on this computer, so there is nothing to take along.</source>
        <translation>Diese Bibliothek liegt auf diesem Rechner, es gibt nichts mitzunehmen.</translation>
    </message>
    <message>
        <source>It was stopped; what was taken along before stays as it was.</source>
        <translation>Es wurde angehalten; was vorher mitgenommen wurde, bleibt, wie es war.</translation>
    </message>
    <message>
        <source>{0} holds changes that are not in the library yet, and is damaged; keep a copy of it and take it away.</source>
        <translation>{0} enthält Änderungen, die noch nicht in der Bibliothek sind, und ist beschädigt; eine Kopie behalten und es wegnehmen.</translation>
    </message>
    <message>
        <source>Too many windows have this library open; close one.</source>
        <translation>Zu viele Fenster haben diese Bibliothek offen; eines schließen.</translation>
    </message>
    <message>
        <source>It was changed once more just now: {0}. Look at it again.</source>
        <translation>Es wurde eben noch einmal geändert: {0}. Es neu ansehen.</translation>
    </message>
    <message>
        <source>There is a library at {0} already, and nothing of it is written over; name another place.</source>
        <translation>Bei {0} ist schon eine Bibliothek, und nichts davon wird überschrieben; einen anderen Ort nennen.</translation>
    </message>
    <message>
        <source>It was stopped; what was there is as it was.</source>
        <translation>Es wurde angehalten; was da war, ist wie vorher.</translation>
    </message>
    <message>
        <source>{0} is no library that was put into one file.</source>
        <translation>{0} ist keine Bibliothek, die in eine Datei gelegt wurde.</translation>
    </message>
    <message>
        <source>{0} was written by another version of the program (its tables are of version {1}, here they are of {2}); take it out with that version.</source>
        <translation>{0} wurde von einer anderen Fassung des Programms geschrieben (ihre Tabellen sind von Fassung {1}, hier von {2}); sie mit jener herausnehmen.</translation>
    </message>
    <message>
        <source>{0} lacks the table {1}; it was damaged or cut off.</source>
        <translation>In {0} fehlt die Tabelle {1}; sie wurde beschädigt oder abgeschnitten.</translation>
    </message>
    <message>
        <source>What arrived in {0} is not what was sent; do not use it. The library in {1} is as it was.</source>
        <translation>Was in {0} ankam, ist nicht, was gesendet wurde; es nicht verwenden. Die Bibliothek in {1} ist wie vorher.</translation>
    </message>
    <message>
        <source>{0} holds a file that no library has ({1}).</source>
        <translation>{0} enthält eine Datei, die keine Bibliothek hat ({1}).</translation>
    </message>
</context>
<context>
    <name>Lists</name>
    <message>
        <source>{0}, {1}</source>
        <translation>{0}, {1}</translation>
    </message>
    <message>
        <source>{0} and {1}</source>
        <translation>{0} und {1}</translation>
    </message>
    <message>
        <source>{0} {1}</source>
        <translation>{0} {1}</translation>
    </message>
    <message>
        <source>{0}; {1}</source>
        <translation>{0}; {1}</translation>
    </message>
</context>
<context>
    <name>Logbook</name>
    <message>
        <source>{0} is no reading of a meter: hours, a distance or a count is.</source>
        <translation>{0} ist keine Ablesung eines Zählers: Stunden, eine Strecke oder eine Anzahl sind es.</translation>
    </message>
    <message>
        <source>A meter does not read below nothing.</source>
        <translation>Ein Zähler zeigt nicht weniger als nichts.</translation>
    </message>
    <message>
        <source>The meter of {0} would run backwards: it showed {1} {2} {3}. Put the reading or its day right; if the meter was replaced, enter that first.</source>
        <translation>Der Zähler von {0} würde rückwärts laufen: Er zeigte {1} {2} {3}. Die Ablesung oder ihren Tag berichtigen; wurde der Zähler ersetzt, das erst eintragen.</translation>
    </message>
    <message>
        <source>Name the machine.</source>
        <translation>Die Maschine nennen.</translation>
    </message>
    <message>
        <source>The logbook knows no machine “{0}”; add it first.</source>
        <translation>Das Logbuch kennt keine Maschine „{0}“; sie erst hinzufügen.</translation>
    </message>
    <message>
        <source>Entries are added one after the other.</source>
        <translation>Einträge werden einer nach dem anderen hinzugefügt.</translation>
    </message>
    <message>
        <source>Say who you are, by post.</source>
        <translation>Sagen, wer Sie sind, mit der Funktion.</translation>
    </message>
    <message>
        <source>There is a machine “{0}” already; give this one another name.</source>
        <translation>Es gibt schon eine Maschine „{0}“; dieser einen anderen Namen geben.</translation>
    </message>
    <message>
        <source>The serial {0} is that of {1} already.</source>
        <translation>Die Seriennummer {0} ist schon die von {1}.</translation>
    </message>
    <message>
        <source>Say why the machine is out of service.</source>
        <translation>Sagen, warum die Maschine außer Dienst ist.</translation>
    </message>
    <message>
        <source>The old meter and the new one count different things.</source>
        <translation>Der alte und der neue Zähler zählen Verschiedenes.</translation>
    </message>
    <message>
        <source>The meter of {0} was read after that day; enter its replacement on {1} or later.</source>
        <translation>Der Zähler von {0} wurde nach diesem Tag abgelesen; seinen Ersatz am {1} oder später eintragen.</translation>
    </message>
    <message>
        <source>Say what was done.</source>
        <translation>Sagen, was getan wurde.</translation>
    </message>
    <message>
        <source>Say what is due.</source>
        <translation>Sagen, was fällig ist.</translation>
    </message>
    <message>
        <source>Say how often: give at least one interval, as in &quot;100 h&quot; or &quot;12 month&quot;.</source>
        <translation>Sagen, wie oft: mindestens ein Intervall angeben, wie &quot;100 h&quot; oder &quot;12 month&quot;.</translation>
    </message>
    <message>
        <source>{0} is no interval: hours, a distance, a count or a time by the calendar are.</source>
        <translation>{0} ist kein Intervall: Stunden, eine Strecke, eine Anzahl oder eine Zeit nach dem Kalender sind es.</translation>
    </message>
    <message>
        <source>A rotating unit has a name and a serial.</source>
        <translation>Ein Wechselteil hat einen Namen und eine Seriennummer.</translation>
    </message>
    <message>
        <source>There is a unit with the serial {0} already.</source>
        <translation>Es gibt schon ein Wechselteil mit der Seriennummer {0}.</translation>
    </message>
    <message>
        <source>Something later is entered of the unit {0}, on {1}; strike that first.</source>
        <translation>Vom Wechselteil {0} ist etwas Späteres eingetragen, am {1}; das erst streichen.</translation>
    </message>
    <message>
        <source>The logbook knows no unit with the serial {0}; add it first.</source>
        <translation>Das Logbuch kennt kein Wechselteil mit der Seriennummer {0}; es erst hinzufügen.</translation>
    </message>
    <message>
        <source>The unit {0} is on {1}; take it off there first.</source>
        <translation>Das Wechselteil {0} ist an {1}; es dort erst abnehmen.</translation>
    </message>
    <message>
        <source>The unit {0} is on no machine.</source>
        <translation>Das Wechselteil {0} ist an keiner Maschine.</translation>
    </message>
    <message>
        <source>It was fitted by a reading in {0}; give one of that kind.</source>
        <translation>Es wurde mit einer Ablesung in {0} angebaut; eine dieser Art angeben.</translation>
    </message>
    <message>
        <source>Say what was found.</source>
        <translation>Sagen, was gefunden wurde.</translation>
    </message>
    <message>
        <source>Say what became of the finding.</source>
        <translation>Sagen, was aus dem Befund wurde.</translation>
    </message>
    <message>
        <source>Entry {0} is no finding.</source>
        <translation>Eintrag {0} ist kein Befund.</translation>
    </message>
    <message>
        <source>Finding {0} is closed already: {1}</source>
        <translation>Befund {0} ist schon geschlossen: {1}</translation>
    </message>
    <message>
        <source>This run is in the logbook already.</source>
        <translation>Dieser Durchlauf ist schon im Logbuch.</translation>
    </message>
    <message>
        <source>Say what is in the store, and how much of it.</source>
        <translation>Sagen, was im Lager ist und wie viel davon.</translation>
    </message>
    <message>
        <source>The least stock is counted in something else than the amount.</source>
        <translation>Der Mindestbestand wird in etwas anderem gezählt als die Menge.</translation>
    </message>
    <message>
        <source>{0} is counted in {1} here.</source>
        <translation>{0} wird hier in {1} gezählt.</translation>
    </message>
    <message>
        <source>The store holds no “{0}”; count it first.</source>
        <translation>Im Lager ist kein „{0}“; es erst zählen.</translation>
    </message>
    <message>
        <source>Say what it is a sample of.</source>
        <translation>Sagen, wovon es eine Probe ist.</translation>
    </message>
    <message>
        <source>Entry {0} is no sample.</source>
        <translation>Eintrag {0} ist keine Probe.</translation>
    </message>
    <message>
        <source>Say what the laboratory found.</source>
        <translation>Sagen, was das Labor gefunden hat.</translation>
    </message>
    <message>
        <source>Nothing called “{0}” is due on {1}; give the rule&apos;s name.</source>
        <translation>Nichts namens „{0}“ ist an {1} fällig; den Namen der Regel angeben.</translation>
    </message>
    <message>
        <source>{0} is over; plan it for a day to come.</source>
        <translation>{0} ist vorbei; einen kommenden Tag planen.</translation>
    </message>
    <message>
        <source>Evidence is named by the SHA-256 of its file.</source>
        <translation>Nachweise werden mit der SHA-256 ihrer Datei benannt.</translation>
    </message>
    <message>
        <source>Say why the entry was a mistake.</source>
        <translation>Sagen, warum der Eintrag ein Fehler war.</translation>
    </message>
    <message>
        <source>There is no entry {0}, or it is struck already.</source>
        <translation>Es gibt keinen Eintrag {0}, oder er ist schon gestrichen.</translation>
    </message>
    <message>
        <source>What was struck stays struck; enter it anew.</source>
        <translation>Was gestrichen wurde, bleibt gestrichen; es neu eintragen.</translation>
    </message>
    <message>
        <source>Entry {0} stands on it, so it cannot be struck first: {1}</source>
        <translation>Eintrag {0} steht darauf, darum kann er nicht zuerst gestrichen werden: {1}</translation>
    </message>
    <message>
        <source>This is no table of services: it needs a column of machines, one of days, and one of what was done.</source>
        <translation>Das ist keine Tabelle von Wartungen: Sie braucht eine Spalte mit Maschinen, eine mit Tagen und eine mit dem, was getan wurde.</translation>
    </message>
    <message>
        <source>This is no run of the bench: {0} Hand in the file as the guide saved it.</source>
        <translation>Das ist kein Durchlauf von der Werkbank: {0} Die Datei abgeben, wie die Anleitung sie gespeichert hat.</translation>
    </message>
    <message>
        <source>No meter of {0} was read by then; enter a reading.</source>
        <translation>Kein Zähler von {0} war bis dahin abgelesen; einen Stand eintragen.</translation>
    </message>
    <message>
        <source>On the day it is due.</source>
        <translation>An dem Tag, an dem es fällig ist.</translation>
    </message>
    <message numerus="yes">
        <source>%n days after it is due.</source>
        <comment>1 day after it is due.</comment>
        <translation>
            <numerusform>1 Tag nach der Fälligkeit.</numerusform>
            <numerusform>%n Tage nach der Fälligkeit.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n days early.</source>
        <comment>1 day early.</comment>
        <translation>
            <numerusform>1 Tag zu früh.</numerusform>
            <numerusform>%n Tage zu früh.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n days early; about {0} of its interval are given away.</source>
        <comment>1 day early; about {0} of its interval are given away.</comment>
        <translation>
            <numerusform>1 Tag zu früh; etwa {0} des Intervalls werden verschenkt.</numerusform>
            <numerusform>%n Tage zu früh; etwa {0} des Intervalls werden verschenkt.</numerusform>
        </translation>
    </message>
    <message>
        <source>at {0}</source>
        <translation>bei {0}</translation>
    </message>
    <message>
        <source>at {0}, about {1}</source>
        <translation>bei {0}, etwa am {1}</translation>
    </message>
    <message>
        <source>about {0}</source>
        <translation>etwa am {0}</translation>
    </message>
    <message>
        <source>at {0}, on {1}</source>
        <translation>bei {0}, am {1}</translation>
    </message>
    <message>
        <source>on {0}</source>
        <translation>am {0}</translation>
    </message>
    <message>
        <source>{0}: {1}</source>
        <translation>{0}: {1}</translation>
    </message>
    <message>
        <source>{0} is overdue. {1}</source>
        <translation>{0} ist überfällig. {1}</translation>
    </message>
    <message>
        <source>{0}. {1}</source>
        <translation>{0}. {1}</translation>
    </message>
    <message>
        <source>{0} is overdue, {1}. {2}</source>
        <translation>{0} ist überfällig, {1}. {2}</translation>
    </message>
    <message>
        <source>{0}, {1}. {2}</source>
        <translation>{0}, {1}. {2}</translation>
    </message>
    <message>
        <source>no. {0}</source>
        <translation>Nr. {0}</translation>
    </message>
    <message>
        <source>{0} on the fluid</source>
        <translation>{0} auf der Füllung</translation>
    </message>
    <message>
        <source>no answer yet</source>
        <translation>noch keine Antwort</translation>
    </message>
    <message>
        <source>{0} (limits: {1})</source>
        <translation>{0} (Grenzen: {1})</translation>
    </message>
    <message>
        <source>{0}: {1}: {2}</source>
        <translation>{0}: {1}: {2}</translation>
    </message>
    <message>
        <source>serial {0}</source>
        <translation>Seriennummer {0}</translation>
    </message>
    <message>
        <source>{0} or {1}</source>
        <translation>{0} oder {1}</translation>
    </message>
    <message>
        <source>{0} every {1}, first at {2}</source>
        <translation>{0} alle {1}, zuerst bei {2}</translation>
    </message>
    <message>
        <source>{0} every {1}</source>
        <translation>{0} alle {1}</translation>
    </message>
    <message>
        <source>entry {0}: {1}</source>
        <translation>Eintrag {0}: {1}</translation>
    </message>
    <message>
        <source>out of service: {0}</source>
        <translation>außer Betrieb: {0}</translation>
    </message>
    <message>
        <source>in service</source>
        <translation>in Betrieb</translation>
    </message>
    <message>
        <source>in service at {0}</source>
        <translation>in Betrieb, Standort {0}</translation>
    </message>
    <message>
        <source>the old meter showed {0}</source>
        <translation>der alte Zähler zeigte {0}</translation>
    </message>
    <message>
        <source>{0} ({1})</source>
        <translation>{0} ({1})</translation>
    </message>
    <message>
        <source>by {0}, edition {1}</source>
        <translation>von {0}, Ausgabe {1}</translation>
    </message>
    <message>
        <source>run {0}</source>
        <translation>Lauf {0}</translation>
    </message>
    <message>
        <source>{0} to {1}</source>
        <translation>{0} bis {1}</translation>
    </message>
    <message>
        <source>{0} on {1}</source>
        <translation>{0} am {1}</translation>
    </message>
    <message>
        <source>{0}: {1}; order {2}</source>
        <translation>{0}: {1}; {2} bestellen</translation>
    </message>
    <message>
        <source>{0} there</source>
        <translation>{0} da</translation>
    </message>
    <message>
        <source>never counted in the store</source>
        <translation>im Lager nie gezählt</translation>
    </message>
    <message>
        <source>{0} is the least</source>
        <translation>mindestens {0}</translation>
    </message>
    <message>
        <source>{0} taken by {1}</source>
        <translation>{0} gehen in {1}</translation>
    </message>
    <message>
        <source>{0} of {1}</source>
        <translation>{0} von {1}</translation>
    </message>
</context>
<context>
    <name>Logbook entries</name>
    <message>
        <source>machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>machine moved</source>
        <translation>Maschine umgestellt</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Zählerstand</translation>
    </message>
    <message>
        <source>meter replaced</source>
        <translation>Zähler getauscht</translation>
    </message>
    <message>
        <source>service</source>
        <translation>Service</translation>
    </message>
    <message>
        <source>rule</source>
        <translation>Regel</translation>
    </message>
    <message>
        <source>unit</source>
        <translation>Wechselteil</translation>
    </message>
    <message>
        <source>unit fitted</source>
        <translation>Wechselteil eingebaut</translation>
    </message>
    <message>
        <source>unit taken off</source>
        <translation>Wechselteil ausgebaut</translation>
    </message>
    <message>
        <source>finding</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>finding closed</source>
        <translation>Befund erledigt</translation>
    </message>
    <message>
        <source>run</source>
        <translation>Lauf</translation>
    </message>
    <message>
        <source>stock</source>
        <translation>Bestand</translation>
    </message>
    <message>
        <source>stock used</source>
        <translation>Bestand verbraucht</translation>
    </message>
    <message>
        <source>sample</source>
        <translation>Probe</translation>
    </message>
    <message>
        <source>sample answered</source>
        <translation>Probe beantwortet</translation>
    </message>
    <message>
        <source>kept free</source>
        <translation>frei gehalten</translation>
    </message>
    <message>
        <source>planned</source>
        <translation>geplant</translation>
    </message>
    <message>
        <source>evidence</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>struck</source>
        <translation>gestrichen</translation>
    </message>
</context>
<context>
    <name>MachineState</name>
    <message>
        <source>runs</source>
        <translation>läuft</translation>
    </message>
    <message>
        <source>stands still</source>
        <translation>steht still</translation>
    </message>
    <message>
        <source>locked off</source>
        <translation>gesperrt</translation>
    </message>
    <message>
        <source>hot</source>
        <translation>heiß</translation>
    </message>
    <message>
        <source>on the jack</source>
        <translation>auf dem Heber</translation>
    </message>
    <message>
        <source>on its stands</source>
        <translation>auf ihren Böcken</translation>
    </message>
</context>
<context>
    <name>Main</name>
    <message>
        <source>Anagraph</source>
        <translation>Anagraph</translation>
    </message>
    <message>
        <source>There is no library in %1. Make a new one there?</source>
        <translation>In %1 ist keine Bibliothek. Dort eine neue machen?</translation>
    </message>
    <message>
        <source>The demo library cannot be opened: %1</source>
        <translation>Die Vorführbibliothek lässt sich nicht öffnen: %1</translation>
    </message>
    <message>
        <source>There is a library in %1 already, and nothing is written over it. Take this one out somewhere else: anagraph-cli library restore FILE FOLDER</source>
        <translation>In %1 ist schon eine Bibliothek, und nichts wird darüber geschrieben. Diese woanders herausholen: anagraph-cli library restore DATEI ORDNER</translation>
    </message>
    <message>
        <source>Turns recorded service jobs into illustrated step-by-step guides.</source>
        <translation>Macht aus aufgenommenen Servicearbeiten bebilderte Schritt-für-Schritt-Anleitungen.</translation>
    </message>
    <message>
        <source>opens the demo library, a copy of which is made the first time</source>
        <translation>öffnet die Vorführbibliothek, von der beim ersten Mal eine Kopie gemacht wird</translation>
    </message>
    <message>
        <source>writes the help</source>
        <translation>schreibt die Hilfe</translation>
    </message>
    <message>
        <source>folder of the library, or its address on a server; without it, the one in your data folder. Or a pack, which is verified; or a backup, which becomes your library where there is none.</source>
        <translation>Ordner der Bibliothek oder ihre Adresse auf einem Server; ohne Angabe die in Ihrem Datenordner. Oder ein Paket, das verifiziert wird; oder eine Sicherung, die Ihre Bibliothek wird, wo keine ist.</translation>
    </message>
</context>
<context>
    <name>MarkMenuWords</name>
    <message>
        <source>&amp;Turn clockwise</source>
        <translation>Im &amp;Uhrzeigersinn drehen</translation>
    </message>
    <message>
        <source>Turn &amp;back</source>
        <translation>Zurück&amp;drehen</translation>
    </message>
    <message>
        <source>&amp;Pull</source>
        <translation>&amp;Ziehen</translation>
    </message>
    <message>
        <source>P&amp;ress</source>
        <translation>D&amp;rücken</translation>
    </message>
    <message>
        <source>&amp;Flow of air or oil</source>
        <translation>&amp;Strömung von Luft oder Öl</translation>
    </message>
    <message>
        <source>&amp;Look here</source>
        <translation>Hier &amp;hinsehen</translation>
    </message>
    <message>
        <source>Do &amp;not touch</source>
        <translation>&amp;Nicht berühren</translation>
    </message>
    <message>
        <source>&amp;Distance, with its figure</source>
        <translation>&amp;Abstand, mit seinem Wert</translation>
    </message>
    <message>
        <source>&amp;Magnify a detail</source>
        <translation>Eine Einzelheit &amp;vergrößern</translation>
    </message>
</context>
<context>
    <name>Names</name>
    <message>
        <source>stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>Warnung</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>filling not proved</source>
        <translation>Füllen nicht geprüft</translation>
    </message>
    <message>
        <source>filled while open</source>
        <translation>gefüllt, während offen</translation>
    </message>
    <message>
        <source>left off</source>
        <translation>nicht wieder angebracht</translation>
    </message>
    <message>
        <source>left loose</source>
        <translation>nicht festgezogen</translation>
    </message>
    <message>
        <source>tightened too early</source>
        <translation>zu früh festgezogen</translation>
    </message>
    <message>
        <source>seal not right</source>
        <translation>Dichtung nicht richtig</translation>
    </message>
    <message>
        <source>cannot be reached</source>
        <translation>nicht zu erreichen</translation>
    </message>
    <message>
        <source>machine in the wrong state</source>
        <translation>Maschine im falschen Zustand</translation>
    </message>
    <message>
        <source>opened hot</source>
        <translation>heiß geöffnet</translation>
    </message>
    <message>
        <source>not on stands</source>
        <translation>nicht auf Böcken</translation>
    </message>
    <message>
        <source>nothing to drain into</source>
        <translation>nichts zum Auffangen</translation>
    </message>
    <message>
        <source>vessel too small</source>
        <translation>Gefäß zu klein</translation>
    </message>
    <message>
        <source>not on the list</source>
        <translation>nicht auf der Liste</translation>
    </message>
    <message>
        <source>closed before the test</source>
        <translation>vor der Probe geschlossen</translation>
    </message>
    <message>
        <source>no look for leaks</source>
        <translation>kein Blick nach Lecks</translation>
    </message>
    <message>
        <source>not filled again</source>
        <translation>nicht wieder aufgefüllt</translation>
    </message>
    <message>
        <source>too much poured</source>
        <translation>zu viel eingefüllt</translation>
    </message>
    <message>
        <source>too little poured</source>
        <translation>zu wenig eingefüllt</translation>
    </message>
    <message>
        <source>level not read</source>
        <translation>Stand nicht abgelesen</translation>
    </message>
    <message>
        <source>off twice</source>
        <translation>zweimal abgenommen</translation>
    </message>
    <message>
        <source>without effect</source>
        <translation>ohne Wirkung</translation>
    </message>
    <message>
        <source>figure not proved</source>
        <translation>Wert nicht belegt</translation>
    </message>
    <message>
        <source>waste</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>not recorded</source>
        <translation>nicht aufgezeichnet</translation>
    </message>
    <message>
        <source>tight</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>on, not tightened</source>
        <translation>dran, nicht festgezogen</translation>
    </message>
    <message>
        <source>undone</source>
        <translation>gelöst</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>off</source>
        <translation>ab</translation>
    </message>
    <message>
        <source>closes</source>
        <translation>schließt</translation>
    </message>
    <message>
        <source>lies behind</source>
        <translation>liegt hinter</translation>
    </message>
    <message>
        <source>sits under</source>
        <translation>sitzt unter</translation>
    </message>
    <message>
        <source>renewed</source>
        <translation>erneuert</translation>
    </message>
    <message>
        <source>holds dry</source>
        <translation>fasst trocken</translation>
    </message>
    <message>
        <source>refill</source>
        <translation>Nachfüllmenge</translation>
    </message>
    <message>
        <source>holds</source>
        <translation>fasst</translation>
    </message>
    <message>
        <source>two actions</source>
        <translation>zwei Handlungen</translation>
    </message>
    <message>
        <source>late caution</source>
        <translation>später Warnhinweis</translation>
    </message>
    <message>
        <source>usual caution</source>
        <translation>üblicher Warnhinweis</translation>
    </message>
    <message>
        <source>typed number</source>
        <translation>getippte Zahl</translation>
    </message>
    <message>
        <source>two names</source>
        <translation>zwei Namen</translation>
    </message>
    <message>
        <source>unclear it</source>
        <translation>unklares „es“</translation>
    </message>
    <message>
        <source>passive</source>
        <translation>Passiv</translation>
    </message>
    <message>
        <source>vague</source>
        <translation>ungenau</translation>
    </message>
    <message>
        <source>no tool</source>
        <translation>kein Werkzeug</translation>
    </message>
    <message>
        <source>no verdict</source>
        <translation>kein Urteil</translation>
    </message>
    <message>
        <source>unexplained word</source>
        <translation>unerklärtes Wort</translation>
    </message>
    <message>
        <source>spelling</source>
        <translation>Rechtschreibung</translation>
    </message>
    <message>
        <source>torque</source>
        <translation>Drehmoment</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>amount</source>
        <translation>Menge</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>grade</source>
        <translation>Sorte</translation>
    </message>
    <message>
        <source>part number</source>
        <translation>Teilenummer</translation>
    </message>
    <message>
        <source>pressure</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>interval</source>
        <translation>Intervall</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Drehzahl</translation>
    </message>
    <message>
        <source>share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>force</source>
        <translation>Kraft</translation>
    </message>
    <message>
        <source>at most</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>proved</source>
        <translation>belegt</translation>
    </message>
    <message>
        <source>disputed</source>
        <translation>strittig</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>cold</source>
        <translation>kalt</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>warm</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>stehend</translation>
    </message>
    <message>
        <source>running</source>
        <translation>laufend</translation>
    </message>
    <message>
        <source>dipstick resting</source>
        <translation>Peilstab aufliegend</translation>
    </message>
    <message>
        <source>dipstick screwed in</source>
        <translation>Peilstab eingeschraubt</translation>
    </message>
    <message>
        <source>sight glass</source>
        <translation>Schauglas</translation>
    </message>
    <message>
        <source>weeping plug</source>
        <translation>tropfende Standschraube</translation>
    </message>
    <message>
        <source>ethylene glycol</source>
        <translation>Ethylenglykol</translation>
    </message>
    <message>
        <source>propylene glycol</source>
        <translation>Propylenglykol</translation>
    </message>
    <message>
        <source>which part is it</source>
        <translation>welches Teil ist es</translation>
    </message>
    <message>
        <source>what is it</source>
        <translation>was ist es</translation>
    </message>
    <message>
        <source>what comes before</source>
        <translation>was kommt davor</translation>
    </message>
    <message>
        <source>what stops the job</source>
        <translation>was hält die Arbeit an</translation>
    </message>
    <message>
        <source>which fastener goes where</source>
        <translation>welche Befestigung gehört wohin</translation>
    </message>
    <message>
        <source>is it good</source>
        <translation>ist es gut</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>noch nichts</translation>
    </message>
    <message>
        <source>has it</source>
        <translation>hat sie</translation>
    </message>
    <message>
        <source>has learned it</source>
        <translation>hat sie gelernt</translation>
    </message>
    <message>
        <source>worked by it, not yet well</source>
        <translation>danach gearbeitet, noch nicht gut</translation>
    </message>
    <message>
        <source>worked by it, not assessed</source>
        <translation>danach gearbeitet, nicht beurteilt</translation>
    </message>
    <message>
        <source>worked by it with help</source>
        <translation>mit Hilfe danach gearbeitet</translation>
    </message>
    <message>
        <source>works by it alone</source>
        <translation>arbeitet allein danach</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>at the next service</source>
        <translation>bei der nächsten Wartung</translation>
    </message>
    <message>
        <source>watch it</source>
        <translation>beobachten</translation>
    </message>
    <message>
        <source>in the store</source>
        <translation>im Lager</translation>
    </message>
    <message>
        <source>out for repair</source>
        <translation>in Reparatur</translation>
    </message>
    <message>
        <source>photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>receipt</source>
        <translation>Quittung</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>what was done</source>
        <translation>was getan wurde</translation>
    </message>
    <message>
        <source>done</source>
        <translation>getan</translation>
    </message>
    <message>
        <source>within</source>
        <translation>innerhalb</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unterhalb</translation>
    </message>
    <message>
        <source>above</source>
        <translation>oberhalb</translation>
    </message>
    <message>
        <source>nothing to judge it by</source>
        <translation>nichts, woran es zu beurteilen wäre</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>with help</source>
        <translation>mit Hilfe</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>settle</source>
        <translation>klären</translation>
    </message>
    <message>
        <source>call-out</source>
        <translation>bezeichnen</translation>
    </message>
    <message>
        <source>add-check</source>
        <translation>Prüfung hinzufügen</translation>
    </message>
    <message>
        <source>turn back</source>
        <translation>zurückdrehen</translation>
    </message>
    <message>
        <source>pull</source>
        <translation>ziehen</translation>
    </message>
    <message>
        <source>press</source>
        <translation>drücken</translation>
    </message>
    <message>
        <source>flow</source>
        <translation>Fluss</translation>
    </message>
    <message>
        <source>look</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>do not touch</source>
        <translation>nicht berühren</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>magnify</source>
        <translation>vergrößern</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>right</source>
        <translation>richtig</translation>
    </message>
    <message>
        <source>wrong</source>
        <translation>falsch</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>old</source>
        <translation>alt</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>fastener</source>
        <translation>Befestigung</translation>
    </message>
    <message>
        <source>seal</source>
        <translation>Dichtung</translation>
    </message>
    <message>
        <source>fluid</source>
        <translation>Flüssigkeit</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>vessel</source>
        <translation>Gefäß</translation>
    </message>
    <message>
        <source>protective gear</source>
        <translation>Schutzausrüstung</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>side</source>
        <translation>seitlich</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>vent</source>
        <translation>Entlüftung</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>new each time</source>
        <translation>jedes Mal neu</translation>
    </message>
    <message>
        <source>new if damaged</source>
        <translation>neu, wenn beschädigt</translation>
    </message>
    <message>
        <source>maker&apos;s book</source>
        <translation>Buch des Herstellers</translation>
    </message>
    <message>
        <source>label on the part</source>
        <translation>Schild am Teil</translation>
    </message>
    <message>
        <source>drawing</source>
        <translation>Zeichnung</translation>
    </message>
    <message>
        <source>measurement</source>
        <translation>Messung</translation>
    </message>
    <message>
        <source>standard</source>
        <translation>Norm</translation>
    </message>
    <message>
        <source>maker&apos;s word</source>
        <translation>Wort des Herstellers</translation>
    </message>
    <message>
        <source>not filmed</source>
        <translation>nicht gefilmt</translation>
    </message>
    <message>
        <source>look up</source>
        <translation>nachschlagen</translation>
    </message>
    <message>
        <source>talk</source>
        <translation>Gerede</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>danger</source>
        <translation>Gefahr</translation>
    </message>
    <message>
        <source>caution</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>notice</source>
        <translation>Achtung</translation>
    </message>
    <message>
        <source>on level ground</source>
        <translation>auf ebenem Boden</translation>
    </message>
    <message>
        <source>isolated</source>
        <translation>getrennt</translation>
    </message>
    <message>
        <source>isolated and locked off</source>
        <translation>getrennt und gesperrt</translation>
    </message>
    <message>
        <source>on stands</source>
        <translation>auf Böcken</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>from the desk</source>
        <translation>vom Lesepult</translation>
    </message>
    <message>
        <source>on a stick</source>
        <translation>auf einem Stick</translation>
    </message>
    <message>
        <source>in print</source>
        <translation>gedruckt</translation>
    </message>
    <message>
        <source>by the learning platform</source>
        <translation>von der Lernplattform</translation>
    </message>
    <message>
        <source>on a circle</source>
        <translation>auf einem Kreis</translation>
    </message>
    <message>
        <source>on a rectangle</source>
        <translation>auf einem Rechteck</translation>
    </message>
    <message>
        <source>in a line</source>
        <translation>in einer Reihe</translation>
    </message>
    <message>
        <source>fits</source>
        <translation>passt</translation>
    </message>
    <message>
        <source>does not go on</source>
        <translation>geht nicht drauf</translation>
    </message>
    <message>
        <source>rounds off</source>
        <translation>rundet ab</translation>
    </message>
    <message>
        <source>steel</source>
        <translation>Stahl</translation>
    </message>
    <message>
        <source>aluminium</source>
        <translation>Aluminium</translation>
    </message>
    <message>
        <source>plastic</source>
        <translation>Kunststoff</translation>
    </message>
    <message>
        <source>pack as it was issued</source>
        <translation>Paket, wie es herausgegeben wurde</translation>
    </message>
    <message>
        <source>PDF for the archive</source>
        <translation>PDF für das Archiv</translation>
    </message>
    <message>
        <source>black and white, two columns</source>
        <translation>schwarz-weiß, zwei Spalten</translation>
    </message>
    <message>
        <source>one page for the bench</source>
        <translation>eine Seite für die Werkbank</translation>
    </message>
    <message>
        <source>check of the learner, with a sheet of answers</source>
        <translation>Prüfung des Lernenden, mit einem Blatt der Antworten</translation>
    </message>
    <message>
        <source>course for a learning platform, SCORM 1.2</source>
        <translation>Kurs für eine Lernplattform, SCORM 1.2</translation>
    </message>
    <message>
        <source>course for a learning platform, cmi5</source>
        <translation>Kurs für eine Lernplattform, cmi5</translation>
    </message>
    <message>
        <source>DITA topics</source>
        <translation>DITA-Themen</translation>
    </message>
    <message>
        <source>table of figures</source>
        <translation>Tabelle der Werte</translation>
    </message>
    <message>
        <source>procedure as JSON</source>
        <translation>Ablauf als JSON</translation>
    </message>
    <message>
        <source>captions of the clips</source>
        <translation>Untertitel der Clips</translation>
    </message>
    <message>
        <source>table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>calendar of what is due</source>
        <translation>Kalender des Fälligen</translation>
    </message>
    <message>
        <source>book to print</source>
        <translation>Buch zum Drucken</translation>
    </message>
    <message>
        <source>for the panel</source>
        <translation>für die Tafel der Maschine</translation>
    </message>
    <message>
        <source>for the filter</source>
        <translation>für den Filter</translation>
    </message>
    <message>
        <source>for a part</source>
        <translation>für ein Teil</translation>
    </message>
    <message>
        <source>altered</source>
        <translation>verändert</translation>
    </message>
    <message>
        <source>intact and signed</source>
        <translation>unversehrt und unterschrieben</translation>
    </message>
    <message>
        <source>intact, and issued by this library</source>
        <translation>unversehrt und von dieser Bibliothek herausgegeben</translation>
    </message>
    <message>
        <source>intact, but not what this library issued</source>
        <translation>unversehrt, aber nicht, was diese Bibliothek herausgab</translation>
    </message>
    <message>
        <source>intact, but nobody trusted here vouches for it</source>
        <translation>unversehrt, aber niemand, dem hier getraut wird, bürgt dafür</translation>
    </message>
    <message>
        <source>reader</source>
        <translation>Leser</translation>
    </message>
    <message>
        <source>author</source>
        <translation>Verfasser</translation>
    </message>
    <message>
        <source>checker</source>
        <translation>Prüfer</translation>
    </message>
    <message>
        <source>trainer</source>
        <translation>Ausbilder</translation>
    </message>
    <message>
        <source>keeper</source>
        <translation>Betreuer</translation>
    </message>
</context>
<context>
    <name>Narration</name>
    <message>
        <source>No timed text is in this file; a narration is WebVTT, SRT or paragraphs that begin with a time such as [1:23].</source>
        <translation>In dieser Datei ist kein Text mit Zeiten; eine Mitschrift ist WebVTT, SRT oder Absätze, die mit einer Zeit wie [1:23] beginnen.</translation>
    </message>
    <message>
        <source>No line of this narration has times that can be read; check that they look like 00:01:23.000 --&gt; 00:01:26.500.</source>
        <translation>Keine Zeile dieser Mitschrift hat Zeiten, die gelesen werden können; prüfen, ob sie aussehen wie 00:01:23.000 --&gt; 00:01:26.500.</translation>
    </message>
</context>
<context>
    <name>Numbers</name>
    <message>
        <source>&quot;{0}&quot; can be read two ways; write it as {1} or as {2}.</source>
        <translation>&quot;{0}&quot; kann auf zwei Arten gelesen werden; es als {1} oder als {2} schreiben.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no number; write it as 18, 7.5, 5/8 or 1 3/4.</source>
        <translation>&quot;{0}&quot; ist keine Zahl; schreiben wie 18, 7.5, 5/8 oder 1 3/4.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; can be either: {1}</source>
        <translation>&quot;{0}&quot; kann beides sein: {1}</translation>
    </message>
</context>
<context>
    <name>OpenPoints</name>
    <message>
        <source>Step {0}: {1}</source>
        <translation>Schritt {0}: {1}</translation>
    </message>
    <message>
        <source>it was drafted from what was said; look at it and confirm it.</source>
        <translation>er wurde aus dem Gesagten entworfen; ihn ansehen und bestätigen.</translation>
    </message>
    <message>
        <source>it has no heading yet; say what is done, as an order.</source>
        <translation>er hat noch keine Überschrift; sagen, was getan wird, als Anweisung.</translation>
    </message>
    <message>
        <source>no instruction is written yet.</source>
        <translation>noch keine Anweisung ist geschrieben.</translation>
    </message>
    <message>
        <source>the text names {0}, which is not in this guide.</source>
        <translation>der Text nennt {0}, das nicht in dieser Anleitung ist.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; was taken from the tape but no line gives it.</source>
        <translation>&quot;{0}&quot; wurde vom Band übernommen, aber keine Zeile gibt es an.</translation>
    </message>
    <message>
        <source>{0} says: {1}</source>
        <translation>{0} sagt: {1}</translation>
    </message>
    <message>
        <source>the two pictures of a pair are the same frame.</source>
        <translation>die beiden Bilder eines Paars sind dasselbe Einzelbild.</translation>
    </message>
    <message>
        <source>nothing marks what differs between the two pictures of a pair.</source>
        <translation>nichts kennzeichnet, worin sich die beiden Bilder eines Paars unterscheiden.</translation>
    </message>
    <message>
        <source>no picture shows it yet.</source>
        <translation>noch kein Bild zeigt ihn.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is called out but nothing in the step speaks of it.</source>
        <translation>&quot;{0}&quot; ist bezeichnet, aber nichts im Schritt spricht davon.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is named but not called out on its picture.</source>
        <translation>&quot;{0}&quot; ist genannt, aber auf seinem Bild nicht bezeichnet.</translation>
    </message>
    <message>
        <source>{0}: {1} can be read two ways; write it without the sign, or with other decimals.</source>
        <translation>{0}: {1} kann auf zwei Arten gelesen werden; es ohne das Zeichen schreiben, oder mit anderen Nachkommastellen.</translation>
    </message>
    <message>
        <source>{0} is {1}. {2}</source>
        <translation>{0} ist {1}. {2}</translation>
    </message>
    <message>
        <source>{0} stands here twice, {1} and {2}: join the two, or give each the variant, condition or purpose it is for.</source>
        <translation>{0} steht hier zweimal, {1} und {2}: beide verbinden, oder jeder die Ausführung, die Bedingung oder den Zweck geben, für den sie gilt.</translation>
    </message>
    <message>
        <source>{0} stands on {1}, {2}; a newer edition is here: look it up again.</source>
        <translation>{0} steht auf {1}, {2}; eine neuere Ausgabe ist da: dort neu nachschlagen.</translation>
    </message>
    <message>
        <source>A follow-up names {0}, which is not in this guide.</source>
        <translation>Eine Folgearbeit nennt {0}, das nicht in dieser Anleitung ist.</translation>
    </message>
    <message>
        <source>The guide has no steps yet: bracket them on the tape or add them on the sheet.</source>
        <translation>Die Anleitung hat noch keine Schritte: sie auf dem Band anzeichnen oder auf dem Blatt hinzufügen.</translation>
    </message>
    <message>
        <source>The guide has no guide number yet; give it one in the guide settings.</source>
        <translation>Die Anleitung hat noch keine Anleitungsnummer; ihr eine in den Einstellungen der Anleitung geben.</translation>
    </message>
    <message>
        <source>That figure is no longer in the guide.</source>
        <translation>Dieser Wert ist nicht mehr in der Anleitung.</translation>
    </message>
</context>
<context>
    <name>OwnKeysWords</name>
    <message>
        <source>Press the key the command is to have.</source>
        <translation>Die Taste drücken, die der Befehl haben soll.</translation>
    </message>
    <message>
        <source>%1 goes from one place to the next, everywhere.</source>
        <translation>%1 geht überall von einer Stelle zur nächsten.</translation>
    </message>
    <message>
        <source>%1 is typed there. Press it with Ctrl or Alt.</source>
        <translation>%1 wird dort getippt. Mit Strg oder Alt drücken.</translation>
    </message>
</context>
<context>
    <name>Pack</name>
    <message>
        <source>The film in {0} is not the recording “{1}” any more: it was replaced, cut or damaged. Put the original back, or import it again.</source>
        <translation>Der Film in {0} ist nicht mehr die Aufnahme „{1}“: Er wurde ersetzt, geschnitten oder beschädigt. Das Original zurücklegen, oder es neu importieren.</translation>
    </message>
    <message>
        <source>The recording “{0}” was changed while the pack was made; leave it alone and issue again.</source>
        <translation>Die Aufnahme „{0}“ wurde geändert, während das Paket gemacht wurde; sie in Ruhe lassen und neu herausgeben.</translation>
    </message>
    <message>
        <source>The recording “{0}” is away, so its pictures cannot be made; put the file back where it was and issue again.</source>
        <translation>Die Aufnahme „{0}“ ist weg, ihre Bilder können nicht gemacht werden; die Datei zurücklegen, wo sie war, und neu herausgeben.</translation>
    </message>
    <message>
        <source>Making the pack was stopped; nothing of it is kept.</source>
        <translation>Das Machen des Pakets wurde angehalten; nichts davon wird behalten.</translation>
    </message>
    <message>
        <source>The picture {0} could not be made; close other programs and try again.</source>
        <translation>Das Bild {0} konnte nicht gemacht werden; andere Programme schließen und neu versuchen.</translation>
    </message>
    <message>
        <source>There is no room in the folder for temporary files to make the PDF; free some space and issue again.</source>
        <translation>Im Ordner für vorübergehende Dateien ist kein Platz, um das PDF zu machen; Platz schaffen und neu herausgeben.</translation>
    </message>
    <message>
        <source>Something else writes where the pack is made: {0}</source>
        <translation>Etwas anderes schreibt dort, wo das Paket gemacht wird: {0}</translation>
    </message>
    <message>
        <source>There are more files than a pack can have; choose the folder of the pack itself.</source>
        <translation>Es sind mehr Dateien, als ein Paket haben kann; den Ordner des Pakets selbst wählen.</translation>
    </message>
    <message>
        <source>There is no pack at {0}; choose the folder of an issued pack, or its file.</source>
        <translation>Bei {0} ist kein Paket; den Ordner eines herausgegebenen Pakets wählen, oder seine Datei.</translation>
    </message>
    <message>
        <source>{0} is no issued pack; choose the folder that holds guide.html and manifest.json.</source>
        <translation>{0} ist kein herausgegebenes Paket; den Ordner wählen, der guide.html und manifest.json enthält.</translation>
    </message>
    <message>
        <source>The PDF cannot be made: the program weasyprint is not installed. Install the package weasyprint and try again.</source>
        <translation>Das PDF kann nicht gemacht werden: Das Programm weasyprint ist nicht installiert. Das Paket weasyprint installieren und neu versuchen.</translation>
    </message>
    <message>
        <source>Making the PDF took too long and was given up; try again.</source>
        <translation>Das Machen des PDF dauerte zu lange und wurde aufgegeben; neu versuchen.</translation>
    </message>
    <message>
        <source>Making the PDF was stopped; nothing of it is kept.</source>
        <translation>Das Machen des PDF wurde angehalten; nichts davon wird behalten.</translation>
    </message>
    <message>
        <source>The PDF could not be made ({0}); try again.</source>
        <translation>Das PDF konnte nicht gemacht werden ({0}); neu versuchen.</translation>
    </message>
    <message>
        <source>There is no room in the folder for temporary files to make the PDF; free some space and try again.</source>
        <translation>Im Ordner für vorübergehende Dateien ist kein Platz, um das PDF zu machen; Platz schaffen und neu versuchen.</translation>
    </message>
    <message>
        <source>A picture of the kept pack cannot be read; verify the pack.</source>
        <translation>Ein Bild des aufbewahrten Pakets kann nicht gelesen werden; das Paket prüfen.</translation>
    </message>
    <message>
        <source>There is no room in the folder for temporary files for the pictures; free some space and try again.</source>
        <translation>Im Ordner für vorübergehende Dateien ist kein Platz für die Bilder; Platz schaffen und neu versuchen.</translation>
    </message>
    <message>
        <source>This is no list of signatures.</source>
        <translation>Das ist keine Liste von Unterschriften.</translation>
    </message>
</context>
<context>
    <name>Page</name>
    <message>
        <source>What was read on the page came back in a form nobody knows.</source>
        <translation>Was auf der Seite gelesen wurde, kam in einer Form zurück, die niemand kennt.</translation>
    </message>
    <message>
        <source>Row {0} of what was read on the page has no place.</source>
        <translation>Zeile {0} des auf der Seite Gelesenen hat keine Stelle.</translation>
    </message>
</context>
<context>
    <name>Paper</name>
    <message>
        <source>The program {0} is not installed, so this cannot be read; install it, or type what stands there.</source>
        <translation>Das Programm {0} ist nicht installiert, darum kann das nicht gelesen werden; es installieren, oder tippen, was dort steht.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>Das Lesen wurde angehalten.</translation>
    </message>
    <message>
        <source>It took too long and was given up; try a smaller file, or one page of it.</source>
        <translation>Es dauerte zu lange und wurde aufgegeben; eine kleinere Datei versuchen, oder eine Seite davon.</translation>
    </message>
    <message>
        <source>{0} is not there; choose the file again.</source>
        <translation>{0} ist nicht da; die Datei neu wählen.</translation>
    </message>
    <message>
        <source>{0} is a folder; choose the file in it.</source>
        <translation>{0} ist ein Ordner; die Datei darin wählen.</translation>
    </message>
    <message>
        <source>{0} is neither a PDF nor a picture; scan or photograph the page and choose that.</source>
        <translation>{0} ist weder ein PDF noch ein Bild; die Seite scannen oder fotografieren und das wählen.</translation>
    </message>
    <message>
        <source>{0} is locked with a password; unlock it, or photograph the page.</source>
        <translation>{0} ist mit einem Passwort gesperrt; es entsperren, oder die Seite fotografieren.</translation>
    </message>
    <message>
        <source>{0} is a damaged PDF; get it again, or photograph the page.</source>
        <translation>{0} ist ein beschädigtes PDF; es neu besorgen, oder die Seite fotografieren.</translation>
    </message>
    <message>
        <source>{0} has {1} pages, which cannot be shown here.</source>
        <translation>{0} hat {1} Seiten, die hier nicht gezeigt werden können.</translation>
    </message>
    <message>
        <source>It has one page only.</source>
        <translation>Es hat nur eine Seite.</translation>
    </message>
    <message>
        <source>It has the pages 1 to {0}.</source>
        <translation>Es hat die Seiten 1 bis {0}.</translation>
    </message>
    <message>
        <source>Page {0} of {1} cannot be shown; the file is damaged.</source>
        <translation>Seite {0} von {1} kann nicht gezeigt werden; die Datei ist beschädigt.</translation>
    </message>
    <message>
        <source>This cannot be read: {0}</source>
        <translation>Das kann nicht gelesen werden: {0}</translation>
    </message>
</context>
<context>
    <name>Plan</name>
    <message>
        <source>Step {0}</source>
        <translation>Schritt {0}</translation>
    </message>
    <message>
        <source>{0} during the wait of step {1}, and move {2} more: {3} less.</source>
        <translation>{0} während des Wartens von Schritt {1}, und {2} weitere verschieben: {3} weniger.</translation>
    </message>
    <message>
        <source>{0} during the wait of step {1}: {2} less.</source>
        <translation>{0} während des Wartens von Schritt {1}: {2} weniger.</translation>
    </message>
    <message>
        <source>{0} and {1} more in another place: {2} less.</source>
        <translation>{0} und {1} weitere an anderer Stelle: {2} weniger.</translation>
    </message>
    <message>
        <source>{0} in another place: {1} less.</source>
        <translation>{0} an anderer Stelle: {1} weniger.</translation>
    </message>
    <message>
        <source>That step is no longer in the guide.</source>
        <translation>Dieser Schritt ist nicht mehr in der Anleitung.</translation>
    </message>
    <message>
        <source>Say how long hands are needed, as a time: 5 min.</source>
        <translation>Sagen, wie lange Hände gebraucht werden, als Zeit: 5 min.</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>Look: %1</source>
        <translation>Ansehen: %1</translation>
    </message>
    <message>
        <source>
Good: %1</source>
        <translation>
Gut: %1</translation>
    </message>
    <message>
        <source>
Stop: %1</source>
        <translation>
Stopp: %1</translation>
    </message>
    <message>
        <source>
✓ It is good.</source>
        <translation>
✓ Es ist gut.</translation>
    </message>
    <message>
        <source>
✗ Not good.</source>
        <translation>
✗ Nicht gut.</translation>
    </message>
    <message>
        <source>within limits</source>
        <translation>innerhalb der Grenzen</translation>
    </message>
    <message>
        <source>below the limits</source>
        <translation>unter den Grenzen</translation>
    </message>
    <message>
        <source>above the limits</source>
        <translation>über den Grenzen</translation>
    </message>
    <message>
        <source>nothing to judge it by</source>
        <translation>nichts, wonach zu urteilen wäre</translation>
    </message>
    <message>
        <source>Step %1 gains: %2</source>
        <translation>Schritt %1 bekommt dazu: %2</translation>
    </message>
    <message>
        <source>Step %1 loses: %2</source>
        <translation>Schritt %1 verliert: %2</translation>
    </message>
    <message>
        <source>Step %1 gains the caution: %2</source>
        <translation>Schritt %1 bekommt den Warnhinweis: %2</translation>
    </message>
    <message>
        <source>Step %1 asks for level ground.</source>
        <translation>Schritt %1 verlangt ebenen Boden.</translation>
    </message>
    <message>
        <source>The steps change places.</source>
        <translation>Die Schritte tauschen die Plätze.</translation>
    </message>
    <message>
        <source> · part number %1</source>
        <translation> · Teilenummer %1</translation>
    </message>
    <message>
        <source>step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>Kit: %1</source>
        <translation>Ausrüstung: %1</translation>
    </message>
    <message>
        <source>Put on</source>
        <translation>Anziehen</translation>
    </message>
    <message>
        <source>Tools and vessels, in the order of use</source>
        <translation>Werkzeuge und Gefäße, in der Reihenfolge des Gebrauchs</translation>
    </message>
    <message>
        <source>New parts</source>
        <translation>Neue Teile</translation>
    </message>
    <message>
        <source>Fluids</source>
        <translation>Flüssigkeiten</translation>
    </message>
    <message>
        <source>Nobody in the register has it.</source>
        <translation>Im Verzeichnis hat sie niemand.</translation>
    </message>
    <message>
        <source>It is with: %1.</source>
        <translation>Sie ist bei: %1.</translation>
    </message>
    <message>
        <source>today; or as in %1</source>
        <translation>heute; oder wie in %1</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>, into %1</source>
        <translation>, in %1</translation>
    </message>
    <message>
        <source>, with %1</source>
        <translation>, mit %1</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>not filmed</source>
        <translation>nicht gefilmt</translation>
    </message>
    <message>
        <source>look up</source>
        <translation>nachschlagen</translation>
    </message>
    <message>
        <source>talk</source>
        <translation>Gerede</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>taken back</source>
        <translation>zurückgenommen</translation>
    </message>
    <message>
        <source>caution</source>
        <translation>Warnhinweis</translation>
    </message>
    <message>
        <source>slip</source>
        <translation>Versprecher</translation>
    </message>
    <message>
        <source>not seen</source>
        <translation>nicht zu sehen</translation>
    </message>
</context>
<context>
    <name>Reasons</name>
    <message>
        <source>No guide is open; open one on the Shelf.</source>
        <translation>Keine Anleitung ist offen; am Regal eine öffnen.</translation>
    </message>
</context>
<context>
    <name>Records</name>
    <message>
        <source>Nobody of the name “{0}” is in the register of learners; add the learner first.</source>
        <translation>Niemand namens „{0}“ steht im Verzeichnis der Lernenden; den Lernenden erst hinzufügen.</translation>
    </message>
    <message>
        <source>Records are added one after the other.</source>
        <translation>Aufzeichnungen werden eine nach der anderen hinzugefügt.</translation>
    </message>
    <message>
        <source>Say who you are, by post.</source>
        <translation>Sagen, wer Sie sind, mit der Funktion.</translation>
    </message>
    <message>
        <source>A key is registered for a post; name it.</source>
        <translation>Ein Schlüssel wird für eine Funktion eingetragen; sie nennen.</translation>
    </message>
    <message>
        <source>This key of the {0} is registered already.</source>
        <translation>Dieser Schlüssel ({0}) ist schon eingetragen.</translation>
    </message>
    <message>
        <source>The {0} has a key; end that one before another is registered.</source>
        <translation>{0} hat einen Schlüssel; den erst beenden, bevor ein anderer eingetragen wird.</translation>
    </message>
    <message>
        <source>This key was {0} of the {1}; make a new one.</source>
        <translation>Dieser Schlüssel war {0}, von {1}; einen neuen machen.</translation>
    </message>
    <message>
        <source>Say why the key ends.</source>
        <translation>Sagen, warum der Schlüssel endet.</translation>
    </message>
    <message>
        <source>The {0} has no key that could end.</source>
        <translation>{0} hat keinen Schlüssel, der enden könnte.</translation>
    </message>
    <message>
        <source>Name the learner, by post: learner 07.</source>
        <translation>Den Lernenden nennen, mit der Funktion: Lernender 07.</translation>
    </message>
    <message>
        <source>{0} is in the register already.</source>
        <translation>{0} steht schon im Verzeichnis.</translation>
    </message>
    <message>
        <source>Edition {0} is withdrawn ({1}); it is not handed out.</source>
        <translation>Ausgabe {0} ist zurückgezogen ({1}); sie wird nicht ausgehändigt.</translation>
    </message>
    <message>
        <source>Edition {0} is withdrawn ({1}); nobody learns from it.</source>
        <translation>Ausgabe {0} ist zurückgezogen ({1}); niemand lernt daraus.</translation>
    </message>
    <message>
        <source>Say why the edition is withdrawn.</source>
        <translation>Sagen, warum die Ausgabe zurückgezogen wird.</translation>
    </message>
    <message>
        <source>Edition {0} is withdrawn already.</source>
        <translation>Ausgabe {0} ist schon zurückgezogen.</translation>
    </message>
    <message>
        <source>Say why the record was a mistake.</source>
        <translation>Sagen, warum die Aufzeichnung ein Fehler war.</translation>
    </message>
    <message>
        <source>There is no such record, or it is struck already.</source>
        <translation>Es gibt keine solche Aufzeichnung, oder sie ist schon gestrichen.</translation>
    </message>
    <message>
        <source>Only checks, hand-outs and what was learned can be struck.</source>
        <translation>Nur Prüfungen, Aushändigungen und Gelerntes können gestrichen werden.</translation>
    </message>
    <message>
        <source>The library holds a record of the kind “{0}”, which a newer version of Anagraph wrote.</source>
        <translation>Die Bibliothek enthält eine Aufzeichnung der Art „{0}“, die eine neuere Fassung von Anagraph geschrieben hat.</translation>
    </message>
    <message>
        <source>A record “{0}” is not written as it must be.</source>
        <translation>Eine Aufzeichnung „{0}“ ist nicht so geschrieben, wie sie sein muss.</translation>
    </message>
    <message>
        <source>A record says of what kind it is.</source>
        <translation>Eine Aufzeichnung sagt, welcher Art sie ist.</translation>
    </message>
    <message>
        <source>This is no list of keys; take what anagraph-cli key list --json prints, or a .pub file.</source>
        <translation>Das ist keine Liste von Schlüsseln; nehmen, was anagraph-cli key list --json ausgibt, oder eine .pub-Datei.</translation>
    </message>
</context>
<context>
    <name>Review</name>
    <message>
        <source>{0} on the {1}</source>
        <translation>{0} am {1}</translation>
    </message>
    <message>
        <source>Step {0}, {1}</source>
        <translation>Schritt {0}, {1}</translation>
    </message>
    <message>
        <source>{0} is disputed: resolve it at the Figures with a reason.</source>
        <translation>{0} ist strittig: ihn bei den Werten mit einer Begründung klären.</translation>
    </message>
    <message>
        <source>Step {0}: {1} asks “{2}”: answer it, or take it over into the guide.</source>
        <translation>Schritt {0}: {1} fragt „{2}“: es beantworten, oder in die Anleitung übernehmen.</translation>
    </message>
    <message>
        <source>Noted as not filmed: “{0}”. Film it and remove the note, or remove what it asks for.</source>
        <translation>Als nicht gefilmt vermerkt: „{0}“. Es filmen und den Vermerk entfernen, oder entfernen, was ihn verlangt.</translation>
    </message>
    <message numerus="yes">
        <source>%n learners have edition {0} and will be told: {1}.</source>
        <comment>One learner has edition {0} and will be told: {1}.</comment>
        <translation>
            <numerusform>Ein Lernender hat Ausgabe {0} und wird benachrichtigt: {1}.</numerusform>
            <numerusform>%n Lernende haben Ausgabe {0} und werden benachrichtigt: {1}.</numerusform>
        </translation>
    </message>
    <message>
        <source>Resolved by the author: {0}</source>
        <translation>Vom Autor geklärt: {0}</translation>
    </message>
    <message>
        <source>{0}, kept as it is: {1}</source>
        <translation>{0}, bleibt wie es ist: {1}</translation>
    </message>
    <message>
        <source>Nothing found.</source>
        <translation>Nichts gefunden.</translation>
    </message>
</context>
<context>
    <name>Service</name>
    <message>
        <source>No such service is in the logbook; it counts from the beginning.</source>
        <translation>Keine solche Wartung ist im Logbuch; es zählt von Anfang an.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no day; write it as 2026-03-31.</source>
        <translation>&quot;{0}&quot; ist kein Tag; schreiben wie 2026-03-31.</translation>
    </message>
    <message>
        <source>Say how often: give at least one interval, as in &quot;100 h&quot; or &quot;12 month&quot;.</source>
        <translation>Sagen, wie oft: mindestens ein Intervall angeben, wie &quot;100 h&quot; oder &quot;12 month&quot;.</translation>
    </message>
    <message>
        <source>The last service lies after today.</source>
        <translation>Die letzte Wartung liegt nach heute.</translation>
    </message>
    <message>
        <source>The meter was read before the last service or after today.</source>
        <translation>Der Zähler wurde vor der letzten Wartung oder nach heute abgelesen.</translation>
    </message>
    <message>
        <source>Hard use shortens an interval: a share between 0 and 1.</source>
        <translation>Harter Einsatz verkürzt ein Intervall: ein Anteil zwischen 0 und 1.</translation>
    </message>
    <message>
        <source>The days to avoid end before they begin.</source>
        <translation>Die zu meidenden Tage enden, bevor sie beginnen.</translation>
    </message>
    <message>
        <source>An interval of {0} never ends.</source>
        <translation>Ein Intervall von {0} endet nie.</translation>
    </message>
    <message>
        <source>{0} is no interval: hours, a distance or a time by the calendar are.</source>
        <translation>{0} ist kein Intervall: Stunden, eine Strecke oder eine Zeit nach dem Kalender sind es.</translation>
    </message>
    <message>
        <source>For an interval of {0} the meter&apos;s reading now and at the last service are needed.</source>
        <translation>Für ein Intervall von {0} werden der Zählerstand jetzt und bei der letzten Wartung gebraucht.</translation>
    </message>
    <message>
        <source>The interval is told in {0}, the meter in {1}.</source>
        <translation>Das Intervall ist in {0} gesagt, der Zähler in {1}.</translation>
    </message>
    <message>
        <source>Both readings must be hours, or both a distance.</source>
        <translation>Beide Ablesungen müssen Stunden sein, oder beide eine Strecke.</translation>
    </message>
    <message>
        <source>The meter reads less than at the last service: was it changed?</source>
        <translation>Der Zähler zeigt weniger als bei der letzten Wartung: Wurde er gewechselt?</translation>
    </message>
    <message>
        <source>“{0}” is no stretch of days; write it as 2026-08-01..2026-08-21.</source>
        <translation>„{0}“ ist keine Strecke von Tagen; schreiben wie 2026-08-01..2026-08-21.</translation>
    </message>
    <message>
        <source>{0} ends before it begins.</source>
        <translation>{0} endet, bevor es beginnt.</translation>
    </message>
    <message>
        <source>By its use it was due on {0}; the meter was last read on {1}: read it.</source>
        <translation>Nach dem Gebrauch war es am {0} fällig; der Zähler wurde zuletzt am {1} abgelesen: ihn ablesen.</translation>
    </message>
    <message>
        <source>It is overdue.</source>
        <translation>Es ist überfällig.</translation>
    </message>
    <message>
        <source>The machine has not run since the last service, so no day can be forecast; it is due at {0} {1}.</source>
        <translation>Die Maschine lief seit der letzten Wartung nicht, darum lässt sich kein Tag vorhersagen; es ist bei {0} {1} fällig.</translation>
    </message>
    <message>
        <source>By the meter, at {0} a day.</source>
        <translation>Nach dem Zähler, mit {0} am Tag.</translation>
    </message>
    <message>
        <source>By the calendar.</source>
        <translation>Nach dem Kalender.</translation>
    </message>
    <message>
        <source>It falls into {0} to {1}, which has begun: do it today or accept that it is late.</source>
        <translation>Es fällt in {0} bis {1}, das begonnen hat: heute tun oder hinnehmen, dass es spät ist.</translation>
    </message>
    <message>
        <source>Pulled before {0} to {1}, into which it would fall.</source>
        <translation>Vor {0} bis {1} gezogen, in das es fallen würde.</translation>
    </message>
</context>
<context>
    <name>Shop</name>
    <message>
        <source>This library issued nothing under the mark {0}.</source>
        <translation>Diese Bibliothek hat unter dem Zeichen {0} nichts herausgegeben.</translation>
    </message>
    <message>
        <source>Say which variant of the machine it is.</source>
        <translation>Sagen, welche Ausführung der Maschine es ist.</translation>
    </message>
    <message>
        <source>Begin the work first; a photograph belongs to a step.</source>
        <translation>Erst die Arbeit beginnen; ein Foto gehört zu einem Schritt.</translation>
    </message>
    <message>
        <source>The work is not at its end yet.</source>
        <translation>Die Arbeit ist noch nicht am Ende.</translation>
    </message>
    <message>
        <source>This is no calendar that can be taken in: {0} Save it as .ics and try again.</source>
        <translation>Das ist kein Kalender, der aufgenommen werden kann: {0} Ihn als .ics speichern und neu versuchen.</translation>
    </message>
    <message>
        <source>For TLS both are needed, the certificate and its key: --cert FILE --key FILE.</source>
        <translation>Für TLS werden beide gebraucht, das Zertifikat und sein Schlüssel: --cert FILE --key FILE.</translation>
    </message>
    <message>
        <source>The certificate {0} and the key {1} cannot be used; both must be PEM files that belong together.</source>
        <translation>Das Zertifikat {0} und der Schlüssel {1} können nicht verwendet werden; beide müssen PEM-Dateien sein, die zusammengehören.</translation>
    </message>
    <message>
        <source>Port {0} of {1} cannot be had: another program has it, or it is not allowed. Choose another one.</source>
        <translation>Port {0} von {1} ist nicht zu haben: Ein anderes Programm hat ihn, oder er ist nicht erlaubt. Einen anderen wählen.</translation>
    </message>
    <message>
        <source>The kept pack of edition {0} is not what was issued: {1}</source>
        <translation>Das aufbewahrte Paket der Ausgabe {0} ist nicht, was herausgegeben wurde: {1}</translation>
    </message>
    <message>
        <source>There is no edition {0} of “{1}” in this library.</source>
        <translation>Es gibt keine Ausgabe {0} von „{1}“ in dieser Bibliothek.</translation>
    </message>
    <message>
        <source>Say to whom it is handed out.</source>
        <translation>Sagen, wem sie ausgehändigt wird.</translation>
    </message>
    <message>
        <source>Nobody of the name “{0}” is in the register of learners.</source>
        <translation>Niemand namens „{0}“ steht im Verzeichnis der Lernenden.</translation>
    </message>
    <message>
        <source>The group “{0}” has no learners.</source>
        <translation>Die Gruppe „{0}“ hat keine Lernenden.</translation>
    </message>
    <message>
        <source>What the recogniser &quot;{0}&quot; wrote has no times; it has to write WebVTT or SRT.</source>
        <translation>Was der Erkenner &quot;{0}&quot; geschrieben hat, hat keine Zeiten; er muss WebVTT oder SRT schreiben.</translation>
    </message>
    <message>
        <source>Nothing that is said could be heard in {0}; type what is said on the Tape.</source>
        <translation>In {0} war nichts Gesagtes zu hören; auf dem Band tippen, was gesagt wird.</translation>
    </message>
    <message>
        <source>{0} was changed while it was copied; wait until it is written, and import it again.</source>
        <translation>{0} wurde geändert, während es kopiert wurde; warten, bis es geschrieben ist, und es neu importieren.</translation>
    </message>
    <message>
        <source>The copy of {0} does not read as it was written: the disk of the library fails. Check it, and import the recording again.</source>
        <translation>Die Kopie von {0} liest sich nicht, wie sie geschrieben wurde: Der Datenträger der Bibliothek versagt. Ihn prüfen und die Aufnahme neu importieren.</translation>
    </message>
    <message>
        <source>{0} is a folder; choose the recording in it.</source>
        <translation>{0} ist ein Ordner; die Aufnahme darin wählen.</translation>
    </message>
    <message>
        <source>The path of {0} holds signs that are no text, so it cannot be remembered; rename the file or its folder, or import it as a copy.</source>
        <translation>Der Pfad von {0} enthält Zeichen, die kein Text sind, er kann nicht gemerkt werden; die Datei oder ihren Ordner umbenennen, oder sie als Kopie importieren.</translation>
    </message>
    <message>
        <source>{0} lies in this library already; it is on the Shelf.</source>
        <translation>{0} liegt schon in dieser Bibliothek; sie ist auf dem Regal.</translation>
    </message>
    <message>
        <source>{0} It cannot stay where it lies; import it as a copy, which gets new times.</source>
        <translation>{0} Sie kann nicht bleiben, wo sie liegt; sie als Kopie importieren, die neue Zeiten bekommt.</translation>
    </message>
    <message>
        <source>This house issues whole translations only. {0} Translate them on the Sheet.</source>
        <translation>Dieses Haus gibt nur ganze Übersetzungen heraus. {0} Sie auf dem Blatt übersetzen.</translation>
    </message>
    <message numerus="yes">
        <source>%n changes of this guide could not be read; look through it, and make the last change again.</source>
        <comment>1 change of this guide could not be read; look through it, and make the last change again.</comment>
        <translation>
            <numerusform>1 Änderung dieser Anleitung konnte nicht gelesen werden; sie durchsehen und die letzte Änderung neu machen.</numerusform>
            <numerusform>%n Änderungen dieser Anleitung konnten nicht gelesen werden; sie durchsehen und die letzte Änderung neu machen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing has changed since edition {0}.</source>
        <translation>Seit Ausgabe {0} hat sich nichts geändert.</translation>
    </message>
    <message>
        <source>This house signs what it issues: give the key of the author and the key of the checker.</source>
        <translation>Dieses Haus unterschreibt, was es herausgibt: den Schlüssel des Verfassers und den des Prüfers angeben.</translation>
    </message>
    <message>
        <source>No key of the {0} is registered in this library; register it first.</source>
        <translation>Kein Schlüssel ({0}) ist in dieser Bibliothek eingetragen; ihn erst eintragen.</translation>
    </message>
    <message>
        <source>The key of the {0} is not the one that is registered now; use that one, or end it and register the new one.</source>
        <translation>Der Schlüssel ({0}) ist nicht der, der jetzt eingetragen ist; jenen verwenden, oder ihn beenden und den neuen eintragen.</translation>
    </message>
    <message>
        <source>The {0} has not checked the guide as it stands; have it reviewed first.</source>
        <translation>{0} hat die Anleitung, wie sie steht, nicht geprüft; sie erst durchsehen lassen.</translation>
    </message>
    <message>
        <source>Say who wrote it.</source>
        <translation>Sagen, wer sie geschrieben hat.</translation>
    </message>
    <message>
        <source>Say who checked it: a second person, by post.</source>
        <translation>Sagen, wer sie geprüft hat: eine zweite Person, mit der Funktion.</translation>
    </message>
    <message>
        <source>Author and checker are the same; a second person checks.</source>
        <translation>Verfasser und Prüfer sind derselbe; eine zweite Person prüft.</translation>
    </message>
    <message>
        <source>Edition {0} lies in the library&apos;s folder, but library.db does not know it: it is older than the pack. This one is edition {1}.</source>
        <translation>Ausgabe {0} liegt im Ordner der Bibliothek, aber library.db kennt sie nicht: Sie ist älter als das Paket. Diese ist Ausgabe {1}.</translation>
    </message>
    <message>
        <source>{0} holds other files; choose an empty folder for the pack, or another name.</source>
        <translation>{0} enthält andere Dateien; einen leeren Ordner für das Paket wählen, oder einen anderen Namen.</translation>
    </message>
    <message>
        <source>{0} holds a pack that was altered, or other files beside one; choose an empty folder, or another name.</source>
        <translation>{0} enthält ein Paket, das verändert wurde, oder andere Dateien neben einem; einen leeren Ordner wählen, oder einen anderen Namen.</translation>
    </message>
    <message>
        <source>{0} holds a pack of another guide; choose an empty folder, or another name.</source>
        <translation>{0} enthält ein Paket einer anderen Anleitung; einen leeren Ordner wählen, oder einen anderen Namen.</translation>
    </message>
    <message>
        <source>The copy of the pack is not what was issued ({0}); check the disk of {1}, and try again.</source>
        <translation>Die Kopie des Pakets ist nicht, was herausgegeben wurde ({0}); den Datenträger von {1} prüfen und neu versuchen.</translation>
    </message>
    <message>
        <source>{0} is no text in UTF-8; save it again as CSV, UTF-8.</source>
        <translation>{0} ist kein Text in UTF-8; es als CSV, UTF-8 neu speichern.</translation>
    </message>
    <message>
        <source>Line {0} of the list names no learner.</source>
        <translation>Zeile {0} der Liste nennt keinen Lernenden.</translation>
    </message>
    <message>
        <source>The signature of {0} does not hold for this run: it was altered, or signed with another key.</source>
        <translation>Die Unterschrift von {0} gilt nicht für diesen Durchlauf: Er wurde verändert, oder mit einem anderen Schlüssel unterschrieben.</translation>
    </message>
    <message>
        <source>A photograph of this run is not the one it names; hand in the file as the guide saved it.</source>
        <translation>Ein Foto dieses Durchlaufs ist nicht das, welches er nennt; die Datei abgeben, wie die Anleitung sie gespeichert hat.</translation>
    </message>
    <message>
        <source>This library issued no edition {0} of “{1}” under the mark {2}; the run is not taken in.</source>
        <translation>Diese Bibliothek hat keine Ausgabe {0} von „{1}“ unter dem Zeichen {2} herausgegeben; der Durchlauf wird nicht aufgenommen.</translation>
    </message>
    <message>
        <source>The logbook knows no machine “{0}”; add it first, then take the run in.</source>
        <translation>Das Logbuch kennt keine Maschine „{0}“; sie erst hinzufügen, dann den Durchlauf aufnehmen.</translation>
    </message>
    <message>
        <source>Writing the book was stopped; nothing of it is kept.</source>
        <translation>Das Schreiben des Buches wurde angehalten; nichts davon wird behalten.</translation>
    </message>
    <message>
        <source>The logbook knows no machine “{0}”; add it first.</source>
        <translation>Das Logbuch kennt keine Maschine „{0}“; sie erst hinzufügen.</translation>
    </message>
    <message>
        <source>Entry {0} is no sample.</source>
        <translation>Eintrag {0} ist keine Probe.</translation>
    </message>
    <message>
        <source>Nobody has to be told anything.</source>
        <translation>Niemandem muss etwas gesagt werden.</translation>
    </message>
    <message>
        <source>{0}: give the file the ending .pdf, .html, .txt or .ics.</source>
        <translation>{0}: der Datei die Endung .pdf, .html, .txt oder .ics geben.</translation>
    </message>
    <message>
        <source>The search was stopped; the recording is still away.</source>
        <translation>Die Suche wurde angehalten; die Aufnahme ist noch weg.</translation>
    </message>
    <message>
        <source>{0} is no folder; choose the folder or the card the recording may lie on.</source>
        <translation>{0} ist kein Ordner; den Ordner oder die Karte wählen, auf der die Aufnahme liegen kann.</translation>
    </message>
    <message numerus="yes">
        <source>The recording is not in {0}: %n files looked at, {1} of its length, none with its content. Look in another folder, or import it again.</source>
        <comment>The recording is not in {0}: 1 file looked at, {1} of its length, none with its content. Look in another folder, or import it again.</comment>
        <translation>
            <numerusform>Die Aufnahme ist nicht in {0}: 1 Datei angesehen, {1} von ihrer Länge, keine mit ihrem Inhalt. In einem anderen Ordner suchen, oder sie neu importieren.</numerusform>
            <numerusform>Die Aufnahme ist nicht in {0}: %n Dateien angesehen, {1} von ihrer Länge, keine mit ihrem Inhalt. In einem anderen Ordner suchen, oder sie neu importieren.</numerusform>
        </translation>
    </message>
    <message>
        <source>The search was stopped.</source>
        <translation>Die Suche wurde angehalten.</translation>
    </message>
    <message>
        <source>Say who checks, by post.</source>
        <translation>Sagen, wer prüft, mit der Funktion.</translation>
    </message>
    <message>
        <source>The {0} changed this guide since the last edition; a second person checks it.</source>
        <translation>{0} hat diese Anleitung seit der letzten Ausgabe geändert; eine zweite Person prüft sie.</translation>
    </message>
    <message>
        <source>That place is not in the guide any more; look at the list again.</source>
        <translation>Diese Stelle ist nicht mehr in der Anleitung; die Liste neu ansehen.</translation>
    </message>
    <message>
        <source>This place was not passed as it stands.</source>
        <translation>Diese Stelle wurde nicht durchgewinkt, wie sie steht.</translation>
    </message>
    <message>
        <source>Its page is not in the library; add the source&apos;s page again.</source>
        <translation>Ihre Seite ist nicht in der Bibliothek; die Seite der Quelle neu hinzufügen.</translation>
    </message>
    <message>
        <source>Its page is not what was kept; add the source&apos;s page again.</source>
        <translation>Ihre Seite ist nicht, was behalten wurde; die Seite der Quelle neu hinzufügen.</translation>
    </message>
    <message>
        <source>The check was stopped; nothing was changed.</source>
        <translation>Die Prüfung wurde angehalten; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>Its pack is not in the library; put its folder back from a copy.</source>
        <translation>Ihr Paket ist nicht in der Bibliothek; seinen Ordner aus einer Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>Its pack is not what was issued; put its folder back from a copy.</source>
        <translation>Ihr Paket ist nicht, was herausgegeben wurde; seinen Ordner aus einer Kopie zurücklegen.</translation>
    </message>
    <message>
        <source>What was learned from it is not in the library; import the recording again.</source>
        <translation>Was daraus gelernt wurde, ist nicht in der Bibliothek; die Aufnahme neu importieren.</translation>
    </message>
    <message>
        <source>The film is not in the library; find its original on the Shelf.</source>
        <translation>Der Film ist nicht in der Bibliothek; sein Original auf dem Regal suchen.</translation>
    </message>
    <message>
        <source>The film is not where it lay; find it on the Shelf.</source>
        <translation>Der Film ist nicht, wo er lag; ihn auf dem Regal suchen.</translation>
    </message>
    <message>
        <source>The film is not what came in; find its original on the Shelf.</source>
        <translation>Der Film ist nicht, was hereinkam; sein Original auf dem Regal suchen.</translation>
    </message>
</context>
<context>
    <name>Signal</name>
    <message>
        <source>DANGER</source>
        <translation>GEFAHR</translation>
    </message>
    <message>
        <source>WARNING</source>
        <translation>WARNUNG</translation>
    </message>
    <message>
        <source>CAUTION</source>
        <translation>VORSICHT</translation>
    </message>
    <message>
        <source>NOTICE</source>
        <translation>HINWEIS</translation>
    </message>
</context>
<context>
    <name>StepCard</name>
    <message>
        <source>What the line orders</source>
        <translation>Was die Zeile anordnet</translation>
    </message>
    <message>
        <source>Dry run:</source>
        <translation>Trockenlauf:</translation>
    </message>
    <message>
        <source>run %1</source>
        <translation>Durchlauf %1</translation>
    </message>
    <message>
        <source>At the machine:</source>
        <translation>An der Maschine:</translation>
    </message>
    <message>
        <source>The editor can put it right.</source>
        <translation>Der Prüfer des Textes kann es berichtigen.</translation>
    </message>
</context>
<context>
    <name>StepCommandsWords</name>
    <message>
        <source>This picture is kept for the step that is marked over it.</source>
        <translation>Dieses Bild wird für den Schritt behalten, der darüber angezeichnet wird.</translation>
    </message>
    <message>
        <source>This is the sharpest picture of the step.</source>
        <translation>Das ist das schärfste Bild des Schrittes.</translation>
    </message>
    <message>
        <source>There is no pause in the sound of this recording.</source>
        <translation>Im Ton dieser Aufnahme gibt es keine Pause.</translation>
    </message>
    <message>
        <source>The edge stands at a pause already.</source>
        <translation>Der Rand steht schon an einer Pause.</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Kontrolle</translation>
    </message>
    <message>
        <source>What is looked at here? What is good and what stops the job is written on the Sheet.</source>
        <translation>Was wird hier angesehen? Was gut ist und was die Arbeit stoppt, wird auf dem Blatt geschrieben.</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Wartezeit</translation>
    </message>
    <message>
        <source>What is waited for? (&quot;until the oil has run down&quot;)</source>
        <translation>Worauf wird gewartet? („bis das Öl heruntergelaufen ist“)</translation>
    </message>
    <message numerus="yes">
        <source>%n steps were drafted from what was said. Look at each and confirm it.</source>
        <comment>1 step was drafted from what was said. Look at it and confirm it.</comment>
        <translation>
            <numerusform>1 Schritt wurde aus dem Gesagten entworfen. Ansehen und bestätigen.</numerusform>
            <numerusform>%n Schritte wurden aus dem Gesagten entworfen. Jeden ansehen und bestätigen.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>StepFormsWords</name>
    <message>
        <source>Choose a step first.</source>
        <translation>Zuerst einen Schritt wählen.</translation>
    </message>
    <message>
        <source>Applies to</source>
        <translation>Gilt für</translation>
    </message>
    <message>
        <source>Applies to, and machine state</source>
        <translation>Gilt für, und Maschinenzustand</translation>
    </message>
    <message>
        <source>The guide is for one kind of machine; name its variants in the guide settings to tell them apart here.</source>
        <translation>Die Anleitung gilt für eine Art von Maschine; ihre Ausführungen in den Einstellungen der Anleitung nennen, um sie hier zu unterscheiden.</translation>
    </message>
    <message>
        <source>The machine is</source>
        <translation>Die Maschine ist</translation>
    </message>
    <message>
        <source>A step applies to at least one variant; remove the step where it applies to none.</source>
        <translation>Ein Schritt gilt für mindestens eine Ausführung; gilt er für keine, den Schritt entfernen.</translation>
    </message>
    <message>
        <source>A caution before what it warns of</source>
        <translation>Ein Warnhinweis vor dem, wovor er warnt</translation>
    </message>
    <message>
        <source>The caution by its parts</source>
        <translation>Der Warnhinweis aus seinen Teilen</translation>
    </message>
    <message>
        <source>another hazard</source>
        <translation>eine andere Gefahr</translation>
    </message>
    <message>
        <source>&amp;Hazard</source>
        <translation>&amp;Gefahr</translation>
    </message>
    <message>
        <source>What can &amp;happen</source>
        <translation>Was &amp;geschehen kann</translation>
    </message>
    <message>
        <source>it will kill or seriously injure: DANGER</source>
        <translation>es tötet oder verletzt schwer: GEFAHR</translation>
    </message>
    <message>
        <source>it can kill or seriously injure: WARNING</source>
        <translation>es kann töten oder schwer verletzen: WARNUNG</translation>
    </message>
    <message>
        <source>it can cause a minor injury: CAUTION</source>
        <translation>es kann leicht verletzen: VORSICHT</translation>
    </message>
    <message>
        <source>it can damage the machine or the surroundings: NOTICE</source>
        <translation>es kann die Maschine oder die Umgebung beschädigen: HINWEIS</translation>
    </message>
    <message>
        <source>&amp;Source of harm</source>
        <translation>&amp;Quelle des Schadens</translation>
    </message>
    <message>
        <source>Hot oil</source>
        <translation>Heißes Öl</translation>
    </message>
    <message>
        <source>What it &amp;does</source>
        <translation>Was es &amp;tut</translation>
    </message>
    <message>
        <source>burns.</source>
        <translation>verbrennt.</translation>
    </message>
    <message>
        <source>How to &amp;avoid it</source>
        <translation>Wie man es &amp;vermeidet</translation>
    </message>
    <message>
        <source>Let it cool; wear gloves.</source>
        <translation>Abkühlen lassen; Handschuhe tragen.</translation>
    </message>
    <message>
        <source>The signal word follows from what can happen, not from taste (ANSI Z535.6, ISO 3864-2). The maker&apos;s book and the site&apos;s rules come first.</source>
        <translation>Das Signalwort folgt daraus, was geschehen kann, nicht aus dem Geschmack (ANSI Z535.6, ISO 3864-2). Das Buch des Herstellers und die Regeln am Ort gehen vor.</translation>
    </message>
    <message>
        <source>Say what does the harm.</source>
        <translation>Sagen, was den Schaden tut.</translation>
    </message>
    <message>
        <source>Say what can happen and how to avoid it: a warning alone does not help the reader.</source>
        <translation>Sagen, was geschehen kann und wie man es vermeidet: eine Warnung allein hilft beim Lesen nicht.</translation>
    </message>
    <message>
        <source>What is looked at, and what is good</source>
        <translation>Was angesehen wird, und was gut ist</translation>
    </message>
    <message>
        <source>&amp;Look at</source>
        <translation>&amp;Ansehen</translation>
    </message>
    <message>
        <source>mesh of the strainer</source>
        <translation>Gewebe des Siebs</translation>
    </message>
    <message>
        <source>&amp;Good is</source>
        <translation>&amp;Gut ist</translation>
    </message>
    <message>
        <source>whole and clean</source>
        <translation>ganz und sauber</translation>
    </message>
    <message>
        <source>&amp;Stop when</source>
        <translation>&amp;Stopp, wenn</translation>
    </message>
    <message>
        <source>torn or full of chips</source>
        <translation>gerissen oder voller Späne</translation>
    </message>
    <message>
        <source>Then &amp;ask</source>
        <translation>Dann &amp;fragen</translation>
    </message>
    <message>
        <source>the instructor</source>
        <translation>den Ausbilder</translation>
    </message>
    <message>
        <source>&amp;Write down</source>
        <translation>&amp;Aufschreiben</translation>
    </message>
    <message>
        <source>nothing; or what is read: hour meter</source>
        <translation>nichts; oder was abgelesen wird: Stundenzähler</translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation>&amp;Einheit</translation>
    </message>
    <message>
        <source>h, bar, mm; empty where a word is written</source>
        <translation>h, bar, mm; leer, wo ein Wort geschrieben wird</translation>
    </message>
    <message>
        <source>Must lie &amp;within</source>
        <translation>Muss liegen &amp;zwischen</translation>
    </message>
    <message>
        <source>no limits are known</source>
        <translation>keine Grenzen bekannt</translation>
    </message>
    <message>
        <source>Say what is looked at.</source>
        <translation>Sagen, was angesehen wird.</translation>
    </message>
    <message>
        <source>Say what is good and what stops the job; a check without both leaves the learner alone.</source>
        <translation>Sagen, was gut ist und was die Arbeit stoppt; eine Kontrolle ohne beides lässt Lernende allein.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no unit known here; h, bar, mm, L and °C are.</source>
        <translation>„%1“ ist hier keine Einheit; h, bar, mm, L und °C sind es.</translation>
    </message>
    <message>
        <source>Say what is written down.</source>
        <translation>Sagen, was aufgeschrieben wird.</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Wartezeit</translation>
    </message>
    <message>
        <source>How &amp;long</source>
        <translation>Wie &amp;lange</translation>
    </message>
    <message>
        <source>no time is known: until what is said below</source>
        <translation>keine Zeit bekannt: bis zu dem, was unten steht</translation>
    </message>
    <message>
        <source>For &amp;what</source>
        <translation>&amp;Worauf</translation>
    </message>
    <message>
        <source>until the oil has run into the sump</source>
        <translation>bis das Öl in die Wanne gelaufen ist</translation>
    </message>
    <message>
        <source>Say how long, or what is waited for.</source>
        <translation>Sagen, wie lange oder worauf gewartet wird.</translation>
    </message>
    <message>
        <source>How one kind of display is set back</source>
        <translation>Wie eine Art von Anzeige zurückgesetzt wird</translation>
    </message>
    <message>
        <source>display with two buttons</source>
        <translation>Anzeige mit zwei Tasten</translation>
    </message>
    <message>
        <source>Display</source>
        <translation>Anzeige</translation>
    </message>
    <message>
        <source>&amp;Display</source>
        <translation>&amp;Anzeige</translation>
    </message>
    <message>
        <source>One more press</source>
        <translation>Noch ein Druck</translation>
    </message>
    <message>
        <source>A further row for a button that is pressed.</source>
        <translation>Eine weitere Zeile für eine Taste, die gedrückt wird.</translation>
    </message>
    <message>
        <source>Presses</source>
        <translation>Tastendrücke</translation>
    </message>
    <message>
        <source>Say which display it is: a learner has to know it again.</source>
        <translation>Sagen, welche Anzeige es ist: Lernende müssen sie wiedererkennen.</translation>
    </message>
    <message>
        <source>Say which button is pressed first.</source>
        <translation>Sagen, welche Taste zuerst gedrückt wird.</translation>
    </message>
    <message>
        <source>What is done</source>
        <translation>Was getan wird</translation>
    </message>
    <message>
        <source>button: MODE</source>
        <translation>Taste: MODE</translation>
    </message>
    <message>
        <source>Button %1</source>
        <translation>Taste %1</translation>
    </message>
    <message>
        <source>How often</source>
        <translation>Wie oft</translation>
    </message>
    <message>
        <source>time not known</source>
        <translation>Dauer nicht bekannt</translation>
    </message>
    <message>
        <source>for %1</source>
        <translation>für %1</translation>
    </message>
    <message>
        <source>How long</source>
        <translation>Wie lange</translation>
    </message>
    <message>
        <source>display shows then</source>
        <translation>Anzeige zeigt dann</translation>
    </message>
    <message>
        <source>Display shows %1</source>
        <translation>Anzeige zeigt %1</translation>
    </message>
    <message>
        <source>Set a display back</source>
        <translation>Eine Anzeige zurücksetzen</translation>
    </message>
    <message>
        <source>another display</source>
        <translation>andere Anzeige</translation>
    </message>
    <message>
        <source>&amp;Which</source>
        <translation>&amp;Welche</translation>
    </message>
    <message>
        <source>write it</source>
        <translation>aufschreiben</translation>
    </message>
    <message>
        <source>take it out</source>
        <translation>herausnehmen</translation>
    </message>
    <message>
        <source>&amp;Do</source>
        <translation>&amp;Tun</translation>
    </message>
    <message>
        <source>There is nothing to remove yet.</source>
        <translation>Es gibt noch nichts zu entfernen.</translation>
    </message>
    <message>
        <source>Follow-ups</source>
        <translation>Folgearbeiten</translation>
    </message>
    <message>
        <source>What is done after the job: look again after the first hour, tomorrow, when cold. It is printed at the end of the guide, with a box to tick. {item:…} and {figure:…} name things as in a line. An empty row is removed.</source>
        <translation>Was nach der Arbeit getan wird: nach der ersten Stunde, morgen, wenn sie kalt ist noch einmal nachsehen. Es wird am Ende der Anleitung gedruckt, mit einem Kästchen zum Abhaken. {item:…} und {figure:…} nennen Dinge wie in einer Zeile. Eine leere Zeile wird entfernt.</translation>
    </message>
    <message>
        <source>after the first hour</source>
        <translation>nach der ersten Stunde</translation>
    </message>
    <message>
        <source>look again for a drip</source>
        <translation>noch einmal nach Tropfen sehen</translation>
    </message>
    <message>
        <source>When %1</source>
        <translation>Wann %1</translation>
    </message>
    <message>
        <source>What %1</source>
        <translation>Was %1</translation>
    </message>
    <message>
        <source>Each needs both: when, and what.</source>
        <translation>Jede braucht beides: wann, und was.</translation>
    </message>
    <message>
        <source>Comments on this step</source>
        <translation>Kommentare zu diesem Schritt</translation>
    </message>
    <message>
        <source>Comments on line %1</source>
        <translation>Kommentare zu Zeile %1</translation>
    </message>
    <message>
        <source>Answer</source>
        <translation>Antwort</translation>
    </message>
    <message>
        <source>what came of it</source>
        <translation>was daraus wurde</translation>
    </message>
    <message>
        <source>done with</source>
        <translation>erledigt</translation>
    </message>
    <message>
        <source>&amp;Who says it</source>
        <translation>&amp;Wer es sagt</translation>
    </message>
    <message>
        <source>by post: checker, learner 07</source>
        <translation>als Funktion: Prüfer, Lernender 07</translation>
    </message>
    <message>
        <source>&amp;Comment</source>
        <translation>&amp;Kommentar</translation>
    </message>
    <message>
        <source>what is unclear, wrong or missing here</source>
        <translation>was hier unklar, falsch oder nicht da ist</translation>
    </message>
    <message>
        <source>Say who says it, by post.</source>
        <translation>Sagen, wer es sagt, als Funktion.</translation>
    </message>
</context>
<context>
    <name>Tape</name>
    <message>
        <source>Nothing that is done was heard on this recording; bracket the steps by hand with [ and ].</source>
        <translation>Nichts, was getan wird, war auf dieser Aufnahme zu hören; die Schritte von Hand mit [ und ] anzeichnen.</translation>
    </message>
    <message>
        <source>Everything that was heard is in a step already.</source>
        <translation>Alles, was zu hören war, ist schon in einem Schritt.</translation>
    </message>
    <message>
        <source>There is no step here.</source>
        <translation>Hier ist kein Schritt.</translation>
    </message>
    <message>
        <source>This step is no draft; there is nothing to confirm.</source>
        <translation>Dieser Schritt ist kein Entwurf; es gibt nichts zu bestätigen.</translation>
    </message>
    <message>
        <source>There is no step here yet; bracket one first.</source>
        <translation>Hier ist noch kein Schritt; erst einen anzeichnen.</translation>
    </message>
    <message>
        <source>This caution is in the step already.</source>
        <translation>Dieser Warnhinweis ist schon im Schritt.</translation>
    </message>
    <message>
        <source>An empty note says nothing; write what is missing or to be looked up.</source>
        <translation>Ein leerer Vermerk sagt nichts; schreiben, was fehlt oder nachzuschlagen ist.</translation>
    </message>
    <message>
        <source>This is noted here already.</source>
        <translation>Das ist hier schon vermerkt.</translation>
    </message>
    <message>
        <source>This note is gone already.</source>
        <translation>Dieser Vermerk ist schon weg.</translation>
    </message>
    <message>
        <source>Between this line and the next one tied to the film the words would run at less than half or more than double their pace; untie that line, or choose the moment again.</source>
        <translation>Zwischen dieser Zeile und der nächsten, die an den Film gebunden ist, liefen die Worte weniger als halb oder mehr als doppelt so schnell; jene lösen, oder den Augenblick neu wählen.</translation>
    </message>
    <message>
        <source>A line cannot be emptied; drop it as talk if it says nothing.</source>
        <translation>Eine Zeile kann nicht geleert werden; sie als Gerede weglassen, wenn sie nichts sagt.</translation>
    </message>
    <message>
        <source>An empty line says nothing; write what is done or said here.</source>
        <translation>Eine leere Zeile sagt nichts; schreiben, was hier getan oder gesagt wird.</translation>
    </message>
    <message>
        <source>A line you typed begins at this moment already; E changes its words, or type the new one a frame later.</source>
        <translation>In diesem Augenblick beginnt schon eine getippte Zeile; E ändert ihre Worte, oder die neue ein Einzelbild später tippen.</translation>
    </message>
    <message>
        <source>No line you typed begins at this moment.</source>
        <translation>In diesem Augenblick beginnt keine getippte Zeile.</translation>
    </message>
    <message>
        <source>Nothing is said here that could be tied to the film.</source>
        <translation>Hier wird nichts gesagt, das an den Film gebunden werden könnte.</translation>
    </message>
    <message>
        <source>This line is not tied to the film.</source>
        <translation>Diese Zeile ist nicht an den Film gebunden.</translation>
    </message>
    <message>
        <source>There is no step here; bracket one first.</source>
        <translation>Hier ist kein Schritt; erst einen anzeichnen.</translation>
    </message>
    <message>
        <source>This step has no stretch in this recording.</source>
        <translation>Dieser Schritt hat keine Strecke in dieser Aufnahme.</translation>
    </message>
    <message>
        <source>A step is divided within its stretch of the tape; go to a frame between its ends.</source>
        <translation>Ein Schritt wird innerhalb seiner Strecke des Bandes geteilt; zu einem Einzelbild zwischen seinen Enden gehen.</translation>
    </message>
    <message>
        <source>This is the last step; there is none after it to join.</source>
        <translation>Das ist der letzte Schritt; nach ihm ist keiner, der zu verbinden wäre.</translation>
    </message>
    <message>
        <source>The two steps follow different methods; choose one method for both, or leave them two.</source>
        <translation>Die beiden Schritte folgen verschiedenem Vorgehen; eines für beide wählen, oder sie zwei sein lassen.</translation>
    </message>
    <message>
        <source>The two steps apply to different variants; they stay two.</source>
        <translation>Die beiden Schritte gelten für verschiedene Ausführungn; sie bleiben zwei.</translation>
    </message>
    <message>
        <source>A step needs a stretch of the tape; its ends cannot meet.</source>
        <translation>Ein Schritt braucht eine Strecke des Bandes; seine Enden können sich nicht treffen.</translation>
    </message>
    <message>
        <source>The step has this one take only; press A to bracket another.</source>
        <translation>Der Schritt hat nur diese eine Aufnahme; A drücken, um eine andere anzuzeichnen.</translation>
    </message>
    <message>
        <source>This is the best take already.</source>
        <translation>Das ist schon die beste Aufnahme.</translation>
    </message>
    <message>
        <source>This is the step&apos;s only take; remove the step if it is not wanted.</source>
        <translation>Das ist die einzige Aufnahme des Schritts; den Schritt entfernen, wenn er nicht gewollt ist.</translation>
    </message>
</context>
<context>
    <name>TapeReasonsWords</name>
    <message>
        <source>This recording has a narration; correct its lines where they are wrong.</source>
        <translation>Diese Aufnahme hat eine Mitschrift; ihre Zeilen berichtigen, wo sie falsch sind.</translation>
    </message>
    <message>
        <source>This recording has no sound; type what is done, a line at a time.</source>
        <translation>Diese Aufnahme hat keinen Ton; tippen, was getan wird, Zeile für Zeile.</translation>
    </message>
    <message>
        <source>No recording is open; import one on the Shelf.</source>
        <translation>Keine Aufnahme ist offen; am Regal eine importieren.</translation>
    </message>
    <message>
        <source>There is no step at this moment; open one first.</source>
        <translation>An diesem Moment ist kein Schritt; zuerst einen öffnen.</translation>
    </message>
    <message>
        <source>Every drafted step is confirmed.</source>
        <translation>Jeder entworfene Schritt ist bestätigt.</translation>
    </message>
    <message>
        <source>No step is open; open one where it begins.</source>
        <translation>Kein Schritt ist offen; einen öffnen, wo er beginnt.</translation>
    </message>
    <message>
        <source>Choose the step that is done again here first.</source>
        <translation>Zuerst den Schritt wählen, der hier noch einmal getan wird.</translation>
    </message>
    <message>
        <source>This step has one take only.</source>
        <translation>Dieser Schritt hat nur eine Fassung.</translation>
    </message>
    <message>
        <source>Nothing is said at this moment.</source>
        <translation>An diesem Moment wird nichts gesagt.</translation>
    </message>
    <message>
        <source>This recording has no narration; let the program hear it, or type lines.</source>
        <translation>Diese Aufnahme hat keine Mitschrift; das Programm hören lassen oder Zeilen tippen.</translation>
    </message>
    <message>
        <source>It is being heard.</source>
        <translation>Sie wird gerade angehört.</translation>
    </message>
    <message>
        <source>Confirm the drafted steps first.</source>
        <translation>Zuerst die entworfenen Schritte bestätigen.</translation>
    </message>
    <message>
        <source>No untaken figure is said in this line.</source>
        <translation>In dieser Zeile wird kein noch nicht übernommener Wert gesagt.</translation>
    </message>
    <message>
        <source>This line has no mark that is still open.</source>
        <translation>Diese Zeile hat keine Marke, die noch offen ist.</translation>
    </message>
    <message>
        <source>Nobody is heard at this moment.</source>
        <translation>An diesem Moment ist niemand zu hören.</translation>
    </message>
    <message>
        <source>There is no line of the narration here that could be tied to the film.</source>
        <translation>Hier ist keine Zeile der Mitschrift, die sich an den Film binden ließe.</translation>
    </message>
    <message>
        <source>There is no note within two seconds of this moment.</source>
        <translation>Innerhalb von zwei Sekunden um diesen Moment ist keine Notiz.</translation>
    </message>
    <message>
        <source>No other camera is aligned with this recording.</source>
        <translation>Keine andere Kamera ist an dieser Aufnahme ausgerichtet.</translation>
    </message>
    <message>
        <source>The guide has no other recording.</source>
        <translation>Die Anleitung hat keine andere Aufnahme.</translation>
    </message>
</context>
<context>
    <name>Tasks</name>
    <message>
        <source>What was said and what the book gives still stand against each other.</source>
        <translation>Was gesagt wurde und was das Buch angibt, stehen noch gegeneinander.</translation>
    </message>
    <message>
        <source>No source gives the value any more; Undo brings it back.</source>
        <translation>Keine Quelle gibt den Wert mehr an; Rückgängig holt sie zurück.</translation>
    </message>
    <message>
        <source>The step has no check of the wing nuts yet.</source>
        <translation>Der Schritt hat noch keine Prüfung der Flügelmuttern.</translation>
    </message>
    <message>
        <source>The new check does not say what to look at.</source>
        <translation>Die neue Prüfung sagt nicht, was anzusehen ist.</translation>
    </message>
    <message>
        <source>The new check does not say what is good.</source>
        <translation>Die neue Prüfung sagt nicht, was gut ist.</translation>
    </message>
    <message>
        <source>The new check does not say what stops the work.</source>
        <translation>Die neue Prüfung sagt nicht, was die Arbeit anhält.</translation>
    </message>
    <message>
        <source>The wing nuts have no number on a picture yet.</source>
        <translation>Die Flügelmuttern haben noch keine Nummer auf einem Bild.</translation>
    </message>
</context>
<context>
    <name>Taught</name>
    <message numerus="yes">
        <source>%n runs</source>
        <comment>1 run</comment>
        <translation>
            <numerusform>1 Lauf</numerusform>
            <numerusform>%n Läufen</numerusform>
        </translation>
    </message>
    <message>
        <source>{0} ({1} times)</source>
        <translation>{0} ({1}-mal)</translation>
    </message>
    <message>
        <source>{1} of {2} stopped here: {0}.</source>
        <translation>{1} von {2} hielten hier an: {0}.</translation>
    </message>
    <message>
        <source>Left out in {1}: {0}.</source>
        <translation>Ausgelassen in {1}: {0}.</translation>
    </message>
    <message>
        <source>{1}: outside its limits: {0}.</source>
        <translation>{1}: außerhalb der Grenzen: {0}.</translation>
    </message>
    <message>
        <source>{1}: near its limits: {0}.</source>
        <translation>{1}: nahe an den Grenzen: {0}.</translation>
    </message>
    <message>
        <source>Did not look good: {0}.</source>
        <translation>Sah nicht gut aus: {0}.</translation>
    </message>
    <message>
        <source>Found here: {0}.</source>
        <translation>Hier gefunden: {0}.</translation>
    </message>
    <message numerus="yes">
        <source>Asked about this step, %n learners were wrong at first.</source>
        <comment>Asked about this step, 1 learner was wrong at first.</comment>
        <translation>
            <numerusform>Nach diesem Schritt gefragt, lag 1 Lernender zuerst falsch.</numerusform>
            <numerusform>Nach diesem Schritt gefragt, lagen %n Lernende zuerst falsch.</numerusform>
        </translation>
    </message>
    <message>
        <source>{0} in the middle of {1}, half of them {2} to {3}</source>
        <translation>{0} in der Mitte von {1}, die Hälfte davon {2} bis {3}</translation>
    </message>
</context>
<context>
    <name>Torque</name>
    <message>
        <source>Between 1 and {0} bolts can be put in order.</source>
        <translation>Zwischen 1 und {0} Schrauben können geordnet werden.</translation>
    </message>
    <message>
        <source>Each stage must be above the one before, as in 20,40,60.</source>
        <translation>Jede Stufe muss über der davor liegen, wie 20,40,60.</translation>
    </message>
    <message>
        <source>Widths across flats between 3 and 100 mm can be compared.</source>
        <translation>Schlüsselweiten zwischen 3 und 100 mm können verglichen werden.</translation>
    </message>
    <message>
        <source>{0} flat</source>
        <translation>{0} Schlüsselfläche</translation>
    </message>
    <message>
        <source>{0} flats</source>
        <translation>{0} Schlüsselflächen</translation>
    </message>
    <message>
        <source>about {0} flat</source>
        <translation>etwa {0} Schlüsselfläche</translation>
    </message>
    <message>
        <source>about {0} flats</source>
        <translation>etwa {0} Schlüsselflächen</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no metric thread; write it as M6 or M14x1.5.</source>
        <translation>&quot;{0}&quot; ist kein metrisches Gewinde; schreiben wie M6 oder M14x1.5.</translation>
    </message>
    <message>
        <source>Threads from M2 to M48 are known here.</source>
        <translation>Gewinde von M2 bis M48 sind hier bekannt.</translation>
    </message>
    <message>
        <source>M{0} has no coarse pitch in ISO 261: say which pitch it has, as in M14x1.5.</source>
        <translation>M{0} hat in ISO 261 keine Regelsteigung: sagen, welche Steigung es hat, wie M14x1.5.</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no property class known here; one such as 8.8 or 10.9 is.</source>
        <translation>&quot;{0}&quot; ist keine hier bekannte Festigkeitsklasse; eine wie 8.8 oder 10.9 ist es.</translation>
    </message>
    <message>
        <source>{0} in {1}</source>
        <translation>{0} in {1}</translation>
    </message>
    <message>
        <source>{0}, hollow</source>
        <translation>{0}, hohl</translation>
    </message>
    <message>
        <source>{0} N·m is far above the usual {1} to {2} N·m for {3}: a slip of unit?</source>
        <translation>{0} N·m liegt weit über den üblichen {1} bis {2} N·m für {3}: die Einheit vertauscht?</translation>
    </message>
    <message>
        <source>{0} N·m is far below the usual {1} to {2} N·m for {3}: a slip of unit?</source>
        <translation>{0} N·m liegt weit unter den üblichen {1} bis {2} N·m für {3}: die Einheit vertauscht?</translation>
    </message>
    <message>
        <source>The torque must be more than nothing.</source>
        <translation>Das Drehmoment muss mehr als nichts sein.</translation>
    </message>
    <message>
        <source>The arm, from the drive to the middle of the grip, must be longer than nothing.</source>
        <translation>Der Arm, vom Antrieb bis zur Mitte des Griffs, muss länger als nichts sein.</translation>
    </message>
    <message>
        <source>The extension cannot be shorter than nothing; turn it with --angle 180 to fold it back.</source>
        <translation>Die Verlängerung kann nicht kürzer als nichts sein; sie mit --angle 180 zurückklappen.</translation>
    </message>
    <message>
        <source>The angle is given in degrees between 0 (in line) and 180 (folded back).</source>
        <translation>Der Winkel wird in Grad zwischen 0 (in Linie) und 180 (zurückgeklappt) angegeben.</translation>
    </message>
    <message>
        <source>Folded back that far the fastener lies under the hand: no setting turns it.</source>
        <translation>So weit zurückgeklappt liegt die Befestigung unter der Hand: Keine Einstellung dreht ihn.</translation>
    </message>
    <message>
        <source>The scale needs a step between its marks.</source>
        <translation>Die Skala braucht einen Schritt zwischen ihren Marken.</translation>
    </message>
    <message>
        <source>The scale must run upwards, from its first mark to its last.</source>
        <translation>Die Skala muss aufwärts laufen, von ihrer ersten Marke zur letzten.</translation>
    </message>
    <message>
        <source>{0} is beyond the end of the scale at {1}: take a larger wrench.</source>
        <translation>{0} liegt über dem Ende der Skala bei {1}: einen größeren Schlüssel nehmen.</translation>
    </message>
    <message>
        <source>{0} is below the first mark at {1}: take a smaller wrench.</source>
        <translation>{0} liegt unter der ersten Marke bei {1}: einen kleineren Schlüssel nehmen.</translation>
    </message>
    <message>
        <source>{0} is below 20 % of the scale&apos;s end ({1}), where a wrench is no longer accurate: take a smaller one.</source>
        <translation>{0} liegt unter 20 % des Skalenendes ({1}), wo ein Schlüssel nicht mehr genau ist: einen kleineren nehmen.</translation>
    </message>
    <message>
        <source>The nearest mark is {0} % off and the wrench itself may be {1} % off; together that is more than the {2} % allowed.</source>
        <translation>Die nächste Marke liegt {0} % daneben, und der Schlüssel selbst kann {1} % daneben liegen; zusammen ist das mehr als die erlaubten {2} %.</translation>
    </message>
    <message>
        <source>The nearest mark is {0} % off, more than the {1} % allowed.</source>
        <translation>Die nächste Marke liegt {0} % daneben, mehr als die erlaubten {1} %.</translation>
    </message>
    <message>
        <source>mark {0}</source>
        <translation>Marke {0}</translation>
    </message>
    <message numerus="yes">
        <source>mark {0} and %n fine marks more</source>
        <comment>mark {0} and 1 fine mark more</comment>
        <translation>
            <numerusform>Marke {0} und 1 feine Marke mehr</numerusform>
            <numerusform>Marke {0} und %n feine Marken mehr</numerusform>
        </translation>
    </message>
    <message>
        <source>Its effective length is not known, so the extension cannot be reckoned with: measure it, or set the extension at right angles.</source>
        <translation>Seine wirksame Länge ist nicht bekannt, darum lässt sich mit der Verlängerung nicht rechnen: sie messen, oder die Verlängerung rechtwinklig ansetzen.</translation>
    </message>
    <message>
        <source>It was never calibrated, or nobody wrote it down.</source>
        <translation>Er wurde nie kalibriert, oder niemand hat es aufgeschrieben.</translation>
    </message>
    <message>
        <source>Its calibration ran out on {0}: have it calibrated first.</source>
        <translation>Seine Kalibrierung lief am {0} ab: ihn erst kalibrieren lassen.</translation>
    </message>
    <message>
        <source>Set {0} {1} ({2}): that is {3} N·m at the fastener, {4} %.</source>
        <translation>{0} {1} einstellen ({2}): das sind {3} N·m an der Befestigung, {4} %.</translation>
    </message>
    <message>
        <source>The wrench sent “{0}”: {1}</source>
        <translation>Der Schlüssel sendete „{0}“: {1}</translation>
    </message>
    <message>
        <source>The wrench sent a line that is none; readings may be lost.</source>
        <translation>Der Schlüssel sendete eine Zeile, die keine ist; Ablesungen können verloren sein.</translation>
    </message>
    <message>
        <source>Reading {0} of the wrench was lost; take it again.</source>
        <translation>Ablesung {0} des Schlüssels ging verloren; sie neu nehmen.</translation>
    </message>
    <message>
        <source>Readings {0} to {1} of the wrench were lost; take them again.</source>
        <translation>Ablesungen {0} bis {1} des Schlüssels gingen verloren; sie neu nehmen.</translation>
    </message>
</context>
<context>
    <name>Translation</name>
    <message numerus="yes">
        <source>%n texts are not translated</source>
        <comment>1 text is not translated</comment>
        <translation>
            <numerusform>1 Text ist nicht übersetzt</numerusform>
            <numerusform>%n Texte sind nicht übersetzt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n texts changed since they were translated</source>
        <comment>1 text changed since it was translated</comment>
        <translation>
            <numerusform>1 Text hat sich seit der Übersetzung geändert</numerusform>
            <numerusform>%n Texte haben sich seit der Übersetzung geändert</numerusform>
        </translation>
    </message>
    <message>
        <source>{0}: {1}.</source>
        <translation>{0}: {1}.</translation>
    </message>
    <message>
        <source>{0}: {1}, and {2}.</source>
        <translation>{0}: {1}, und {2}.</translation>
    </message>
</context>
<context>
    <name>Units</name>
    <message>
        <source>{0} newton metres</source>
        <translation>{0} Newtonmeter</translation>
    </message>
    <message>
        <source>{0} newton metre</source>
        <translation>{0} Newtonmeter</translation>
    </message>
    <message>
        <source>{0} foot pounds</source>
        <translation>{0} Foot-pounds</translation>
    </message>
    <message>
        <source>{0} foot pound</source>
        <translation>{0} Foot-pound</translation>
    </message>
    <message>
        <source>{0} inch pounds</source>
        <translation>{0} Inch-pounds</translation>
    </message>
    <message>
        <source>{0} inch pound</source>
        <translation>{0} Inch-pound</translation>
    </message>
    <message>
        <source>{0} kilogram-force metres</source>
        <translation>{0} Kilopondmeter</translation>
    </message>
    <message>
        <source>{0} kilogram-force metre</source>
        <translation>{0} Kilopondmeter</translation>
    </message>
    <message>
        <source>{0} turns</source>
        <translation>{0} Umdrehungen</translation>
    </message>
    <message>
        <source>{0} turn</source>
        <translation>{0} Umdrehung</translation>
    </message>
    <message>
        <source>{0} degrees</source>
        <translation>{0} Grad</translation>
    </message>
    <message>
        <source>{0} degree</source>
        <translation>{0} Grad</translation>
    </message>
    <message>
        <source>{0} litres</source>
        <translation>{0} Liter</translation>
    </message>
    <message>
        <source>{0} litre</source>
        <translation>{0} Liter</translation>
    </message>
    <message>
        <source>{0} millilitres</source>
        <translation>{0} Milliliter</translation>
    </message>
    <message>
        <source>{0} millilitre</source>
        <translation>{0} Milliliter</translation>
    </message>
    <message>
        <source>{0} US quarts</source>
        <translation>{0} US-Quarts</translation>
    </message>
    <message>
        <source>{0} US quart</source>
        <translation>{0} US-Quart</translation>
    </message>
    <message>
        <source>{0} US gallons</source>
        <translation>{0} US-Gallonen</translation>
    </message>
    <message>
        <source>{0} US gallon</source>
        <translation>{0} US-Gallone</translation>
    </message>
    <message>
        <source>{0} US pints</source>
        <translation>{0} US-Pints</translation>
    </message>
    <message>
        <source>{0} US pint</source>
        <translation>{0} US-Pint</translation>
    </message>
    <message>
        <source>{0} US fluid ounces</source>
        <translation>{0} US-Flüssigunzen</translation>
    </message>
    <message>
        <source>{0} US fluid ounce</source>
        <translation>{0} US-Flüssigunze</translation>
    </message>
    <message>
        <source>{0} imperial gallons</source>
        <translation>{0} britische Gallonen</translation>
    </message>
    <message>
        <source>{0} imperial gallon</source>
        <translation>{0} britische Gallone</translation>
    </message>
    <message>
        <source>{0} imperial quarts</source>
        <translation>{0} britische Quarts</translation>
    </message>
    <message>
        <source>{0} imperial quart</source>
        <translation>{0} britisches Quart</translation>
    </message>
    <message>
        <source>{0} imperial pints</source>
        <translation>{0} britische Pints</translation>
    </message>
    <message>
        <source>{0} imperial pint</source>
        <translation>{0} britisches Pint</translation>
    </message>
    <message>
        <source>{0} imperial fluid ounces</source>
        <translation>{0} britische Flüssigunzen</translation>
    </message>
    <message>
        <source>{0} imperial fluid ounce</source>
        <translation>{0} britische Flüssigunze</translation>
    </message>
    <message>
        <source>{0} millimetres</source>
        <translation>{0} Millimeter</translation>
    </message>
    <message>
        <source>{0} millimetre</source>
        <translation>{0} Millimeter</translation>
    </message>
    <message>
        <source>{0} centimetres</source>
        <translation>{0} Zentimeter</translation>
    </message>
    <message>
        <source>{0} centimetre</source>
        <translation>{0} Zentimeter</translation>
    </message>
    <message>
        <source>{0} metres</source>
        <translation>{0} Meter</translation>
    </message>
    <message>
        <source>{0} metre</source>
        <translation>{0} Meter</translation>
    </message>
    <message>
        <source>{0} inches</source>
        <translation>{0} Zoll</translation>
    </message>
    <message>
        <source>{0} inch</source>
        <translation>{0} Zoll</translation>
    </message>
    <message>
        <source>{0} thousandths of an inch</source>
        <translation>{0} tausendstel Zoll</translation>
    </message>
    <message>
        <source>{0} thousandth of an inch</source>
        <translation>{0} tausendstel Zoll</translation>
    </message>
    <message>
        <source>{0} kilopascals</source>
        <translation>{0} Kilopascal</translation>
    </message>
    <message>
        <source>{0} kilopascal</source>
        <translation>{0} Kilopascal</translation>
    </message>
    <message>
        <source>{0} bar</source>
        <translation>{0} bar</translation>
    </message>
    <message>
        <source>{0} megapascals</source>
        <translation>{0} Megapascal</translation>
    </message>
    <message>
        <source>{0} megapascal</source>
        <translation>{0} Megapascal</translation>
    </message>
    <message>
        <source>{0} pounds per square inch</source>
        <translation>{0} Pfund je Quadratzoll</translation>
    </message>
    <message>
        <source>{0} pound per square inch</source>
        <translation>{0} Pfund je Quadratzoll</translation>
    </message>
    <message>
        <source>{0} degrees Celsius</source>
        <translation>{0} Grad Celsius</translation>
    </message>
    <message>
        <source>{0} degree Celsius</source>
        <translation>{0} Grad Celsius</translation>
    </message>
    <message>
        <source>{0} degrees Fahrenheit</source>
        <translation>{0} Grad Fahrenheit</translation>
    </message>
    <message>
        <source>{0} degree Fahrenheit</source>
        <translation>{0} Grad Fahrenheit</translation>
    </message>
    <message>
        <source>{0} seconds</source>
        <translation>{0} Sekunden</translation>
    </message>
    <message>
        <source>{0} second</source>
        <translation>{0} Sekunde</translation>
    </message>
    <message>
        <source>{0} minutes</source>
        <translation>{0} Minuten</translation>
    </message>
    <message>
        <source>{0} minute</source>
        <translation>{0} Minute</translation>
    </message>
    <message>
        <source>{0} hours</source>
        <translation>{0} Stunden</translation>
    </message>
    <message>
        <source>{0} hour</source>
        <translation>{0} Stunde</translation>
    </message>
    <message>
        <source>{0} kilometres</source>
        <translation>{0} Kilometer</translation>
    </message>
    <message>
        <source>{0} kilometre</source>
        <translation>{0} Kilometer</translation>
    </message>
    <message>
        <source>{0} miles</source>
        <translation>{0} Meilen</translation>
    </message>
    <message>
        <source>{0} mile</source>
        <translation>{0} Meile</translation>
    </message>
    <message>
        <source>{0} days</source>
        <translation>{0} Tage</translation>
    </message>
    <message>
        <source>{0} day</source>
        <translation>{0} Tag</translation>
    </message>
    <message>
        <source>{0} weeks</source>
        <translation>{0} Wochen</translation>
    </message>
    <message>
        <source>{0} week</source>
        <translation>{0} Woche</translation>
    </message>
    <message>
        <source>{0} months</source>
        <translation>{0} Monate</translation>
    </message>
    <message>
        <source>{0} month</source>
        <translation>{0} Monat</translation>
    </message>
    <message>
        <source>{0} years</source>
        <translation>{0} Jahre</translation>
    </message>
    <message>
        <source>{0} year</source>
        <translation>{0} Jahr</translation>
    </message>
    <message>
        <source>{0} revolutions a minute</source>
        <translation>{0} Umdrehungen in der Minute</translation>
    </message>
    <message>
        <source>{0} revolution a minute</source>
        <translation>{0} Umdrehung in der Minute</translation>
    </message>
    <message>
        <source>{0} per cent</source>
        <translation>{0} Prozent</translation>
    </message>
    <message>
        <source>{0} newtons</source>
        <translation>{0} Newton</translation>
    </message>
    <message>
        <source>{0} newton</source>
        <translation>{0} Newton</translation>
    </message>
    <message>
        <source>{0} pounds of force</source>
        <translation>{0} Pfund Kraft</translation>
    </message>
    <message>
        <source>{0} pound of force</source>
        <translation>{0} Pfund Kraft</translation>
    </message>
    <message>
        <source>{0} times</source>
        <translation>{0}-mal</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>weeks</source>
        <translation>Wochen</translation>
    </message>
    <message>
        <source>months</source>
        <translation>Monate</translation>
    </message>
    <message>
        <source>years</source>
        <translation>Jahre</translation>
    </message>
</context>
<context>
    <name>Values</name>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>{0} to {1}</source>
        <translation>{0} bis {1}</translation>
    </message>
    <message>
        <source>{0}, then {1}</source>
        <translation>{0}, dann {1}</translation>
    </message>
    <message>
        <source>at most {0}</source>
        <translation>höchstens {0}</translation>
    </message>
    <message>
        <source>at least {0}</source>
        <translation>mindestens {0}</translation>
    </message>
    <message>
        <source>{0} turn</source>
        <translation>{0} Umdrehung</translation>
    </message>
    <message>
        <source>{0} turns</source>
        <translation>{0} Umdrehungen</translation>
    </message>
    <message>
        <source>{0} {1}</source>
        <translation>{0} {1}</translation>
    </message>
    <message>
        <source>{0}, then {1}°</source>
        <translation>{0}, dann {1}°</translation>
    </message>
</context>
<context>
    <name>Verbs</name>
    <message>
        <source>drain</source>
        <translation>ablassen</translation>
    </message>
    <message>
        <source>fill</source>
        <translation>füllen</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>fit</source>
        <translation>einbauen</translation>
    </message>
    <message>
        <source>replace</source>
        <translation>ersetzen</translation>
    </message>
    <message>
        <source>tighten</source>
        <translation>festziehen</translation>
    </message>
    <message>
        <source>loosen</source>
        <translation>lösen</translation>
    </message>
    <message>
        <source>open</source>
        <translation>öffnen</translation>
    </message>
    <message>
        <source>close</source>
        <translation>schließen</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>reinigen</translation>
    </message>
    <message>
        <source>inspect</source>
        <translation>untersuchen</translation>
    </message>
    <message>
        <source>check</source>
        <translation>prüfen</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>messen</translation>
    </message>
    <message>
        <source>lubricate</source>
        <translation>schmieren</translation>
    </message>
    <message>
        <source>run</source>
        <translation>laufen lassen</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>anhalten</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>mark</source>
        <translation>kennzeichnen</translation>
    </message>
    <message>
        <source>reset</source>
        <translation>zurücksetzen</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>anheben</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>absenken</translation>
    </message>
    <message>
        <source>pump</source>
        <translation>pumpen</translation>
    </message>
    <message>
        <source>bleed</source>
        <translation>entlüften</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>schneiden</translation>
    </message>
    <message>
        <source>adjust</source>
        <translation>einstellen</translation>
    </message>
    <message>
        <source>record</source>
        <translation>aufzeichnen</translation>
    </message>
    <message>
        <source>dispose</source>
        <translation>entsorgen</translation>
    </message>
    <message>
        <source>connect</source>
        <translation>verbinden</translation>
    </message>
    <message>
        <source>disconnect</source>
        <translation>trennen</translation>
    </message>
    <message>
        <source>place</source>
        <translation>hinstellen</translation>
    </message>
    <message>
        <source>isolate</source>
        <translation>abtrennen</translation>
    </message>
    <message>
        <source>release</source>
        <translation>freigeben</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
</context>
<context>
    <name>WordCommandsWords</name>
    <message>
        <source>“%1” for “%2”</source>
        <translation>„%1“ statt „%2“</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>The same elsewhere</source>
        <translation>Dasselbe an anderer Stelle</translation>
    </message>
    <message numerus="yes">
        <source>The same was heard in %n other lines. Put it right there too: %1?</source>
        <comment>The same was heard in 1 other line. Put it right there too: %1?</comment>
        <translation>
            <numerusform>Dasselbe wurde in 1 anderen Zeile gehört. Auch dort berichtigen: %1?</numerusform>
            <numerusform>Dasselbe wurde in %n anderen Zeilen gehört. Auch dort berichtigen: %1?</numerusform>
        </translation>
    </message>
    <message>
        <source>&amp;All of them</source>
        <translation>&amp;Alle</translation>
    </message>
    <message>
        <source>&amp;This line only</source>
        <translation>Nur &amp;diese Zeile</translation>
    </message>
    <message>
        <source>Not filmed</source>
        <translation>Nicht gefilmt</translation>
    </message>
    <message>
        <source>What is missing here and has to be reshot?</source>
        <translation>Was ist hier nicht da und muss nachgedreht werden?</translation>
    </message>
    <message>
        <source>Look up</source>
        <translation>Nachschlagen</translation>
    </message>
    <message>
        <source>What has to be looked up?</source>
        <translation>Was muss nachgeschlagen werden?</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>For yourself, at this moment:</source>
        <translation>Für Sie selbst, an diesem Moment:</translation>
    </message>
    <message>
        <source>Words of this line</source>
        <translation>Worte dieser Zeile</translation>
    </message>
    <message>
        <source>The recogniser heard: %1</source>
        <translation>Der Erkenner hörte: %1</translation>
    </message>
    <message>
        <source>You typed this line; left empty, it is removed.</source>
        <translation>Diese Zeile haben Sie getippt; bleibt sie leer, wird sie entfernt.</translation>
    </message>
    <message>
        <source>Type a line</source>
        <translation>Eine Zeile tippen</translation>
    </message>
    <message>
        <source>What is done or said here? The line begins at this moment; the film plays on.</source>
        <translation>Was wird hier getan oder gesagt? Die Zeile beginnt an diesem Moment; der Film läuft weiter.</translation>
    </message>
    <message>
        <source>Speaker</source>
        <translation>Sprecher</translation>
    </message>
    <message>
        <source>Who speaks from this line on? Empty: as the narration says.</source>
        <translation>Wer spricht ab dieser Zeile? Leer: wie die Mitschrift sagt.</translation>
    </message>
    <message>
        <source>“%1” is heard here. Tie a second line further down where words and film drift apart.</source>
        <translation>„%1“ ist hier zu hören. Weiter unten, wo Worte und Film auseinanderlaufen, eine zweite Zeile anbinden.</translation>
    </message>
    <message>
        <source>No other recording of this guide heard the same; they were made one after the other, or the sound is too different.</source>
        <translation>Keine andere Aufnahme dieser Anleitung hörte dasselbe; sie wurden nacheinander gemacht, oder der Ton ist zu verschieden.</translation>
    </message>
    <message>
        <source>Both heard the same for %1; the same moment can be seen in the other now.</source>
        <translation>Beide hörten %1 lang dasselbe; derselbe Moment ist jetzt auch in der anderen zu sehen.</translation>
    </message>
</context>
<context>
    <name>WorkedOut</name>
    <message>
        <source>No fluid but the {0} is drained or filled.</source>
        <translation>Keine andere Flüssigkeit wird abgelassen oder aufgefüllt: {0}.</translation>
    </message>
    <message>
        <source>It shares the word “{0}” with the {1}.</source>
        <translation>Es teilt das Wort „{0}“ mit {1}.</translation>
    </message>
    <message>
        <source>The {0} is drained next after it is undone.</source>
        <translation>Als Nächstes nach dem Lösen wird abgelassen: {0}.</translation>
    </message>
    <message>
        <source>The {0} is filled next after it is undone.</source>
        <translation>Als Nächstes nach dem Lösen wird aufgefüllt: {0}.</translation>
    </message>
    <message>
        <source>The {0} closes the {1} at the bottom.</source>
        <translation>{0} schließt unten ({1}).</translation>
    </message>
    <message>
        <source>The {0} closes the {1} at the side.</source>
        <translation>{0} schließt seitlich ({1}).</translation>
    </message>
    <message>
        <source>The {0} closes the {1} where it is filled.</source>
        <translation>{0} schließt, wo gefüllt wird ({1}).</translation>
    </message>
    <message>
        <source>The {0} vents the {1} at the top.</source>
        <translation>{0} entlüftet oben ({1}).</translation>
    </message>
    <message>
        <source>It is called “{0}”.</source>
        <translation>Es heißt „{0}“.</translation>
    </message>
    <message>
        <source>Reached only past the {0}: the {1}.</source>
        <translation>Nur hinter {0} zu erreichen: {1}.</translation>
    </message>
    <message>
        <source>It came off after that and went back before.</source>
        <translation>Es kam danach ab und ging vorher wieder dran.</translation>
    </message>
    <message>
        <source>Its name says so.</source>
        <translation>Sein Name sagt es.</translation>
    </message>
    <message>
        <source>The {0} goes on next after it.</source>
        <translation>{0} kommt als Nächstes danach dran.</translation>
    </message>
    <message>
        <source>The {0} sits under the {1}.</source>
        <translation>{0} sitzt unter {1}.</translation>
    </message>
    <message>
        <source>The {0} is new each time.</source>
        <translation>{0}: jedes Mal neu.</translation>
    </message>
    <message>
        <source>The {0} is new if damaged.</source>
        <translation>{0}: neu, wenn beschädigt.</translation>
    </message>
    <message>
        <source>Its size says “{0}”.</source>
        <translation>Seine Größe sagt „{0}“.</translation>
    </message>
    <message>
        <source>Of {0}, {1} is all the system holds.</source>
        <translation>Von {0} sind {1} alles, was das System fasst.</translation>
    </message>
    <message>
        <source>Of {0}, {1} goes in again.</source>
        <translation>Von {0} gehören {1} wieder hinein.</translation>
    </message>
    <message>
        <source>The figure is called “{0}”.</source>
        <translation>Der Wert heißt „{0}“.</translation>
    </message>
    <message>
        <source>The {0} holds {1}.</source>
        <translation>{0} fasst {1}.</translation>
    </message>
    <message>
        <source>It is the figure about it.</source>
        <translation>Es ist der Wert darüber.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::BackingUp</name>
    <message>
        <source>A backup of this library is due, and %1 is not there. It is made once it is.</source>
        <translation>Eine Sicherung dieser Bibliothek ist fällig, und %1 ist nicht da. Sie wird gemacht, sobald es da ist.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::BackupDialog</name>
    <message>
        <source>Backup</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>Choose a folder first.</source>
        <translation>Zuerst einen Ordner wählen.</translation>
    </message>
    <message>
        <source>Choose folder</source>
        <translation>Ordner wählen</translation>
    </message>
    <message>
        <source>On another disk, or on a stick.</source>
        <translation>Auf einem anderen Datenträger oder einem Stick.</translation>
    </message>
    <message>
        <source>Back up now</source>
        <translation>Jetzt sichern</translation>
    </message>
    <message>
        <source>Makes one beside your work and tries it.</source>
        <translation>Macht eine neben der Arbeit her und probiert sie.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Stops it; the backups before it stay.</source>
        <translation>Hält sie an; die Sicherungen davor bleiben.</translation>
    </message>
    <message>
        <source>None is being made.</source>
        <translation>Es wird keine gemacht.</translation>
    </message>
    <message>
        <source>Backups of this library</source>
        <translation>Sicherungen dieser Bibliothek</translation>
    </message>
    <message>
        <source>a folder on another disk, or on a stick</source>
        <translation>ein Ordner auf einem anderen Datenträger oder einem Stick</translation>
    </message>
    <message>
        <source>Where the backups go</source>
        <translation>Wohin die Sicherungen gehen</translation>
    </message>
    <message>
        <source>One every</source>
        <translation>Eine alle</translation>
    </message>
    <message>
        <source> days</source>
        <translation> Tage</translation>
    </message>
    <message>
        <source>How many days from one backup to the next</source>
        <translation>Wie viele Tage von einer Sicherung zur nächsten</translation>
    </message>
    <message>
        <source>It is made while you work, when it is due and the folder is there.</source>
        <translation>Sie wird gemacht, während Sie arbeiten, wenn sie fällig und der Ordner da ist.</translation>
    </message>
    <message>
        <source>Backups that are there</source>
        <translation>Vorhandene Sicherungen</translation>
    </message>
    <message>
        <source>Each was tried by opening it; the last three stay. On another computer: anagraph FILE.zip</source>
        <translation>Jede wurde durch Öffnen probiert; die letzten drei bleiben. Auf einem anderen Rechner: anagraph DATEI.zip</translation>
    </message>
    <message>
        <source>How far the backup is</source>
        <translation>Wie weit die Sicherung ist</translation>
    </message>
    <message>
        <source>It is being made and tried</source>
        <translation>Sie wird gemacht und probiert</translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation>Was nicht stimmt</translation>
    </message>
    <message>
        <source>A folder for backups</source>
        <translation>Ein Ordner für Sicherungen</translation>
    </message>
    <message>
        <source>%1, %2 · %3</source>
        <translation>%1, %2 · %3</translation>
    </message>
    <message>
        <source>None is made.</source>
        <translation>Es wird keine gemacht.</translation>
    </message>
    <message>
        <source>None is there yet.</source>
        <translation>Es gibt noch keine.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::BenchPicture</name>
    <message>
        <source>No picture</source>
        <translation>Kein Bild</translation>
    </message>
</context>
<context>
    <name>anagraph::app::BenchStation</name>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Begin a run</source>
        <translation>Durchlauf beginnen</translation>
    </message>
    <message>
        <source>Begin the work</source>
        <translation>Arbeit beginnen</translation>
    </message>
    <message>
        <source>Done, next line</source>
        <translation>Fertig, nächste Zeile</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Start the clock</source>
        <translation>Uhr starten</translation>
    </message>
    <message>
        <source>The wait is over</source>
        <translation>Die Wartezeit ist um</translation>
    </message>
    <message>
        <source>Meanwhile</source>
        <translation>Inzwischen</translation>
    </message>
    <message>
        <source>Wait %1</source>
        <translation>%1 warten</translation>
    </message>
    <message>
        <source>To the next step</source>
        <translation>Zum nächsten Schritt</translation>
    </message>
    <message>
        <source>End the run</source>
        <translation>Durchlauf beenden</translation>
    </message>
    <message>
        <source>Put into the logbook</source>
        <translation>Ins Logbuch</translation>
    </message>
    <message>
        <source>Done, go on</source>
        <translation>Fertig, weiter</translation>
    </message>
    <message>
        <source>Begin a run: %1 %2, edition %3</source>
        <translation>Einen Durchlauf beginnen: %1 %2, Ausgabe %3</translation>
    </message>
    <message>
        <source>&amp;Machine</source>
        <translation>&amp;Maschine</translation>
    </message>
    <message>
        <source>its name or serial, or the code of its label</source>
        <translation>ihr Name oder ihre Seriennummer, oder der Code ihres Schildes</translation>
    </message>
    <message>
        <source>&amp;Variant</source>
        <translation>&amp;Ausführung</translation>
    </message>
    <message>
        <source>&amp;Who works</source>
        <translation>&amp;Wer arbeitet</translation>
    </message>
    <message>
        <source>learner 07</source>
        <translation>Lernender 07</translation>
    </message>
    <message>
        <source>&amp;Assessed by</source>
        <translation>&amp;Beurteilt von</translation>
    </message>
    <message>
        <source>may stay empty</source>
        <translation>darf leer bleiben</translation>
    </message>
    <message>
        <source>The logbook knows no machine “%1”; add it there first.</source>
        <translation>Das Logbuch kennt keine Maschine „%1“; zuerst dort eintragen.</translation>
    </message>
    <message>
        <source>Write down: %1</source>
        <translation>Aufschreiben: %1</translation>
    </message>
    <message>
        <source>It should be %1.</source>
        <translation>Es soll %1 sein.</translation>
    </message>
    <message>
        <source>&amp;Reading</source>
        <translation>Ab&amp;lesung</translation>
    </message>
    <message>
        <source>24.8, or 18.3 lbf.ft</source>
        <translation>24,8 oder 18,3 lbf.ft</translation>
    </message>
    <message>
        <source>Not good: %1</source>
        <translation>Nicht gut: %1</translation>
    </message>
    <message>
        <source>&amp;What do you see</source>
        <translation>Was ist zu &amp;sehen</translation>
    </message>
    <message>
        <source>in a word or two</source>
        <translation>in ein, zwei Worten</translation>
    </message>
    <message>
        <source>Say what you see.</source>
        <translation>Sagen, was zu sehen ist.</translation>
    </message>
    <message>
        <source>Why it stays as it is</source>
        <translation>Warum es so bleibt</translation>
    </message>
    <message>
        <source>Both readings are kept, and this reason with them.</source>
        <translation>Beide Ablesungen bleiben, und dieser Grund mit ihnen.</translation>
    </message>
    <message>
        <source>&amp;Reason</source>
        <translation>&amp;Grund</translation>
    </message>
    <message>
        <source>the instructor has seen it</source>
        <translation>der Ausbilder hat es gesehen</translation>
    </message>
    <message>
        <source>Give the reason.</source>
        <translation>Den Grund angeben.</translation>
    </message>
    <message>
        <source>Stop, and ask</source>
        <translation>Stopp, und fragen</translation>
    </message>
    <message>
        <source>Leave the step out</source>
        <translation>Den Schritt auslassen</translation>
    </message>
    <message>
        <source>A run with a step that stopped is no service. It can be done again later, or the run ended.</source>
        <translation>Ein Durchlauf mit einem gestoppten Schritt ist kein Service. Er kann später wieder getan oder der Durchlauf beendet werden.</translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation>&amp;Warum</translation>
    </message>
    <message>
        <source>the thread is crossed</source>
        <translation>das Gewinde ist überdreht</translation>
    </message>
    <message>
        <source>done last week</source>
        <translation>letzte Woche getan</translation>
    </message>
    <message>
        <source>Say why.</source>
        <translation>Sagen, warum.</translation>
    </message>
    <message>
        <source>Found something</source>
        <translation>Etwas gefunden</translation>
    </message>
    <message>
        <source>&amp;What</source>
        <translation>&amp;Was</translation>
    </message>
    <message>
        <source>a chafed pipe, a cracked belt</source>
        <translation>ein gescheuertes Rohr, ein rissiger Riemen</translation>
    </message>
    <message>
        <source>Put &amp;right</source>
        <translation>&amp;Behoben</translation>
    </message>
    <message>
        <source>Say what you found.</source>
        <translation>Sagen, was gefunden wurde.</translation>
    </message>
    <message>
        <source>Written down; it stays open in the logbook until it is put right.</source>
        <translation>Aufgeschrieben; es bleibt im Logbuch offen, bis es behoben ist.</translation>
    </message>
    <message>
        <source>Nothing is open on this machine.</source>
        <translation>An dieser Maschine ist nichts offen.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Put right today</source>
        <translation>Heute behoben</translation>
    </message>
    <message>
        <source>&amp;How</source>
        <translation>&amp;Wie</translation>
    </message>
    <message>
        <source>new hose fitted</source>
        <translation>neuer Schlauch angebracht</translation>
    </message>
    <message>
        <source>It is closed in the logbook.</source>
        <translation>Es ist im Logbuch geschlossen.</translation>
    </message>
    <message>
        <source>What was used</source>
        <translation>Was verbraucht wurde</translation>
    </message>
    <message>
        <source>&amp;Item</source>
        <translation>&amp;Gegenstand</translation>
    </message>
    <message>
        <source>gear oil</source>
        <translation>Getriebeöl</translation>
    </message>
    <message>
        <source>&amp;Amount</source>
        <translation>&amp;Menge</translation>
    </message>
    <message>
        <source>1.7 L, or 1 x</source>
        <translation>1,7 L oder 1 x</translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation>&amp;Nummer</translation>
    </message>
    <message>
        <source>part number; may stay empty</source>
        <translation>Teilenummer; darf leer bleiben</translation>
    </message>
    <message>
        <source>&amp;Batch</source>
        <translation>&amp;Charge</translation>
    </message>
    <message>
        <source>from the label; may stay empty</source>
        <translation>vom Schild; darf leer bleiben</translation>
    </message>
    <message>
        <source>Written down; the store counts it when the run is in the logbook.</source>
        <translation>Aufgeschrieben; das Lager zählt es, wenn der Durchlauf im Logbuch ist.</translation>
    </message>
    <message>
        <source>The photograph is kept with this step.</source>
        <translation>Das Foto bleibt bei diesem Schritt.</translation>
    </message>
    <message>
        <source>Photographs of this step</source>
        <translation>Fotos dieses Schrittes</translation>
    </message>
    <message>
        <source>Pictures (*.jpg *.jpeg *.png)</source>
        <translation>Bilder (*.jpg *.jpeg *.png)</translation>
    </message>
    <message>
        <source>The photograph could not be written to %1: %2. Make room there and take it again.</source>
        <translation>Das Foto konnte nicht nach %1 geschrieben werden: %2. Dort Platz schaffen und es noch einmal aufnehmen.</translation>
    </message>
    <message>
        <source>%1 came from the wrench, but no run is in hand.</source>
        <translation>%1 kam vom Schlüssel, aber kein Durchlauf ist in der Hand.</translation>
    </message>
    <message>
        <source>The wrench is off the line; readings are typed.</source>
        <translation>Der Schlüssel ist von der Leitung; Ablesungen werden getippt.</translation>
    </message>
    <message>
        <source>Wrench on the line</source>
        <translation>Schlüssel an der Leitung</translation>
    </message>
    <message>
        <source>A reading of the wrench is written down by itself, and a good one goes on.</source>
        <translation>Eine Ablesung des Schlüssels wird von selbst aufgeschrieben, und eine gute geht weiter.</translation>
    </message>
    <message>
        <source>&amp;Port</source>
        <translation>&amp;Anschluss</translation>
    </message>
    <message>
        <source>/dev/ttyUSB0</source>
        <translation>/dev/ttyUSB0</translation>
    </message>
    <message>
        <source>The wrench is on the line.</source>
        <translation>Der Schlüssel ist an der Leitung.</translation>
    </message>
    <message>
        <source>Everybody who has to has signed.</source>
        <translation>Alle, die müssen, haben unterschrieben.</translation>
    </message>
    <message>
        <source>Sign the run</source>
        <translation>Den Durchlauf unterschreiben</translation>
    </message>
    <message>
        <source>Whoever signs says that it happened as it stands here. After the first signature nothing of it can be changed.</source>
        <translation>Wer unterschreibt, sagt, dass es so geschah, wie es hier steht. Nach der ersten Unterschrift lässt sich nichts mehr ändern.</translation>
    </message>
    <message>
        <source>&amp;Who signs</source>
        <translation>&amp;Wer unterschreibt</translation>
    </message>
    <message>
        <source>The run on %1 is entry %2 of the logbook.</source>
        <translation>Der Durchlauf an %1 ist Eintrag %2 des Logbuchs.</translation>
    </message>
    <message>
        <source>Give up this run</source>
        <translation>Diesen Durchlauf aufgeben</translation>
    </message>
    <message>
        <source>What was written down in it is lost; it cannot be brought back. A run that stopped belongs into the logbook: go on, stop and end it.</source>
        <translation>Was darin aufgeschrieben wurde, ist verloren und lässt sich nicht zurückholen. Ein gestoppter Durchlauf gehört ins Logbuch: weitergehen, stoppen und beenden.</translation>
    </message>
    <message>
        <source>The run was given up.</source>
        <translation>Der Durchlauf wurde aufgegeben.</translation>
    </message>
    <message>
        <source>The certificate is being written to %1</source>
        <translation>Die Bescheinigung wird nach %1 geschrieben</translation>
    </message>
    <message>
        <source>The certificate is in %1.</source>
        <translation>Die Bescheinigung ist in %1.</translation>
    </message>
    <message>
        <source>The run</source>
        <translation>Der Durchlauf</translation>
    </message>
    <message>
        <source>What is to be done</source>
        <translation>Was zu tun ist</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>Work at the machine</source>
        <translation>An der Maschine arbeiten</translation>
    </message>
    <message>
        <source>Runs under way, and editions to work by</source>
        <translation>Begonnene Durchläufe, und Ausgaben, nach denen gearbeitet wird</translation>
    </message>
    <message>
        <source>How far the learners are</source>
        <translation>Wie weit die Lernenden sind</translation>
    </message>
    <message>
        <source>Learners and guides</source>
        <translation>Lernende und Anleitungen</translation>
    </message>
    <message>
        <source>Before the work</source>
        <translation>Vor der Arbeit</translation>
    </message>
    <message>
        <source>Kit and protective gear, to be ticked</source>
        <translation>Ausrüstung und Schutz, zum Abhaken</translation>
    </message>
    <message>
        <source>The step in hand</source>
        <translation>Der Schritt in der Hand</translation>
    </message>
    <message>
        <source>At the end</source>
        <translation>Am Ende</translation>
    </message>
    <message>
        <source>The steps, and how each was done</source>
        <translation>Die Schritte, und wie jeder getan wurde</translation>
    </message>
    <message>
        <source>One step at a time, with what is read and seen written down as it happens. The same is in every pack, for a tablet without a network.</source>
        <translation>Ein Schritt nach dem anderen; was gelesen und gesehen wird, wird gleich aufgeschrieben. Dasselbe ist in jedem Paket, für ein Tablet ohne Netz.</translation>
    </message>
    <message>
        <source>to be signed</source>
        <translation>zu unterschreiben</translation>
    </message>
    <message>
        <source>before the work</source>
        <translation>vor der Arbeit</translation>
    </message>
    <message>
        <source>step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>Under way: %1 %2, %3, %4, %5</source>
        <translation>Begonnen: %1 %2, %3, %4, %5</translation>
    </message>
    <message>
        <source>%1 %2, edition %3</source>
        <translation>%1 %2, Ausgabe %3</translation>
    </message>
    <message>
        <source>No edition is issued yet; issue a guide first.</source>
        <translation>Noch keine Ausgabe ist herausgegeben; zuerst eine Anleitung herausgeben.</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>edition %1</source>
        <translation>Ausgabe %1</translation>
    </message>
    <message>
        <source>serial %1</source>
        <translation>Seriennummer %1</translation>
    </message>
    <message>
        <source>wrench on the line</source>
        <translation>Schlüssel an der Leitung</translation>
    </message>
    <message>
        <source>Lay out the kit, put on the gear, make the machine safe. The maker&apos;s current book, the site&apos;s lock-off rules and licensed practice come first.</source>
        <translation>Die Ausrüstung auslegen, den Schutz anziehen, die Maschine sichern. Das aktuelle Buch des Herstellers, die Regeln zum Sperren am Ort und Arbeit nur durch Befugte gehen vor.</translation>
    </message>
    <message>
        <source>Not put right since %1: %2.</source>
        <translation>Nicht behoben seit %1: %2.</translation>
    </message>
    <message>
        <source>Gear: %1</source>
        <translation>Schutz: %1</translation>
    </message>
    <message>
        <source>The machine is safe: isolated and locked off as the site&apos;s rules say.</source>
        <translation>Die Maschine ist sicher: getrennt und gesperrt, wie die Regeln am Ort sagen.</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>The machine: %1</source>
        <translation>Die Maschine: %1</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>picture %1 of %2</source>
        <translation>Bild %1 von %2</translation>
    </message>
    <message>
        <source>The work is done.</source>
        <translation>Die Arbeit ist getan.</translation>
    </message>
    <message>
        <source>The work stopped; it counts as no service.</source>
        <translation>Die Arbeit wurde gestoppt; sie zählt nicht als Service.</translation>
    </message>
    <message>
        <source>%1  %2: %3</source>
        <translation>%1  %2: %3</translation>
    </message>
    <message>
        <source>, %1</source>
        <translation>, %1</translation>
    </message>
    <message>
        <source> (%1)</source>
        <translation> (%1)</translation>
    </message>
    <message>
        <source> · %1</source>
        <translation> · %1</translation>
    </message>
    <message>
        <source> Signed by %1.</source>
        <translation> Unterschrieben von %1.</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>At the machine</source>
        <translation>An der Maschine</translation>
    </message>
    <message>
        <source>No step is open; go on, or do one again.</source>
        <translation>Kein Schritt ist offen; weitergehen oder einen noch einmal tun.</translation>
    </message>
    <message>
        <source>This step has nothing to look at.</source>
        <translation>Dieser Schritt hat nichts anzusehen.</translation>
    </message>
    <message>
        <source>The one large key, or a foot pedal: the next line, the clock of a wait, the next step, what can be done meanwhile.</source>
        <translation>Die eine große Taste, oder ein Fußpedal: die nächste Zeile, die Uhr einer Wartezeit, der nächste Schritt, was inzwischen getan werden kann.</translation>
    </message>
    <message>
        <source>next</source>
        <translation>nächste</translation>
    </message>
    <message>
        <source>pedal</source>
        <translation>Pedal</translation>
    </message>
    <message>
        <source>begin a run</source>
        <translation>Durchlauf beginnen</translation>
    </message>
    <message>
        <source>go on</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>Write reading</source>
        <translation>Ablesung schreiben</translation>
    </message>
    <message>
        <source>Writes down what was read; both readings stay where one was outside its limits.</source>
        <translation>Schreibt auf, was abgelesen wurde; beide Ablesungen bleiben, wo eine außerhalb ihrer Grenzen war.</translation>
    </message>
    <message>
        <source>This step wants no reading.</source>
        <translation>Dieser Schritt will keine Ablesung.</translation>
    </message>
    <message>
        <source>torque</source>
        <translation>Drehmoment</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>Good</source>
        <translation>Gut</translation>
    </message>
    <message>
        <source>It was looked at, and it is good.</source>
        <translation>Es wurde angesehen, und es ist gut.</translation>
    </message>
    <message>
        <source>check</source>
        <translation>Kontrolle</translation>
    </message>
    <message>
        <source>passed</source>
        <translation>bestanden</translation>
    </message>
    <message>
        <source>Not good</source>
        <translation>Nicht gut</translation>
    </message>
    <message>
        <source>It was looked at, and it is not good; says what is seen.</source>
        <translation>Es wurde angesehen, und es ist nicht gut; sagt, was zu sehen ist.</translation>
    </message>
    <message>
        <source>failed</source>
        <translation>nicht bestanden</translation>
    </message>
    <message>
        <source>Say why it stays</source>
        <translation>Sagen, warum es bleibt</translation>
    </message>
    <message>
        <source>Goes on although a reading is outside or a check is not good; the reason is kept.</source>
        <translation>Geht weiter, obwohl eine Ablesung außerhalb oder eine Kontrolle nicht gut ist; der Grund bleibt.</translation>
    </message>
    <message>
        <source>Everything here is as it should be.</source>
        <translation>Hier ist alles, wie es sein soll.</translation>
    </message>
    <message>
        <source>reason</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>deviation</source>
        <translation>Abweichung</translation>
    </message>
    <message>
        <source>accept</source>
        <translation>annehmen</translation>
    </message>
    <message>
        <source>Stop, ask</source>
        <translation>Stopp, fragen</translation>
    </message>
    <message>
        <source>The work stops at this step, and why.</source>
        <translation>Die Arbeit stoppt bei diesem Schritt, und warum.</translation>
    </message>
    <message>
        <source>help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>problem</source>
        <translation>Problem</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Keeps a picture with this step, as evidence: by a camera, or from a file; files can be dropped here too.</source>
        <translation>Behält ein Bild bei diesem Schritt, als Nachweis: von einer Kamera oder aus einer Datei; Dateien lassen sich auch hierher ziehen.</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>evidence</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>What is not put right today: it stays open in the logbook until it is.</source>
        <translation>Was heute nicht behoben wird: es bleibt im Logbuch offen, bis es behoben ist.</translation>
    </message>
    <message>
        <source>finding</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>damage</source>
        <translation>Schaden</translation>
    </message>
    <message>
        <source>defect</source>
        <translation>Mangel</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>The time of the step stands still; waits run on.</source>
        <translation>Die Zeit des Schrittes steht; Wartezeiten laufen weiter.</translation>
    </message>
    <message>
        <source>break</source>
        <translation>Unterbrechung</translation>
    </message>
    <message>
        <source>Do again</source>
        <translation>Noch einmal tun</translation>
    </message>
    <message>
        <source>This step once more from its first line; what was read and photographed stays.</source>
        <translation>Dieser Schritt noch einmal von seiner ersten Zeile an; was gelesen und fotografiert wurde, bleibt.</translation>
    </message>
    <message>
        <source>No step is in hand.</source>
        <translation>Kein Schritt ist in der Hand.</translation>
    </message>
    <message>
        <source>repeat</source>
        <translation>wiederholen</translation>
    </message>
    <message>
        <source>redo</source>
        <translation>noch einmal</translation>
    </message>
    <message>
        <source>Leave out</source>
        <translation>Auslassen</translation>
    </message>
    <message>
        <source>This step is left out, and why.</source>
        <translation>Dieser Schritt wird ausgelassen, und warum.</translation>
    </message>
    <message>
        <source>skip</source>
        <translation>überspringen</translation>
    </message>
    <message>
        <source>Put right</source>
        <translation>Behoben</translation>
    </message>
    <message>
        <source>Something found before is put right today; it is closed in the logbook.</source>
        <translation>Etwas früher Gefundenes wird heute behoben; es ist im Logbuch geschlossen.</translation>
    </message>
    <message>
        <source>repaired</source>
        <translation>repariert</translation>
    </message>
    <message>
        <source>close</source>
        <translation>schließen</translation>
    </message>
    <message>
        <source>Fluid or part taken from the store, with its batch.</source>
        <translation>Flüssigkeit oder Teil aus dem Lager, mit Charge.</translation>
    </message>
    <message>
        <source>store</source>
        <translation>Lager</translation>
    </message>
    <message>
        <source>oil</source>
        <translation>Öl</translation>
    </message>
    <message>
        <source>batch</source>
        <translation>Charge</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Next picture</source>
        <translation>Nächstes Bild</translation>
    </message>
    <message>
        <source>The next picture of this step.</source>
        <translation>Das nächste Bild dieses Schrittes.</translation>
    </message>
    <message>
        <source>This step has no other picture.</source>
        <translation>Dieser Schritt hat kein anderes Bild.</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>Tafel</translation>
    </message>
    <message>
        <source>Step before</source>
        <translation>Schritt davor</translation>
    </message>
    <message>
        <source>Looks at the step before this one.</source>
        <translation>Sieht den Schritt vor diesem an.</translation>
    </message>
    <message>
        <source>back</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>Step after</source>
        <translation>Schritt danach</translation>
    </message>
    <message>
        <source>Looks at the step after this one.</source>
        <translation>Sieht den Schritt nach diesem an.</translation>
    </message>
    <message>
        <source>ahead</source>
        <translation>voraus</translation>
    </message>
    <message>
        <source>Ends a run that stopped; it goes into the logbook as no service.</source>
        <translation>Beendet einen gestoppten Durchlauf; er kommt ins Logbuch und ist kein Service.</translation>
    </message>
    <message>
        <source>No run is in hand.</source>
        <translation>Kein Durchlauf ist in der Hand.</translation>
    </message>
    <message>
        <source>finish</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>abort</source>
        <translation>abbrechen</translation>
    </message>
    <message>
        <source>Alone</source>
        <translation>Allein</translation>
    </message>
    <message>
        <source>The step was done alone.</source>
        <translation>Der Schritt wurde allein getan.</translation>
    </message>
    <message>
        <source>assess</source>
        <translation>beurteilen</translation>
    </message>
    <message>
        <source>With help</source>
        <translation>Mit Hilfe</translation>
    </message>
    <message>
        <source>The step was done with help.</source>
        <translation>Der Schritt wurde mit Hilfe getan.</translation>
    </message>
    <message>
        <source>Not yet</source>
        <translation>Noch nicht</translation>
    </message>
    <message>
        <source>The step is not mastered yet.</source>
        <translation>Der Schritt sitzt noch nicht.</translation>
    </message>
    <message>
        <source>Sign</source>
        <translation>Unterschreiben</translation>
    </message>
    <message>
        <source>Who worked and who assessed sign; with a key where they have one.</source>
        <translation>Wer arbeitete und wer beurteilte, unterschreiben; mit einem Schlüssel, wo sie einen haben.</translation>
    </message>
    <message>
        <source>signature</source>
        <translation>Unterschrift</translation>
    </message>
    <message>
        <source>key</source>
        <translation>Schlüssel</translation>
    </message>
    <message>
        <source>Certificate</source>
        <translation>Bescheinigung</translation>
    </message>
    <message>
        <source>A page for the learner: what was done, what was read, who signed.</source>
        <translation>Eine Seite für Lernende: was getan, was gelesen wurde, wer unterschrieb.</translation>
    </message>
    <message>
        <source>The certificate</source>
        <translation>Die Bescheinigung</translation>
    </message>
    <message>
        <source>certificate.pdf</source>
        <translation>bescheinigung.pdf</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>pdf</source>
        <translation>pdf</translation>
    </message>
    <message>
        <source>print</source>
        <translation>drucken</translation>
    </message>
    <message>
        <source>record</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>Put aside</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>Leaves the run as it is; it waits on this page.</source>
        <translation>Lässt den Durchlauf, wie er ist; er wartet auf dieser Seite.</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>Give up run</source>
        <translation>Durchlauf aufgeben</translation>
    </message>
    <message>
        <source>What was written down in it is lost.</source>
        <translation>Was darin aufgeschrieben wurde, ist verloren.</translation>
    </message>
    <message>
        <source>delete</source>
        <translation>löschen</translation>
    </message>
    <message>
        <source>Takes the readings of a wrench on a serial port, or lets it go.</source>
        <translation>Nimmt die Ablesungen eines Schlüssels an einem seriellen Anschluss, oder gibt ihn frei.</translation>
    </message>
    <message>
        <source>serial</source>
        <translation>seriell</translation>
    </message>
    <message>
        <source>usb</source>
        <translation>usb</translation>
    </message>
    <message>
        <source>torque wrench</source>
        <translation>Drehmomentschlüssel</translation>
    </message>
    <message>
        <source>Stop writing</source>
        <translation>Schreiben anhalten</translation>
    </message>
    <message>
        <source>Stops what is being written; nothing of it is kept.</source>
        <translation>Hält an, was geschrieben wird; nichts davon bleibt.</translation>
    </message>
    <message>
        <source>Nothing is being written.</source>
        <translation>Es wird nichts geschrieben.</translation>
    </message>
    <message numerus="yes">
        <source>%n photographs are kept.</source>
        <comment>1 photograph is kept.</comment>
        <translation>
            <numerusform>1 Foto ist behalten.</numerusform>
            <numerusform>%n Fotos sind behalten.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::CameraDialog</name>
    <message>
        <source>Photograph of this step</source>
        <translation>Foto dieses Schrittes</translation>
    </message>
    <message>
        <source>What the camera sees</source>
        <translation>Was die Kamera sieht</translation>
    </message>
    <message>
        <source>What is to be done</source>
        <translation>Was zu tun ist</translation>
    </message>
    <message>
        <source>&amp;Camera</source>
        <translation>&amp;Kamera</translation>
    </message>
    <message>
        <source>Camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Holds what the camera sees; the same key keeps it with the step.</source>
        <translation>Hält fest, was die Kamera sieht; dieselbe Taste behält es bei dem Schritt.</translation>
    </message>
    <message>
        <source>The camera shows nothing yet.</source>
        <translation>Die Kamera zeigt noch nichts.</translation>
    </message>
    <message>
        <source>shoot</source>
        <translation>fotografieren</translation>
    </message>
    <message>
        <source>pedal</source>
        <translation>Pedal</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Not this one</source>
        <translation>Dieses nicht</translation>
    </message>
    <message>
        <source>Looks through the camera again; nothing was kept.</source>
        <translation>Sieht wieder durch die Kamera; nichts wurde behalten.</translation>
    </message>
    <message>
        <source>Nothing is taken yet.</source>
        <translation>Es ist noch nichts aufgenommen.</translation>
    </message>
    <message>
        <source>again</source>
        <translation>noch einmal</translation>
    </message>
    <message>
        <source>blurred</source>
        <translation>unscharf</translation>
    </message>
    <message>
        <source>From a file</source>
        <translation>Aus einer Datei</translation>
    </message>
    <message>
        <source>Takes a photograph that lies in a file instead.</source>
        <translation>Nimmt stattdessen ein Foto, das in einer Datei liegt.</translation>
    </message>
    <message>
        <source>phone</source>
        <translation>Telefon</translation>
    </message>
    <message>
        <source>open</source>
        <translation>öffnen</translation>
    </message>
    <message>
        <source>No camera is connected. Connect one and choose it below, or take a photograph from a file.</source>
        <translation>Es ist keine Kamera angeschlossen. Eine anschließen und unten wählen, oder ein Foto aus einer Datei nehmen.</translation>
    </message>
    <message>
        <source>Waiting for the camera …</source>
        <translation>Warten auf die Kamera …</translation>
    </message>
    <message>
        <source>Go near and hold it still: the part that matters, sharp.</source>
        <translation>Nah herangehen und ruhig halten: das, worauf es ankommt, scharf.</translation>
    </message>
    <message>
        <source>Is it sharp, and is what matters on it? Then keep it.</source>
        <translation>Ist es scharf, und ist darauf, worauf es ankommt? Dann behalten.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::CareDialog</name>
    <message>
        <source>The still as it is shown</source>
        <translation>Das Standbild, wie es gezeigt wird</translation>
    </message>
    <message>
        <source>Draw on the picture</source>
        <translation>Auf das Bild zeichnen</translation>
    </message>
    <message>
        <source>&amp;Keep this part</source>
        <translation>Diesen Teil &amp;behalten</translation>
    </message>
    <message>
        <source>&amp;Hide this part</source>
        <translation>Diesen Teil &amp;verbergen</translation>
    </message>
    <message>
        <source> tenths of a degree</source>
        <translation> Zehntelgrad</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Brightened</source>
        <translation>Aufgehellt</translation>
    </message>
    <message>
        <source>&amp;Turn</source>
        <translation>&amp;Drehen</translation>
    </message>
    <message>
        <source>&amp;Brighten</source>
        <translation>&amp;Aufhellen</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Hidden</source>
        <translation>Verborgen</translation>
    </message>
    <message>
        <source>Hidden parts</source>
        <translation>Verborgene Teile</translation>
    </message>
    <message>
        <source>&amp;Add</source>
        <translation>&amp;Hinzufügen</translation>
    </message>
    <message>
        <source>&amp;Show it again</source>
        <translation>Wieder &amp;zeigen</translation>
    </message>
    <message>
        <source>A face, a number plate, a screen: what is hidden is gone from everything that is issued. The recording is not touched.</source>
        <translation>Ein Gesicht, ein Kennzeichen, ein Bildschirm: was verborgen ist, ist aus allem fort, was herausgegeben wird. Die Aufnahme bleibt unberührt.</translation>
    </message>
    <message>
        <source>As recorded</source>
        <translation>Wie aufgenommen</translation>
    </message>
    <message>
        <source>part %1</source>
        <translation>Teil %1</translation>
    </message>
</context>
<context>
    <name>anagraph::app::CareView</name>
    <message>
        <source>The still; draw over what is to be kept or hidden</source>
        <translation>Das Standbild; darauf zeichnen, was behalten oder verborgen wird</translation>
    </message>
</context>
<context>
    <name>anagraph::app::ChangeLineView</name>
    <message>
        <source>On the number line: %1; %2</source>
        <translation>Auf der Zahlenlinie: %1; %2</translation>
    </message>
</context>
<context>
    <name>anagraph::app::ClipDialog</name>
    <message>
        <source>The clip the learner gets</source>
        <translation>Der Clip, den Lernende bekommen</translation>
    </message>
    <message>
        <source>The film at the frame in hand</source>
        <translation>Der Film beim Einzelbild in der Hand</translation>
    </message>
    <message>
        <source>Clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>Plays the clip as the learner sees it.</source>
        <translation>Spielt den Clip, wie Lernende ihn sehen.</translation>
    </message>
    <message>
        <source>Use as still</source>
        <translation>Als Standbild</translation>
    </message>
    <message>
        <source>This frame stands for the clip before it is played, and in print.</source>
        <translation>Dieses Einzelbild steht für den Clip, bevor er spielt, und im Druck.</translation>
    </message>
    <message>
        <source>Begin here</source>
        <translation>Hier beginnen</translation>
    </message>
    <message>
        <source>The clip begins with this frame.</source>
        <translation>Der Clip beginnt mit diesem Einzelbild.</translation>
    </message>
    <message>
        <source>End here</source>
        <translation>Hier enden</translation>
    </message>
    <message>
        <source>This is the last frame of the clip.</source>
        <translation>Das ist das letzte Einzelbild des Clips.</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Langsamer</translation>
    </message>
    <message>
        <source>At half or a quarter of its speed, and back; slowed clips are silent.</source>
        <translation>Mit halber oder viertel Geschwindigkeit, und zurück; verlangsamte Clips sind stumm.</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>With its sound or silent.</source>
        <translation>Mit seinem Ton oder stumm.</translation>
    </message>
    <message>
        <source>Drawn over it</source>
        <translation>Darüber gezeichnet</translation>
    </message>
    <message>
        <source>No sign or number is chosen.</source>
        <translation>Kein Zeichen und keine Nummer ist gewählt.</translation>
    </message>
    <message>
        <source>Add sign or number</source>
        <translation>Zeichen oder Nummer</translation>
    </message>
    <message>
        <source>Draws a sign or a part&apos;s number over the clip from this frame on.</source>
        <translation>Zeichnet ab diesem Einzelbild ein Zeichen oder die Nummer eines Teils über den Clip.</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>The chosen sign or number is drawn no longer.</source>
        <translation>Das gewählte Zeichen oder die Nummer wird nicht mehr gezeichnet.</translation>
    </message>
    <message>
        <source>From here</source>
        <translation>Ab hier</translation>
    </message>
    <message>
        <source>The chosen sign or number shows from this frame on.</source>
        <translation>Das gewählte Zeichen oder die Nummer erscheint ab diesem Einzelbild.</translation>
    </message>
    <message>
        <source>Until here</source>
        <translation>Bis hier</translation>
    </message>
    <message>
        <source>The chosen sign or number shows until this frame.</source>
        <translation>Das gewählte Zeichen oder die Nummer erscheint bis zu diesem Einzelbild.</translation>
    </message>
    <message>
        <source>Move left</source>
        <translation>Nach links</translation>
    </message>
    <message>
        <source>Move far end left</source>
        <translation>Ende nach links</translation>
    </message>
    <message>
        <source>Move right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>Move far end right</source>
        <translation>Ende nach rechts</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Move far end up</source>
        <translation>Ende nach oben</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Move far end down</source>
        <translation>Ende nach unten</translation>
    </message>
    <message>
        <source>Moves the chosen sign or number.</source>
        <translation>Bewegt das gewählte Zeichen oder die Nummer.</translation>
    </message>
    <message>
        <source>Moves the far end of the chosen sign.</source>
        <translation>Bewegt das Ende des gewählten Zeichens.</translation>
    </message>
    <message>
        <source>Frames</source>
        <translation>Einzelbilder</translation>
    </message>
    <message>
        <source>Frame back</source>
        <translation>Einzelbild zurück</translation>
    </message>
    <message>
        <source>Shows the frame before.</source>
        <translation>Zeigt das Einzelbild davor.</translation>
    </message>
    <message>
        <source>Frame on</source>
        <translation>Einzelbild vor</translation>
    </message>
    <message>
        <source>Shows the next frame.</source>
        <translation>Zeigt das nächste Einzelbild.</translation>
    </message>
    <message>
        <source>First frame</source>
        <translation>Erstes Einzelbild</translation>
    </message>
    <message>
        <source>Goes to where the clip begins.</source>
        <translation>Geht dahin, wo der Clip beginnt.</translation>
    </message>
    <message>
        <source>Last frame</source>
        <translation>Letztes Einzelbild</translation>
    </message>
    <message>
        <source>Goes to where the clip ends.</source>
        <translation>Geht dahin, wo der Clip endet.</translation>
    </message>
    <message>
        <source>Signs and numbers over the clip</source>
        <translation>Zeichen und Nummern über dem Clip</translation>
    </message>
    <message>
        <source>A click places the chosen sign, a drag its far end. All keys stand in the menu of the right button.</source>
        <translation>Ein Klick setzt das gewählte Zeichen, Ziehen sein Ende. Alle Tasten stehen im Menü der rechten Maustaste.</translation>
    </message>
    <message>
        <source>number of %1</source>
        <translation>Nummer von %1</translation>
    </message>
    <message>
        <source>%1
from %2 to %3</source>
        <translation>%1
von %2 bis %3</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>, %1 in the pack</source>
        <translation>, %1 im Paket</translation>
    </message>
    <message>
        <source>, size is being measured …</source>
        <translation>, Größe wird gemessen …</translation>
    </message>
    <message>
        <source>; %1 times slower, so without sound</source>
        <translation>; %1-mal langsamer, also ohne Ton</translation>
    </message>
    <message>
        <source>; without sound</source>
        <translation>; ohne Ton</translation>
    </message>
    <message>
        <source>; with sound</source>
        <translation>; mit Ton</translation>
    </message>
    <message>
        <source>%1, %2. The clip runs from %3 to %4.%5</source>
        <translation>%1, %2. Der Clip läuft von %3 bis %4.%5</translation>
    </message>
    <message>
        <source>in the clip</source>
        <translation>im Clip</translation>
    </message>
    <message>
        <source>outside of the clip</source>
        <translation>außerhalb des Clips</translation>
    </message>
    <message>
        <source> It is shown by its still at %1.</source>
        <translation> Für ihn steht sein Standbild bei %1.</translation>
    </message>
    <message>
        <source>A clip begins before it ends; move its end first.</source>
        <translation>Ein Clip beginnt, bevor er endet; zuerst sein Ende verschieben.</translation>
    </message>
    <message>
        <source>A clip ends after it begins; move its beginning first.</source>
        <translation>Ein Clip endet, nachdem er beginnt; zuerst seinen Anfang verschieben.</translation>
    </message>
    <message>
        <source>The still is one of the clip&apos;s own pictures; go to one of them.</source>
        <translation>Das Standbild ist eines der Bilder des Clips; zu einem von ihnen gehen.</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>It stays for a while: its end comes after its beginning.</source>
        <translation>Es bleibt eine Weile: sein Ende kommt nach seinem Anfang.</translation>
    </message>
    <message>
        <source>The recording is missing, so its size cannot be measured; the clip is kept all the same.</source>
        <translation>Die Aufnahme fehlt, daher lässt sich seine Größe nicht messen; der Clip wird trotzdem behalten.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::ClockView</name>
    <message>
        <source>%1 (step %2)</source>
        <translation>%1 (Schritt %2)</translation>
    </message>
    <message>
        <source>; meanwhile: step %1</source>
        <translation>; inzwischen: Schritt %1</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>noch %1</translation>
    </message>
    <message>
        <source>over</source>
        <translation>um</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>No wait is running</source>
        <translation>Keine Wartezeit läuft</translation>
    </message>
    <message>
        <source>While you work</source>
        <translation>Während der Arbeit</translation>
    </message>
</context>
<context>
    <name>anagraph::app::ColourDialog</name>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Colours of the window</source>
        <translation>Farben des Fensters</translation>
    </message>
    <message>
        <source>Guides go out as they always do. The window is opened anew where you were.</source>
        <translation>Anleitungen gehen hinaus wie immer. Das Fenster wird dort neu geöffnet, wo Sie waren.</translation>
    </message>
    <message>
        <source>As the desktop asks</source>
        <translation>Wie der Desktop es verlangt</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>High contrast</source>
        <translation>Hoher Kontrast</translation>
    </message>
</context>
<context>
    <name>anagraph::app::ComingFilms</name>
    <message>
        <source>The film %1 comes to this computer</source>
        <translation>Der Film %1 kommt auf diesen Rechner</translation>
    </message>
</context>
<context>
    <name>anagraph::app::CommandRow</name>
    <message>
        <source>What can be done here</source>
        <translation>Was hier getan werden kann</translation>
    </message>
</context>
<context>
    <name>anagraph::app::DecideDialog</name>
    <message>
        <source>Two changes of one thing</source>
        <translation>Zwei Änderungen an einem Ding</translation>
    </message>
    <message>
        <source>Yours</source>
        <translation>Ihre</translation>
    </message>
    <message>
        <source>Theirs, as it stands now</source>
        <translation>Die andere, wie es jetzt steht</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Vorher</translation>
    </message>
    <message>
        <source>Decide &amp;later</source>
        <translation>&amp;Später entscheiden</translation>
    </message>
    <message>
        <source>Yours stays on this computer; theirs stands in the guide until then.</source>
        <translation>Ihre bleibt auf diesem Rechner; bis dahin steht die andere in der Anleitung.</translation>
    </message>
    <message>
        <source>&amp;Mine stands</source>
        <translation>&amp;Meine gilt</translation>
    </message>
    <message>
        <source>Where both changed the same, yours takes the place of theirs. What else they changed stays.</source>
        <translation>Wo beide dasselbe änderten, tritt Ihre an die Stelle der anderen. Was dort sonst geändert wurde, bleibt.</translation>
    </message>
    <message>
        <source>&amp;Theirs stands</source>
        <translation>&amp;Die andere gilt</translation>
    </message>
    <message>
        <source>Yours is given up.</source>
        <translation>Ihre wird aufgegeben.</translation>
    </message>
    <message>
        <source>You and somebody else changed this. Which of the two stands?</source>
        <translation>Sie und jemand anders haben das geändert. Welche von beiden gilt?</translation>
    </message>
    <message>
        <source>You and somebody else changed this. Which of the two stands? After it %1 more.</source>
        <translation>Sie und jemand anders haben das geändert. Welche von beiden gilt? Danach noch %1.</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>what both came from</source>
        <translation>woraus beide wurden</translation>
    </message>
    <message>
        <source>not there: you removed it, or nothing can be shown of it</source>
        <translation>nicht da: von Ihnen entfernt, oder es lässt sich nichts davon zeigen</translation>
    </message>
    <message>
        <source>not there: removed</source>
        <translation>nicht da: entfernt</translation>
    </message>
    <message>
        <source>not there yet</source>
        <translation>noch nicht da</translation>
    </message>
</context>
<context>
    <name>anagraph::app::DeskDialog</name>
    <message>
        <source>The desk</source>
        <translation>Das Lesepult</translation>
    </message>
    <message>
        <source>Address of the desk</source>
        <translation>Adresse des Lesepults</translation>
    </message>
    <message>
        <source>&amp;Port</source>
        <translation>&amp;Anschluss</translation>
    </message>
    <message>
        <source>Port</source>
        <translation>Anschluss</translation>
    </message>
    <message>
        <source>Reading now</source>
        <translation>Lesen gerade</translation>
    </message>
    <message>
        <source>Who reads what</source>
        <translation>Wer was liest</translation>
    </message>
    <message>
        <source>The desk is closed.</source>
        <translation>Das Lesepult ist geschlossen.</translation>
    </message>
    <message>
        <source>Open the desk</source>
        <translation>Lesepult öffnen</translation>
    </message>
    <message>
        <source>Tablets and browsers in the workshop&apos;s network can read the current editions.</source>
        <translation>Tablets und Browser im Netz der Werkstatt können die aktuellen Ausgaben lesen.</translation>
    </message>
    <message>
        <source>The desk is open.</source>
        <translation>Das Lesepult ist offen.</translation>
    </message>
    <message>
        <source>serve</source>
        <translation>bereitstellen</translation>
    </message>
    <message>
        <source>network</source>
        <translation>Netz</translation>
    </message>
    <message>
        <source>Print this address on pages</source>
        <translation>Diese Adresse auf Seiten drucken</translation>
    </message>
    <message>
        <source>Pages of the next editions carry a code that asks this desk whether they are current.</source>
        <translation>Seiten der nächsten Ausgaben tragen einen Code, der dieses Lesepult fragt, ob sie aktuell sind.</translation>
    </message>
    <message>
        <source>They carry it already.</source>
        <translation>Sie tragen ihn schon.</translation>
    </message>
    <message>
        <source>qr</source>
        <translation>qr</translation>
    </message>
    <message>
        <source>code</source>
        <translation>Code</translation>
    </message>
    <message>
        <source>Close the desk</source>
        <translation>Lesepult schließen</translation>
    </message>
    <message>
        <source>Nobody can read from it any more; what is being read ends.</source>
        <translation>Niemand kann mehr daraus lesen; was gerade gelesen wird, endet.</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>anhalten</translation>
    </message>
    <message>
        <source>The desk is closed</source>
        <translation>Das Lesepult ist geschlossen</translation>
    </message>
    <message>
        <source>The desk shows the current editions and answers whether a printed page is current. It serves issued editions only; a stranger can read them and change nothing.</source>
        <translation>Das Lesepult zeigt die aktuellen Ausgaben und antwortet, ob eine gedruckte Seite aktuell ist. Es gibt nur herausgegebene Ausgaben; Fremde können sie lesen und nichts ändern.</translation>
    </message>
    <message>
        <source>Printed pages carry their mark as words.</source>
        <translation>Gedruckte Seiten tragen ihre Kennzahl als Worte.</translation>
    </message>
    <message>
        <source>Printed pages ask %1.</source>
        <translation>Gedruckte Seiten fragen %1.</translation>
    </message>
    <message>
        <source>The next tablet is paired with the code %1.</source>
        <translation>Das nächste Tablet wird mit dem Code %1 verbunden.</translation>
    </message>
    <message>
        <source>%1 · %2 · %3</source>
        <translation>%1 · %2 · %3</translation>
    </message>
    <message>
        <source>Nobody has opened a guide yet.</source>
        <translation>Noch niemand hat eine Anleitung geöffnet.</translation>
    </message>
    <message>
        <source>The desk is open, also while this is closed. Scan the code with a tablet.</source>
        <translation>Das Lesepult ist offen, auch wenn dies geschlossen ist. Den Code mit einem Tablet scannen.</translation>
    </message>
    <message>
        <source>print the desk&apos;s address</source>
        <translation>die Adresse des Lesepults drucken</translation>
    </message>
    <message>
        <source>Pages of the next editions ask this desk.</source>
        <translation>Seiten der nächsten Ausgaben fragen dieses Lesepult.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::DetailsDialog</name>
    <message>
        <source>Applies to: %1</source>
        <translation>Gilt für: %1</translation>
    </message>
    <message>
        <source>(no item)</source>
        <translation>(kein Gegenstand)</translation>
    </message>
    <message>
        <source>&amp;About</source>
        <translation>&amp;Worüber</translation>
    </message>
    <message>
        <source>tightening torque</source>
        <translation>Anzugsdrehmoment</translation>
    </message>
    <message>
        <source>&amp;Purpose</source>
        <translation>&amp;Zweck</translation>
    </message>
    <message>
        <source>Applies to</source>
        <translation>Gilt für</translation>
    </message>
    <message>
        <source>cold; new seal; first 20 h; nothing where it always holds</source>
        <translation>kalt; neue Dichtung; erste 20 h; nichts, wo er immer gilt</translation>
    </message>
    <message>
        <source>&amp;When</source>
        <translation>&amp;Wann</translation>
    </message>
    <message>
        <source>KQ-FC1, KQ-FC0</source>
        <translation>KQ-FC1, KQ-FC0</translation>
    </message>
    <message>
        <source>&amp;Replaces</source>
        <translation>&amp;Ersetzt</translation>
    </message>
    <message>
        <source>Older numbers in whose place it stands. Evidence that names one of them then agrees.</source>
        <translation>Ältere Nummern, an deren Stelle er steht. Nachweise, die eine davon nennen, stimmen dann überein.</translation>
    </message>
    <message>
        <source>min; not known</source>
        <translation>min; nicht bekannt</translation>
    </message>
    <message>
        <source>How the level is read</source>
        <translation>Wie der Stand gelesen wird</translation>
    </message>
    <message>
        <source>&amp;Oil and gear are</source>
        <translation>&amp;Öl und Getriebe sind</translation>
    </message>
    <message>
        <source>&amp;Machine is</source>
        <translation>&amp;Maschine ist</translation>
    </message>
    <message>
        <source>&amp;Time after stopping</source>
        <translation>&amp;Zeit nach dem Abstellen</translation>
    </message>
    <message>
        <source>&amp;Read by</source>
        <translation>&amp;Gelesen mit</translation>
    </message>
    <message>
        <source>A figure applies to one variant at least; remove it where it applies to none.</source>
        <translation>Ein Wert gilt für mindestens eine Ausführung; gilt er für keine, ihn entfernen.</translation>
    </message>
    <message>
        <source>“%1” is no number of minutes.</source>
        <translation>„%1“ ist keine Zahl von Minuten.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::DryRunStation</name>
    <message>
        <source>The machine at this place</source>
        <translation>Die Maschine an dieser Stelle</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>What the fix does</source>
        <translation>Was die Abhilfe tut</translation>
    </message>
    <message>
        <source>(no heading yet)</source>
        <translation>(noch keine Überschrift)</translation>
    </message>
    <message>
        <source>step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>%1  %2 · %3
%4</source>
        <translation>%1  %2 · %3
%4</translation>
    </message>
    <message>
        <source>%1, %2, %3. %4</source>
        <translation>%1, %2, %3. %4</translation>
    </message>
    <message>
        <source>↕  Another order
%1</source>
        <translation>↕  Andere Reihenfolge
%1</translation>
    </message>
    <message>
        <source>Another order. %1</source>
        <translation>Andere Reihenfolge. %1</translation>
    </message>
    <message>
        <source>?  Worked out
%1</source>
        <translation>?  Erschlossen
%1</translation>
    </message>
    <message>
        <source>Worked out. %1</source>
        <translation>Erschlossen. %1</translation>
    </message>
    <message>
        <source>%1 · step %2
Kept: %3</source>
        <translation>%1 · Schritt %2
So gelassen: %3</translation>
    </message>
    <message>
        <source>Nothing to walk yet</source>
        <translation>Noch nichts durchzugehen</translation>
    </message>
    <message>
        <source>The order works</source>
        <translation>Die Reihenfolge geht</translation>
    </message>
    <message>
        <source>Fix: %1.
%2</source>
        <translation>Abhilfe: %1.
%2</translation>
    </message>
    <message>
        <source>The dry run finds nothing in that order that it does not find in this one.%1</source>
        <translation>Der Trockenlauf findet in jener Reihenfolge nichts, was er nicht auch in dieser findet.%1</translation>
    </message>
    <message>
        <source> No order is shorter.</source>
        <translation> Keine Reihenfolge ist kürzer.</translation>
    </message>
    <message>
        <source>The dry run goes by this until you say otherwise.</source>
        <translation>Der Trockenlauf richtet sich danach, bis Sie etwas anderes sagen.</translation>
    </message>
    <message>
        <source>Keep as it is</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>%1

Why is it kept as it is? (the reason is printed for the checker)</source>
        <translation>%1

Warum bleibt es so? (der Grund wird für den Prüfer gedruckt)</translation>
    </message>
    <message>
        <source>The film shows %1 of hands.</source>
        <translation>Der Film zeigt %1 Handarbeit.</translation>
    </message>
    <message>
        <source>Empty: as the film shows it.</source>
        <translation>Leer: wie der Film es zeigt.</translation>
    </message>
    <message>
        <source> At the machine it took %1.</source>
        <translation> An der Maschine dauerte es %1.</translation>
    </message>
    <message>
        <source>Hands-on time</source>
        <translation>Handarbeitszeit</translation>
    </message>
    <message>
        <source>How long are hands needed for “%1”? %2</source>
        <translation>Wie lange werden Hände gebraucht für „%1“? %2</translation>
    </message>
    <message>
        <source>Dry run</source>
        <translation>Trockenlauf</translation>
    </message>
    <message>
        <source>The guide has no step yet.</source>
        <translation>Die Anleitung hat noch keinen Schritt.</translation>
    </message>
    <message>
        <source>Take fix</source>
        <translation>Abhilfe übernehmen</translation>
    </message>
    <message>
        <source>Does what the fix says; it is undone like any change.</source>
        <translation>Tut, was die Abhilfe sagt; lässt sich zurücknehmen wie jede Änderung.</translation>
    </message>
    <message>
        <source>No way to mend it is certain; go there and decide.</source>
        <translation>Keine Abhilfe ist sicher; hingehen und entscheiden.</translation>
    </message>
    <message>
        <source>mend</source>
        <translation>beheben</translation>
    </message>
    <message>
        <source>repair</source>
        <translation>reparieren</translation>
    </message>
    <message>
        <source>correct</source>
        <translation>berichtigen</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Hingehen</translation>
    </message>
    <message>
        <source>Shows the line it was found in on the Sheet.</source>
        <translation>Zeigt auf dem Blatt die Zeile, in der es gefunden wurde.</translation>
    </message>
    <message>
        <source>open</source>
        <translation>öffnen</translation>
    </message>
    <message>
        <source>sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>The order stays, with your reason; it is printed for the checker.</source>
        <translation>Die Reihenfolge bleibt, mit Ihrem Grund; er wird für den Prüfer gedruckt.</translation>
    </message>
    <message>
        <source>answer</source>
        <translation>antworten</translation>
    </message>
    <message>
        <source>ignore</source>
        <translation>übergehen</translation>
    </message>
    <message>
        <source>reason</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>Ask again</source>
        <translation>Wieder fragen</translation>
    </message>
    <message>
        <source>The answer is taken back, and the finding asked again.</source>
        <translation>Die Antwort wird zurückgenommen und nach dem Befund wieder gefragt.</translation>
    </message>
    <message>
        <source>withdraw answer</source>
        <translation>Antwort zurücknehmen</translation>
    </message>
    <message>
        <source>It is so</source>
        <translation>Es ist so</translation>
    </message>
    <message>
        <source>What was worked out is taken over into the guide.</source>
        <translation>Was erschlossen wurde, kommt in die Anleitung.</translation>
    </message>
    <message>
        <source>confirm</source>
        <translation>bestätigen</translation>
    </message>
    <message>
        <source>accept</source>
        <translation>annehmen</translation>
    </message>
    <message>
        <source>It is not so</source>
        <translation>Es ist nicht so</translation>
    </message>
    <message>
        <source>Nothing is worked out there any more; what is true is set with Relations.</source>
        <translation>Dort wird nichts mehr erschlossen; was stimmt, wird bei Beziehungen gesetzt.</translation>
    </message>
    <message>
        <source>wrong</source>
        <translation>falsch</translation>
    </message>
    <message>
        <source>Relations</source>
        <translation>Beziehungen</translation>
    </message>
    <message>
        <source>What an item closes, what it lies behind, what a seal sits under, how much a system or a vessel holds.</source>
        <translation>Was ein Gegenstand verschließt, wohinter er liegt, worunter eine Dichtung sitzt, wie viel ein System oder Gefäß fasst.</translation>
    </message>
    <message>
        <source>The guide names no items yet.</source>
        <translation>Die Anleitung nennt noch keine Gegenstände.</translation>
    </message>
    <message>
        <source>closes</source>
        <translation>verschließt</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>hinter</translation>
    </message>
    <message>
        <source>seal</source>
        <translation>Dichtung</translation>
    </message>
    <message>
        <source>capacity</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>item</source>
        <translation>Gegenstand</translation>
    </message>
    <message>
        <source>The plan</source>
        <translation>Der Plan</translation>
    </message>
    <message>
        <source>Take this order</source>
        <translation>So ordnen</translation>
    </message>
    <message>
        <source>The steps change places as the plan says; it is undone like any change.</source>
        <translation>Die Schritte tauschen die Plätze, wie der Plan sagt; lässt sich zurücknehmen wie jede Änderung.</translation>
    </message>
    <message>
        <source>No order is shorter than the written one.</source>
        <translation>Keine Reihenfolge ist kürzer als die geschriebene.</translation>
    </message>
    <message>
        <source>reorder</source>
        <translation>umordnen</translation>
    </message>
    <message>
        <source>suggestion</source>
        <translation>Vorschlag</translation>
    </message>
    <message>
        <source>Plan for two</source>
        <translation>Plan für zwei</translation>
    </message>
    <message>
        <source>Plans the work for one person or for two.</source>
        <translation>Plant die Arbeit für eine oder für zwei Personen.</translation>
    </message>
    <message>
        <source>two people</source>
        <translation>zwei Leute</translation>
    </message>
    <message>
        <source>hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>crew</source>
        <translation>Mannschaft</translation>
    </message>
    <message>
        <source>Plan for one</source>
        <translation>Plan für eine</translation>
    </message>
    <message>
        <source>Set time</source>
        <translation>Zeit setzen</translation>
    </message>
    <message>
        <source>How long hands are needed for the step.</source>
        <translation>Wie lange für den Schritt Hände gebraucht werden.</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>duration</source>
        <translation>Dauer</translation>
    </message>
    <message>
        <source>Keep in place</source>
        <translation>Festhalten</translation>
    </message>
    <message>
        <source>The step stays where it is in every plan.</source>
        <translation>Der Schritt bleibt in jedem Plan, wo er ist.</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>anheften</translation>
    </message>
    <message>
        <source>fix</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Let it move</source>
        <translation>Loslassen</translation>
    </message>
    <message>
        <source>Somebody stays</source>
        <translation>Jemand bleibt</translation>
    </message>
    <message>
        <source>Hands are needed while the step waits: holding, pouring slowly.</source>
        <translation>Hände werden gebraucht, während der Schritt wartet: halten, langsam gießen.</translation>
    </message>
    <message>
        <source>The step does not wait.</source>
        <translation>Der Schritt wartet nicht.</translation>
    </message>
    <message>
        <source>attended</source>
        <translation>dabeibleiben</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>Nobody is needed</source>
        <translation>Niemand nötig</translation>
    </message>
    <message>
        <source>Looking</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>Play the job</source>
        <translation>Arbeit abspielen</translation>
    </message>
    <message>
        <source>Goes down the steps and shows what happens; with the picture in hand, as long as Space is held.</source>
        <translation>Geht die Schritte hinunter und zeigt, was geschieht; ist das Bild in der Hand, solange die Leertaste gehalten wird.</translation>
    </message>
    <message>
        <source>walk</source>
        <translation>durchgehen</translation>
    </message>
    <message>
        <source>simulate</source>
        <translation>simulieren</translation>
    </message>
    <message>
        <source>run</source>
        <translation>laufen</translation>
    </message>
    <message>
        <source>Stop playing</source>
        <translation>Nicht mehr abspielen</translation>
    </message>
    <message>
        <source>Next variant</source>
        <translation>Nächste Ausführung</translation>
    </message>
    <message>
        <source>Shows the job for the next variant of the machine.</source>
        <translation>Zeigt die Arbeit für die nächste Ausführung der Maschine.</translation>
    </message>
    <message>
        <source>The guide has no variants.</source>
        <translation>Die Anleitung hat keine Ausführungen.</translation>
    </message>
    <message>
        <source>model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Variant: %1</source>
        <translation>Ausführung: %1</translation>
    </message>
    <message>
        <source>Kit</source>
        <translation>Ausrüstung</translation>
    </message>
    <message>
        <source>What is laid out before the job, as a list to tick; it can be printed.</source>
        <translation>Was vor der Arbeit ausgelegt wird, als Liste zum Abhaken; sie lässt sich drucken.</translation>
    </message>
    <message>
        <source>tools</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>parts list</source>
        <translation>Teileliste</translation>
    </message>
    <message>
        <source>print</source>
        <translation>drucken</translation>
    </message>
    <message numerus="yes">
        <source>%n findings to decide</source>
        <comment>1 finding to decide</comment>
        <translation>
            <numerusform>1 Befund zu entscheiden</numerusform>
            <numerusform>%n Befunde zu entscheiden</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::DuePanel</name>
    <message>
        <source>&amp;Every</source>
        <translation>&amp;Alle</translation>
    </message>
    <message>
        <source>100 h; 12 month</source>
        <translation>100 h; 12 month</translation>
    </message>
    <message>
        <source>&amp;First at</source>
        <translation>&amp;Zuerst bei</translation>
    </message>
    <message>
        <source>20 h; nothing where it is the same</source>
        <translation>20 h; nichts, wo es dasselbe ist</translation>
    </message>
    <message>
        <source>it is the &amp;first service</source>
        <translation>es ist der &amp;erste Service</translation>
    </message>
    <message>
        <source>&amp;hard use: half the interval</source>
        <translation>&amp;harter Einsatz: halbes Intervall</translation>
    </message>
    <message>
        <source>&amp;Last: meter</source>
        <translation>&amp;Zuletzt: Zähler</translation>
    </message>
    <message>
        <source>202 h, 1200 km</source>
        <translation>202 h, 1200 km</translation>
    </message>
    <message>
        <source>Last: &amp;day</source>
        <translation>Zuletzt: &amp;Tag</translation>
    </message>
    <message>
        <source>&amp;Now: meter</source>
        <translation>&amp;Jetzt: Zähler</translation>
    </message>
    <message>
        <source>302 h</source>
        <translation>302 h</translation>
    </message>
    <message>
        <source>Now: d&amp;ay</source>
        <translation>Jetzt: Ta&amp;g</translation>
    </message>
    <message>
        <source>Not &amp;within</source>
        <translation>Nicht &amp;in</translation>
    </message>
    <message>
        <source>When it is due</source>
        <translation>Wann es fällig ist</translation>
    </message>
    <message>
        <source>Say when it was serviced last; what follows stands here.</source>
        <translation>Sagen, wann zuletzt Service war; was folgt, steht hier.</translation>
    </message>
    <message>
        <source>Say at what the first service is, or take the tick away.</source>
        <translation>Sagen, wobei der erste Service ist, oder den Haken wegnehmen.</translation>
    </message>
    <message>
        <source>&lt;p&gt;&lt;b&gt;Overdue.&lt;/b&gt;&lt;/p&gt;</source>
        <translation>&lt;p&gt;&lt;b&gt;Überfällig.&lt;/b&gt;&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Service it by &lt;b&gt;%1&lt;/b&gt;.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Service bis &lt;b&gt;%1&lt;/b&gt;.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;By the meter it is due at &lt;b&gt;%1 %2&lt;/b&gt;.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Nach dem Zähler fällig bei &lt;b&gt;%1 %2&lt;/b&gt;.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;%1 %2 are left.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Es bleiben %1 %2.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>last service</source>
        <translation>letzter Service</translation>
    </message>
    <message>
        <source>due by the meter</source>
        <translation>fällig nach Zähler</translation>
    </message>
    <message>
        <source>due by the calendar</source>
        <translation>fällig nach Kalender</translation>
    </message>
    <message>
        <source>today: %1</source>
        <translation>heute: %1</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>service by %1</source>
        <translation>Service bis %1</translation>
    </message>
    <message>
        <source>service by then</source>
        <translation>Service bis dahin</translation>
    </message>
    <message>
        <source>kept free from then to %1</source>
        <translation>freigehalten von da bis %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>anagraph::app::EditionPanel</name>
    <message>
        <source>The edition in hand</source>
        <translation>Die Ausgabe in der Hand</translation>
    </message>
    <message>
        <source>Who learned it has to read it again.</source>
        <translation>Wer sie gelernt hat, muss sie wieder lesen.</translation>
    </message>
    <message>
        <source>Edition %1</source>
        <translation>Ausgabe %1</translation>
    </message>
    <message>
        <source>It was not there.</source>
        <translation>Es war nicht da.</translation>
    </message>
    <message>
        <source>It is not there any more.</source>
        <translation>Es ist nicht mehr da.</translation>
    </message>
    <message>
        <source>What changed on the picture</source>
        <translation>Was sich auf dem Bild änderte</translation>
    </message>
    <message>
        <source>What changed</source>
        <translation>Was sich änderte</translation>
    </message>
</context>
<context>
    <name>anagraph::app::EndedDialog</name>
    <message>
        <source>Every change you made is saved.</source>
        <translation>Jede Ihrer Änderungen ist gespeichert.</translation>
    </message>
    <message>
        <source>“%1” is saved up to its last change: %2, %3, by %4.</source>
        <translation>„%1“ ist bis zur letzten Änderung gespeichert: %2, %3, von %4.</translation>
    </message>
    <message>
        <source>Anagraph ended without closing</source>
        <translation>Anagraph endete, ohne zu schließen</translation>
    </message>
    <message>
        <source>The last time, Anagraph ended without closing</source>
        <translation>Beim letzten Mal endete Anagraph, ohne zu schließen</translation>
    </message>
    <message>
        <source>Words in a field that was not left yet were not saved. A run on the Bench is where it was.</source>
        <translation>Worte in einem Feld, das noch nicht verlassen war, wurden nicht gespeichert. Ein Durchlauf an der Werkbank ist, wo er war.</translation>
    </message>
    <message>
        <source>A report for whoever looks after the program</source>
        <translation>Ein Bericht für die, die das Programm betreuen</translation>
    </message>
    <message>
        <source>It goes nowhere by itself. Read it, and save it as a file if you want to hand it on.</source>
        <translation>Er geht nicht von selbst irgendwohin. Lesen Sie ihn, und speichern Sie ihn als Datei, wenn Sie ihn weitergeben wollen.</translation>
    </message>
    <message>
        <source>The report</source>
        <translation>Der Bericht</translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation>Was nicht stimmt</translation>
    </message>
    <message>
        <source>&amp;Save report</source>
        <translation>Bericht &amp;speichern</translation>
    </message>
    <message>
        <source>Save report</source>
        <translation>Bericht speichern</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Text (*.txt)</translation>
    </message>
</context>
<context>
    <name>anagraph::app::ExampleDialog</name>
    <message>
        <source>An example guide</source>
        <translation>Eine Beispielanleitung</translation>
    </message>
    <message>
        <source>The printed form of a 100 h service, made from two films. In the pack that goes out the clips play, and the figures show their evidence.</source>
        <translation>Die gedruckte Form eines 100-h-Service, aus zwei Filmen. Im Paket, das hinausgeht, spielen die Clips, und die Werte zeigen ihre Nachweise.</translation>
    </message>
    <message>
        <source>Pages of the example guide</source>
        <translation>Seiten der Beispielanleitung</translation>
    </message>
</context>
<context>
    <name>anagraph::app::FigureList</name>
    <message>
        <source>Figures on their number lines</source>
        <translation>Werte auf ihren Zahlenlinien</translation>
    </message>
    <message>
        <source>open</source>
        <translation>öffnen</translation>
    </message>
    <message>
        <source>proved</source>
        <translation>belegt</translation>
    </message>
    <message>
        <source>disputed</source>
        <translation>strittig</translation>
    </message>
    <message>
        <source>older number, replaced · </source>
        <translation>ältere Nummer, ersetzt · </translation>
    </message>
    <message>
        <source>the same · </source>
        <translation>dasselbe · </translation>
    </message>
    <message>
        <source>differs · </source>
        <translation>weicht ab · </translation>
    </message>
    <message>
        <source>“%1” %2, heard by the program</source>
        <translation>„%1“ %2, vom Programm gehört</translation>
    </message>
    <message>
        <source>nothing said, nothing found</source>
        <translation>nichts gesagt, nichts gefunden</translation>
    </message>
    <message>
        <source>not found: looked in %1</source>
        <translation>nicht gefunden: gesucht in %1</translation>
    </message>
    <message>
        <source>No figures yet. On the Tape, go to a line in which a figure is said and take it; or add one here by hand.</source>
        <translation>Noch keine Werte. Am Band zu einer Zeile gehen, in der ein Wert gesagt wird, und ihn übernehmen; oder hier einen von Hand eintragen.</translation>
    </message>
    <message>
        <source>No figure passes the filter above.</source>
        <translation>Kein Wert geht durch den Filter oben.</translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation>In die Hand nehmen</translation>
    </message>
    <message>
        <source>Show page</source>
        <translation>Seite zeigen</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Anhören</translation>
    </message>
</context>
<context>
    <name>anagraph::app::FiguresStation</name>
    <message>
        <source>The tolerance is a number in the unit of the value, as in 2.5.</source>
        <translation>Die Toleranz ist eine Zahl in der Einheit des Wertes, wie 2.5.</translation>
    </message>
    <message>
        <source>Remove a source</source>
        <translation>Eine Quelle entfernen</translation>
    </message>
    <message>
        <source>Which source no longer counts?</source>
        <translation>Welche Quelle zählt nicht mehr?</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>The page is opened …</source>
        <translation>Die Seite wird geöffnet …</translation>
    </message>
    <message>
        <source>%1 stands here for %2. Escape closes.</source>
        <translation>%1 steht hier für %2. Escape schließt.</translation>
    </message>
    <message>
        <source>change the house</source>
        <translation>das Haus ändern</translation>
    </message>
    <message>
        <source>Resolve a difference</source>
        <translation>Eine Abweichung entscheiden</translation>
    </message>
    <message>
        <source>Why does %1 hold? (printed with the guide)</source>
        <translation>Warum gilt %1? (wird mit der Anleitung gedruckt)</translation>
    </message>
    <message>
        <source>A difference is resolved with a reason; nothing was changed.</source>
        <translation>Eine Abweichung wird mit einem Grund entschieden; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>Take a measured value</source>
        <translation>Einen gemessenen Wert übernehmen</translation>
    </message>
    <message>
        <source>It becomes a source of the figure, a measurement with its instrument; the maker&apos;s book comes first where it says something.</source>
        <translation>Er wird eine Quelle des Wertes, eine Messung mit ihrem Messgerät; das Buch des Herstellers geht vor, wo es etwas sagt.</translation>
    </message>
    <message>
        <source>&amp;Measured</source>
        <translation>&amp;Gemessen</translation>
    </message>
    <message>
        <source>Not found</source>
        <translation>Nicht gefunden</translation>
    </message>
    <message>
        <source>Where was it looked for? (printed with the guide)</source>
        <translation>Wo wurde gesucht? (wird mit der Anleitung gedruckt)</translation>
    </message>
    <message>
        <source>“Not found” says where it was looked for; nothing was changed.</source>
        <translation>„Nicht gefunden“ sagt, wo gesucht wurde; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>There is no other %1 to merge it with.</source>
        <translation>Es gibt keinen anderen Wert dieser Art (%1), mit dem er zusammenzulegen wäre.</translation>
    </message>
    <message>
        <source>Merge two figures</source>
        <translation>Zwei Werte zusammenlegen</translation>
    </message>
    <message>
        <source>Which says the same as %1? Its claims and sources come here.</source>
        <translation>Welcher sagt dasselbe wie %1? Seine Angaben und Quellen kommen hierher.</translation>
    </message>
    <message>
        <source>New figure</source>
        <translation>Neuer Wert</translation>
    </message>
    <message>
        <source>(no item)</source>
        <translation>(kein Gegenstand)</translation>
    </message>
    <message>
        <source>tightening torque</source>
        <translation>Anzugsdrehmoment</translation>
    </message>
    <message>
        <source>leave empty while it is not known</source>
        <translation>leer lassen, solange er nicht bekannt ist</translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation>&amp;Art</translation>
    </message>
    <message>
        <source>&amp;About</source>
        <translation>&amp;Worüber</translation>
    </message>
    <message>
        <source>&amp;Purpose</source>
        <translation>&amp;Zweck</translation>
    </message>
    <message>
        <source>&amp;Value</source>
        <translation>&amp;Wert</translation>
    </message>
    <message>
        <source>Show by standing</source>
        <translation>Nach Stand zeigen</translation>
    </message>
    <message>
        <source>any standing</source>
        <translation>jeder Stand</translation>
    </message>
    <message>
        <source>only %1</source>
        <translation>nur %1</translation>
    </message>
    <message>
        <source>Show by step</source>
        <translation>Nach Schritt zeigen</translation>
    </message>
    <message>
        <source>Show by item</source>
        <translation>Nach Gegenstand zeigen</translation>
    </message>
    <message>
        <source>any step</source>
        <translation>jeder Schritt</translation>
    </message>
    <message>
        <source>any item</source>
        <translation>jedes Ding</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>value and unit</source>
        <translation>Wert und Einheit</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source>± tolerance</source>
        <translation>± Toleranz</translation>
    </message>
    <message>
        <source>The printed line of its source</source>
        <translation>Die gedruckte Zeile ihrer Quelle</translation>
    </message>
    <message>
        <source>Every figure is proved.</source>
        <translation>Jeder Wert ist belegt.</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>No figure yet</source>
        <translation>Noch kein Wert</translation>
    </message>
    <message>
        <source> %1 has a newer edition here: look it up again.</source>
        <translation> Von %1 gibt es hier eine neuere Ausgabe: noch einmal nachschlagen.</translation>
    </message>
    <message>
        <source>Not said in any recording.</source>
        <translation>In keiner Aufnahme gesagt.</translation>
    </message>
    <message>
        <source>“%1”, %2 (claim %3 of %4)</source>
        <translation>„%1“, %2 (Angabe %3 von %4)</translation>
    </message>
    <message>
        <source>; with %1</source>
        <translation>; mit %1</translation>
    </message>
    <message>
        <source>; serials %1</source>
        <translation>; Seriennummern %1</translation>
    </message>
    <message>
        <source>&lt;p style=&apos;margin:2px 0&apos;&gt;Replaces %1&lt;/p&gt;</source>
        <translation>&lt;p style=&apos;margin:2px 0&apos;&gt;Ersetzt %1&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p style=&apos;margin:2px 0&apos;&gt;Level: %1&lt;/p&gt;</source>
        <translation>&lt;p style=&apos;margin:2px 0&apos;&gt;Stand: %1&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p style=&apos;margin:2px 0&apos;&gt;Resolved: %1&lt;/p&gt;</source>
        <translation>&lt;p style=&apos;margin:2px 0&apos;&gt;Entschieden: %1&lt;/p&gt;</translation>
    </message>
    <message>
        <source>No source yet.</source>
        <translation>Noch keine Quelle.</translation>
    </message>
    <message>
        <source>No step uses it yet.</source>
        <translation>Noch kein Schritt benutzt ihn.</translation>
    </message>
    <message>
        <source>Used in step %1.</source>
        <translation>Benutzt in Schritt %1.</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>No figure is in hand.</source>
        <translation>Kein Wert ist in der Hand.</translation>
    </message>
    <message>
        <source>Evidence</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>Resolve difference</source>
        <translation>Abweichung entscheiden</translation>
    </message>
    <message>
        <source>The value holds, with a reason that is printed with the guide.</source>
        <translation>Der Wert gilt, mit einem Grund, der mit der Anleitung gedruckt wird.</translation>
    </message>
    <message>
        <source>Its sources do not differ; there is nothing to resolve.</source>
        <translation>Seine Quellen weichen nicht ab; es gibt nichts zu entscheiden.</translation>
    </message>
    <message>
        <source>settle</source>
        <translation>entscheiden</translation>
    </message>
    <message>
        <source>dispute</source>
        <translation>Streit</translation>
    </message>
    <message>
        <source>Reopen difference</source>
        <translation>Abweichung wieder öffnen</translation>
    </message>
    <message>
        <source>Add source</source>
        <translation>Quelle hinzufügen</translation>
    </message>
    <message>
        <source>A page, a label or a measurement that gives the figure.</source>
        <translation>Eine Seite, ein Schild oder eine Messung, die den Wert angibt.</translation>
    </message>
    <message>
        <source>proof</source>
        <translation>Beleg</translation>
    </message>
    <message>
        <source>book</source>
        <translation>Buch</translation>
    </message>
    <message>
        <source>measurement</source>
        <translation>Messung</translation>
    </message>
    <message>
        <source>manual</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Play claim</source>
        <translation>Angabe abspielen</translation>
    </message>
    <message>
        <source>Plays the moment where the figure is said.</source>
        <translation>Spielt den Moment, in dem der Wert gesagt wird.</translation>
    </message>
    <message>
        <source>The figure is not said in any recording.</source>
        <translation>Der Wert wird in keiner Aufnahme gesagt.</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Play next claim</source>
        <translation>Nächste Angabe abspielen</translation>
    </message>
    <message>
        <source>Plays the next moment where the figure is said.</source>
        <translation>Spielt den nächsten Moment, in dem der Wert gesagt wird.</translation>
    </message>
    <message>
        <source>The figure is not said a second time.</source>
        <translation>Der Wert wird kein zweites Mal gesagt.</translation>
    </message>
    <message>
        <source>Show page</source>
        <translation>Seite zeigen</translation>
    </message>
    <message>
        <source>Shows the page of the book on which the figure stands.</source>
        <translation>Zeigt die Seite des Buches, auf der der Wert steht.</translation>
    </message>
    <message>
        <source>None of its sources has a page here.</source>
        <translation>Keine seiner Quellen hat hier eine Seite.</translation>
    </message>
    <message>
        <source>pdf</source>
        <translation>pdf</translation>
    </message>
    <message>
        <source>Follow house rule</source>
        <translation>Hausregel folgen</translation>
    </message>
    <message>
        <source>Takes the value of the source that comes first in this house.</source>
        <translation>Nimmt den Wert der Quelle, die in diesem Haus vorgeht.</translation>
    </message>
    <message>
        <source>Speech alone proves nothing, so the house rule has nothing to go by.</source>
        <translation>Gesagtes allein belegt nichts, daher hat die Hausregel nichts, wonach sie gehen kann.</translation>
    </message>
    <message>
        <source>All sources agree; there is nothing to resolve.</source>
        <translation>Alle Quellen stimmen überein; es gibt nichts zu entscheiden.</translation>
    </message>
    <message>
        <source>Two sources of the same rank differ: find out which holds, and resolve it with the reason.</source>
        <translation>Zwei Quellen desselben Ranges weichen ab: herausfinden, welche gilt, und mit dem Grund entscheiden.</translation>
    </message>
    <message>
        <source>precedence</source>
        <translation>Vorrang</translation>
    </message>
    <message>
        <source>Take measured value</source>
        <translation>Messwert übernehmen</translation>
    </message>
    <message>
        <source>What a run at the machine read with an instrument becomes a source of the figure.</source>
        <translation>Was ein Durchlauf an der Maschine mit einem Messgerät las, wird eine Quelle des Wertes.</translation>
    </message>
    <message>
        <source>No run read it with an instrument.</source>
        <translation>Kein Durchlauf hat ihn mit einem Messgerät gelesen.</translation>
    </message>
    <message>
        <source>bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>run</source>
        <translation>laufen</translation>
    </message>
    <message>
        <source>Note as not found</source>
        <translation>Als nicht gefunden</translation>
    </message>
    <message>
        <source>Where it was looked for without finding it; printed with the guide.</source>
        <translation>Wo gesucht wurde, ohne ihn zu finden; wird mit der Anleitung gedruckt.</translation>
    </message>
    <message>
        <source>The figure has a source; it was found.</source>
        <translation>Der Wert hat eine Quelle; er wurde gefunden.</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>Remove source</source>
        <translation>Quelle entfernen</translation>
    </message>
    <message>
        <source>A source no longer counts for the figure.</source>
        <translation>Eine Quelle zählt nicht mehr für den Wert.</translation>
    </message>
    <message>
        <source>The figure has no source.</source>
        <translation>Der Wert hat keine Quelle.</translation>
    </message>
    <message>
        <source>remove proof</source>
        <translation>Beleg entfernen</translation>
    </message>
    <message>
        <source>The figure</source>
        <translation>Der Wert</translation>
    </message>
    <message>
        <source>Work it out</source>
        <translation>Ausrechnen</translation>
    </message>
    <message>
        <source>A torque for the wrench, an amount as a filling plan, a strength as a mixture, bolts as their order, an interval as its next day.</source>
        <translation>Ein Drehmoment für den Schlüssel, eine Menge als Füllplan, eine Stärke als Mischung, Schrauben als ihre Reihenfolge, ein Intervall als sein nächster Tag.</translation>
    </message>
    <message>
        <source>There is nothing to work out for this kind of figure.</source>
        <translation>Für diese Art von Wert gibt es nichts auszurechnen.</translation>
    </message>
    <message>
        <source>torque wrench setting</source>
        <translation>Einstellung des Drehmomentschlüssels</translation>
    </message>
    <message>
        <source>calculate</source>
        <translation>rechnen</translation>
    </message>
    <message>
        <source>filling plan</source>
        <translation>Füllplan</translation>
    </message>
    <message>
        <source>mixture</source>
        <translation>Mischung</translation>
    </message>
    <message>
        <source>tightening sequence</source>
        <translation>Anzugsreihenfolge</translation>
    </message>
    <message>
        <source>next service due</source>
        <translation>nächster fälliger Service</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Say what it applies to</source>
        <translation>Sagen, wofür er gilt</translation>
    </message>
    <message>
        <source>Variants, condition, what it replaces, and how a level is read.</source>
        <translation>Ausführungen, Bedingung, was er ersetzt, und wie ein Stand gelesen wird.</translation>
    </message>
    <message>
        <source>details</source>
        <translation>Einzelheiten</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>superseded</source>
        <translation>ersetzt</translation>
    </message>
    <message>
        <source>A figure entered by hand.</source>
        <translation>Ein von Hand eingetragener Wert.</translation>
    </message>
    <message>
        <source>torque</source>
        <translation>Drehmoment</translation>
    </message>
    <message>
        <source>capacity</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>Merge with another</source>
        <translation>Mit anderem zusammenlegen</translation>
    </message>
    <message>
        <source>Two figures that are the same become one, with the claims and sources of both.</source>
        <translation>Zwei gleiche Werte werden einer, mit den Angaben und Quellen beider.</translation>
    </message>
    <message>
        <source>There is no other figure of this kind.</source>
        <translation>Es gibt keinen anderen Wert dieser Art.</translation>
    </message>
    <message>
        <source>Split claim off</source>
        <translation>Angabe abtrennen</translation>
    </message>
    <message>
        <source>The claim in hand becomes a figure of its own.</source>
        <translation>Die Angabe in der Hand wird ein eigener Wert.</translation>
    </message>
    <message>
        <source>It rests on one claim or source only.</source>
        <translation>Er ruht nur auf einer Angabe oder Quelle.</translation>
    </message>
    <message>
        <source>Remove figure</source>
        <translation>Wert entfernen</translation>
    </message>
    <message>
        <source>Where no step uses it.</source>
        <translation>Wo kein Schritt ihn benutzt.</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Next figure</source>
        <translation>Nächster Wert</translation>
    </message>
    <message>
        <source>The one below.</source>
        <translation>Der darunter.</translation>
    </message>
    <message>
        <source>Figure before</source>
        <translation>Wert davor</translation>
    </message>
    <message>
        <source>The one above.</source>
        <translation>Der darüber.</translation>
    </message>
    <message>
        <source>Show open figures only</source>
        <translation>Nur offene Werte</translation>
    </message>
    <message>
        <source>What is not proved yet, or every figure again.</source>
        <translation>Was noch nicht belegt ist, oder wieder jeden Wert.</translation>
    </message>
    <message>
        <source>filter</source>
        <translation>Filter</translation>
    </message>
    <message>
        <source>Show every standing</source>
        <translation>Jeden Stand zeigen</translation>
    </message>
    <message>
        <source>Show every figure</source>
        <translation>Jeden Wert zeigen</translation>
    </message>
    <message>
        <source>Nothing is filtered any longer.</source>
        <translation>Nichts wird mehr gefiltert.</translation>
    </message>
    <message>
        <source>Every figure is shown.</source>
        <translation>Jeder Wert wird gezeigt.</translation>
    </message>
    <message>
        <source>Show both unit systems</source>
        <translation>Beide Einheitensysteme</translation>
    </message>
    <message>
        <source>Metric and inch beside each other, or as the value was given.</source>
        <translation>Metrisch und Zoll nebeneinander, oder wie der Wert angegeben wurde.</translation>
    </message>
    <message>
        <source>convert</source>
        <translation>umrechnen</translation>
    </message>
    <message>
        <source>imperial</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>metric</source>
        <translation>metrisch</translation>
    </message>
    <message>
        <source>Show values as given</source>
        <translation>Werte wie angegeben</translation>
    </message>
    <message>
        <source>House settings</source>
        <translation>Hauseinstellungen</translation>
    </message>
    <message>
        <source>Which source comes first here, the packs in the store, methods, and the editor&apos;s rules.</source>
        <translation>Welche Quelle hier vorgeht, die Gebinde im Lager, Vorgehen und die Regeln für den Text.</translation>
    </message>
    <message>
        <source>House</source>
        <translation>Haus</translation>
    </message>
    <message>
        <source>preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>wrench settings</source>
        <translation>Einstellungen der Schlüssel</translation>
    </message>
    <message>
        <source>torque wrench</source>
        <translation>Drehmomentschlüssel</translation>
    </message>
    <message>
        <source>store</source>
        <translation>Lager</translation>
    </message>
    <message>
        <source>methods</source>
        <translation>Vorgehen</translation>
    </message>
    <message numerus="yes">
        <source>%n figures</source>
        <comment>1 figure</comment>
        <translation>
            <numerusform>1 Wert</numerusform>
            <numerusform>%n Werte</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::FillPanel</name>
    <message>
        <source>What is known</source>
        <translation>Was bekannt ist</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>Packs to be had</source>
        <translation>Erhältliche Gebinde</translation>
    </message>
    <message>
        <source>Sizes and, where known, prices: 1 L@6.50; 5 L@24</source>
        <translation>Größen und, wo bekannt, Preise: 1 L@6.50; 5 L@24</translation>
    </message>
    <message>
        <source>&amp;Packs to be had</source>
        <translation>&amp;Erhältliche Gebinde</translation>
    </message>
    <message>
        <source>Sizes and prices, as in
1 L@6.50; 5 L@24</source>
        <translation>Größen und Preise, wie
1 L@6.50; 5 L@24</translation>
    </message>
    <message>
        <source>Machines of the day</source>
        <translation>Maschinen des Tages</translation>
    </message>
    <message>
        <source>&amp;Machines of the day</source>
        <translation>&amp;Maschinen des Tages</translation>
    </message>
    <message>
        <source>The pan holds</source>
        <translation>Die Wanne fasst</translation>
    </message>
    <message>
        <source>T&amp;he pan holds</source>
        <translation>&amp;Die Wanne fasst</translation>
    </message>
    <message>
        <source>How to fill it</source>
        <translation>Wie gefüllt wird</translation>
    </message>
    <message>
        <source>The &amp;dipstick reads</source>
        <translation>Der &amp;Peilstab zeigt</translation>
    </message>
    <message>
        <source>Reading between the marks</source>
        <translation>Ablesung zwischen den Marken</translation>
    </message>
    <message>
        <source>How it is read: %1</source>
        <translation>Wie gelesen wird: %1</translation>
    </message>
    <message>
        <source>How its level is read is not written down; say it at the figure.</source>
        <translation>Wie sein Stand gelesen wird, ist nicht aufgeschrieben; beim Wert sagen.</translation>
    </message>
    <message>
        <source>What it drains into</source>
        <translation>Worein es abläuft</translation>
    </message>
    <message>
        <source>the opened %1 of %2</source>
        <translation>das angebrochene %1 mit %2</translation>
    </message>
    <message>
        <source>Use up %1 first. </source>
        <translation>Zuerst %1 aufbrauchen. </translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>Open %1. </source>
        <translation>%1 öffnen. </translation>
    </message>
    <message>
        <source>%1 is left over%2.</source>
        <translation>%1 bleiben übrig%2.</translation>
    </message>
    <message>
        <source>; it costs %1</source>
        <translation>; es kostet %1</translation>
    </message>
    <message>
        <source>The open %1 of %2 is left aside: %3</source>
        <translation>Das angebrochene %1 mit %2 bleibt stehen: %3</translation>
    </message>
    <message>
        <source>How much comes out is not known: keep a second pan beside it.</source>
        <translation>Wie viel herauskommt, ist nicht bekannt: eine zweite Wanne danebenstellen.</translation>
    </message>
    <message>
        <source>%1 come out: say what the pan holds to see whether it takes them.</source>
        <translation>%1 kommen heraus: sagen, was die Wanne fasst, um zu sehen, ob sie es aufnimmt.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Pour %1&lt;/b&gt;. Run it, stop, wait, read.</source>
        <translation>&lt;b&gt;%1 eingießen&lt;/b&gt;. Laufen lassen, abstellen, warten, ablesen.</translation>
    </message>
    <message>
        <source>Then add %1 at a time, %2 times at most; run, wait and read after each.</source>
        <translation>Dann jeweils %1 zugeben, höchstens %2-mal; nach jedem Mal laufen lassen, warten und ablesen.</translation>
    </message>
    <message>
        <source>Stop at the upper mark: &lt;b&gt;%1 in all&lt;/b&gt;%2.</source>
        <translation>An der oberen Marke aufhören: &lt;b&gt;%1 insgesamt&lt;/b&gt;%2.</translation>
    </message>
    <message>
        <source>, going by what came out</source>
        <translation>, nach dem, was herauskam</translation>
    </message>
    <message>
        <source>For %1 machines: </source>
        <translation>Für %1 Maschinen: </translation>
    </message>
    <message>
        <source>Say what is known of the system on the left; what follows stands here.</source>
        <translation>Links sagen, was vom System bekannt ist; was folgt, steht hier.</translation>
    </message>
    <message>
        <source>What lies between the marks is not known, so a reading cannot be turned into an amount.</source>
        <translation>Was zwischen den Marken liegt, ist nicht bekannt, daher lässt sich eine Ablesung nicht in eine Menge umrechnen.</translation>
    </message>
    <message>
        <source>%1 % of the way over the upper mark</source>
        <translation>%1 % des Weges über der oberen Marke</translation>
    </message>
    <message>
        <source>below the lower mark</source>
        <translation>unter der unteren Marke</translation>
    </message>
    <message>
        <source>%1 % up between the marks</source>
        <translation>%1 % hoch zwischen den Marken</translation>
    </message>
    <message>
        <source>Where it stands %1: &lt;b&gt;draw off %2&lt;/b&gt;.</source>
        <translation>Wo es steht, %1: &lt;b&gt;%2 ablassen&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>Where it stands %1: &lt;b&gt;add %2&lt;/b&gt;.</source>
        <translation>Wo es steht, %1: &lt;b&gt;%2 zugeben&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>It is full.</source>
        <translation>Es ist voll.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::FilmView</name>
    <message>
        <source>Moving picture</source>
        <translation>Bewegtes Bild</translation>
    </message>
    <message>
        <source>The original is missing: this is the small copy. Stills and clips wait for it.</source>
        <translation>Das Original fehlt: das ist die kleine Kopie. Standbilder und Clips warten darauf.</translation>
    </message>
    <message>
        <source>Choose a recording on the Shelf.</source>
        <translation>Am Regal eine Aufnahme wählen.</translation>
    </message>
    <message>
        <source>The film is on its way to this computer. Its lines are here already.</source>
        <translation>Der Film ist auf dem Weg zu diesem Rechner. Seine Zeilen sind schon hier.</translation>
    </message>
    <message>
        <source>Opening …</source>
        <translation>Wird geöffnet …</translation>
    </message>
</context>
<context>
    <name>anagraph::app::Finder</name>
    <message>
        <source>Find</source>
        <translation>Finden</translation>
    </message>
    <message>
        <source>a command, a step, an item, a figure, a guide, or what was said</source>
        <translation>ein Befehl, ein Schritt, ein Gegenstand, ein Wert, eine Anleitung, oder was gesagt wurde</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>Was zu finden ist</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>Looking for what was said, too …</source>
        <translation>Auch das Gesagte wird durchsucht …</translation>
    </message>
    <message>
        <source>Arrows choose, Enter goes there.</source>
        <translation>Pfeile wählen, Enter geht hin.</translation>
    </message>
    <message>
        <source>Said</source>
        <translation>Gesagt</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>Nothing found: no command, thing or spoken line matches.</source>
        <translation>Nichts gefunden: kein Befehl, kein Ding, keine gesprochene Zeile passt.</translation>
    </message>
    <message numerus="yes">
        <source>%n found</source>
        <comment>1 found</comment>
        <translation>
            <numerusform>1 gefunden</numerusform>
            <numerusform>%n gefunden</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::FleetView</name>
    <message>
        <source>Machines and weeks</source>
        <translation>Maschinen und Wochen</translation>
    </message>
    <message>
        <source>out of service</source>
        <translation>außer Betrieb</translation>
    </message>
    <message>
        <source>%1 is overdue, %2</source>
        <translation>%1 ist überfällig, %2</translation>
    </message>
    <message>
        <source>%1 is due %2</source>
        <translation>%1 ist fällig %2</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>overdue</source>
        <translation>überfällig</translation>
    </message>
    <message>
        <source>No machine is in the logbook yet. Add the first, then read its meter.</source>
        <translation>Noch keine Maschine ist im Logbuch. Die erste eintragen, dann ihren Zähler ablesen.</translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation>In die Hand nehmen</translation>
    </message>
    <message>
        <source>%1: %2 done</source>
        <translation>%1: %2 getan</translation>
    </message>
    <message>
        <source>%1: %2 was due, overdue</source>
        <translation>%1: %2 war fällig, überfällig</translation>
    </message>
    <message>
        <source>%1: %2 is due</source>
        <translation>%1: %2 ist fällig</translation>
    </message>
    <message>
        <source>, planned for %1</source>
        <translation>, geplant für %1</translation>
    </message>
    <message>
        <source>kept free from %1 to %2</source>
        <translation>freigehalten von %1 bis %2</translation>
    </message>
    <message numerus="yes">
        <source>%n open findings</source>
        <comment>1 open finding</comment>
        <translation>
            <numerusform>1 offener Befund</numerusform>
            <numerusform>%n offene Befunde</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n findings</source>
        <comment>1 finding</comment>
        <translation>
            <numerusform>1 Befund</numerusform>
            <numerusform>%n Befunde</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::GuideRows</name>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>not issued yet</source>
        <translation>noch nicht herausgegeben</translation>
    </message>
    <message>
        <source>edition %1 issued · changed since</source>
        <translation>Ausgabe %1 herausgegeben · seither geändert</translation>
    </message>
    <message>
        <source>edition %1 issued</source>
        <translation>Ausgabe %1 herausgegeben</translation>
    </message>
    <message>
        <source>open now · %1</source>
        <translation>gerade offen · %1</translation>
    </message>
</context>
<context>
    <name>anagraph::app::GuideSettingsDialog</name>
    <message>
        <source>Guide settings</source>
        <translation>Einstellungen der Anleitung</translation>
    </message>
    <message>
        <source>&amp;Machine</source>
        <translation>&amp;Maschine</translation>
    </message>
    <message>
        <source>Perrick PT60</source>
        <translation>Perrick PT60</translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation>&amp;Arbeit</translation>
    </message>
    <message>
        <source>100 h service</source>
        <translation>100-h-Service</translation>
    </message>
    <message>
        <source>Guide &amp;number</source>
        <translation>Anleitungs&amp;nummer</translation>
    </message>
    <message>
        <source>the workshop&apos;s number, as in KQ-PT60-100</source>
        <translation>die eigene Nummer der Werkstatt, wie KQ-PT60-100</translation>
    </message>
    <message>
        <source>&amp;Interval</source>
        <translation>&amp;Intervall</translation>
    </message>
    <message>
        <source>every 100 h or 12 months, whichever comes first</source>
        <translation>alle 100 h oder 12 Monate, was zuerst kommt</translation>
    </message>
    <message>
        <source>&amp;Workshop note</source>
        <translation>&amp;Werkstatthinweis</translation>
    </message>
    <message>
        <source>what the workshop adds to the safety statement</source>
        <translation>was die Werkstatt der Sicherheitserklärung hinzufügt</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>&amp;Language</source>
        <translation>&amp;Sprache</translation>
    </message>
    <message>
        <source>The guide&apos;s own texts. The page&apos;s fixed words stay English; usual cautions and the rules of wording are looked for in English only.</source>
        <translation>Die eigenen Texte der Anleitung. Die festen Worte der Seite bleiben englisch; nach üblichen Warnhinweisen und den Regeln für den Text wird nur im Englischen gesucht.</translation>
    </message>
    <message>
        <source>Variants</source>
        <translation>Ausführungen</translation>
    </message>
    <message>
        <source>Add variant</source>
        <translation>Ausführung hinzufügen</translation>
    </message>
    <message>
        <source>A further variant of the machine, to which steps, figures and parts can apply.</source>
        <translation>Eine weitere Ausführung der Maschine, für die Schritte, Werte und Teile gelten können.</translation>
    </message>
    <message>
        <source>Remove variant</source>
        <translation>Ausführung entfernen</translation>
    </message>
    <message>
        <source>The guide does without it; what applies to it alone has to go first.</source>
        <translation>Die Anleitung kommt ohne sie aus; was nur für sie gilt, muss zuerst weg.</translation>
    </message>
    <message>
        <source>No variant is chosen.</source>
        <translation>Keine Ausführung ist gewählt.</translation>
    </message>
    <message>
        <source>The guide is for one kind of machine. Add variants where some steps, figures or parts differ between machines.</source>
        <translation>Die Anleitung gilt für eine Art von Maschine. Ausführungen hinzufügen, wo sich manche Schritte, Werte oder Teile zwischen Maschinen unterscheiden.</translation>
    </message>
    <message>
        <source>Nothing applies to %1 alone.</source>
        <translation>Nichts gilt nur für %1.</translation>
    </message>
    <message>
        <source>Only for %1: %2.</source>
        <translation>Nur für %1: %2.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::HeardPanel</name>
    <message>
        <source>Heard and done in this step</source>
        <translation>In diesem Schritt gehört und getan</translation>
    </message>
    <message>
        <source>Heard here</source>
        <translation>Hier gehört</translation>
    </message>
    <message>
        <source>Done here</source>
        <translation>Hier getan</translation>
    </message>
    <message>
        <source>taken back aloud</source>
        <translation>laut zurückgenommen</translation>
    </message>
    <message>
        <source>taken · %1</source>
        <translation>übernommen · %1</translation>
    </message>
    <message>
        <source>caution</source>
        <translation>Warnhinweis</translation>
    </message>
    <message>
        <source>slip</source>
        <translation>Versprecher</translation>
    </message>
    <message>
        <source>not seen</source>
        <translation>nicht zu sehen</translation>
    </message>
    <message>
        <source>Nothing was found in what is said here.</source>
        <translation>In dem, was hier gesagt wird, wurde nichts gefunden.</translation>
    </message>
    <message>
        <source>No step here. Open one where it begins and close it where it ends.</source>
        <translation>Kein Schritt hier. Einen öffnen, wo er beginnt, und schließen, wo er endet.</translation>
    </message>
    <message>
        <source>taken</source>
        <translation>übernommen</translation>
    </message>
    <message>
        <source>dismissed</source>
        <translation>verworfen</translation>
    </message>
    <message>
        <source>not taken yet</source>
        <translation>noch nicht übernommen</translation>
    </message>
    <message>
        <source>%1: %2, “%3”, %4</source>
        <translation>%1: %2, „%3“, %4</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Hingehen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>anagraph::app::Hearing</name>
    <message>
        <source>Hearing what is said on %1</source>
        <translation>Es wird gehört, was auf %1 gesagt wird</translation>
    </message>
    <message>
        <source>%1: %2 by the program. Listen before you rely on them; words it was not sure of are hatched.</source>
        <translation>%1: %2, vom Programm. Anhören, bevor Sie sich darauf verlassen; unsichere Wörter sind schraffiert.</translation>
    </message>
    <message numerus="yes">
        <source>%n lines were heard</source>
        <comment>1 line was heard</comment>
        <translation>
            <numerusform>1 Zeile wurde gehört</numerusform>
            <numerusform>%n Zeilen wurden gehört</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::HouseDialog</name>
    <message>
        <source>A pack in the store</source>
        <translation>Ein Gebinde im Lager</translation>
    </message>
    <message>
        <source>&amp;Fluid</source>
        <translation>&amp;Flüssigkeit</translation>
    </message>
    <message>
        <source>gear oil</source>
        <translation>Getriebeöl</translation>
    </message>
    <message>
        <source>The pack &amp;says</source>
        <translation>Auf dem Gebinde &amp;steht</translation>
    </message>
    <message>
        <source>75W90 GL5</source>
        <translation>75W90 GL5</translation>
    </message>
    <message>
        <source>&amp;Size when full</source>
        <translation>&amp;Größe, wenn voll</translation>
    </message>
    <message>
        <source>1 L, 1 qt, 500 mL</source>
        <translation>1 L, 1 qt, 500 mL</translation>
    </message>
    <message>
        <source>&amp;Left in it</source>
        <translation>&amp;Noch darin</translation>
    </message>
    <message>
        <source>as much as it holds when it is closed</source>
        <translation>so viel, wie es ungeöffnet fasst</translation>
    </message>
    <message>
        <source>&amp;Price of a full one</source>
        <translation>&amp;Preis eines vollen</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>Say what fluid it is.</source>
        <translation>Sagen, welche Flüssigkeit es ist.</translation>
    </message>
    <message>
        <source>What is left cannot be more than its size, or less than nothing.</source>
        <translation>Was noch darin ist, kann nicht mehr als seine Größe sein, und nicht weniger als nichts.</translation>
    </message>
    <message>
        <source>The price is a number, as in 6.50.</source>
        <translation>Der Preis ist eine Zahl, wie 6.50.</translation>
    </message>
    <message>
        <source>House settings: kept for all guides</source>
        <translation>Hauseinstellungen: gelten für alle Anleitungen</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Workshop</source>
        <translation>Werkstatt</translation>
    </message>
    <message>
        <source>It cannot be moved further.</source>
        <translation>Weiter lässt es sich nicht verschieben.</translation>
    </message>
    <message>
        <source>Sources</source>
        <translation>Quellen</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>This kind of source outranks the one above it.</source>
        <translation>Diese Art von Quelle geht der darüber vor.</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>The kind of source below outranks this one.</source>
        <translation>Die Art von Quelle darunter geht dieser vor.</translation>
    </message>
    <message>
        <source>No pack is chosen.</source>
        <translation>Kein Gebinde ist gewählt.</translation>
    </message>
    <message>
        <source>Store</source>
        <translation>Lager</translation>
    </message>
    <message>
        <source>Add pack</source>
        <translation>Gebinde hinzufügen</translation>
    </message>
    <message>
        <source>A fluid that stands in the store: what it is, how much is left.</source>
        <translation>Eine Flüssigkeit, die im Lager steht: was sie ist, wie viel noch da ist.</translation>
    </message>
    <message>
        <source>Edit pack</source>
        <translation>Gebinde ändern</translation>
    </message>
    <message>
        <source>Changes what is known of the chosen pack.</source>
        <translation>Ändert, was vom gewählten Gebinde bekannt ist.</translation>
    </message>
    <message>
        <source>Used up</source>
        <translation>Aufgebraucht</translation>
    </message>
    <message>
        <source>The chosen pack is empty and goes.</source>
        <translation>Das gewählte Gebinde ist leer und geht weg.</translation>
    </message>
    <message>
        <source>Where practitioners differ</source>
        <translation>Wo Fachleute verschiedener Meinung sind</translation>
    </message>
    <message>
        <source>What this workshop says where good practitioners do it differently.</source>
        <translation>Was diese Werkstatt sagt, wo es gute Fachleute verschieden machen.</translation>
    </message>
    <message>
        <source>Methods</source>
        <translation>Vorgehen</translation>
    </message>
    <message>
        <source>What listens to films</source>
        <translation>Was Filme anhört</translation>
    </message>
    <message>
        <source>The program that hears what is said on films without a narration: its own, or a command of the workshop&apos;s.</source>
        <translation>Das Programm, das hört, was auf Filmen ohne Mitschrift gesagt wird: sein eigener Erkenner oder ein Befehl der Werkstatt.</translation>
    </message>
    <message>
        <source>Hearing</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>Where sources differ, the upper one holds</source>
        <translation>Wo Quellen abweichen, gilt die obere</translation>
    </message>
    <message>
        <source>Which source outranks which</source>
        <translation>Welche Quelle welcher vorgeht</translation>
    </message>
    <message>
        <source>In the store</source>
        <translation>Im Lager</translation>
    </message>
    <message>
        <source>Packs in the store</source>
        <translation>Gebinde im Lager</translation>
    </message>
    <message>
        <source>What is open is used up before a new pack is opened, where the pack says it suits.</source>
        <translation>Was offen ist, wird aufgebraucht, bevor ein neues Gebinde geöffnet wird, wo das Gebinde sagt, dass es passt.</translation>
    </message>
    <message>
        <source>What the editor looks for</source>
        <translation>Worauf der Prüfer des Textes achtet</translation>
    </message>
    <message>
        <source>Rules of the editor</source>
        <translation>Regeln für den Text</translation>
    </message>
    <message>
        <source>speech: always last, and proves nothing alone</source>
        <translation>Gesagtes: immer zuletzt, und belegt allein nichts</translation>
    </message>
    <message>
        <source>Printed with every guide: %1.</source>
        <translation>Mit jeder Anleitung gedruckt: %1.</translation>
    </message>
    <message>
        <source>%1, %2: %3 of %4</source>
        <translation>%1, %2: %3 von %4</translation>
    </message>
    <message>
        <source>pack says nothing</source>
        <translation>auf dem Gebinde steht nichts</translation>
    </message>
    <message>
        <source>, %1 a pack</source>
        <translation>, %1 das Gebinde</translation>
    </message>
    <message>
        <source>%1 of %2 questions have a rule of this house: how warm oil is drained, whether a seal is used again, and so on.</source>
        <translation>%1 von %2 Fragen haben eine Regel dieses Hauses: wie warmes Öl abgelassen, ob eine Dichtung wieder benutzt wird, und so weiter.</translation>
    </message>
    <message>
        <source>Films without a narration are heard by the program&apos;s own recogniser.</source>
        <translation>Filme ohne Mitschrift hört der eigene Erkenner des Programms an.</translation>
    </message>
    <message>
        <source>Films without a narration are heard by: %1</source>
        <translation>Filme ohne Mitschrift hört an: %1</translation>
    </message>
    <message>
        <source>Issue whole translations only</source>
        <translation>Nur ganze Übersetzungen herausgeben</translation>
    </message>
    <message>
        <source>Nothing goes out while a language of the guide has texts that are missing or out of date.</source>
        <translation>Nichts geht hinaus, solange in einer Sprache der Anleitung Texte fehlen oder veraltet sind.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::IssueStation</name>
    <message>
        <source>What is true of the pack</source>
        <translation>Was am Paket stimmt</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>Editions</source>
        <translation>Ausgaben</translation>
    </message>
    <message>
        <source>Places to look at</source>
        <translation>Anzusehende Stellen</translation>
    </message>
    <message>
        <source>Checked by</source>
        <translation>Geprüft von</translation>
    </message>
    <message>
        <source>a second person, by post</source>
        <translation>eine zweite Person, als Funktion</translation>
    </message>
    <message>
        <source>, changed</source>
        <translation>, geändert</translation>
    </message>
    <message>
        <source>, passed</source>
        <translation>, in Ordnung</translation>
    </message>
    <message>
        <source>, not passed yet</source>
        <translation>, noch nicht in Ordnung</translation>
    </message>
    <message>
        <source>Places of the guide</source>
        <translation>Stellen der Anleitung</translation>
    </message>
    <message>
        <source>Nothing has changed</source>
        <translation>Nichts hat sich geändert</translation>
    </message>
    <message>
        <source>Nothing to look at</source>
        <translation>Nichts anzusehen</translation>
    </message>
    <message>
        <source>place %1 of %2%3</source>
        <translation>Stelle %1 von %2%3</translation>
    </message>
    <message>
        <source>Nothing stands in the way: pass the places, and check the guide.</source>
        <translation>Nichts steht im Weg: die Stellen für in Ordnung erklären und die Anleitung prüfen.</translation>
    </message>
    <message>
        <source>The next edition says what runs at the machine taught:</source>
        <translation>Die nächste Ausgabe sagt, was Durchläufe an der Maschine lehrten:</translation>
    </message>
    <message>
        <source>Before the next edition</source>
        <translation>Vor der nächsten Ausgabe</translation>
    </message>
    <message>
        <source>Withdrawn: %1</source>
        <translation>Zurückgezogen: %1</translation>
    </message>
    <message>
        <source>Issued %1 by %2, checked by %3; %4.</source>
        <translation>Herausgegeben am %1 von %2, geprüft von %3; %4.</translation>
    </message>
    <message>
        <source>not signed</source>
        <translation>nicht unterschrieben</translation>
    </message>
    <message>
        <source>signed by both</source>
        <translation>von beiden unterschrieben</translation>
    </message>
    <message>
        <source>The first edition.</source>
        <translation>Die erste Ausgabe.</translation>
    </message>
    <message>
        <source>Check the guide</source>
        <translation>Die Anleitung prüfen</translation>
    </message>
    <message>
        <source>You vouch for the guide as it stands now, every place of it. A change after this asks for the check of what changed.</source>
        <translation>Sie stehen für die Anleitung ein, wie sie jetzt ist, an jeder Stelle. Eine spätere Änderung verlangt die Prüfung des Geänderten.</translation>
    </message>
    <message>
        <source>&amp;Note</source>
        <translation>&amp;Notiz</translation>
    </message>
    <message>
        <source>kept with the check; may stay empty</source>
        <translation>bleibt bei der Prüfung; darf leer bleiben</translation>
    </message>
    <message>
        <source>Issue edition %1</source>
        <translation>Ausgabe %1 herausgeben</translation>
    </message>
    <message>
        <source>Edition %1 is frozen for ever and handed out. Issue it?</source>
        <translation>Ausgabe %1 ist dann für immer festgehalten und wird ausgehändigt. Herausgeben?</translation>
    </message>
    <message>
        <source>Issuing edition %1</source>
        <translation>Ausgabe %1 wird herausgegeben</translation>
    </message>
    <message>
        <source>Edition %1 is issued</source>
        <translation>Ausgabe %1 ist herausgegeben</translation>
    </message>
    <message>
        <source>Its mark, on every page: %1. Hand it out to those who work by it.</source>
        <translation>Ihre Kennzahl, auf jeder Seite: %1. Denen aushändigen, die danach arbeiten.</translation>
    </message>
    <message>
        <source>No browser could be started; open %1/guide.html yourself.</source>
        <translation>Es ließ sich kein Browser starten; %1/guide.html selbst öffnen.</translation>
    </message>
    <message>
        <source>Every file of the pack is being read</source>
        <translation>Jede Datei des Pakets wird gelesen</translation>
    </message>
    <message>
        <source>It could not be verified</source>
        <translation>Es ließ sich nicht verifizieren</translation>
    </message>
    <message>
        <source>Choose the folder to copy the pack into</source>
        <translation>Den Ordner wählen, in den das Paket kopiert wird</translation>
    </message>
    <message>
        <source>Edition %1 is being copied to %2</source>
        <translation>Ausgabe %1 wird nach %2 kopiert</translation>
    </message>
    <message>
        <source>Copied</source>
        <translation>Kopiert</translation>
    </message>
    <message>
        <source>Edition %1 is in %2.</source>
        <translation>Ausgabe %1 ist in %2.</translation>
    </message>
    <message>
        <source>Not copied</source>
        <translation>Nicht kopiert</translation>
    </message>
    <message>
        <source>Export edition %1</source>
        <translation>Ausgabe %1 exportieren</translation>
    </message>
    <message>
        <source>&amp;As</source>
        <translation>&amp;Als</translation>
    </message>
    <message>
        <source>Check of the learner</source>
        <translation>Prüfung der Lernenden</translation>
    </message>
    <message>
        <source>The same number asks the same questions, so that a sheet can be printed again. Empty: the edition&apos;s own.</source>
        <translation>Dieselbe Zahl stellt dieselben Fragen, sodass ein Blatt noch einmal gedruckt werden kann. Leer: die der Ausgabe.</translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation>&amp;Nummer</translation>
    </message>
    <message>
        <source>7</source>
        <translation>7</translation>
    </message>
    <message>
        <source>A check is named by a whole number.</source>
        <translation>Eine Prüfung wird mit einer ganzen Zahl benannt.</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>Edition %1 is being written to %2</source>
        <translation>Ausgabe %1 wird nach %2 geschrieben</translation>
    </message>
    <message>
        <source>Exported</source>
        <translation>Exportiert</translation>
    </message>
    <message>
        <source>Not exported</source>
        <translation>Nicht exportiert</translation>
    </message>
    <message>
        <source>Withdraw edition %1</source>
        <translation>Ausgabe %1 zurückziehen</translation>
    </message>
    <message>
        <source>Nobody may work by it any more; this cannot be taken back. %1</source>
        <translation>Niemand darf mehr danach arbeiten; das lässt sich nicht zurücknehmen. %1</translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation>&amp;Warum</translation>
    </message>
    <message>
        <source>the torque of the drain plug is wrong</source>
        <translation>das Drehmoment der Ablassschraube ist falsch</translation>
    </message>
    <message>
        <source>Say why it is withdrawn; its holders will read it.</source>
        <translation>Sagen, warum sie zurückgezogen wird; wer sie hat, wird es lesen.</translation>
    </message>
    <message>
        <source>Edition %1 is withdrawn</source>
        <translation>Ausgabe %1 ist zurückgezogen</translation>
    </message>
    <message>
        <source> Tell them.</source>
        <translation> Ihnen sagen.</translation>
    </message>
    <message>
        <source>Issue</source>
        <translation>Herausgabe</translation>
    </message>
    <message>
        <source>No edition is issued yet.</source>
        <translation>Noch keine Ausgabe ist herausgegeben.</translation>
    </message>
    <message>
        <source>An edition is being issued, verified or copied; wait for it, or cancel it.</source>
        <translation>Eine Ausgabe wird herausgegeben, verifiziert oder kopiert; darauf warten oder abbrechen.</translation>
    </message>
    <message>
        <source>Review</source>
        <translation>Durchsicht</translation>
    </message>
    <message>
        <source>Keys and learners</source>
        <translation>Schlüssel und Lernende</translation>
    </message>
    <message>
        <source>No place is in hand.</source>
        <translation>Keine Stelle ist in der Hand.</translation>
    </message>
    <message>
        <source>Pass, next place</source>
        <translation>In Ordnung, weiter</translation>
    </message>
    <message>
        <source>The place is right as it stands; goes on to the next that is not passed.</source>
        <translation>Die Stelle stimmt, wie sie dasteht; geht zur nächsten, die noch nicht in Ordnung ist.</translation>
    </message>
    <message>
        <source>This place is passed as it stands.</source>
        <translation>Diese Stelle ist in Ordnung, wie sie dasteht.</translation>
    </message>
    <message>
        <source>approve</source>
        <translation>gutheißen</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>tick</source>
        <translation>abhaken</translation>
    </message>
    <message>
        <source>Take the pass back</source>
        <translation>Doch nicht in Ordnung</translation>
    </message>
    <message>
        <source>The place was passed by mistake; a check of the guide that stood on it is taken back too.</source>
        <translation>Die Stelle wurde aus Versehen für in Ordnung erklärt; eine Prüfung der Anleitung, die darauf beruhte, wird auch zurückgenommen.</translation>
    </message>
    <message>
        <source>This place is not passed.</source>
        <translation>Diese Stelle ist nicht für in Ordnung erklärt.</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>zurücknehmen</translation>
    </message>
    <message>
        <source>mistake</source>
        <translation>Versehen</translation>
    </message>
    <message>
        <source>Comment</source>
        <translation>Kommentieren</translation>
    </message>
    <message>
        <source>Says to the author what is unclear, wrong or missing here, or answers.</source>
        <translation>Sagt dem Autor, was hier unklar, falsch oder nicht da ist, oder antwortet.</translation>
    </message>
    <message>
        <source>No step reads this place; write it on the Sheet.</source>
        <translation>Kein Schritt liest diese Stelle; auf dem Blatt schreiben.</translation>
    </message>
    <message>
        <source>reviewer</source>
        <translation>Durchsicht</translation>
    </message>
    <message>
        <source>answer</source>
        <translation>antworten</translation>
    </message>
    <message>
        <source>Hear the moment</source>
        <translation>Moment anhören</translation>
    </message>
    <message>
        <source>Plays the film where this was said or done.</source>
        <translation>Spielt den Film, wo das gesagt oder getan wurde.</translation>
    </message>
    <message>
        <source>No recording says or shows this.</source>
        <translation>Keine Aufnahme sagt oder zeigt das.</translation>
    </message>
    <message>
        <source>play</source>
        <translation>abspielen</translation>
    </message>
    <message>
        <source>listen</source>
        <translation>anhören</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Hingehen</translation>
    </message>
    <message>
        <source>Shows the place where it is written: the step on the Sheet, the figure with its sources.</source>
        <translation>Zeigt, wo es geschrieben steht: den Schritt auf dem Blatt, den Wert mit seinen Quellen.</translation>
    </message>
    <message>
        <source>This is the guide as a whole; its settings open with a press on its name.</source>
        <translation>Das ist die Anleitung als Ganzes; ihre Einstellungen öffnet ein Klick auf ihren Namen.</translation>
    </message>
    <message>
        <source>page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>Every place is passed: the guide as it stands is checked, in your name.</source>
        <translation>Jede Stelle ist in Ordnung: die Anleitung, wie sie dasteht, wird in Ihrem Namen geprüft.</translation>
    </message>
    <message>
        <source>You have checked it as it stands.</source>
        <translation>Sie haben sie geprüft, wie sie dasteht.</translation>
    </message>
    <message>
        <source>Pass every place first.</source>
        <translation>Zuerst muss jede Stelle in Ordnung sein.</translation>
    </message>
    <message>
        <source>sign off</source>
        <translation>abzeichnen</translation>
    </message>
    <message>
        <source>Issue edition</source>
        <translation>Ausgabe herausgeben</translation>
    </message>
    <message>
        <source>Freezes the edition for ever and writes its pack.</source>
        <translation>Hält die Ausgabe für immer fest und schreibt ihr Paket.</translation>
    </message>
    <message>
        <source>Open the Issue first.</source>
        <translation>Zuerst die Herausgabe öffnen.</translation>
    </message>
    <message>
        <source>Somebody else than its authors has to check it first.</source>
        <translation>Zuerst muss jemand anders als ihre Autoren sie prüfen.</translation>
    </message>
    <message>
        <source>Enter who checked it first.</source>
        <translation>Zuerst eintragen, wer sie geprüft hat.</translation>
    </message>
    <message>
        <source>publish</source>
        <translation>veröffentlichen</translation>
    </message>
    <message>
        <source>release</source>
        <translation>freigeben</translation>
    </message>
    <message>
        <source>freeze</source>
        <translation>festhalten</translation>
    </message>
    <message>
        <source>Open pack</source>
        <translation>Paket öffnen</translation>
    </message>
    <message>
        <source>Shows the edition as its reader sees it.</source>
        <translation>Zeigt die Ausgabe, wie sie gelesen wird.</translation>
    </message>
    <message>
        <source>browser</source>
        <translation>Browser</translation>
    </message>
    <message>
        <source>preview</source>
        <translation>Vorschau</translation>
    </message>
    <message>
        <source>Verify pack</source>
        <translation>Paket verifizieren</translation>
    </message>
    <message>
        <source>Reads every file of the pack and says whether it is intact and who vouches for it. A pack dropped on the window is verified too.</source>
        <translation>Liest jede Datei des Pakets und sagt, ob es unverändert ist und wer dafür einsteht. Auch ein auf das Fenster gezogenes Paket wird verifiziert.</translation>
    </message>
    <message>
        <source>signature</source>
        <translation>Unterschrift</translation>
    </message>
    <message>
        <source>intact</source>
        <translation>unverändert</translation>
    </message>
    <message>
        <source>Copy pack</source>
        <translation>Paket kopieren</translation>
    </message>
    <message>
        <source>Into a folder or onto a stick, as it was issued.</source>
        <translation>In einen Ordner oder auf einen Stick, wie es herausgegeben wurde.</translation>
    </message>
    <message>
        <source>deliver</source>
        <translation>ausliefern</translation>
    </message>
    <message>
        <source>export</source>
        <translation>exportieren</translation>
    </message>
    <message>
        <source>usb</source>
        <translation>usb</translation>
    </message>
    <message>
        <source>Copy as one file</source>
        <translation>Als eine Datei kopieren</translation>
    </message>
    <message>
        <source>The pack as one file, to send on.</source>
        <translation>Das Paket als eine Datei, zum Weitersenden.</translation>
    </message>
    <message>
        <source>archive</source>
        <translation>Archiv</translation>
    </message>
    <message>
        <source>mail</source>
        <translation>Mail</translation>
    </message>
    <message>
        <source>Writes the edition in another form: a card for the bench, a table of figures, DITA topics ...</source>
        <translation>Schreibt die Ausgabe in anderer Form: eine Karte für die Werkbank, eine Tabelle der Werte, DITA-Themen …</translation>
    </message>
    <message>
        <source>pdf</source>
        <translation>pdf</translation>
    </message>
    <message>
        <source>csv</source>
        <translation>csv</translation>
    </message>
    <message>
        <source>json</source>
        <translation>json</translation>
    </message>
    <message>
        <source>dita</source>
        <translation>dita</translation>
    </message>
    <message>
        <source>card</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>captions</source>
        <translation>Untertitel</translation>
    </message>
    <message>
        <source>Hand out</source>
        <translation>Aushändigen</translation>
    </message>
    <message>
        <source>Records to whom the edition went, and how.</source>
        <translation>Hält fest, an wen die Ausgabe ging und wie.</translation>
    </message>
    <message>
        <source>It is withdrawn; hand out the current edition.</source>
        <translation>Sie ist zurückgezogen; die aktuelle Ausgabe aushändigen.</translation>
    </message>
    <message>
        <source>learner</source>
        <translation>Lernende</translation>
    </message>
    <message>
        <source>give</source>
        <translation>geben</translation>
    </message>
    <message>
        <source>Withdraw</source>
        <translation>Zurückziehen</translation>
    </message>
    <message>
        <source>Takes the edition back, with a reason; says who has it.</source>
        <translation>Zieht die Ausgabe zurück, mit einem Grund; sagt, wer sie hat.</translation>
    </message>
    <message>
        <source>It is withdrawn already.</source>
        <translation>Sie ist schon zurückgezogen.</translation>
    </message>
    <message>
        <source>recall</source>
        <translation>Rückruf</translation>
    </message>
    <message>
        <source>Learners</source>
        <translation>Lernende</translation>
    </message>
    <message>
        <source>The register of learners: what each has, has learned and has to read again.</source>
        <translation>Das Verzeichnis der Lernenden: was sie haben, gelernt haben und wieder lesen müssen.</translation>
    </message>
    <message>
        <source>register</source>
        <translation>Verzeichnis</translation>
    </message>
    <message>
        <source>owes</source>
        <translation>schuldet</translation>
    </message>
    <message>
        <source>group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>Make a key</source>
        <translation>Einen Schlüssel machen</translation>
    </message>
    <message>
        <source>A key for a post that signs editions, sealed with a passphrase, and registered here.</source>
        <translation>Ein Schlüssel für eine Funktion, die Ausgaben unterschreibt, mit einem Kennsatz versiegelt und hier eingetragen.</translation>
    </message>
    <message>
        <source>passphrase</source>
        <translation>Kennsatz</translation>
    </message>
    <message>
        <source>Register a key</source>
        <translation>Einen Schlüssel eintragen</translation>
    </message>
    <message>
        <source>The public part of a key that was made elsewhere.</source>
        <translation>Der öffentliche Teil eines Schlüssels, der woanders gemacht wurde.</translation>
    </message>
    <message>
        <source>public key</source>
        <translation>öffentlicher Schlüssel</translation>
    </message>
    <message>
        <source>End a key</source>
        <translation>Einen Schlüssel beenden</translation>
    </message>
    <message>
        <source>A lost key signs nothing any more; what it signed before stays good.</source>
        <translation>Ein verlorener Schlüssel unterschreibt nichts mehr; was er vorher unterschrieb, bleibt gut.</translation>
    </message>
    <message>
        <source>No key is registered.</source>
        <translation>Es ist kein Schlüssel eingetragen.</translation>
    </message>
    <message>
        <source>lost</source>
        <translation>verloren</translation>
    </message>
    <message>
        <source>revoke</source>
        <translation>widerrufen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Stops what is under way; nothing of it stays.</source>
        <translation>Hält an, was gerade läuft; nichts davon bleibt.</translation>
    </message>
    <message>
        <source>Nothing is under way.</source>
        <translation>Nichts läuft.</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>anhalten</translation>
    </message>
    <message numerus="yes">
        <source>%n places changed</source>
        <comment>1 place changed</comment>
        <translation>
            <numerusform>1 Stelle geändert</numerusform>
            <numerusform>%n Stellen geändert</numerusform>
        </translation>
    </message>
    <message>
        <source>What is not translated as it stands goes out in the original:</source>
        <translation>Was nicht übersetzt ist, wie es steht, geht im Original hinaus:</translation>
    </message>
</context>
<context>
    <name>anagraph::app::KeysDialog</name>
    <message>
        <source>Swap the two</source>
        <translation>Beide tauschen</translation>
    </message>
    <message>
        <source>Usual key</source>
        <translation>Übliche Taste</translation>
    </message>
    <message>
        <source>All usual keys</source>
        <translation>Alle üblichen Tasten</translation>
    </message>
    <message>
        <source>Change keys</source>
        <translation>Tasten ändern</translation>
    </message>
    <message>
        <source>The key of each command</source>
        <translation>Die Taste jedes Befehls</translation>
    </message>
    <message>
        <source>Choose a command and press its new key. The window is opened anew where you were.</source>
        <translation>Einen Befehl wählen und seine neue Taste drücken. Das Fenster wird an derselben Stelle neu geöffnet.</translation>
    </message>
    <message>
        <source>search by command or key</source>
        <translation>nach Befehl oder Taste suchen</translation>
    </message>
    <message>
        <source>Search the commands</source>
        <translation>Die Befehle durchsuchen</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Befehle und ihre Tasten</translation>
    </message>
    <message>
        <source>Command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>Key</source>
        <translation>Taste</translation>
    </message>
    <message>
        <source>New &amp;key</source>
        <translation>Neue &amp;Taste</translation>
    </message>
    <message>
        <source>New key</source>
        <translation>Neue Taste</translation>
    </message>
    <message>
        <source>%1 is “%2” already (%3). The two can swap their keys, or press another.</source>
        <translation>%1 ist schon „%2“ (%3). Die beiden können ihre Tasten tauschen, oder eine andere drücken.</translation>
    </message>
    <message>
        <source>%1 is “%2” already (%3). Press another.</source>
        <translation>%1 ist schon „%2“ (%3). Eine andere drücken.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::KitDialog</name>
    <message>
        <source>Kit</source>
        <translation>Ausrüstung</translation>
    </message>
    <message>
        <source>Kit, as a list to tick</source>
        <translation>Ausrüstung, als Liste zum Abhaken</translation>
    </message>
    <message>
        <source>Print as PDF</source>
        <translation>Als PDF drucken</translation>
    </message>
    <message>
        <source>Writes the list into a PDF, with a box to tick for each thing.</source>
        <translation>Schreibt die Liste in ein PDF, mit einem Kästchen für jedes Ding.</translation>
    </message>
    <message>
        <source>list</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2. Choose another folder.</source>
        <translation>%1 lässt sich nicht schreiben: %2. Einen anderen Ordner wählen.</translation>
    </message>
    <message>
        <source>Print the kit as PDF</source>
        <translation>Die Ausrüstung als PDF drucken</translation>
    </message>
    <message>
        <source> kit.pdf</source>
        <translation> ausruestung.pdf</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
</context>
<context>
    <name>anagraph::app::LanguageDialog</name>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Language of the window</source>
        <translation>Sprache des Fensters</translation>
    </message>
    <message>
        <source>Guides keep the language they are written in. The window is opened anew where you were.</source>
        <translation>Anleitungen behalten die Sprache, in der sie geschrieben sind. Das Fenster wird dort neu geöffnet, wo Sie waren.</translation>
    </message>
    <message>
        <source>Languages</source>
        <translation>Sprachen</translation>
    </message>
    <message>
        <source>As the desktop asks</source>
        <translation>Wie der Desktop es verlangt</translation>
    </message>
</context>
<context>
    <name>anagraph::app::LearnersDialog</name>
    <message>
        <source>Learners</source>
        <translation>Lernende</translation>
    </message>
    <message>
        <source>Learner</source>
        <translation>Lernende</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>Has</source>
        <translation>Hat</translation>
    </message>
    <message>
        <source>To read again</source>
        <translation>Wieder zu lesen</translation>
    </message>
    <message>
        <source>Register of learners</source>
        <translation>Verzeichnis der Lernenden</translation>
    </message>
    <message>
        <source>What has changed for the learner in hand</source>
        <translation>Was sich für die Person in der Hand geändert hat</translation>
    </message>
    <message>
        <source>No learner is in hand.</source>
        <translation>Niemand ist in der Hand.</translation>
    </message>
    <message>
        <source>Add learner</source>
        <translation>Lernende eintragen</translation>
    </message>
    <message>
        <source>Enters a learner by post, with the group of the term.</source>
        <translation>Trägt jemanden als Funktion ein, mit der Gruppe des Kurses.</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>enter</source>
        <translation>eintragen</translation>
    </message>
    <message>
        <source>Confirm edition</source>
        <translation>Ausgabe bestätigen</translation>
    </message>
    <message>
        <source>The learner has read the current edition, or the page of what changed.</source>
        <translation>Die aktuelle Ausgabe, oder die Seite des Geänderten, wurde gelesen.</translation>
    </message>
    <message>
        <source>learned</source>
        <translation>gelernt</translation>
    </message>
    <message>
        <source>read</source>
        <translation>gelesen</translation>
    </message>
    <message>
        <source>Take in answers</source>
        <translation>Antworten übernehmen</translation>
    </message>
    <message>
        <source>Judges what learners answered to the check of a guide, and keeps what was passed: what came back over the desk, or files.</source>
        <translation>Beurteilt, was Lernende auf die Prüfung einer Anleitung antworteten, und hält fest, was bestanden ist: was über das Lesepult zurückkam, oder Dateien.</translation>
    </message>
    <message>
        <source>Answers to checks</source>
        <translation>Antworten auf Prüfungen</translation>
    </message>
    <message>
        <source>Answers (*%1);;All files (*)</source>
        <translation>Antworten (*%1);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>check</source>
        <translation>Kontrolle</translation>
    </message>
    <message>
        <source>passed</source>
        <translation>bestanden</translation>
    </message>
    <message>
        <source>desk</source>
        <translation>Lesepult</translation>
    </message>
    <message>
        <source>Change group</source>
        <translation>Gruppe ändern</translation>
    </message>
    <message>
        <source>Moves the learner to another group.</source>
        <translation>Verschiebt die Person in eine andere Gruppe.</translation>
    </message>
    <message>
        <source>term</source>
        <translation>Kurs</translation>
    </message>
    <message>
        <source>course</source>
        <translation>Kurs</translation>
    </message>
    <message>
        <source>Take hand-out back</source>
        <translation>Aushändigung zurücknehmen</translation>
    </message>
    <message>
        <source>The last hand-out to the learner was entered by mistake; it is struck, with a reason.</source>
        <translation>Die letzte Aushändigung wurde aus Versehen eingetragen; sie wird mit einem Grund gestrichen.</translation>
    </message>
    <message>
        <source>mistake</source>
        <translation>Versehen</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>zurücknehmen</translation>
    </message>
    <message>
        <source>Has left</source>
        <translation>Ist gegangen</translation>
    </message>
    <message>
        <source>The learner has left: nothing is owed any more, the records stay.</source>
        <translation>Die Person ist gegangen: nichts ist mehr geschuldet, die Einträge bleiben.</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>delete</source>
        <translation>löschen</translation>
    </message>
    <message>
        <source>Write notices</source>
        <translation>Mitteilungen schreiben</translation>
    </message>
    <message>
        <source>A page for each learner with just what changed, or what is withdrawn: to print, as mails, or as things to do.</source>
        <translation>Für jede Person eine Seite mit genau dem, was sich geändert hat oder zurückgezogen ist: zum Drucken, als Mails oder als Aufgaben.</translation>
    </message>
    <message>
        <source>Notices</source>
        <translation>Mitteilungen</translation>
    </message>
    <message>
        <source>To print (*.pdf);;Mails (*.txt);;Things to do (*.ics);;Page (*.html)</source>
        <translation>Zum Drucken (*.pdf);;Mails (*.txt);;Aufgaben (*.ics);;Seite (*.html)</translation>
    </message>
    <message>
        <source>print</source>
        <translation>drucken</translation>
    </message>
    <message>
        <source>mail</source>
        <translation>Mail</translation>
    </message>
    <message>
        <source>calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>changed</source>
        <translation>geändert</translation>
    </message>
    <message>
        <source>Import list</source>
        <translation>Liste importieren</translation>
    </message>
    <message>
        <source>Reads learners and groups from a CSV file and adds those who are new.</source>
        <translation>Liest Lernende und Gruppen aus einer CSV-Datei und trägt die neuen ein.</translation>
    </message>
    <message>
        <source>List of learners</source>
        <translation>Liste der Lernenden</translation>
    </message>
    <message>
        <source>CSV (*.csv);;All files (*)</source>
        <translation>CSV (*.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>csv</source>
        <translation>csv</translation>
    </message>
    <message>
        <source>Export list</source>
        <translation>Liste exportieren</translation>
    </message>
    <message>
        <source>Writes everybody with what they have and have learned into a CSV file.</source>
        <translation>Schreibt alle mit dem, was sie haben und gelernt haben, in eine CSV-Datei.</translation>
    </message>
    <message>
        <source>CSV (*.csv)</source>
        <translation>CSV (*.csv)</translation>
    </message>
    <message>
        <source>table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>%1, edition %2%3</source>
        <translation>%1, Ausgabe %2%3</translation>
    </message>
    <message>
        <source>, confirmed</source>
        <translation>, bestätigt</translation>
    </message>
    <message>
        <source>Nobody is in the register yet. Add learners by post, one by one or from a list.</source>
        <translation>Im Verzeichnis steht noch niemand. Lernende als Funktion eintragen, einzeln oder aus einer Liste.</translation>
    </message>
    <message>
        <source>Nobody learned anything that has changed since.</source>
        <translation>Niemand hat etwas gelernt, das sich seither geändert hat.</translation>
    </message>
    <message>
        <source>%1 %2: from edition %3 to %4</source>
        <translation>%1 %2: von Ausgabe %3 zu %4</translation>
    </message>
    <message>
        <source>Passed the check of %1 %2, edition %3, on %4.</source>
        <translation>Bestand die Prüfung von %1 %2, Ausgabe %3, am %4.</translation>
    </message>
    <message>
        <source>%1 has nothing to read again.</source>
        <translation>%1 hat nichts wieder zu lesen.</translation>
    </message>
    <message>
        <source>&amp;Learner</source>
        <translation>&amp;Lernende</translation>
    </message>
    <message>
        <source>by post: learner 07</source>
        <translation>als Funktion: Lernender 07</translation>
    </message>
    <message>
        <source>&amp;Group</source>
        <translation>&amp;Gruppe</translation>
    </message>
    <message>
        <source>the term, the course</source>
        <translation>der Kurs, das Lehrjahr</translation>
    </message>
    <message>
        <source>Name the learner, by post.</source>
        <translation>Die Person nennen, als Funktion.</translation>
    </message>
    <message>
        <source>%1 %2, edition %3</source>
        <translation>%1 %2, Ausgabe %3</translation>
    </message>
    <message>
        <source>%1 has no current edition left to confirm.</source>
        <translation>%1 hat keine aktuelle Ausgabe mehr zu bestätigen.</translation>
    </message>
    <message>
        <source>%1 has read</source>
        <translation>%1 hat gelesen</translation>
    </message>
    <message>
        <source>&amp;Edition</source>
        <translation>&amp;Ausgabe</translation>
    </message>
    <message>
        <source>Nothing was handed out to %1.</source>
        <translation>An %1 wurde nichts ausgehändigt.</translation>
    </message>
    <message>
        <source>Take a hand-out back</source>
        <translation>Eine Aushändigung zurücknehmen</translation>
    </message>
    <message>
        <source>Edition %1 of %2, %3</source>
        <translation>Ausgabe %1 von %2, %3</translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation>&amp;Warum</translation>
    </message>
    <message>
        <source>it was another learner</source>
        <translation>es war jemand anders</translation>
    </message>
    <message>
        <source>Say why it was a mistake.</source>
        <translation>Sagen, warum es ein Versehen war.</translation>
    </message>
    <message>
        <source>The list is in %1.</source>
        <translation>Die Liste ist in %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n guides</source>
        <comment>1 guide</comment>
        <translation>
            <numerusform>1 Anleitung</numerusform>
            <numerusform>%n Anleitungen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The answers of %n learners came back over the desk: take them in.</source>
        <comment>The answers of 1 learner came back over the desk: take them in.</comment>
        <translation>
            <numerusform>Die Antworten von 1 Person kamen über das Lesepult zurück: übernehmen.</numerusform>
            <numerusform>Die Antworten von %n Personen kamen über das Lesepult zurück: übernehmen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n learners have to read something again.</source>
        <comment>1 learner has to read something again.</comment>
        <translation>
            <numerusform>1 Person muss etwas wieder lesen.</numerusform>
            <numerusform>%n Personen müssen etwas wieder lesen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n notices are in %1.</source>
        <comment>1 notice is in %1.</comment>
        <translation>
            <numerusform>1 Mitteilung ist in %1.</numerusform>
            <numerusform>%n Mitteilungen sind in %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n learners were added.</source>
        <comment>1 learner was added.</comment>
        <translation>
            <numerusform>1 Person wurde eingetragen.</numerusform>
            <numerusform>%n Personen wurden eingetragen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n were in the register already.</source>
        <comment>1 was in the register already.</comment>
        <translation>
            <numerusform>1 stand schon im Verzeichnis.</numerusform>
            <numerusform>%n standen schon im Verzeichnis.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::LibraryDialog</name>
    <message>
        <source>This library</source>
        <translation>Diese Bibliothek</translation>
    </message>
    <message>
        <source>Where this library lives</source>
        <translation>Wo diese Bibliothek liegt</translation>
    </message>
    <message>
        <source>All of it lies in this folder of this computer.</source>
        <translation>Alles davon liegt in diesem Ordner dieses Rechners.</translation>
    </message>
    <message>
        <source>Its films and packs lie in an object store: %1.</source>
        <translation>Ihre Filme und Pakete liegen in einem Objektspeicher: %1.</translation>
    </message>
    <message>
        <source>Its films and packs lie in %1.</source>
        <translation>Ihre Filme und Pakete liegen in %1.</translation>
    </message>
    <message>
        <source>Its server cannot be reached; what goes along and where it lives can be changed when it is back.</source>
        <translation>Ihr Server ist nicht zu erreichen; was mitkommt und wo sie liegt, lässt sich ändern, wenn er wieder da ist.</translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation>Was nicht stimmt</translation>
    </message>
    <message>
        <source>Taken along</source>
        <translation>Mitgenommen</translation>
    </message>
    <message>
        <source>Take along</source>
        <translation>Mitnehmen</translation>
    </message>
    <message>
        <source>Copies the ticked guides with all that belongs to them to this computer; none ticked: the copy goes.</source>
        <translation>Kopiert die angehakten Anleitungen mit allem, was dazugehört, auf diesen Rechner; keine angehakt: die Kopie geht weg.</translation>
    </message>
    <message>
        <source>It is being copied.</source>
        <translation>Sie wird kopiert.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Stops copying; what was taken along before stays.</source>
        <translation>Hält das Kopieren an; was vorher mitgenommen war, bleibt.</translation>
    </message>
    <message>
        <source>Nothing is being copied.</source>
        <translation>Nichts wird kopiert.</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Umziehen</translation>
    </message>
    <message>
        <source>Choose folder</source>
        <translation>Ordner wählen</translation>
    </message>
    <message>
        <source>A folder that is empty, or not there yet.</source>
        <translation>Ein Ordner, der leer oder noch nicht da ist.</translation>
    </message>
    <message>
        <source>Its server cannot be reached.</source>
        <translation>Ihr Server ist nicht zu erreichen.</translation>
    </message>
    <message>
        <source>Move it</source>
        <translation>Umziehen</translation>
    </message>
    <message>
        <source>Copies all of it there, compares, and opens it there. The window is closed meanwhile; this library stays as it is.</source>
        <translation>Kopiert alles dorthin, vergleicht und öffnet es dort. Das Fenster ist währenddessen geschlossen; diese Bibliothek bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Films on this computer</source>
        <translation>Filme auf diesem Rechner</translation>
    </message>
    <message>
        <source>%1 are here, of at most</source>
        <translation>%1 sind hier, von höchstens</translation>
    </message>
    <message>
        <source> GB</source>
        <translation> GB</translation>
    </message>
    <message>
        <source>The most that films take up on this computer, in gigabytes</source>
        <translation>Das meiste, was Filme auf diesem Rechner belegen, in Gigabyte</translation>
    </message>
    <message>
        <source>What is needed comes by itself; what was not used for longest goes first.</source>
        <translation>Was gebraucht wird, kommt von selbst; was am längsten nicht gebraucht wurde, geht zuerst.</translation>
    </message>
    <message>
        <source>Taken along where the server is not</source>
        <translation>Mitgenommen, wo der Server nicht ist</translation>
    </message>
    <message>
        <source>Guides that are taken along</source>
        <translation>Mitgenommene Anleitungen</translation>
    </message>
    <message>
        <source>The films themselves too, for stills and clips on the way; without, their small copies only</source>
        <translation>Auch die Filme selbst, für Standbilder und Clips unterwegs; sonst nur ihre kleinen Kopien</translation>
    </message>
    <message>
        <source>How far the copy is</source>
        <translation>Wie weit das Kopieren ist</translation>
    </message>
    <message>
        <source>It is being copied</source>
        <translation>Es wird kopiert</translation>
    </message>
    <message>
        <source>Nothing is taken along yet.</source>
        <translation>Noch nichts ist mitgenommen.</translation>
    </message>
    <message>
        <source>Move it elsewhere</source>
        <translation>Anderswohin umziehen</translation>
    </message>
    <message>
        <source>a new folder, or the address of a database</source>
        <translation>ein neuer Ordner, oder die Adresse einer Datenbank</translation>
    </message>
    <message>
        <source>Where to: a folder, or the address of a database</source>
        <translation>Wohin: ein Ordner, oder die Adresse einer Datenbank</translation>
    </message>
    <message>
        <source>An address looks like postgresql://HOST/DATABASE?objects=FOLDER. Everything comes along, and is compared where it arrived. The window is closed meanwhile, and nobody else may have the library open.</source>
        <translation>Eine Adresse sieht aus wie postgresql://HOST/DATENBANK?objects=ORDNER. Alles kommt mit und wird verglichen, wo es ankam. Das Fenster ist währenddessen geschlossen, und niemand sonst darf die Bibliothek offen haben.</translation>
    </message>
    <message>
        <source>A new folder for this library</source>
        <translation>Ein neuer Ordner für diese Bibliothek</translation>
    </message>
    <message>
        <source>Say where it is to be moved.</source>
        <translation>Sagen, wohin sie umzieht.</translation>
    </message>
    <message>
        <source>It lives there already.</source>
        <translation>Dort liegt sie schon.</translation>
    </message>
    <message numerus="yes">
        <source>%n guides are with you, as they were on %1; they are kept up to date.</source>
        <comment>1 guide is with you, as it was on %1; it is kept up to date.</comment>
        <translation>
            <numerusform>1 Anleitung ist bei Ihnen, wie sie am %1 war; sie wird aktuell gehalten.</numerusform>
            <numerusform>%n Anleitungen sind bei Ihnen, wie sie am %1 waren; sie werden aktuell gehalten.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::LifeLine</name>
    <message>
        <source>Life of the editions</source>
        <translation>Leben der Ausgaben</translation>
    </message>
</context>
<context>
    <name>anagraph::app::LineField</name>
    <message>
        <source>one action; type { to name a figure or an item</source>
        <translation>eine Handlung; { tippen, um einen Wert oder Gegenstand zu nennen</translation>
    </message>
    <message>
        <source>write what is done here</source>
        <translation>schreiben, was hier getan wird</translation>
    </message>
</context>
<context>
    <name>anagraph::app::LogbookStation</name>
    <message>
        <source>Machines</source>
        <translation>Maschinen</translation>
    </message>
    <message>
        <source>What was done</source>
        <translation>Was getan wurde</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>The machine in hand</source>
        <translation>Die Maschine in der Hand</translation>
    </message>
    <message>
        <source>Entries</source>
        <translation>Einträge</translation>
    </message>
    <message>
        <source>Entries of the machine, newest first</source>
        <translation>Einträge der Maschine, die neuesten zuerst</translation>
    </message>
    <message>
        <source>pulled on the fleet</source>
        <translation>auf der Übersicht gezogen</translation>
    </message>
    <message>
        <source>The logbook</source>
        <translation>Das Logbuch</translation>
    </message>
    <message>
        <source>Every machine with its readings, services, findings and what is due. Entries are only added; a mistake is struck, and stays to be seen.</source>
        <translation>Jede Maschine mit ihren Ablesungen, Services, Befunden und was fällig ist. Einträge kommen nur hinzu; ein Fehler wird gestrichen und bleibt sichtbar.</translation>
    </message>
    <message>
        <source>serial %1</source>
        <translation>Seriennummer %1</translation>
    </message>
    <message>
        <source>out of service: %1</source>
        <translation>außer Betrieb: %1</translation>
    </message>
    <message>
        <source>%1: %2 (%3)</source>
        <translation>%1: %2 (%3)</translation>
    </message>
    <message>
        <source>%1, serial %2, since %3</source>
        <translation>%1, Seriennummer %2, seit %3</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>Meter</source>
        <translation>Zähler</translation>
    </message>
    <message>
        <source>Due</source>
        <translation>Fällig</translation>
    </message>
    <message>
        <source>Not put right yet</source>
        <translation>Noch nicht behoben</translation>
    </message>
    <message>
        <source>Fitted</source>
        <translation>Eingebaut</translation>
    </message>
    <message>
        <source>Samples</source>
        <translation>Proben</translation>
    </message>
    <message>
        <source>To order, with the work of the next 30 days</source>
        <translation>Zu bestellen, mit der Arbeit der nächsten 30 Tage</translation>
    </message>
    <message>
        <source> (struck)</source>
        <translation> (gestrichen)</translation>
    </message>
    <message>
        <source>Entry %1 is written.</source>
        <translation>Eintrag %1 ist geschrieben.</translation>
    </message>
    <message>
        <source>Add machine</source>
        <translation>Maschine eintragen</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>as it is called: PT60 no. 3</source>
        <translation>wie sie heißt: PT60 Nr. 3</translation>
    </message>
    <message>
        <source>&amp;Type</source>
        <translation>&amp;Typ</translation>
    </message>
    <message>
        <source>PT60</source>
        <translation>PT60</translation>
    </message>
    <message>
        <source>&amp;Variant</source>
        <translation>&amp;Ausführung</translation>
    </message>
    <message>
        <source>may stay empty</source>
        <translation>darf leer bleiben</translation>
    </message>
    <message>
        <source>&amp;Serial</source>
        <translation>&amp;Seriennummer</translation>
    </message>
    <message>
        <source>from its plate</source>
        <translation>von ihrem Typenschild</translation>
    </message>
    <message>
        <source>&amp;Place</source>
        <translation>&amp;Ort</translation>
    </message>
    <message>
        <source>pump bay</source>
        <translation>Pumpenstand</translation>
    </message>
    <message>
        <source>S&amp;ince</source>
        <translation>S&amp;eit</translation>
    </message>
    <message>
        <source>Read the meter of %1</source>
        <translation>Zähler von %1 ablesen</translation>
    </message>
    <message>
        <source>&amp;Reading</source>
        <translation>Ab&amp;lesung</translation>
    </message>
    <message>
        <source>302 h</source>
        <translation>302 h</translation>
    </message>
    <message>
        <source>&amp;Day</source>
        <translation>&amp;Tag</translation>
    </message>
    <message>
        <source>&amp;Old meter</source>
        <translation>&amp;Alter Zähler</translation>
    </message>
    <message>
        <source>where the meter was replaced: what the old one showed last</source>
        <translation>wo der Zähler ersetzt wurde: was der alte zuletzt zeigte</translation>
    </message>
    <message>
        <source>Service of %1</source>
        <translation>Service von %1</translation>
    </message>
    <message>
        <source>&amp;What</source>
        <translation>&amp;Was</translation>
    </message>
    <message>
        <source>as its rule names it: 100 h service</source>
        <translation>wie seine Regel ihn nennt: 100-h-Service</translation>
    </message>
    <message>
        <source>302 h; may stay empty</source>
        <translation>302 h; darf leer bleiben</translation>
    </message>
    <message>
        <source>What is due on %1</source>
        <translation>Was an %1 fällig ist</translation>
    </message>
    <message>
        <source>100 h service</source>
        <translation>100-h-Service</translation>
    </message>
    <message>
        <source>&amp;Every</source>
        <translation>&amp;Alle</translation>
    </message>
    <message>
        <source>100 h, 12 month: whichever comes first</source>
        <translation>100 h, 12 month: was zuerst kommt</translation>
    </message>
    <message>
        <source>&amp;First</source>
        <translation>&amp;Zuerst</translation>
    </message>
    <message>
        <source>of a new machine: 20 h; may stay empty</source>
        <translation>bei einer neuen Maschine: 20 h; darf leer bleiben</translation>
    </message>
    <message>
        <source>&amp;Keep free</source>
        <translation>&amp;Freihalten</translation>
    </message>
    <message>
        <source>&amp;Use</source>
        <translation>&amp;Einsatz</translation>
    </message>
    <message>
        <source>as the book means it</source>
        <translation>wie das Buch es meint</translation>
    </message>
    <message>
        <source>hard: dust, heat, short runs</source>
        <translation>hart: Staub, Hitze, kurze Läufe</translation>
    </message>
    <message>
        <source>Finding on %1</source>
        <translation>Befund an %1</translation>
    </message>
    <message>
        <source>a chafed pipe</source>
        <translation>ein gescheuertes Rohr</translation>
    </message>
    <message>
        <source>&amp;When</source>
        <translation>&amp;Wann</translation>
    </message>
    <message>
        <source>What became of it</source>
        <translation>Was daraus wurde</translation>
    </message>
    <message>
        <source>&amp;Finding</source>
        <translation>&amp;Befund</translation>
    </message>
    <message>
        <source>&amp;Done</source>
        <translation>&amp;Getan</translation>
    </message>
    <message>
        <source>the pipe was renewed</source>
        <translation>das Rohr wurde erneuert</translation>
    </message>
    <message>
        <source>Where %1 is</source>
        <translation>Wo %1 ist</translation>
    </message>
    <message>
        <source>&amp;State</source>
        <translation>&amp;Zustand</translation>
    </message>
    <message>
        <source>in service</source>
        <translation>in Betrieb</translation>
    </message>
    <message>
        <source>out of service</source>
        <translation>außer Betrieb</translation>
    </message>
    <message>
        <source>&amp;Why</source>
        <translation>&amp;Warum</translation>
    </message>
    <message>
        <source>where it is out of service: sold</source>
        <translation>wo sie außer Betrieb ist: verkauft</translation>
    </message>
    <message>
        <source>Add rotating unit</source>
        <translation>Wechselteil eintragen</translation>
    </message>
    <message>
        <source>injector set</source>
        <translation>Einspritzdüsensatz</translation>
    </message>
    <message>
        <source>%1, serial %2, %3</source>
        <translation>%1, Seriennummer %2, %3</translation>
    </message>
    <message>
        <source>Fit a unit to %1</source>
        <translation>Ein Teil an %1 anbauen</translation>
    </message>
    <message>
        <source>&amp;Unit</source>
        <translation>&amp;Einheit</translation>
    </message>
    <message>
        <source>%1, serial %2</source>
        <translation>%1, Seriennummer %2</translation>
    </message>
    <message>
        <source>Take a unit off %1</source>
        <translation>Ein Teil von %1 abbauen</translation>
    </message>
    <message>
        <source>&amp;Goes</source>
        <translation>&amp;Geht</translation>
    </message>
    <message>
        <source>Count the store</source>
        <translation>Das Lager zählen</translation>
    </message>
    <message>
        <source>&amp;Item</source>
        <translation>&amp;Gegenstand</translation>
    </message>
    <message>
        <source>gear oil 75W90</source>
        <translation>Getriebeöl 75W90</translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation>&amp;Nummer</translation>
    </message>
    <message>
        <source>part number; may stay empty</source>
        <translation>Teilenummer; darf leer bleiben</translation>
    </message>
    <message>
        <source>&amp;Amount</source>
        <translation>&amp;Menge</translation>
    </message>
    <message>
        <source>4 L, or 3 x</source>
        <translation>4 L oder 3 x</translation>
    </message>
    <message>
        <source>&amp;Least</source>
        <translation>&amp;Mindestens</translation>
    </message>
    <message>
        <source>not to fall below; may stay empty</source>
        <translation>nicht darunter; darf leer bleiben</translation>
    </message>
    <message>
        <source>Sample of %1</source>
        <translation>Probe von %1</translation>
    </message>
    <message>
        <source>&amp;Fluid</source>
        <translation>&amp;Flüssigkeit</translation>
    </message>
    <message>
        <source>gear oil</source>
        <translation>Getriebeöl</translation>
    </message>
    <message>
        <source>on the bottle</source>
        <translation>auf der Flasche</translation>
    </message>
    <message>
        <source>&amp;Where</source>
        <translation>&amp;Wo</translation>
    </message>
    <message>
        <source>mid-stream, warm</source>
        <translation>im Strahl, warm</translation>
    </message>
    <message>
        <source>&amp;Meter</source>
        <translation>&amp;Zähler</translation>
    </message>
    <message>
        <source>&amp;On the fluid</source>
        <translation>&amp;Auf der Füllung</translation>
    </message>
    <message>
        <source>95 h; may stay empty</source>
        <translation>95 h; darf leer bleiben</translation>
    </message>
    <message>
        <source>&amp;Added</source>
        <translation>&amp;Nachgefüllt</translation>
    </message>
    <message>
        <source>fluid added since it was changed: 0.2 L; may stay empty</source>
        <translation>seit dem Wechsel nachgefüllt: 0,2 L; darf leer bleiben</translation>
    </message>
    <message>
        <source>%1, %2 %3</source>
        <translation>%1, %2 %3</translation>
    </message>
    <message>
        <source>What the laboratory found</source>
        <translation>Was das Labor fand</translation>
    </message>
    <message>
        <source>&amp;Sample</source>
        <translation>&amp;Probe</translation>
    </message>
    <message>
        <source>&amp;Found</source>
        <translation>&amp;Gefunden</translation>
    </message>
    <message>
        <source>iron 12 ppm, water none</source>
        <translation>iron 12 ppm, water none</translation>
    </message>
    <message>
        <source>&amp;Limits</source>
        <translation>&amp;Grenzen</translation>
    </message>
    <message>
        <source>iron 40 ppm; may stay empty</source>
        <translation>iron 40 ppm; darf leer bleiben</translation>
    </message>
    <message>
        <source>%1 on %2: %3</source>
        <translation>%1 am %2: %3</translation>
    </message>
    <message>
        <source>%1 of %2 is planned for %3. %4</source>
        <translation>%1 von %2 ist für %3 geplant. %4</translation>
    </message>
    <message>
        <source>Plan a service of %1</source>
        <translation>Einen Service von %1 planen</translation>
    </message>
    <message>
        <source>as in %1</source>
        <translation>wie in %1</translation>
    </message>
    <message>
        <source>before the trip; may stay empty</source>
        <translation>vor der Fahrt; darf leer bleiben</translation>
    </message>
    <message>
        <source>That day is over; plan it for one to come.</source>
        <translation>Dieser Tag ist vorbei; für einen kommenden planen.</translation>
    </message>
    <message>
        <source>Days to keep %1 free</source>
        <translation>Tage, an denen %1 frei bleibt</translation>
    </message>
    <message>
        <source>Nothing is due within them: a service that would fall there is pulled before them.</source>
        <translation>Darin ist nichts fällig: ein Service, der hineinfiele, wird davor gezogen.</translation>
    </message>
    <message>
        <source>&amp;From</source>
        <translation>&amp;Von</translation>
    </message>
    <message>
        <source>&amp;To</source>
        <translation>&amp;An</translation>
    </message>
    <message>
        <source>&amp;What for</source>
        <translation>&amp;Wofür</translation>
    </message>
    <message>
        <source>training trip; may stay empty</source>
        <translation>Schulungsfahrt; darf leer bleiben</translation>
    </message>
    <message>
        <source>Keep %1 free</source>
        <translation>%1 freihalten</translation>
    </message>
    <message>
        <source>%1 to %2  %3</source>
        <translation>%1 bis %2  %3</translation>
    </message>
    <message>
        <source>
and %1 more</source>
        <translation>
und %1 weitere</translation>
    </message>
    <message>
        <source>Photograph or receipt</source>
        <translation>Foto oder Rechnung</translation>
    </message>
    <message>
        <source>Pictures and papers (*.jpg *.jpeg *.png *.pdf);;All files (*)</source>
        <translation>Bilder und Papiere (*.jpg *.jpeg *.png *.pdf);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Keep with %1</source>
        <translation>Bei %1 aufbewahren</translation>
    </message>
    <message>
        <source>&amp;It is a</source>
        <translation>&amp;Es ist</translation>
    </message>
    <message>
        <source>&amp;Of what</source>
        <translation>&amp;Wovon</translation>
    </message>
    <message>
        <source>invoice of the oil; may stay empty</source>
        <translation>Rechnung für das Öl; darf leer bleiben</translation>
    </message>
    <message>
        <source>It is kept with the machine, and stands in its warranty file.</source>
        <translation>Es bleibt bei der Maschine und steht in ihrer Gewährleistungsakte.</translation>
    </message>
    <message>
        <source>Strike entry %1</source>
        <translation>Eintrag %1 streichen</translation>
    </message>
    <message>
        <source>It stays to be seen, struck through, with who struck it and why; nothing counts it any more.</source>
        <translation>Er bleibt sichtbar, durchgestrichen, mit dem, wer ihn strich und warum; nichts zählt ihn mehr.</translation>
    </message>
    <message>
        <source>one digit too many</source>
        <translation>eine Ziffer zu viel</translation>
    </message>
    <message>
        <source>The run on %1 is in the logbook already, entry %2.</source>
        <translation>Der Durchlauf an %1 steht schon im Logbuch, Eintrag %2.</translation>
    </message>
    <message>
        <source>The run on %1 is entry %2.</source>
        <translation>Der Durchlauf an %1 ist Eintrag %2.</translation>
    </message>
    <message>
        <source>The logbook is being written to %1</source>
        <translation>Das Logbuch wird nach %1 geschrieben</translation>
    </message>
    <message>
        <source>The logbook is in %1.</source>
        <translation>Das Logbuch ist in %1.</translation>
    </message>
    <message>
        <source>The warranty file is being written to %1</source>
        <translation>Die Gewährleistungsakte wird nach %1 geschrieben</translation>
    </message>
    <message>
        <source>The warranty file is in %1.</source>
        <translation>Die Gewährleistungsakte ist in %1.</translation>
    </message>
    <message>
        <source>The form is being written to %1</source>
        <translation>Das Formblatt wird nach %1 geschrieben</translation>
    </message>
    <message>
        <source>The form is in %1.</source>
        <translation>Das Formblatt ist in %1.</translation>
    </message>
    <message>
        <source>Labels are being written to %1</source>
        <translation>Aufkleber werden nach %1 geschrieben</translation>
    </message>
    <message>
        <source>The labels are in %1.</source>
        <translation>Die Aufkleber sind in %1.</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>In and out</source>
        <translation>Herein und hinaus</translation>
    </message>
    <message>
        <source>No machine is in hand; add one first.</source>
        <translation>Keine Maschine ist in der Hand; zuerst eine eintragen.</translation>
    </message>
    <message>
        <source>Nothing is open on this machine.</source>
        <translation>An dieser Maschine ist nichts offen.</translation>
    </message>
    <message>
        <source>Read meter</source>
        <translation>Zähler ablesen</translation>
    </message>
    <message>
        <source>Enters what the meter shows, or that another meter was fitted.</source>
        <translation>Trägt ein, was der Zähler zeigt, oder dass ein anderer eingebaut wurde.</translation>
    </message>
    <message>
        <source>hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>odometer</source>
        <translation>Kilometerzähler</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>Enter service</source>
        <translation>Service eintragen</translation>
    </message>
    <message>
        <source>Enters a service that was done.</source>
        <translation>Trägt einen getanen Service ein.</translation>
    </message>
    <message>
        <source>done</source>
        <translation>getan</translation>
    </message>
    <message>
        <source>maintenance</source>
        <translation>Service</translation>
    </message>
    <message>
        <source>Note finding</source>
        <translation>Befund aufschreiben</translation>
    </message>
    <message>
        <source>What was found and is not put right today: carried until it is.</source>
        <translation>Was gefunden wurde und heute nicht behoben wird: bleibt, bis es behoben ist.</translation>
    </message>
    <message>
        <source>defect</source>
        <translation>Mangel</translation>
    </message>
    <message>
        <source>damage</source>
        <translation>Schaden</translation>
    </message>
    <message>
        <source>Close finding</source>
        <translation>Befund schließen</translation>
    </message>
    <message>
        <source>A finding was put right; says what was done.</source>
        <translation>Ein Befund wurde behoben; sagt, was getan wurde.</translation>
    </message>
    <message>
        <source>repaired</source>
        <translation>repariert</translation>
    </message>
    <message>
        <source>Say what is due</source>
        <translation>Sagen, was fällig ist</translation>
    </message>
    <message>
        <source>What is due on the machine and how often: by the meter, the calendar, or whichever comes first.</source>
        <translation>Was an der Maschine fällig ist und wie oft: nach Zähler, Kalender oder was zuerst kommt.</translation>
    </message>
    <message>
        <source>interval</source>
        <translation>Intervall</translation>
    </message>
    <message>
        <source>rule</source>
        <translation>Regel</translation>
    </message>
    <message>
        <source>hard use</source>
        <translation>harter Einsatz</translation>
    </message>
    <message>
        <source>keep free</source>
        <translation>freihalten</translation>
    </message>
    <message>
        <source>Strike entry</source>
        <translation>Eintrag streichen</translation>
    </message>
    <message>
        <source>The entry was a mistake; it stays to be seen, struck through.</source>
        <translation>Der Eintrag war ein Fehler; er bleibt sichtbar, durchgestrichen.</translation>
    </message>
    <message>
        <source>No entry is in hand.</source>
        <translation>Kein Eintrag ist in der Hand.</translation>
    </message>
    <message>
        <source>It is struck already.</source>
        <translation>Er ist schon gestrichen.</translation>
    </message>
    <message>
        <source>mistake</source>
        <translation>Versehen</translation>
    </message>
    <message>
        <source>undo</source>
        <translation>zurücknehmen</translation>
    </message>
    <message>
        <source>delete</source>
        <translation>löschen</translation>
    </message>
    <message>
        <source>Enters a machine by name, type and serial.</source>
        <translation>Trägt eine Maschine mit Name, Typ und Seriennummer ein.</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>Place and state</source>
        <translation>Ort und Zustand</translation>
    </message>
    <message>
        <source>The machine stands elsewhere, or goes out of service.</source>
        <translation>Die Maschine steht woanders oder geht außer Betrieb.</translation>
    </message>
    <message>
        <source>sold</source>
        <translation>verkauft</translation>
    </message>
    <message>
        <source>moved</source>
        <translation>verlegt</translation>
    </message>
    <message>
        <source>Plan service</source>
        <translation>Service planen</translation>
    </message>
    <message>
        <source>Sets the day on which something due is done; on the fleet it can be pulled there by the mouse.</source>
        <translation>Setzt den Tag, an dem etwas Fälliges getan wird; auf der Übersicht lässt es sich mit der Maus dorthin ziehen.</translation>
    </message>
    <message>
        <source>Nothing is said to be due on this machine yet.</source>
        <translation>An dieser Maschine ist noch nichts als fällig genannt.</translation>
    </message>
    <message>
        <source>pull</source>
        <translation>ziehen</translation>
    </message>
    <message>
        <source>before a trip</source>
        <translation>vor einer Fahrt</translation>
    </message>
    <message>
        <source>schedule</source>
        <translation>planen</translation>
    </message>
    <message>
        <source>Keep days free</source>
        <translation>Tage freihalten</translation>
    </message>
    <message>
        <source>A trip, a season: nothing of the machine is due within these days.</source>
        <translation>Eine Fahrt, eine Saison: an diesen Tagen ist nichts an der Maschine fällig.</translation>
    </message>
    <message>
        <source>trip</source>
        <translation>Fahrt</translation>
    </message>
    <message>
        <source>campaign</source>
        <translation>Kampagne</translation>
    </message>
    <message>
        <source>holiday</source>
        <translation>Urlaub</translation>
    </message>
    <message>
        <source>Take in calendar</source>
        <translation>Kalender übernehmen</translation>
    </message>
    <message>
        <source>The events of a calendar file become days to keep free.</source>
        <translation>Die Termine einer Kalenderdatei werden freie Tage.</translation>
    </message>
    <message>
        <source>Calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>Calendars (*.ics);;All files (*)</source>
        <translation>Kalender (*.ics);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>ics</source>
        <translation>ics</translation>
    </message>
    <message>
        <source>import</source>
        <translation>importieren</translation>
    </message>
    <message>
        <source>Units, store, samples</source>
        <translation>Wechselteile, Lager, Proben</translation>
    </message>
    <message>
        <source>A unit that goes round among machines, with hours of its own.</source>
        <translation>Ein Teil, das unter Maschinen wandert und eigene Stunden hat.</translation>
    </message>
    <message>
        <source>injector</source>
        <translation>Einspritzdüse</translation>
    </message>
    <message>
        <source>battery</source>
        <translation>Batterie</translation>
    </message>
    <message>
        <source>serial</source>
        <translation>seriell</translation>
    </message>
    <message>
        <source>Fit unit</source>
        <translation>Teil anbauen</translation>
    </message>
    <message>
        <source>A rotating unit goes onto the machine; its hours run with it.</source>
        <translation>Ein Wechselteil kommt an die Maschine; seine Stunden laufen mit ihr.</translation>
    </message>
    <message>
        <source>No unit is in the store or out for repair; add one first.</source>
        <translation>Kein Teil liegt im Lager oder ist zur Reparatur; zuerst eines eintragen.</translation>
    </message>
    <message>
        <source>mount</source>
        <translation>einbauen</translation>
    </message>
    <message>
        <source>Take unit off</source>
        <translation>Teil abbauen</translation>
    </message>
    <message>
        <source>A rotating unit comes off the machine, into the store or to repair.</source>
        <translation>Ein Wechselteil kommt von der Maschine, ins Lager oder zur Reparatur.</translation>
    </message>
    <message>
        <source>No unit is on this machine.</source>
        <translation>Kein Teil ist an dieser Maschine.</translation>
    </message>
    <message>
        <source>overhaul</source>
        <translation>Überholung</translation>
    </message>
    <message>
        <source>repair</source>
        <translation>reparieren</translation>
    </message>
    <message>
        <source>How much of a fluid or a spare there is, and the least there should be.</source>
        <translation>Wie viel von einer Flüssigkeit oder einem Ersatzteil da ist, und wie viel mindestens da sein soll.</translation>
    </message>
    <message>
        <source>stock</source>
        <translation>Bestand</translation>
    </message>
    <message>
        <source>order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>spares</source>
        <translation>Ersatzteile</translation>
    </message>
    <message>
        <source>Take sample</source>
        <translation>Probe nehmen</translation>
    </message>
    <message>
        <source>A sample of a fluid goes to the laboratory.</source>
        <translation>Eine Probe einer Flüssigkeit geht ins Labor.</translation>
    </message>
    <message>
        <source>laboratory</source>
        <translation>Labor</translation>
    </message>
    <message>
        <source>oil analysis</source>
        <translation>Ölanalyse</translation>
    </message>
    <message>
        <source>Enter what was found</source>
        <translation>Laborbefund eintragen</translation>
    </message>
    <message>
        <source>What the laboratory found in a sample, and the limits that hold.</source>
        <translation>Was das Labor in einer Probe fand, und die Grenzen, die gelten.</translation>
    </message>
    <message>
        <source>No sample of this machine waits for an answer.</source>
        <translation>Keine Probe dieser Maschine wartet auf Antwort.</translation>
    </message>
    <message>
        <source>result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Samples over time</source>
        <translation>Proben über die Zeit</translation>
    </message>
    <message>
        <source>What the laboratory found of each thing, against its limit.</source>
        <translation>Was das Labor von jedem Stoff fand, gegen seine Grenze.</translation>
    </message>
    <message>
        <source>No sample of this machine was taken.</source>
        <translation>Von dieser Maschine wurde keine Probe genommen.</translation>
    </message>
    <message>
        <source>trend</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>Form of a sample</source>
        <translation>Formblatt einer Probe</translation>
    </message>
    <message>
        <source>The page that goes to the laboratory with the sample.</source>
        <translation>Die Seite, die mit der Probe ins Labor geht.</translation>
    </message>
    <message>
        <source>Form</source>
        <translation>Formblatt</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>print</source>
        <translation>drucken</translation>
    </message>
    <message>
        <source>Keep photograph or receipt</source>
        <translation>Foto oder Rechnung</translation>
    </message>
    <message>
        <source>Kept with the machine by what is in it, for the warranty file.</source>
        <translation>Bleibt nach seinem Inhalt bei der Maschine, für die Gewährleistungsakte.</translation>
    </message>
    <message>
        <source>invoice</source>
        <translation>Rechnung</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>proof</source>
        <translation>Beleg</translation>
    </message>
    <message>
        <source>Write warranty file</source>
        <translation>Gewährleistungsakte</translation>
    </message>
    <message>
        <source>Services, readings, photographs and receipts of the machine in one PDF, each file with its hash.</source>
        <translation>Services, Ablesungen, Fotos und Rechnungen der Maschine in einem PDF, jede Datei mit ihrem Hash.</translation>
    </message>
    <message>
        <source>Warranty file</source>
        <translation>Gewährleistungsakte</translation>
    </message>
    <message>
        <source>pdf</source>
        <translation>pdf</translation>
    </message>
    <message>
        <source>claim</source>
        <translation>Anspruch</translation>
    </message>
    <message>
        <source>Take in runs</source>
        <translation>Durchläufe übernehmen</translation>
    </message>
    <message>
        <source>Takes in what was done at the bench by a guide, each run once: what came back over the desk, or files.</source>
        <translation>Übernimmt, was an der Werkbank nach einer Anleitung getan wurde, jeden Durchlauf einmal: was über das Lesepult zurückkam, oder Dateien.</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Durchläufe</translation>
    </message>
    <message>
        <source>Runs (*.run.json);;All files (*)</source>
        <translation>Durchläufe (*.run.json);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>desk</source>
        <translation>Lesepult</translation>
    </message>
    <message>
        <source>Take in old paper</source>
        <translation>Altes Papier übernehmen</translation>
    </message>
    <message>
        <source>Services of before, from a table of machines, days and what was done; shown before anything is taken in.</source>
        <translation>Frühere Services, aus einer Tabelle von Maschinen, Tagen und was getan wurde; gezeigt, bevor etwas übernommen wird.</translation>
    </message>
    <message>
        <source>Past services</source>
        <translation>Frühere Services</translation>
    </message>
    <message>
        <source>Tables (*.csv);;All files (*)</source>
        <translation>Tabellen (*.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>csv</source>
        <translation>csv</translation>
    </message>
    <message>
        <source>past services</source>
        <translation>frühere Services</translation>
    </message>
    <message>
        <source>Print labels</source>
        <translation>Aufkleber drucken</translation>
    </message>
    <message>
        <source>A sheet of labels for the machine: last service, reading, what is due next.</source>
        <translation>Ein Bogen Aufkleber für die Maschine: letzter Service, Ablesung, was als Nächstes fällig ist.</translation>
    </message>
    <message>
        <source>Labels of %1</source>
        <translation>Aufkleber von %1</translation>
    </message>
    <message>
        <source>&amp;For</source>
        <translation>&amp;Für</translation>
    </message>
    <message>
        <source>Labels</source>
        <translation>Aufkleber</translation>
    </message>
    <message>
        <source>panel</source>
        <translation>Schild</translation>
    </message>
    <message>
        <source>filter</source>
        <translation>Filter</translation>
    </message>
    <message>
        <source>sticker</source>
        <translation>Etikett</translation>
    </message>
    <message>
        <source>Write the book</source>
        <translation>Buch schreiben</translation>
    </message>
    <message>
        <source>The whole logbook as a book to print, a table, or a calendar of what is due.</source>
        <translation>Das ganze Logbuch als Buch zum Drucken, als Tabelle oder als Kalender dessen, was fällig ist.</translation>
    </message>
    <message>
        <source>Book (*.pdf);;Table (*.csv);;Calendar of what is due (*.ics)</source>
        <translation>Buch (*.pdf);;Tabelle (*.csv);;Kalender des Fälligen (*.ics)</translation>
    </message>
    <message>
        <source>Give the file the ending .pdf, .csv or .ics.</source>
        <translation>Der Datei die Endung .pdf, .csv oder .ics geben.</translation>
    </message>
    <message>
        <source>calendar</source>
        <translation>Kalender</translation>
    </message>
    <message>
        <source>export</source>
        <translation>exportieren</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Stops what is being written; nothing of it stays.</source>
        <translation>Hält an, was geschrieben wird; nichts davon bleibt.</translation>
    </message>
    <message>
        <source>Nothing is under way.</source>
        <translation>Nichts läuft.</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>anhalten</translation>
    </message>
    <message numerus="yes">
        <source>%n runs came back over the desk: take them in.</source>
        <comment>1 run came back over the desk: take it in.</comment>
        <translation>
            <numerusform>1 Durchlauf kam über das Lesepult zurück: übernehmen.</numerusform>
            <numerusform>%n Durchläufe kamen über das Lesepult zurück: übernehmen.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stretches are kept free.</source>
        <comment>1 stretch is kept free.</comment>
        <translation>
            <numerusform>1 Zeitraum wird freigehalten.</numerusform>
            <numerusform>%n Zeiträume werden freigehalten.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n services were taken in.</source>
        <comment>1 service was taken in.</comment>
        <translation>
            <numerusform>1 Service wurde übernommen.</numerusform>
            <numerusform>%n Services wurden übernommen.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, read on %2</source>
        <translation>%1, abgelesen am %2</translation>
    </message>
    <message>
        <source>%1..%2; may stay empty</source>
        <translation>%1..%2; darf leer bleiben</translation>
    </message>
    <message>
        <source>%1; empty: one day</source>
        <translation>%1; leer: ein Tag</translation>
    </message>
</context>
<context>
    <name>anagraph::app::MainWindow</name>
    <message>
        <source>Anagraph</source>
        <translation>Anagraph</translation>
    </message>
    <message>
        <source>Notice</source>
        <translation>Meldung</translation>
    </message>
    <message>
        <source>Saved state</source>
        <translation>Ob gespeichert ist</translation>
    </message>
    <message>
        <source>Who sits here</source>
        <translation>Wer hier sitzt</translation>
    </message>
    <message>
        <source>Who else is here</source>
        <translation>Wer noch hier ist</translation>
    </message>
    <message>
        <source>Everywhere</source>
        <translation>Überall</translation>
    </message>
    <message>
        <source>Changes</source>
        <translation>Änderungen</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Takes the last change back.</source>
        <translation>Nimmt die letzte Änderung zurück.</translation>
    </message>
    <message>
        <source>There is nothing to undo.</source>
        <translation>Es gibt nichts zurückzunehmen.</translation>
    </message>
    <message>
        <source>take back</source>
        <translation>zurücknehmen</translation>
    </message>
    <message>
        <source>Takes back: %1.</source>
        <translation>Nimmt zurück: %1.</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Makes the change that was undone again.</source>
        <translation>Macht die zurückgenommene Änderung wieder.</translation>
    </message>
    <message>
        <source>There is nothing to redo.</source>
        <translation>Es gibt nichts zu wiederholen.</translation>
    </message>
    <message>
        <source>Makes again: %1.</source>
        <translation>Macht wieder: %1.</translation>
    </message>
    <message>
        <source>Every change, comment and check carries the post that sits here.</source>
        <translation>Jede Änderung, jeder Kommentar und jede Prüfung trägt die Funktion, die hier sitzt.</translation>
    </message>
    <message>
        <source>user</source>
        <translation>Benutzer</translation>
    </message>
    <message>
        <source>author</source>
        <translation>Autor</translation>
    </message>
    <message>
        <source>checker</source>
        <translation>Prüfer</translation>
    </message>
    <message>
        <source>sign in</source>
        <translation>anmelden</translation>
    </message>
    <message>
        <source>Decide</source>
        <translation>Entscheiden</translation>
    </message>
    <message>
        <source>Shows what you and somebody else changed at once side by side; you say which stands.</source>
        <translation>Zeigt nebeneinander, was Sie und jemand anders zugleich änderten; Sie sagen, was gilt.</translation>
    </message>
    <message>
        <source>No change of yours met another&apos;s.</source>
        <translation>Keine Ihrer Änderungen traf auf eine andere.</translation>
    </message>
    <message>
        <source>conflict</source>
        <translation>Konflikt</translation>
    </message>
    <message>
        <source>merge</source>
        <translation>zusammenlegen</translation>
    </message>
    <message>
        <source>both changed</source>
        <translation>beide geändert</translation>
    </message>
    <message>
        <source>This library</source>
        <translation>Diese Bibliothek</translation>
    </message>
    <message>
        <source>Where it lives, what of it is on this computer, which guides go along where its server is not, and its move elsewhere.</source>
        <translation>Wo sie liegt, was von ihr auf diesem Rechner ist, welche Anleitungen mitkommen, wo ihr Server nicht ist, und ihr Umzug.</translation>
    </message>
    <message>
        <source>server</source>
        <translation>Server</translation>
    </message>
    <message>
        <source>move</source>
        <translation>umziehen</translation>
    </message>
    <message>
        <source>laptop</source>
        <translation>Laptop</translation>
    </message>
    <message>
        <source>offline</source>
        <translation>ohne Netz</translation>
    </message>
    <message>
        <source>disk</source>
        <translation>Datenträger</translation>
    </message>
    <message>
        <source>Backup</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>Where backups of this library go, how often one is made, and which are there.</source>
        <translation>Wohin die Sicherungen dieser Bibliothek gehen, wie oft eine gemacht wird und welche da sind.</translation>
    </message>
    <message>
        <source>Its server cannot be reached.</source>
        <translation>Ihr Server ist nicht zu erreichen.</translation>
    </message>
    <message>
        <source>archive</source>
        <translation>Archiv</translation>
    </message>
    <message>
        <source>copy</source>
        <translation>Kopie</translation>
    </message>
    <message>
        <source>stick</source>
        <translation>Stick</translation>
    </message>
    <message>
        <source>save</source>
        <translation>speichern</translation>
    </message>
    <message>
        <source>Finding the way</source>
        <translation>Den Weg finden</translation>
    </message>
    <message>
        <source>Next open point</source>
        <translation>Nächster offener Punkt</translation>
    </message>
    <message>
        <source>Goes to the next point of this station that nobody has decided on.</source>
        <translation>Geht zum nächsten Punkt dieser Station, den noch niemand entschieden hat.</translation>
    </message>
    <message>
        <source>Nothing is open here.</source>
        <translation>Hier ist nichts offen.</translation>
    </message>
    <message>
        <source>to do</source>
        <translation>zu tun</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Finden</translation>
    </message>
    <message>
        <source>Any command, step, item, figure, guide or spoken line, by typing.</source>
        <translation>Jeder Befehl, Schritt, Gegenstand, Wert, jede Anleitung oder gesprochene Zeile, durch Tippen.</translation>
    </message>
    <message>
        <source>go to</source>
        <translation>gehe zu</translation>
    </message>
    <message>
        <source>command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>Guide settings</source>
        <translation>Einstellungen der Anleitung</translation>
    </message>
    <message>
        <source>Machine, job, guide number, interval, workshop note and variants.</source>
        <translation>Maschine, Arbeit, Anleitungsnummer, Intervall, Werkstatthinweis und Ausführungen.</translation>
    </message>
    <message>
        <source>rename guide</source>
        <translation>Anleitung umbenennen</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>guide number</source>
        <translation>Anleitungsnummer</translation>
    </message>
    <message>
        <source>interval</source>
        <translation>Intervall</translation>
    </message>
    <message>
        <source>workshop note</source>
        <translation>Werkstatthinweis</translation>
    </message>
    <message>
        <source>variants</source>
        <translation>Ausführungen</translation>
    </message>
    <message>
        <source>properties</source>
        <translation>Eigenschaften</translation>
    </message>
    <message>
        <source>models</source>
        <translation>Modelle</translation>
    </message>
    <message>
        <source>Tape</source>
        <translation>Band</translation>
    </message>
    <message>
        <source>The recordings: steps are marked and figures taken.</source>
        <translation>Die Aufnahmen: Schritte werden angezeichnet und Werte übernommen.</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>What each figure rests on.</source>
        <translation>Worauf jeder Wert ruht.</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>The guide as its reader will see it.</source>
        <translation>Die Anleitung, wie sie gelesen wird.</translation>
    </message>
    <message>
        <source>Plates</source>
        <translation>Tafeln</translation>
    </message>
    <message>
        <source>The pictures, and what is called out on them.</source>
        <translation>Die Bilder, und was auf ihnen bezeichnet ist.</translation>
    </message>
    <message>
        <source>Dry run</source>
        <translation>Trockenlauf</translation>
    </message>
    <message>
        <source>Whether the order of the steps works; the time it takes; the kit.</source>
        <translation>Ob die Reihenfolge der Schritte geht; die Zeit, die sie braucht; die Ausrüstung.</translation>
    </message>
    <message>
        <source>Issue</source>
        <translation>Herausgabe</translation>
    </message>
    <message>
        <source>What changed; freezing the next edition.</source>
        <translation>Was sich geändert hat; die nächste Ausgabe festhalten.</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>The guides and recordings of the library.</source>
        <translation>Die Anleitungen und Aufnahmen der Bibliothek.</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>A guide at the machine: one step at a time, with what is read and seen.</source>
        <translation>Eine Anleitung an der Maschine: ein Schritt nach dem anderen, mit dem, was gelesen und gesehen wird.</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>The machines: what was done, what is open, what is due.</source>
        <translation>Die Maschinen: was getan wurde, was offen ist, was fällig ist.</translation>
    </message>
    <message>
        <source>Go to %1</source>
        <translation>Gehe zu %1</translation>
    </message>
    <message>
        <source>station</source>
        <translation>Station</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>The way from a recording to a guide, and every command with its key.</source>
        <translation>Der Weg von der Aufnahme zur Anleitung, und jeder Befehl mit seiner Taste.</translation>
    </message>
    <message>
        <source>manual</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>shortcuts</source>
        <translation>Kurzbefehle</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Light, dark or high contrast, or as the desktop asks; guides go out as they always do.</source>
        <translation>Hell, dunkel oder hoher Kontrast, oder wie der Desktop es verlangt; Anleitungen gehen hinaus wie immer.</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>night</source>
        <translation>Nacht</translation>
    </message>
    <message>
        <source>contrast</source>
        <translation>Kontrast</translation>
    </message>
    <message>
        <source>theme</source>
        <translation>Aussehen</translation>
    </message>
    <message>
        <source>bright</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>Show me round</source>
        <translation>Führung</translation>
    </message>
    <message>
        <source>The five places of the window, a sentence each.</source>
        <translation>Die fünf Plätze des Fensters, zu jedem ein Satz.</translation>
    </message>
    <message>
        <source>introduction</source>
        <translation>Einführung</translation>
    </message>
    <message>
        <source>tour</source>
        <translation>Rundgang</translation>
    </message>
    <message>
        <source>first steps</source>
        <translation>erste Schritte</translation>
    </message>
    <message>
        <source>open a guide, or import a recording</source>
        <translation>eine Anleitung öffnen oder eine Aufnahme importieren</translation>
    </message>
    <message>
        <source>Who sits here: %1. Every change carries it.</source>
        <translation>Wer hier sitzt: %1. Jede Änderung trägt es.</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>Figure</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Item</source>
        <translation>Gegenstand</translation>
    </message>
    <message>
        <source>Guide</source>
        <translation>Anleitung</translation>
    </message>
    <message>
        <source>is open</source>
        <translation>ist offen</translation>
    </message>
    <message>
        <source>The stations stand in the order of the work, from the recording to the issued guide. A number says how much is open there.</source>
        <translation>Die Stationen stehen in der Reihenfolge der Arbeit, von der Aufnahme zur herausgegebenen Anleitung. Eine Zahl sagt, wie viel dort offen ist.</translation>
    </message>
    <message>
        <source>What you can do with the thing in hand, the next sensible step first. The right button shows the rest.</source>
        <translation>Was sich mit dem tun lässt, was in der Hand ist, der nächste sinnvolle Schritt zuerst. Die rechte Maustaste zeigt den Rest.</translation>
    </message>
    <message>
        <source>Find goes to any command, step, figure or spoken line: type three letters of it.</source>
        <translation>Finden geht zu jedem Befehl, Schritt, Wert oder jeder gesprochenen Zeile: drei Buchstaben davon tippen.</translation>
    </message>
    <message>
        <source>The guide in hand. Press its name to change machine, guide number, interval or variants.</source>
        <translation>Die Anleitung in der Hand. Auf ihren Namen drücken, um Maschine, Anleitungsnummer, Intervall oder Ausführungen zu ändern.</translation>
    </message>
    <message>
        <source>Every change is saved as you make it, and each can be undone. %1 is the help.</source>
        <translation>Jede Änderung ist sofort gespeichert, und jede lässt sich zurücknehmen. %1 ist die Hilfe.</translation>
    </message>
    <message>
        <source>Open a guide on the Shelf first; then the moment can be shown.</source>
        <translation>Zuerst am Regal eine Anleitung öffnen; dann lässt sich der Moment zeigen.</translation>
    </message>
    <message>
        <source>%1 is not in this guide; the Shelf lets the guide use it.</source>
        <translation>%1 ist nicht in dieser Anleitung; am Regal lässt sie sich der Anleitung geben.</translation>
    </message>
    <message numerus="yes">
        <source>%n open points</source>
        <comment>1 open point</comment>
        <translation>
            <numerusform>1 offener Punkt</numerusform>
            <numerusform>%n offene Punkte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <comment>1 step</comment>
        <translation>
            <numerusform>1 Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>The language of the window; guides keep theirs.</source>
        <translation>Die Sprache des Fensters; Anleitungen behalten ihre.</translation>
    </message>
    <message>
        <source>translation</source>
        <translation>Übersetzung</translation>
    </message>
    <message>
        <source>Change keys</source>
        <translation>Tasten ändern</translation>
    </message>
    <message>
        <source>Each command gets the key you want it to have.</source>
        <translation>Jeder Befehl bekommt die Taste, die er haben soll.</translation>
    </message>
    <message>
        <source>keyboard</source>
        <translation>Tastatur</translation>
    </message>
    <message>
        <source>Three tasks</source>
        <translation>Drei Aufgaben</translation>
    </message>
    <message>
        <source>Three small pieces of work on the demo guide, which say by themselves when they are done.</source>
        <translation>Drei kleine Arbeiten an der Vorführanleitung, die selbst sagen, wann sie erledigt sind.</translation>
    </message>
    <message>
        <source>exercise</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>practise</source>
        <translation>üben</translation>
    </message>
    <message>
        <source>learn</source>
        <translation>lernen</translation>
    </message>
</context>
<context>
    <name>anagraph::app::MethodsDialog</name>
    <message>
        <source>Where practitioners differ: what this house does</source>
        <translation>Wo Fachleute verschiedener Meinung sind: was dieses Haus tut</translation>
    </message>
    <message>
        <source>Questions</source>
        <translation>Fragen</translation>
    </message>
    <message>
        <source>This house</source>
        <translation>Dieses Haus</translation>
    </message>
    <message>
        <source>the house&apos;s own reason, printed with the guide</source>
        <translation>der eigene Grund des Hauses, mit der Anleitung gedruckt</translation>
    </message>
    <message>
        <source>Because</source>
        <translation>Weil</translation>
    </message>
    <message>
        <source>&amp;This house</source>
        <translation>&amp;Dieses Haus</translation>
    </message>
    <message>
        <source>&amp;Because</source>
        <translation>&amp;Weil</translation>
    </message>
    <message>
        <source>Methods, and what speaks for each; tick those that are accepted too:</source>
        <translation>Vorgehen, und was für jedes spricht; anhaken, was auch anerkannt wird:</translation>
    </message>
    <message>
        <source>Nothing is picked for you: where the house has no rule, the guide says so and leaves it to the maker&apos;s book. A step carries the question; the answer reaches all guides.</source>
        <translation>Nichts wird für Sie ausgesucht: wo das Haus keine Regel hat, sagt die Anleitung das und überlässt es dem Buch des Herstellers. Ein Schritt trägt die Frage; die Antwort erreicht alle Anleitungen.</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>has chosen no method</source>
        <translation>hat kein Vorgehen gewählt</translation>
    </message>
</context>
<context>
    <name>anagraph::app::MethodsForm</name>
    <message>
        <source>Where practitioners differ, in this step</source>
        <translation>Wo Fachleute verschiedener Meinung sind, in diesem Schritt</translation>
    </message>
    <message>
        <source>A ticked question is answered in the guide by the house&apos;s rule; the reader unfolds why and what else is accepted. Questions this step raises stand first.</source>
        <translation>Eine angehakte Frage beantwortet die Anleitung mit der Regel des Hauses; beim Lesen lässt sich aufklappen, warum und was sonst anerkannt wird. Fragen, die dieser Schritt aufwirft, stehen zuerst.</translation>
    </message>
    <message>
        <source>%1  (met here)</source>
        <translation>%1  (kommt hier vor)</translation>
    </message>
    <message>
        <source>house: no method chosen</source>
        <translation>Haus: kein Vorgehen gewählt</translation>
    </message>
    <message>
        <source>house: %1</source>
        <translation>Haus: %1</translation>
    </message>
    <message>
        <source>here: %1</source>
        <translation>hier: %1</translation>
    </message>
    <message>
        <source>Method: %1</source>
        <translation>Vorgehen: %1</translation>
    </message>
    <message>
        <source>why, where it is not the house&apos;s</source>
        <translation>warum, wo es nicht das des Hauses ist</translation>
    </message>
    <message>
        <source>Why: %1</source>
        <translation>Warum: %1</translation>
    </message>
    <message>
        <source>Say why this step differs from the house&apos;s method: %1</source>
        <translation>Sagen, warum dieser Schritt vom Vorgehen des Hauses abweicht: %1</translation>
    </message>
</context>
<context>
    <name>anagraph::app::MixturePanel</name>
    <message>
        <source>drain some and replace it</source>
        <translation>etwas ablassen und ersetzen</translation>
    </message>
    <message>
        <source>top up, drain nothing</source>
        <translation>auffüllen, nichts ablassen</translation>
    </message>
    <message>
        <source>mix anew, by ratio</source>
        <translation>neu mischen, nach Verhältnis</translation>
    </message>
    <message>
        <source>&amp;Method</source>
        <translation>&amp;Vorgehen</translation>
    </message>
    <message>
        <source>The system &amp;holds</source>
        <translation>Das System &amp;fasst</translation>
    </message>
    <message>
        <source>8 L</source>
        <translation>8 L</translation>
    </message>
    <message>
        <source>&amp;Room above it</source>
        <translation>&amp;Raum darüber</translation>
    </message>
    <message>
        <source>1 L</source>
        <translation>1 L</translation>
    </message>
    <message>
        <source>&amp;Measured, %</source>
        <translation>&amp;Gemessen, %</translation>
    </message>
    <message>
        <source>35</source>
        <translation>35</translation>
    </message>
    <message>
        <source>&amp;Wanted, %</source>
        <translation>Ge&amp;wünscht, %</translation>
    </message>
    <message>
        <source>50</source>
        <translation>50</translation>
    </message>
    <message>
        <source>&amp;Concentrate, %</source>
        <translation>&amp;Konzentrat, %</translation>
    </message>
    <message>
        <source>100</source>
        <translation>100</translation>
    </message>
    <message>
        <source>Rati&amp;o, to water</source>
        <translation>Verhältn&amp;is, zu Wasser</translation>
    </message>
    <message>
        <source>1 : 10</source>
        <translation>1 : 10</translation>
    </message>
    <message>
        <source>&amp;Type</source>
        <translation>&amp;Typ</translation>
    </message>
    <message>
        <source>The &amp;jug holds</source>
        <translation>Die Kanne &amp;hält</translation>
    </message>
    <message>
        <source>2 L</source>
        <translation>2 L</translation>
    </message>
    <message>
        <source>What to do</source>
        <translation>Was zu tun ist</translation>
    </message>
    <message>
        <source>&lt;p&gt;%1 % of %2 freezes at about %3 °C (%4 °F). The product&apos;s own table counts before this one.&lt;/p&gt;</source>
        <translation>&lt;p&gt;%1 % von %2 gefriert bei etwa %3 °C (%4 °F). Die Tabelle des Produkts selbst gilt vor dieser.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>%1 to the mark &lt;b&gt;%2 L&lt;/b&gt;</source>
        <translation>%1 bis zum Strich &lt;b&gt;%2 L&lt;/b&gt;</translation>
    </message>
    <message>
        <source>In the jug: %1.</source>
        <translation>In der Kanne: %1.</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>In the jug, %1 times: %2.</source>
        <translation>In der Kanne, %1-mal: %2.</translation>
    </message>
    <message>
        <source>Say how much is to be mixed, and the ratio as in 1 : 10.</source>
        <translation>Sagen, wie viel gemischt wird, und das Verhältnis, wie 1 : 10.</translation>
    </message>
    <message>
        <source>concentrate</source>
        <translation>Konzentrat</translation>
    </message>
    <message>
        <source>water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>&lt;p&gt;&lt;b&gt;%1 of concentrate&lt;/b&gt; and &lt;b&gt;%2 of water&lt;/b&gt; make it.&lt;/p&gt;</source>
        <translation>&lt;p&gt;&lt;b&gt;%1 Konzentrat&lt;/b&gt; und &lt;b&gt;%2 Wasser&lt;/b&gt; ergeben es.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Fill in all four: how much the system holds, the strength measured, the strength wanted, and that of the concentrate.</source>
        <translation>Alle vier ausfüllen: wie viel das System fasst, die gemessene Stärke, die gewünschte, und die des Konzentrats.</translation>
    </message>
    <message>
        <source>Say how much room there is above what is in it.</source>
        <translation>Sagen, wie viel Raum über dem Inhalt ist.</translation>
    </message>
    <message>
        <source>The strength is right; nothing has to be added.</source>
        <translation>Die Stärke stimmt; nichts muss dazu.</translation>
    </message>
    <message>
        <source>&lt;p&gt;Pour in &lt;b&gt;%1 of %2&lt;/b&gt;. Run until it has mixed, then measure again.&lt;/p&gt;</source>
        <translation>&lt;p&gt;&lt;b&gt;%1 %2&lt;/b&gt; eingießen. Laufen lassen, bis es gemischt ist, dann wieder messen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Drain &lt;b&gt;%1&lt;/b&gt; and keep it for the waste store.&lt;/p&gt;&lt;p&gt;Pour &lt;b&gt;%1 of %2&lt;/b&gt; in instead. Run until it has mixed, then measure again.&lt;/p&gt;</source>
        <translation>&lt;p&gt;&lt;b&gt;%1&lt;/b&gt; ablassen und für die Entsorgung aufheben.&lt;/p&gt;&lt;p&gt;Stattdessen &lt;b&gt;%1 %2&lt;/b&gt; eingießen. Laufen lassen, bis es gemischt ist, dann wieder messen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>To be &amp;mixed</source>
        <translation>Zu &amp;mischen</translation>
    </message>
    <message>
        <source>&amp;Amount in it</source>
        <translation>&amp;Menge darin</translation>
    </message>
    <message>
        <source>Pour: %1 of %2</source>
        <translation>Eingießen: %1 %2</translation>
    </message>
</context>
<context>
    <name>anagraph::app::MovingDialog</name>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>The library is being moved</source>
        <translation>Die Bibliothek zieht um</translation>
    </message>
    <message>
        <source>From %1
to %2</source>
        <translation>Von %1
nach %2</translation>
    </message>
    <message>
        <source>How far the move is</source>
        <translation>Wie weit der Umzug ist</translation>
    </message>
    <message>
        <source>Films and packs first, then what is written. The library it comes from stays as it is.</source>
        <translation>Zuerst Filme und Pakete, dann das Geschriebene. Die Bibliothek, aus der sie kommt, bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>How far it is, or what is wrong</source>
        <translation>Wie weit es ist, oder was nicht stimmt</translation>
    </message>
    <message>
        <source>%1 %, less than a minute left</source>
        <translation>%1 %, weniger als eine Minute</translation>
    </message>
    <message>
        <source>%1 %, about %2 min left</source>
        <translation>%1 %, noch etwa %2 min</translation>
    </message>
    <message>
        <source>The library was not moved</source>
        <translation>Die Bibliothek ist nicht umgezogen</translation>
    </message>
    <message>
        <source>%1 It is opened again where it was.</source>
        <translation>%1 Sie wird wieder geöffnet, wo sie war.</translation>
    </message>
    <message>
        <source>Open it again</source>
        <translation>Wieder öffnen</translation>
    </message>
    <message>
        <source>Stopping …</source>
        <translation>Wird angehalten …</translation>
    </message>
</context>
<context>
    <name>anagraph::app::OrdersDialog</name>
    <message>
        <source>What the line orders</source>
        <translation>Was die Zeile anordnet</translation>
    </message>
    <message>
        <source>Orders</source>
        <translation>Anordnungen</translation>
    </message>
    <message>
        <source>Add order</source>
        <translation>Anordnung hinzufügen</translation>
    </message>
    <message>
        <source>One more thing that the line orders.</source>
        <translation>Noch etwas, das die Zeile anordnet.</translation>
    </message>
    <message>
        <source>Remove order</source>
        <translation>Anordnung entfernen</translation>
    </message>
    <message>
        <source>The line does not order this.</source>
        <translation>Die Zeile ordnet das nicht an.</translation>
    </message>
    <message>
        <source>The line orders nothing.</source>
        <translation>Die Zeile ordnet nichts an.</translation>
    </message>
    <message>
        <source>As it reads</source>
        <translation>Wie sie sich liest</translation>
    </message>
    <message>
        <source>What was put right goes; the line is taken as it reads by itself.</source>
        <translation>Das Berichtigte geht weg; die Zeile wird genommen, wie sie sich liest.</translation>
    </message>
    <message>
        <source>The line is taken as it reads.</source>
        <translation>Die Zeile wird genommen, wie sie sich liest.</translation>
    </message>
    <message>
        <source>Orders of the line</source>
        <translation>Anordnungen der Zeile</translation>
    </message>
    <message>
        <source>&amp;Verb</source>
        <translation>&amp;Verb</translation>
    </message>
    <message>
        <source>Done to</source>
        <translation>Getan an</translation>
    </message>
    <message>
        <source>Done &amp;to</source>
        <translation>Getan &amp;an</translation>
    </message>
    <message>
        <source>Done with</source>
        <translation>Getan mit</translation>
    </message>
    <message>
        <source>Done &amp;with</source>
        <translation>Getan &amp;mit</translation>
    </message>
    <message>
        <source>no figure</source>
        <translation>kein Wert</translation>
    </message>
    <message>
        <source>To the &amp;figure</source>
        <translation>Bis zum &amp;Wert</translation>
    </message>
</context>
<context>
    <name>anagraph::app::PageView</name>
    <message>
        <source>Page of the source</source>
        <translation>Seite der Quelle</translation>
    </message>
    <message>
        <source>Page %1</source>
        <translation>Seite %1</translation>
    </message>
    <message>
        <source>The place that is marked</source>
        <translation>Die angezeichnete Stelle</translation>
    </message>
    <message>
        <source>Value %1 that was read on this page</source>
        <translation>Wert %1, der auf dieser Seite gelesen wurde</translation>
    </message>
    <message>
        <source>Choose</source>
        <translation>Wählen</translation>
    </message>
</context>
<context>
    <name>anagraph::app::PaperDialog</name>
    <message>
        <source>Services from %1</source>
        <translation>Services aus %1</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>Machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>What was done</source>
        <translation>Was getan wurde</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>Doubtful</source>
        <translation>Zweifelhaft</translation>
    </message>
    <message>
        <source>Lines of the table</source>
        <translation>Zeilen der Tabelle</translation>
    </message>
    <message>
        <source>Take in</source>
        <translation>Übernehmen</translation>
    </message>
    <message numerus="yes">
        <source>%n services are read, and nothing is doubtful.</source>
        <comment>1 service is read, and nothing is doubtful.</comment>
        <translation>
            <numerusform>1 Service ist gelesen, und nichts ist zweifelhaft.</numerusform>
            <numerusform>%n Services sind gelesen, und nichts ist zweifelhaft.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n lines are doubtful. Put them right in the file and read it again; until then nothing is taken in.</source>
        <comment>1 line is doubtful. Put it right in the file and read it again; until then nothing is taken in.</comment>
        <translation>
            <numerusform>1 Zeile ist zweifelhaft. In der Datei berichtigen und wieder lesen; bis dahin wird nichts übernommen.</numerusform>
            <numerusform>%n Zeilen sind zweifelhaft. In der Datei berichtigen und wieder lesen; bis dahin wird nichts übernommen.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlacePanel</name>
    <message>
        <source>The place in hand</source>
        <translation>Die Stelle in der Hand</translation>
    </message>
    <message>
        <source>As it stands now</source>
        <translation>Wie es jetzt steht</translation>
    </message>
    <message>
        <source>As it was</source>
        <translation>Wie es war</translation>
    </message>
    <message>
        <source>What it rests on</source>
        <translation>Worauf es ruht</translation>
    </message>
    <message>
        <source>Edition %1</source>
        <translation>Ausgabe %1</translation>
    </message>
    <message>
        <source>edition %1</source>
        <translation>Ausgabe %1</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source> Answer: %1</source>
        <translation> Antwort: %1</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>Dry run</source>
        <translation>Trockenlauf</translation>
    </message>
    <message>
        <source>Comments</source>
        <translation>Kommentare</translation>
    </message>
    <message>
        <source>Who learned it</source>
        <translation>Wer es gelernt hat</translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlateChangeView</name>
    <message>
        <source>a new picture</source>
        <translation>ein neues Bild</translation>
    </message>
    <message>
        <source>the picture is gone</source>
        <translation>das Bild ist weg</translation>
    </message>
    <message>
        <source>another picture</source>
        <translation>ein anderes Bild</translation>
    </message>
    <message>
        <source>%1 is pointed at in another place</source>
        <translation>auf %1 wird an anderer Stelle gezeigt</translation>
    </message>
    <message>
        <source>new on it: %1</source>
        <translation>neu darauf: %1</translation>
    </message>
    <message>
        <source>no more on it: %1</source>
        <translation>nicht mehr darauf: %1</translation>
    </message>
    <message>
        <source>what is drawn on it has changed</source>
        <translation>was darauf gezeichnet ist, hat sich geändert</translation>
    </message>
    <message>
        <source>Picture %1 of step %2: %3.</source>
        <translation>Bild %1 von Schritt %2: %3.</translation>
    </message>
    <message>
        <source>The picture is not in the kept pack.</source>
        <translation>Das Bild ist nicht im aufbewahrten Paket.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlatePreview</name>
    <message>
        <source>Picture of the step</source>
        <translation>Bild des Schrittes</translation>
    </message>
    <message>
        <source>No picture yet: on the Tape, stop at the clearest frame and keep it.</source>
        <translation>Noch kein Bild: am Band beim klarsten Einzelbild anhalten und es behalten.</translation>
    </message>
    <message>
        <source>1 of %1</source>
        <translation>1 von %1</translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlateView</name>
    <message>
        <source>Plate: the still with its callouts</source>
        <translation>Tafel: das Standbild mit seinen Positionsnummern</translation>
    </message>
    <message>
        <source>%1 % across, %2 % down</source>
        <translation>%1 % von links, %2 % von oben</translation>
    </message>
    <message>
        <source>Callout %1, %2, points to %3; its number stands %4</source>
        <translation>Positionsnummer %1, %2, zeigt auf %3; ihre Zahl steht %4</translation>
    </message>
    <message>
        <source>an item that is gone</source>
        <translation>ein Gegenstand, der weg ist</translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation>In die Hand nehmen</translation>
    </message>
    <message>
        <source>Sign “%1” from %2 to %3</source>
        <translation>Zeichen „%1“ von %2 bis %3</translation>
    </message>
    <message>
        <source>Fastener: %1, %2</source>
        <translation>Befestigung: %1, %2</translation>
    </message>
    <message>
        <source>Cross at %1; Enter sets it down</source>
        <translation>Kreuz bei %1; Enter setzt es ab</translation>
    </message>
</context>
<context>
    <name>anagraph::app::PlatesStation</name>
    <message>
        <source>for &amp;all</source>
        <translation>für &amp;alle</translation>
    </message>
    <message>
        <source>%1 only</source>
        <translation>nur %1</translation>
    </message>
    <message>
        <source>not %1</source>
        <translation>nicht %1</translation>
    </message>
    <message>
        <source>%1 as well</source>
        <translation>auch %1</translation>
    </message>
    <message>
        <source>The recording is missing; stills are taken from the recording itself. Find it again on the Shelf.</source>
        <translation>Die Aufnahme fehlt; Standbilder kommen aus der Aufnahme selbst. Sie am Regal wiederfinden.</translation>
    </message>
    <message>
        <source>this is &amp;right, the other wrong</source>
        <translation>dieses ist &amp;richtig, das andere falsch</translation>
    </message>
    <message>
        <source>this is &amp;wrong, the other right</source>
        <translation>dieses ist &amp;falsch, das andere richtig</translation>
    </message>
    <message>
        <source>this is &amp;before, the other after</source>
        <translation>dieses ist &amp;vorher, das andere nachher</translation>
    </message>
    <message>
        <source>this is &amp;after, the other before</source>
        <translation>dieses ist &amp;nachher, das andere vorher</translation>
    </message>
    <message>
        <source>this is the &amp;new part, the other the old</source>
        <translation>dieses ist das ne&amp;ue Teil, das andere das alte</translation>
    </message>
    <message>
        <source>this is the &amp;old part, the other the new</source>
        <translation>dieses ist das &amp;alte Teil, das andere das neue</translation>
    </message>
    <message>
        <source>two pictures on their &amp;own</source>
        <translation>zwei Bilder für &amp;sich</translation>
    </message>
    <message>
        <source>The second picture still stands at the same moment: choose its frame.</source>
        <translation>Das zweite Bild steht noch am selben Moment: sein Einzelbild wählen.</translation>
    </message>
    <message>
        <source>No plate before this one, of the same recording, calls anything out.</source>
        <translation>Keine Tafel davor, aus derselben Aufnahme, bezeichnet etwas.</translation>
    </message>
    <message>
        <source>Looking for what the plate before calls out …</source>
        <translation>Es wird gesucht, was die Tafel davor bezeichnet …</translation>
    </message>
    <message>
        <source>Nothing the plate before calls out was found on this one with certainty: too much moved, or it looks alike elsewhere.</source>
        <translation>Nichts, was die Tafel davor bezeichnet, wurde auf dieser mit Sicherheit gefunden: zu viel bewegte sich, oder es sieht anderswo gleich aus.</translation>
    </message>
    <message>
        <source>%1 (%2 % alike)</source>
        <translation>%1 (%2 % gleich)</translation>
    </message>
    <message>
        <source>Callouts of the plate before</source>
        <translation>Positionsnummern der Tafel davor</translation>
    </message>
    <message>
        <source>Found again on this picture: %1. Take them over? Look at each: what is alike need not be the same.</source>
        <translation>Auf diesem Bild wiedergefunden: %1. Übernehmen? Jede ansehen: was gleich aussieht, muss nicht dasselbe sein.</translation>
    </message>
    <message>
        <source>Plates</source>
        <translation>Tafeln</translation>
    </message>
    <message>
        <source>Caption</source>
        <translation>Bildunterschrift</translation>
    </message>
    <message>
        <source>Caption of the plate</source>
        <translation>Bildunterschrift der Tafel</translation>
    </message>
    <message>
        <source>what is seen here</source>
        <translation>was hier zu sehen ist</translation>
    </message>
    <message>
        <source>Call out</source>
        <translation>Bezeichnen</translation>
    </message>
    <message>
        <source>Choose an item, then click its place on the picture. Arrows move the callout in hand, with Shift what it points at.</source>
        <translation>Einen Gegenstand wählen, dann seine Stelle auf dem Bild anklicken. Pfeile bewegen die Positionsnummer in der Hand, mit Umschalt das, worauf sie zeigt.</translation>
    </message>
    <message>
        <source>Items</source>
        <translation>Gegenstände</translation>
    </message>
    <message>
        <source>Step %1, %2, picture %3 of %4</source>
        <translation>Schritt %1, %2, Bild %3 von %4</translation>
    </message>
    <message>
        <source>No plate yet</source>
        <translation>Noch keine Tafel</translation>
    </message>
    <message>
        <source>On the Tape, stop at the clearest frame of a step and keep the picture: the exact frame becomes a plate here.</source>
        <translation>Am Band beim klarsten Einzelbild eines Schrittes anhalten und das Bild behalten: genau dieses wird hier eine Tafel.</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>%1 only · </source>
        <translation>nur %1 · </translation>
    </message>
    <message>
        <source>frame at %1</source>
        <translation>Einzelbild bei %1</translation>
    </message>
    <message>
        <source>&lt;b&gt;Alternative text:&lt;/b&gt; %1</source>
        <translation>&lt;b&gt;Alternativtext:&lt;/b&gt; %1</translation>
    </message>
    <message>
        <source>none yet; the caption and the callouts make it</source>
        <translation>noch keiner; die Bildunterschrift und die Positionsnummern ergeben ihn</translation>
    </message>
    <message>
        <source>Everything the step names is called out.</source>
        <translation>Alles, was der Schritt nennt, ist bezeichnet.</translation>
    </message>
    <message>
        <source>Fetching the exact frame …</source>
        <translation>Das genaue Einzelbild wird geholt …</translation>
    </message>
    <message>
        <source>The guide has no item yet; add one.</source>
        <translation>Die Anleitung hat noch keinen Gegenstand; einen hinzufügen.</translation>
    </message>
    <message>
        <source>Choose a fastener in the list on the right; then each click, or Enter on the cross, sets one down.</source>
        <translation>Rechts in der Liste eine Befestigung wählen; dann setzt jeder Klick, oder Enter auf dem Kreuz, eine ab.</translation>
    </message>
    <message>
        <source>(not measured)</source>
        <translation>(nicht gemessen)</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Which figure is it?</source>
        <translation>Welcher Wert ist es?</translation>
    </message>
    <message>
        <source>New item</source>
        <translation>Neuer Gegenstand</translation>
    </message>
    <message>
        <source>The item, wherever it is named</source>
        <translation>Der Gegenstand, wo immer er genannt wird</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation>&amp;Art</translation>
    </message>
    <message>
        <source>&amp;Size or grade</source>
        <translation>&amp;Größe oder Sorte</translation>
    </message>
    <message>
        <source>&amp;Part number</source>
        <translation>&amp;Teilenummer</translation>
    </message>
    <message>
        <source>&amp;Length</source>
        <translation>&amp;Länge</translation>
    </message>
    <message>
        <source>under the head: 16 mm; empty: not known</source>
        <translation>unter dem Kopf: 16 mm; leer: nicht bekannt</translation>
    </message>
    <message>
        <source>&amp;Head</source>
        <translation>&amp;Kopf</translation>
    </message>
    <message>
        <source>hexagon, 10 mm across flats</source>
        <translation>Sechskant, Schlüsselweite 10 mm</translation>
    </message>
    <message>
        <source>&amp;Washer</source>
        <translation>&amp;Scheibe</translation>
    </message>
    <message>
        <source>plain; none; empty: not known</source>
        <translation>glatt; keine; leer: nicht bekannt</translation>
    </message>
    <message>
        <source>to all machines of the guide</source>
        <translation>zu allen Maschinen der Anleitung</translation>
    </message>
    <message>
        <source>to the %1 only</source>
        <translation>nur zur %1</translation>
    </message>
    <message>
        <source>to several, as it stands</source>
        <translation>zu mehreren, wie es steht</translation>
    </message>
    <message>
        <source>It &amp;belongs</source>
        <translation>&amp;Gehört</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no picture yet: on the Tape, stop at its clearest frame and keep it.</source>
        <translation>„%1“ hat noch kein Bild: am Band beim klarsten Einzelbild anhalten und es behalten.</translation>
    </message>
    <message>
        <source>Every step has its picture and every part named is called out.</source>
        <translation>Jeder Schritt hat sein Bild, und jedes genannte Teil ist bezeichnet.</translation>
    </message>
    <message>
        <source>No plate is in hand; keep a picture on the Tape.</source>
        <translation>Keine Tafel ist in der Hand; am Band ein Bild behalten.</translation>
    </message>
    <message>
        <source>On the picture</source>
        <translation>Auf dem Bild</translation>
    </message>
    <message>
        <source>Place fasteners</source>
        <translation>Befestigungen setzen</translation>
    </message>
    <message>
        <source>Each click, or Enter on the cross, sets the chosen fastener down; then they are drawn in their order.</source>
        <translation>Jeder Klick, oder Enter auf dem Kreuz, setzt die gewählte Befestigung ab; danach werden sie in ihrer Reihenfolge gezeichnet.</translation>
    </message>
    <message>
        <source>bolts</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>tightening sequence</source>
        <translation>Anzugsreihenfolge</translation>
    </message>
    <message>
        <source>map</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Stop placing fasteners</source>
        <translation>Nicht mehr setzen</translation>
    </message>
    <message>
        <source>Call out item</source>
        <translation>Gegenstand bezeichnen</translation>
    </message>
    <message>
        <source>The chosen item gets a number on the picture; arrows move it, with Shift what it points at.</source>
        <translation>Der gewählte Gegenstand bekommt eine Nummer auf dem Bild; Pfeile bewegen sie, mit Umschalt das, worauf sie zeigt.</translation>
    </message>
    <message>
        <source>label</source>
        <translation>beschriften</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Nummer</translation>
    </message>
    <message>
        <source>pointer</source>
        <translation>Zeiger</translation>
    </message>
    <message>
        <source>Next callout</source>
        <translation>Nächste Nummer</translation>
    </message>
    <message>
        <source>Takes the next callout in hand.</source>
        <translation>Nimmt die nächste Positionsnummer in die Hand.</translation>
    </message>
    <message>
        <source>Nothing is called out on this plate.</source>
        <translation>Auf dieser Tafel ist nichts bezeichnet.</translation>
    </message>
    <message>
        <source>Next in removal order</source>
        <translation>Weiter in Ausbaureihenfolge</translation>
    </message>
    <message>
        <source>Removal order: the part in hand came off after those named so far; parts go back the other way.</source>
        <translation>Ausbaureihenfolge: das Teil in der Hand kam nach den bisher genannten ab; zurück geht es umgekehrt.</translation>
    </message>
    <message>
        <source>Take a callout in hand first.</source>
        <translation>Zuerst eine Positionsnummer in die Hand nehmen.</translation>
    </message>
    <message>
        <source>removal order</source>
        <translation>Ausbaureihenfolge</translation>
    </message>
    <message>
        <source>disassembly</source>
        <translation>Zerlegen</translation>
    </message>
    <message>
        <source>Draw mark</source>
        <translation>Zeichen setzen</translation>
    </message>
    <message>
        <source>Turning, pulling, pressing, flow, look here, do not touch, a distance or a magnifier.</source>
        <translation>Drehen, Ziehen, Drücken, Strömung, hier hinsehen, nicht berühren, ein Abstand oder eine Lupe.</translation>
    </message>
    <message>
        <source>arrow</source>
        <translation>Pfeil</translation>
    </message>
    <message>
        <source>magnifier</source>
        <translation>Lupe</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>The callout, mark or fastener in hand.</source>
        <translation>Die Positionsnummer, das Zeichen oder die Befestigung in der Hand.</translation>
    </message>
    <message>
        <source>Nothing on the picture is in hand.</source>
        <translation>Nichts auf dem Bild ist in der Hand.</translation>
    </message>
    <message>
        <source>delete callout</source>
        <translation>Positionsnummer löschen</translation>
    </message>
    <message>
        <source>Remove mark</source>
        <translation>Zeichen entfernen</translation>
    </message>
    <message>
        <source>Remove last fastener</source>
        <translation>Letzte Befestigung entfernen</translation>
    </message>
    <message>
        <source>Remove callout</source>
        <translation>Nummer entfernen</translation>
    </message>
    <message>
        <source>Lay out labels</source>
        <translation>Nummern anordnen</translation>
    </message>
    <message>
        <source>Labels find their best places; those moved by hand stay.</source>
        <translation>Nummern finden ihre besten Plätze; von Hand bewegte bleiben.</translation>
    </message>
    <message>
        <source>arrange</source>
        <translation>anordnen</translation>
    </message>
    <message>
        <source>tidy</source>
        <translation>aufräumen</translation>
    </message>
    <message>
        <source>Lay out every label</source>
        <translation>Alle Nummern anordnen</translation>
    </message>
    <message>
        <source>Labels moved by hand find their best places too.</source>
        <translation>Auch von Hand bewegte Nummern finden ihre besten Plätze.</translation>
    </message>
    <message>
        <source>Find callouts again</source>
        <translation>Nummern wiederfinden</translation>
    </message>
    <message>
        <source>Looks for what the plate before calls out on this one.</source>
        <translation>Sucht auf dieser Tafel, was die davor bezeichnet.</translation>
    </message>
    <message>
        <source>follow</source>
        <translation>folgen</translation>
    </message>
    <message>
        <source>track</source>
        <translation>verfolgen</translation>
    </message>
    <message>
        <source>The picture</source>
        <translation>Das Bild</translation>
    </message>
    <message>
        <source>Choose sharper frame</source>
        <translation>Schärferes Einzelbild</translation>
    </message>
    <message>
        <source>Offers the sharpest frames near the moment.</source>
        <translation>Bietet die schärfsten Einzelbilder um den Moment an.</translation>
    </message>
    <message>
        <source>still</source>
        <translation>Standbild</translation>
    </message>
    <message>
        <source>focus</source>
        <translation>Schärfe</translation>
    </message>
    <message>
        <source>Crop, hide, brighten</source>
        <translation>Zuschneiden, verbergen</translation>
    </message>
    <message>
        <source>Crops, straightens and brightens the still, and hides a face or a number; the recording stays as it is.</source>
        <translation>Schneidet zu, richtet gerade und hellt das Standbild auf, und verbirgt ein Gesicht oder eine Nummer; die Aufnahme bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>The exact frame is still being fetched.</source>
        <translation>Das genaue Einzelbild wird noch geholt.</translation>
    </message>
    <message>
        <source>blur</source>
        <translation>unkenntlich</translation>
    </message>
    <message>
        <source>redact</source>
        <translation>schwärzen</translation>
    </message>
    <message>
        <source>rotate</source>
        <translation>drehen</translation>
    </message>
    <message>
        <source>privacy</source>
        <translation>Datenschutz</translation>
    </message>
    <message>
        <source>Pair pictures</source>
        <translation>Bilder paaren</translation>
    </message>
    <message>
        <source>Right and wrong, before and after, new and old, side by side.</source>
        <translation>Richtig und falsch, vorher und nachher, neu und alt, nebeneinander.</translation>
    </message>
    <message>
        <source>good bad</source>
        <translation>gut schlecht</translation>
    </message>
    <message>
        <source>compare</source>
        <translation>vergleichen</translation>
    </message>
    <message>
        <source>Edit clip</source>
        <translation>Clip bearbeiten</translation>
    </message>
    <message>
        <source>The step&apos;s clip: trimmed to the frame, slowed, silenced or drawn over.</source>
        <translation>Der Clip des Schrittes: auf das Einzelbild zugeschnitten, verlangsamt, stumm oder überzeichnet.</translation>
    </message>
    <message>
        <source>The step has no stretch of the tape yet.</source>
        <translation>Der Schritt hat noch kein Stück vom Band.</translation>
    </message>
    <message>
        <source>trim</source>
        <translation>zuschneiden</translation>
    </message>
    <message>
        <source>film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>slow motion</source>
        <translation>Zeitlupe</translation>
    </message>
    <message>
        <source>Say which variants it applies to</source>
        <translation>Sagen, für welche Ausführungen sie gilt</translation>
    </message>
    <message>
        <source>The plate is shown for these variants only.</source>
        <translation>Die Tafel wird nur für diese Ausführungen gezeigt.</translation>
    </message>
    <message>
        <source>The guide is for one kind of machine; it has no variants.</source>
        <translation>Die Anleitung gilt für eine Art von Maschine; sie hat keine Ausführungen.</translation>
    </message>
    <message>
        <source>models</source>
        <translation>Modelle</translation>
    </message>
    <message>
        <source>Frame before</source>
        <translation>Einzelbild davor</translation>
    </message>
    <message>
        <source>The plate shows the frame before.</source>
        <translation>Die Tafel zeigt das Einzelbild davor.</translation>
    </message>
    <message>
        <source>Next frame</source>
        <translation>Nächstes Einzelbild</translation>
    </message>
    <message>
        <source>The plate shows the next frame.</source>
        <translation>Die Tafel zeigt das nächste Einzelbild.</translation>
    </message>
    <message>
        <source>Remove plate</source>
        <translation>Tafel entfernen</translation>
    </message>
    <message>
        <source>Removes the picture and what is drawn on it.</source>
        <translation>Entfernt das Bild und was darauf gezeichnet ist.</translation>
    </message>
    <message>
        <source>A part, fastener, seal, fluid, tool or protective gear.</source>
        <translation>Ein Teil, eine Befestigung, Dichtung, Flüssigkeit, ein Werkzeug oder Schutz.</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>bolt</source>
        <translation>Schraube</translation>
    </message>
    <message>
        <source>Edit item</source>
        <translation>Gegenstand ändern</translation>
    </message>
    <message>
        <source>Its name, kind, size and part number, wherever it is named.</source>
        <translation>Sein Name, seine Art, Größe und Teilenummer, wo immer er genannt wird.</translation>
    </message>
    <message>
        <source>rename item</source>
        <translation>Gegenstand umbenennen</translation>
    </message>
    <message>
        <source>part number</source>
        <translation>Teilenummer</translation>
    </message>
    <message numerus="yes">
        <source>%n callouts pointed at what is now cut off and were removed; undo brings them back.</source>
        <comment>1 callout pointed at what is now cut off and was removed; undo brings it back.</comment>
        <translation>
            <numerusform>1 Positionsnummer zeigte auf etwas, das jetzt abgeschnitten ist, und wurde entfernt; Rückgängig holt sie zurück.</numerusform>
            <numerusform>%n Positionsnummern zeigten auf etwas, das jetzt abgeschnitten ist, und wurden entfernt; Rückgängig holt sie zurück.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::PracticeDialog</name>
    <message>
        <source>Go there</source>
        <translation>Dorthin gehen</translation>
    </message>
    <message>
        <source>Three tasks</source>
        <translation>Drei Aufgaben</translation>
    </message>
    <message>
        <source>Three tasks on the demo guide</source>
        <translation>Drei Aufgaben an der Vorführanleitung</translation>
    </message>
    <message>
        <source>Do them in any way you like; what stands in the guide counts. Undo takes everything back.</source>
        <translation>Auf beliebigem Weg; es zählt, was in der Anleitung steht. Rückgängig nimmt alles zurück.</translation>
    </message>
    <message>
        <source>Tasks</source>
        <translation>Aufgaben</translation>
    </message>
    <message>
        <source>&lt;p&gt;On the film a force is said where a torque is meant. Go to the Figures, to &lt;b&gt;%1&lt;/b&gt;. Look at what was said and at what the book gives; {figures.hear} plays the moment.&lt;/p&gt;&lt;p&gt;{figures.house-rule} takes the book&apos;s value, as the house has ruled; or {figures.resolve}, with your reason.&lt;/p&gt;&lt;p&gt;&lt;b&gt;What should come out:&lt;/b&gt; its box gets a filled corner, it is proved.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Im Film wird eine Kraft gesagt, wo ein Drehmoment gemeint ist. Zu den Werten gehen, zu &lt;b&gt;%1&lt;/b&gt;. Ansehen, was gesagt wurde und was das Buch angibt; {figures.hear} spielt den Augenblick ab.&lt;/p&gt;&lt;p&gt;{figures.house-rule} nimmt den Wert des Buches, wie es das Haus geregelt hat; oder {figures.resolve}, mit eigener Begründung.&lt;/p&gt;&lt;p&gt;&lt;b&gt;Was herauskommen soll:&lt;/b&gt; Sein Kasten bekommt eine gefüllte Ecke, er ist belegt.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Go to the Plates, to the picture of the suction strainer. Choose &lt;b&gt;%1&lt;/b&gt; among the items; {plates.callout} gives it a number on the picture. Arrows move the number, with Shift what it points at.&lt;/p&gt;&lt;p&gt;&lt;b&gt;What should come out:&lt;/b&gt; a number that is the same in the whole guide, with a leader that crosses no other.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Zu den Tafeln gehen, zum Bild des Saugsiebs. &lt;b&gt;%1&lt;/b&gt; unter den Gegenständen wählen; {plates.callout} gibt ihnen eine Nummer auf dem Bild. Pfeile bewegen die Nummer, mit Umschalt das, worauf sie zeigt.&lt;/p&gt;&lt;p&gt;&lt;b&gt;Was herauskommen soll:&lt;/b&gt; eine Nummer, die in der ganzen Anleitung dieselbe ist, mit einer Linie, die keine andere kreuzt.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Go to the Sheet, to the step &lt;b&gt;%1&lt;/b&gt;. {sheet.check} adds a check: what to look at (the wing nuts), what is good (hand tight, both), and what stops the work (one that turns without end).&lt;/p&gt;&lt;p&gt;&lt;b&gt;What should come out:&lt;/b&gt; the check stands under the lines as the learner sees it, with all three.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Zum Blatt gehen, zum Schritt &lt;b&gt;%1&lt;/b&gt;. {sheet.check} fügt eine Prüfung hinzu: was anzusehen ist (die Flügelmuttern), was gut ist (beide handfest) und was die Arbeit anhält (eine, die endlos dreht).&lt;/p&gt;&lt;p&gt;&lt;b&gt;Was herauskommen soll:&lt;/b&gt; Die Prüfung steht unter den Zeilen, wie der Lernende sie sieht, mit allen dreien.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Settle a figure</source>
        <translation>Einen Wert klären</translation>
    </message>
    <message>
        <source>Call a part out</source>
        <translation>Ein Teil bezeichnen</translation>
    </message>
    <message>
        <source>Add a check</source>
        <translation>Eine Prüfung hinzufügen</translation>
    </message>
    <message>
        <source>%1: done</source>
        <translation>%1: erledigt</translation>
    </message>
    <message>
        <source>Open the guide “Perrick PT60 · 100 h service” of the demo library on the Shelf. &lt;b&gt;anagraph --demo&lt;/b&gt; opens that library.</source>
        <translation>Die Anleitung „Perrick PT60 · 100 h service“ der Vorführbibliothek auf dem Regal öffnen. &lt;b&gt;anagraph --demo&lt;/b&gt; öffnet diese Bibliothek.</translation>
    </message>
    <message>
        <source>Not done yet. %1</source>
        <translation>Noch nicht erledigt. %1</translation>
    </message>
    <message>
        <source>Done, and so are the others: you know your way.</source>
        <translation>Erledigt, und die anderen auch: Sie kennen sich aus.</translation>
    </message>
    <message>
        <source>Done.</source>
        <translation>Erledigt.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::ProgressView</name>
    <message>
        <source>How far each learner is with each guide</source>
        <translation>Wie weit jede Person mit jeder Anleitung ist</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>, %1, last on %2</source>
        <translation>, %1, zuletzt am %2</translation>
    </message>
    <message>
        <source>No learner is in the register yet. Add them at Issue, under Learners; then it stands here how far each is.</source>
        <translation>Im Verzeichnis steht noch niemand. Bei Herausgabe unter Lernende eintragen; dann steht hier, wie weit jede Person ist.</translation>
    </message>
    <message>
        <source>has it</source>
        <translation>hat sie</translation>
    </message>
    <message>
        <source>learned</source>
        <translation>gelernt</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>worked</source>
        <translation>getan</translation>
    </message>
    <message>
        <source>with help</source>
        <translation>mit Hilfe</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message numerus="yes">
        <source>%n runs</source>
        <comment>1 run</comment>
        <translation>
            <numerusform>1 Durchlauf</numerusform>
            <numerusform>%n Durchläufe</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::RecogniserDialog</name>
    <message>
        <source>What listens to films without a narration</source>
        <translation>Was Filme ohne Mitschrift anhört</translation>
    </message>
    <message>
        <source>Left empty, the program listens itself: a little English, with the words of the trade and of the guide in hand. Where the workshop has a better recogniser, write its command here. It is given a WAV file (16 kHz, one channel) and writes WebVTT or SRT to its standard output; {sound} and {text} in the command stand for the file it reads and one it writes.</source>
        <translation>Bleibt das Feld leer, hört das Programm selbst: etwas Englisch, mit den Wörtern des Fachs und der Anleitung in der Hand; andere Sprachen hört es nicht. Hat die Werkstatt einen besseren Erkenner, hier seinen Befehl schreiben. Er bekommt eine WAV-Datei (16 kHz, ein Kanal) und schreibt WebVTT oder SRT auf seine Standardausgabe; {sound} und {text} im Befehl stehen für die Datei, die er liest, und eine, die er schreibt.</translation>
    </message>
    <message>
        <source>Command of the recogniser</source>
        <translation>Befehl des Erkenners</translation>
    </message>
    <message>
        <source>the program&apos;s own recogniser</source>
        <translation>der eigene Erkenner des Programms</translation>
    </message>
    <message>
        <source>&amp;Try it</source>
        <translation>&amp;Probieren</translation>
    </message>
    <message>
        <source>Lets it listen to one spoken sentence that comes with the program.</source>
        <translation>Lässt ihn einen gesprochenen Satz hören, der mit dem Programm kommt.</translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation>&amp;Anhalten</translation>
    </message>
    <message>
        <source>Progress of the trial</source>
        <translation>Fortschritt der Probe</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Hört zu</translation>
    </message>
    <message>
        <source>What it heard</source>
        <translation>Was er hörte</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Said: %1
Heard: %2</source>
        <translation>Gesagt: %1
Gehört: %2</translation>
    </message>
</context>
<context>
    <name>anagraph::app::RecordingRows</name>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>?</source>
        <translation>?</translation>
    </message>
    <message>
        <source>%1 long · %2</source>
        <translation>%1 lang · %2</translation>
    </message>
    <message>
        <source>%1 long · no narration</source>
        <translation>%1 lang · keine Mitschrift</translation>
    </message>
    <message>
        <source>the original is missing: %1</source>
        <translation>das Original fehlt: %1</translation>
    </message>
    <message>
        <source>used in the open guide</source>
        <translation>in der offenen Anleitung benutzt</translation>
    </message>
    <message>
        <source>imported %1</source>
        <translation>importiert am %1</translation>
    </message>
    <message numerus="yes">
        <source>%n lines said</source>
        <comment>1 line said</comment>
        <translation>
            <numerusform>1 Zeile gesagt</numerusform>
            <numerusform>%n Zeilen gesagt</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::RelationsDialog</name>
    <message>
        <source>Relations of the items</source>
        <translation>Beziehungen der Gegenstände</translation>
    </message>
    <message>
        <source>&amp;Item</source>
        <translation>&amp;Gegenstand</translation>
    </message>
    <message>
        <source>closes no system</source>
        <translation>verschließt kein System</translation>
    </message>
    <message>
        <source>closes the %1</source>
        <translation>verschließt: %1</translation>
    </message>
    <message>
        <source>&amp;Closes</source>
        <translation>&amp;Verschließt</translation>
    </message>
    <message>
        <source>at the bottom: it drains there</source>
        <translation>unten: dort läuft es ab</translation>
    </message>
    <message>
        <source>at the side: a level plug</source>
        <translation>an der Seite: eine Füllstandsschraube</translation>
    </message>
    <message>
        <source>where it is filled</source>
        <translation>wo gefüllt wird</translation>
    </message>
    <message>
        <source>lets air in</source>
        <translation>lässt Luft hinein</translation>
    </message>
    <message>
        <source>&amp;Where</source>
        <translation>&amp;Wo</translation>
    </message>
    <message>
        <source>Lies behind</source>
        <translation>Liegt hinter</translation>
    </message>
    <message>
        <source>Lies &amp;behind</source>
        <translation>Liegt &amp;hinter</translation>
    </message>
    <message>
        <source>Sits under</source>
        <translation>Sitzt unter</translation>
    </message>
    <message>
        <source>Sits &amp;under</source>
        <translation>Sitzt &amp;unter</translation>
    </message>
    <message>
        <source>&amp;Renewed</source>
        <translation>&amp;Erneuert</translation>
    </message>
    <message>
        <source>Holds &amp;dry</source>
        <translation>Fasst &amp;trocken</translation>
    </message>
    <message>
        <source>&amp;Goes in again</source>
        <translation>&amp;Geht wieder hinein</translation>
    </message>
    <message>
        <source>Vessel h&amp;olds</source>
        <translation>Gefäß f&amp;asst</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
</context>
<context>
    <name>anagraph::app::ReplaceDialog</name>
    <message>
        <source>Replace words in the whole guide</source>
        <translation>Wörter in der ganzen Anleitung ersetzen</translation>
    </message>
    <message>
        <source>words as they stand</source>
        <translation>Wörter, wie sie dastehen</translation>
    </message>
    <message>
        <source>what stands there instead; empty removes them</source>
        <translation>was stattdessen dasteht; leer entfernt sie</translation>
    </message>
    <message>
        <source>in the other guides of the library too</source>
        <translation>auch in den anderen Anleitungen der Bibliothek</translation>
    </message>
    <message>
        <source>&amp;Words</source>
        <translation>&amp;Wörter</translation>
    </message>
    <message>
        <source>&amp;By</source>
        <translation>&amp;Durch</translation>
    </message>
    <message>
        <source>The other guides are being looked through …</source>
        <translation>Die anderen Anleitungen werden durchgesehen …</translation>
    </message>
    <message>
        <source>In %1 other guides: %2 places. One undo takes all of it back; issued editions stay as they are.</source>
        <translation>In %1 anderen Anleitungen: %2 Stellen. Ein Rückgängig nimmt alles zurück; herausgegebene Ausgaben bleiben, wie sie sind.</translation>
    </message>
    <message numerus="yes">
        <source>It stands in %n places of this guide.</source>
        <comment>It stands in 1 place of this guide.</comment>
        <translation>
            <numerusform>Es steht an 1 Stelle dieser Anleitung.</numerusform>
            <numerusform>Es steht an %n Stellen dieser Anleitung.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Replaced in %n other guides.</source>
        <comment>Replaced in 1 other guide.</comment>
        <translation>
            <numerusform>In 1 anderen Anleitung ersetzt.</numerusform>
            <numerusform>In %n anderen Anleitungen ersetzt.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::RouteRail</name>
    <message>
        <source>Stations</source>
        <translation>Stationen</translation>
    </message>
    <message>
        <source>%1 (%2), %3 open</source>
        <translation>%1 (%2), %3 offen</translation>
    </message>
    <message>
        <source>%1: open a guide on the Shelf first</source>
        <translation>%1: zuerst am Regal eine Anleitung öffnen</translation>
    </message>
    <message>
        <source>%1, key %2</source>
        <translation>%1, Taste %2</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Hingehen</translation>
    </message>
    <message numerus="yes">
        <source>%1, key %2, %n open points</source>
        <comment>%1, key %2, 1 open point</comment>
        <translation>
            <numerusform>%1, Taste %2, 1 offener Punkt</numerusform>
            <numerusform>%1, Taste %2, %n offene Punkte</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::SamplesDialog</name>
    <message>
        <source>Samples of %1</source>
        <translation>Proben von %1</translation>
    </message>
    <message>
        <source>The laboratory has found no number yet; enter its answer when it comes.</source>
        <translation>Das Labor hat noch keine Zahl gefunden; seine Antwort eintragen, wenn sie kommt.</translation>
    </message>
    <message>
        <source>Samples</source>
        <translation>Proben</translation>
    </message>
</context>
<context>
    <name>anagraph::app::SequencePanel</name>
    <message>
        <source>placed by hand</source>
        <translation>von Hand gesetzt</translation>
    </message>
    <message>
        <source>click the drawing, or 10,20; 60,15; …</source>
        <translation>in die Zeichnung klicken, oder 10,20; 60,15; …</translation>
    </message>
    <message>
        <source>Across and down in hundredths of the drawing, bolt by bolt</source>
        <translation>Nach rechts und nach unten in Hundertsteln der Zeichnung, Schraube für Schraube</translation>
    </message>
    <message>
        <source>20, then 40, then 60 Nm</source>
        <translation>20, then 40, then 60 Nm</translation>
    </message>
    <message>
        <source>&amp;Bolts</source>
        <translation>&amp;Schrauben</translation>
    </message>
    <message>
        <source>&amp;They sit</source>
        <translation>Sie s&amp;itzen</translation>
    </message>
    <message>
        <source>&amp;Places</source>
        <translation>&amp;Plätze</translation>
    </message>
    <message>
        <source>&amp;Stages</source>
        <translation>Stu&amp;fen</translation>
    </message>
    <message>
        <source>Click where the bolts sit, one after the other; the order follows.</source>
        <translation>Nacheinander anklicken, wo die Schrauben sitzen; die Reihenfolge folgt.</translation>
    </message>
    <message>
        <source>Start all by hand, then tighten in the order drawn. By the bolts&apos; own numbers: %1.</source>
        <translation>Alle von Hand ansetzen, dann in der gezeichneten Reihenfolge anziehen. Nach den eigenen Nummern der Schrauben: %1.</translation>
    </message>
    <message>
        <source> They are numbered as they were placed.</source>
        <translation> Sie sind nummeriert, wie sie gesetzt wurden.</translation>
    </message>
    <message>
        <source> Bolt 1 is at the top, at the upper left or at one end; the others follow clockwise.</source>
        <translation> Schraube 1 ist oben, links oben oder an einem Ende; die anderen folgen im Uhrzeigersinn.</translation>
    </message>
    <message>
        <source>Pass %1: loosen every bolt again, in the same order.&lt;br&gt;</source>
        <translation>Durchgang %1: jede Schraube wieder lösen, in derselben Reihenfolge.&lt;br&gt;</translation>
    </message>
    <message>
        <source>Pass %1: every bolt to &lt;b&gt;%2 %3&lt;/b&gt;.&lt;br&gt;</source>
        <translation>Durchgang %1: jede Schraube auf &lt;b&gt;%2 %3&lt;/b&gt;.&lt;br&gt;</translation>
    </message>
    <message>
        <source>Pass %1: every bolt &lt;b&gt;%2°&lt;/b&gt; further; mark head and part first.&lt;br&gt;</source>
        <translation>Durchgang %1: jede Schraube &lt;b&gt;%2°&lt;/b&gt; weiter; vorher Kopf und Teil anzeichnen.&lt;br&gt;</translation>
    </message>
    <message>
        <source>&lt;p&gt;Bolts tightened by an angle are stretched, and many are used once: the maker&apos;s book says whether new ones go in.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Nach Winkel angezogene Schrauben werden gedehnt, und viele werden nur einmal benutzt: das Buch des Herstellers sagt, ob neue hineinkommen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>bolt %1</source>
        <translation>Schraube %1</translation>
    </message>
    <message>
        <source>Number %1 to tighten: bolt %2</source>
        <translation>Als Nummer %1 anzuziehen: Schraube %2</translation>
    </message>
</context>
<context>
    <name>anagraph::app::Session</name>
    <message>
        <source>saved</source>
        <translation>gespeichert</translation>
    </message>
    <message>
        <source> Put back library.db from your last copy, or look through the guide and go on from here.</source>
        <translation> Die Datei library.db aus der letzten Sicherung zurücklegen, oder die Anleitung durchsehen und von hier weitermachen.</translation>
    </message>
    <message>
        <source>Others changed this meanwhile, so nothing was saved: %1.</source>
        <translation>Andere haben das inzwischen geändert, daher wurde nichts gespeichert: %1.</translation>
    </message>
    <message>
        <source>saved %1</source>
        <translation>gespeichert %1</translation>
    </message>
    <message>
        <source>No guide is open: choose one on the Shelf, or begin a new one there.</source>
        <translation>Keine Anleitung ist offen: am Regal eine wählen oder dort eine neue beginnen.</translation>
    </message>
    <message>
        <source>Others changed the guide since; this can be undone when the library can be reached again.</source>
        <translation>Andere haben die Anleitung seither geändert; das lässt sich zurücknehmen, wenn die Bibliothek wieder zu erreichen ist.</translation>
    </message>
    <message numerus="yes">
        <source>The library is damaged: %n changes of this guide could not be read and are missing. </source>
        <comment>The library is damaged: 1 change of this guide could not be read and is missing. </comment>
        <translation>
            <numerusform>Die Bibliothek ist beschädigt: 1 Änderung dieser Anleitung ließ sich nicht lesen und ist nicht da. </numerusform>
            <numerusform>Die Bibliothek ist beschädigt: %n Änderungen dieser Anleitung ließen sich nicht lesen und sind nicht da. </numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes not saved yet</source>
        <comment>1 change not saved yet</comment>
        <translation>
            <numerusform>1 Änderung noch nicht gespeichert</numerusform>
            <numerusform>%n Änderungen noch nicht gespeichert</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::SharedBar</name>
    <message>
        <source>Not saved yet</source>
        <translation>Noch nicht gespeichert</translation>
    </message>
    <message>
        <source>The library cannot be reached.</source>
        <translation>Die Bibliothek ist nicht zu erreichen.</translation>
    </message>
    <message>
        <source>What you change in them is kept on this computer until it is back.</source>
        <translation>Was Sie darin ändern, bleibt auf diesem Rechner, bis sie wieder da ist.</translation>
    </message>
    <message>
        <source>Go on with the guide in hand: what you change is kept on this computer until it is back.</source>
        <translation>Mit der Anleitung in der Hand geht es weiter: was Sie ändern, bleibt auf diesem Rechner, bis sie wieder da ist.</translation>
    </message>
    <message>
        <source>%1 in step %2</source>
        <translation>%1 in Schritt %2</translation>
    </message>
    <message>
        <source>%1 in this guide</source>
        <translation>%1 in dieser Anleitung</translation>
    </message>
    <message>
        <source>%1 elsewhere</source>
        <translation>%1 anderswo</translation>
    </message>
    <message numerus="yes">
        <source>%n guides are with you, as they were on %1.</source>
        <comment>1 guide is with you, as it was on %1.</comment>
        <translation>
            <numerusform>1 Anleitung ist bei Ihnen, wie sie am %1 war.</numerusform>
            <numerusform>%n Anleitungen sind bei Ihnen, wie sie am %1 waren.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes are not saved yet: they are kept on this computer and go there by themselves.</source>
        <comment>1 change is not saved yet: it is kept on this computer and goes there by itself.</comment>
        <translation>
            <numerusform>1 Änderung ist noch nicht gespeichert: sie bleibt auf diesem Rechner und geht von selbst hin.</numerusform>
            <numerusform>%n Änderungen sind noch nicht gespeichert: sie bleiben auf diesem Rechner und gehen von selbst hin.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n changes of yours met another&apos;s; they are kept until you decide.</source>
        <comment>1 change of yours met another&apos;s; it is kept until you decide.</comment>
        <translation>
            <numerusform>1 Ihrer Änderungen traf auf eine andere; sie bleibt, bis Sie entscheiden.</numerusform>
            <numerusform>%n Ihrer Änderungen trafen auf andere; sie bleiben, bis Sie entscheiden.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::SheetStation</name>
    <message>
        <source>Open points of the sheet</source>
        <translation>Offene Punkte des Blattes</translation>
    </message>
    <message>
        <source>Enter in a line begins the next one; type { to name a figure or an item; Backspace in an empty line removes it.</source>
        <translation>Enter in einer Zeile beginnt die nächste; { tippen, um einen Wert oder Gegenstand zu nennen; die Rücktaste in einer leeren Zeile entfernt sie.</translation>
    </message>
    <message>
        <source>Drafted from the tape: shape it, and say of each check what is good. Undo takes all of it back.</source>
        <translation>Vom Band entworfen: formen, und zu jeder Kontrolle sagen, was gut ist. Rückgängig nimmt alles zurück.</translation>
    </message>
    <message>
        <source>The step has no stretch of the tape yet.</source>
        <translation>Der Schritt hat noch kein Stück vom Band.</translation>
    </message>
    <message>
        <source>What is said on this recording is still being read; the step plays from its beginning.</source>
        <translation>Was auf dieser Aufnahme gesagt wird, wird noch gelesen; der Schritt spielt von seinem Anfang.</translation>
    </message>
    <message>
        <source>This was not heard on the tape in these words; the step plays from its beginning.</source>
        <translation>Das wurde auf dem Band nicht mit diesen Worten gehört; der Schritt spielt von seinem Anfang.</translation>
    </message>
    <message>
        <source>READ FIRST</source>
        <translation>ZUERST LESEN</translation>
    </message>
    <message>
        <source>Step %1, line %2</source>
        <translation>Schritt %1, Zeile %2</translation>
    </message>
    <message>
        <source>Step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>No steps yet</source>
        <translation>Noch keine Schritte</translation>
    </message>
    <message>
        <source>Nothing open here</source>
        <translation>Hier ist nichts offen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>The editor found nothing here.</source>
        <translation>Der Prüfer des Textes fand hier nichts.</translation>
    </message>
    <message>
        <source>You decide how to put this right: %1</source>
        <translation>Sie entscheiden, wie das berichtigt wird: %1</translation>
    </message>
    <message>
        <source>Keep as it is</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>%1

Why is it kept as it is? (the reason stays with the step)</source>
        <translation>%1

Warum bleibt es so? (der Grund bleibt bei dem Schritt)</translation>
    </message>
    <message>
        <source>Nothing is open on the sheet.</source>
        <translation>Auf dem Blatt ist nichts offen.</translation>
    </message>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>No step is in hand.</source>
        <translation>Kein Schritt ist in der Hand.</translation>
    </message>
    <message>
        <source>What the editor found</source>
        <translation>Was der Prüfer des Textes fand</translation>
    </message>
    <message>
        <source>Fix wording</source>
        <translation>Wortlaut berichtigen</translation>
    </message>
    <message>
        <source>The editor puts right what it found, where it is certain how.</source>
        <translation>Der Prüfer des Textes berichtigt, was er fand, wo sicher ist, wie.</translation>
    </message>
    <message>
        <source>Only you can decide how to put this right.</source>
        <translation>Nur Sie können entscheiden, wie das berichtigt wird.</translation>
    </message>
    <message>
        <source>correct</source>
        <translation>berichtigen</translation>
    </message>
    <message>
        <source>mend</source>
        <translation>beheben</translation>
    </message>
    <message>
        <source>The words stay, with a reason that is kept with the step.</source>
        <translation>Die Worte bleiben, mit einem Grund, der bei dem Schritt bleibt.</translation>
    </message>
    <message>
        <source>ignore</source>
        <translation>übergehen</translation>
    </message>
    <message>
        <source>dismiss</source>
        <translation>verwerfen</translation>
    </message>
    <message>
        <source>Parts of the step</source>
        <translation>Teile des Schrittes</translation>
    </message>
    <message>
        <source>Check in full</source>
        <translation>Kontrolle ausführlich</translation>
    </message>
    <message>
        <source>Whom to ask, and a reading with its limits.</source>
        <translation>Wen man fragt, und eine Ablesung mit ihren Grenzen.</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>Play moment</source>
        <translation>Moment abspielen</translation>
    </message>
    <message>
        <source>Plays the tape where what is in hand was said.</source>
        <translation>Spielt das Band, wo gesagt wurde, was in der Hand ist.</translation>
    </message>
    <message>
        <source>hear</source>
        <translation>hören</translation>
    </message>
    <message>
        <source>tape</source>
        <translation>Band</translation>
    </message>
    <message>
        <source>Add caution</source>
        <translation>Warnhinweis hinzufügen</translation>
    </message>
    <message>
        <source>A caution above the lines of the step.</source>
        <translation>Ein Warnhinweis über den Zeilen des Schrittes.</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>Warnung</translation>
    </message>
    <message>
        <source>danger</source>
        <translation>Gefahr</translation>
    </message>
    <message>
        <source>Caution by its parts</source>
        <translation>Warnhinweis aus Teilen</translation>
    </message>
    <message>
        <source>Hazard, harm, and how to avoid it, each asked for.</source>
        <translation>Gefahr, Schaden und wie man ihn vermeidet, einzeln gefragt.</translation>
    </message>
    <message>
        <source>hazard</source>
        <translation>Gefahr</translation>
    </message>
    <message>
        <source>Add check</source>
        <translation>Kontrolle hinzufügen</translation>
    </message>
    <message>
        <source>Something to look at, what is good and what stops the job.</source>
        <translation>Etwas anzusehen, was gut ist und was die Arbeit stoppt.</translation>
    </message>
    <message>
        <source>inspect</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>Waits</source>
        <translation>Wartezeiten</translation>
    </message>
    <message>
        <source>What is waited for, and how long.</source>
        <translation>Worauf gewartet wird, und wie lange.</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>drain</source>
        <translation>ablassen</translation>
    </message>
    <message>
        <source>cure</source>
        <translation>aushärten</translation>
    </message>
    <message>
        <source>Display resets</source>
        <translation>Anzeige zurücksetzen</translation>
    </message>
    <message>
        <source>Buttons pressed to set a display back.</source>
        <translation>Tasten, die eine Anzeige zurücksetzen.</translation>
    </message>
    <message>
        <source>service light</source>
        <translation>Serviceleuchte</translation>
    </message>
    <message>
        <source>buttons</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Orders</source>
        <translation>Anordnungen</translation>
    </message>
    <message>
        <source>What the line orders: verb, items, tools and figure; put right where it was read wrongly.</source>
        <translation>Was die Zeile anordnet: Verb, Gegenstände, Werkzeuge und Wert; berichtigt, wo es falsch gelesen wurde.</translation>
    </message>
    <message>
        <source>actions</source>
        <translation>Handlungen</translation>
    </message>
    <message>
        <source>verb</source>
        <translation>Verb</translation>
    </message>
    <message>
        <source>dry run</source>
        <translation>Trockenlauf</translation>
    </message>
    <message>
        <source>Comment</source>
        <translation>Kommentieren</translation>
    </message>
    <message>
        <source>A reviewer&apos;s comment at this line, or the answer to one.</source>
        <translation>Ein Kommentar der Durchsicht zu dieser Zeile, oder die Antwort auf einen.</translation>
    </message>
    <message>
        <source>review</source>
        <translation>Durchsicht</translation>
    </message>
    <message>
        <source>History of line</source>
        <translation>Geschichte der Zeile</translation>
    </message>
    <message>
        <source>Who wrote this line, and what stood there before.</source>
        <translation>Wer diese Zeile schrieb, und was vorher dort stand.</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>Fassungen</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>New step</source>
        <translation>Neuer Schritt</translation>
    </message>
    <message>
        <source>An empty step after this one.</source>
        <translation>Ein leerer Schritt nach diesem.</translation>
    </message>
    <message>
        <source>Split step here</source>
        <translation>Schritt hier teilen</translation>
    </message>
    <message>
        <source>The line in hand begins a step of its own.</source>
        <translation>Die Zeile in der Hand beginnt einen eigenen Schritt.</translation>
    </message>
    <message>
        <source>Draft lines</source>
        <translation>Zeilen entwerfen</translation>
    </message>
    <message>
        <source>Lines, checks and waits from what was logged on the tape, for every step that has none.</source>
        <translation>Zeilen, Kontrollen und Wartezeiten aus dem, was am Band festgehalten wurde, für jeden Schritt ohne solche.</translation>
    </message>
    <message>
        <source>Every step has its lines.</source>
        <translation>Jeder Schritt hat seine Zeilen.</translation>
    </message>
    <message>
        <source>automatic</source>
        <translation>automatisch</translation>
    </message>
    <message>
        <source>Variants and machine state</source>
        <translation>Ausführungen und Maschinenzustand</translation>
    </message>
    <message>
        <source>Which variants the step applies to, and the state the machine is in.</source>
        <translation>Für welche Ausführungen der Schritt gilt, und in welchem Zustand die Maschine ist.</translation>
    </message>
    <message>
        <source>applies to</source>
        <translation>gilt für</translation>
    </message>
    <message>
        <source>cold</source>
        <translation>kalt</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>warm</translation>
    </message>
    <message>
        <source>locked off</source>
        <translation>gesperrt</translation>
    </message>
    <message>
        <source>Methods</source>
        <translation>Vorgehen</translation>
    </message>
    <message>
        <source>Where practitioners differ: which method this step follows, and why.</source>
        <translation>Wo Fachleute verschiedener Meinung sind: welchem Vorgehen dieser Schritt folgt, und warum.</translation>
    </message>
    <message>
        <source>schools</source>
        <translation>Schulen</translation>
    </message>
    <message>
        <source>practice</source>
        <translation>Praxis</translation>
    </message>
    <message>
        <source>There is no step after it.</source>
        <translation>Danach kommt kein Schritt.</translation>
    </message>
    <message>
        <source>Move step up</source>
        <translation>Schritt nach oben</translation>
    </message>
    <message>
        <source>Before the step above it.</source>
        <translation>Vor den Schritt darüber.</translation>
    </message>
    <message>
        <source>There is no step before it.</source>
        <translation>Davor kommt kein Schritt.</translation>
    </message>
    <message>
        <source>order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Move step down</source>
        <translation>Schritt nach unten</translation>
    </message>
    <message>
        <source>After the step below it.</source>
        <translation>Nach den Schritt darunter.</translation>
    </message>
    <message>
        <source>Merge with next</source>
        <translation>Mit nächstem zusammenlegen</translation>
    </message>
    <message>
        <source>This step and the one after it become one.</source>
        <translation>Dieser Schritt und der danach werden einer.</translation>
    </message>
    <message>
        <source>Copy step from another guide</source>
        <translation>Schritt aus anderer Anleitung</translation>
    </message>
    <message>
        <source>With the items, figures and sources it needs.</source>
        <translation>Mit den Gegenständen, Werten und Quellen, die er braucht.</translation>
    </message>
    <message>
        <source>reuse</source>
        <translation>wiederverwenden</translation>
    </message>
    <message>
        <source>template</source>
        <translation>Vorlage</translation>
    </message>
    <message>
        <source>Remove step</source>
        <translation>Schritt entfernen</translation>
    </message>
    <message>
        <source>Removes the step with its lines and pictures.</source>
        <translation>Entfernt den Schritt mit seinen Zeilen und Bildern.</translation>
    </message>
    <message>
        <source>The guide</source>
        <translation>Die Anleitung</translation>
    </message>
    <message>
        <source>Replace words</source>
        <translation>Wörter ersetzen</translation>
    </message>
    <message>
        <source>In this guide, or in all guides of the library.</source>
        <translation>In dieser Anleitung oder in allen der Bibliothek.</translation>
    </message>
    <message>
        <source>rename</source>
        <translation>umbenennen</translation>
    </message>
    <message>
        <source>Follow-ups</source>
        <translation>Folgearbeiten</translation>
    </message>
    <message>
        <source>What is done after the job: retighten, look again, dispose of.</source>
        <translation>Was nach der Arbeit getan wird: nachziehen, noch einmal nachsehen, entsorgen.</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>Compare variants</source>
        <translation>Ausführungen vergleichen</translation>
    </message>
    <message>
        <source>All variants side by side, as each is read.</source>
        <translation>Alle Ausführungen nebeneinander, wie jede gelesen wird.</translation>
    </message>
    <message>
        <source>models</source>
        <translation>Modelle</translation>
    </message>
    <message>
        <source>Translate</source>
        <translation>Übersetzen</translation>
    </message>
    <message>
        <source>The guide beside its translation.</source>
        <translation>Die Anleitung neben ihrer Übersetzung.</translation>
    </message>
    <message>
        <source>language</source>
        <translation>Sprache</translation>
    </message>
    <message numerus="yes">
        <source>%n points open</source>
        <comment>1 point open</comment>
        <translation>
            <numerusform>1 Punkt offen</numerusform>
            <numerusform>%n Punkte offen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n to look at</source>
        <comment>1 to look at</comment>
        <translation>
            <numerusform>1 anzusehen</numerusform>
            <numerusform>%n anzusehen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::ShelfStation</name>
    <message>
        <source>&lt;p style=&apos;font-size:22pt&apos;&gt;&lt;b&gt;Drop a film of a job here&lt;/b&gt;&lt;/p&gt;&lt;p style=&apos;color:%1&apos;&gt;From a phone or a camera: mp4, mov, mkv, webm, avi, mts. A narration of the same name (.vtt, .srt or .txt) comes with it.&lt;/p&gt;&lt;p&gt;&amp;nbsp;&lt;/p&gt;&lt;table cellspacing=&apos;10&apos; align=&apos;center&apos;&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;1&lt;/b&gt;&lt;/td&gt;&lt;td&gt;The film is copied into the library, and what is said on it is read. Without a narration the program listens to it.&lt;/td&gt;&lt;/tr&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;2&lt;/b&gt;&lt;/td&gt;&lt;td&gt;You name the machine and the job, and the guide begins.&lt;/td&gt;&lt;/tr&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;3&lt;/b&gt;&lt;/td&gt;&lt;td&gt;Its steps are drafted from what was said; you put them right, prove the figures and issue it.&lt;/td&gt;&lt;/tr&gt;&lt;/table&gt;</source>
        <translation>&lt;p style=&apos;font-size:22pt&apos;&gt;&lt;b&gt;Einen Film der Arbeit hier ablegen&lt;/b&gt;&lt;/p&gt;&lt;p style=&apos;color:%1&apos;&gt;Von einem Telefon oder einer Kamera: mp4, mov, mkv, webm, avi, mts. Eine Mitschrift gleichen Namens (.vtt, .srt oder .txt) kommt mit.&lt;/p&gt;&lt;p&gt;&amp;nbsp;&lt;/p&gt;&lt;table cellspacing=&apos;10&apos; align=&apos;center&apos;&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;1&lt;/b&gt;&lt;/td&gt;&lt;td&gt;Der Film wird in die Bibliothek kopiert, und was darauf gesagt wird, wird gelesen. Ohne Mitschrift hört das Programm ihn an.&lt;/td&gt;&lt;/tr&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;2&lt;/b&gt;&lt;/td&gt;&lt;td&gt;Sie nennen Maschine und Arbeit, und die Anleitung beginnt.&lt;/td&gt;&lt;/tr&gt;&lt;tr&gt;&lt;td&gt;&lt;b&gt;3&lt;/b&gt;&lt;/td&gt;&lt;td&gt;Ihre Schritte werden aus dem Gesagten entworfen; Sie berichtigen sie, belegen die Werte und geben sie heraus.&lt;/td&gt;&lt;/tr&gt;&lt;/table&gt;</translation>
    </message>
    <message>
        <source>Guides, by machine</source>
        <translation>Anleitungen, nach Maschine</translation>
    </message>
    <message>
        <source>Guides</source>
        <translation>Anleitungen</translation>
    </message>
    <message>
        <source>Recordings</source>
        <translation>Aufnahmen</translation>
    </message>
    <message>
        <source>Nothing here yet. Drop a film here, or import one; its narration (.vtt, .srt or .txt of the same name) comes with it. A film without one is listened to.</source>
        <translation>Hier ist noch nichts. Einen Film hier ablegen oder importieren; seine Mitschrift (.vtt, .srt oder .txt gleichen Namens) kommt mit. Ein Film ohne Mitschrift wird angehört.</translation>
    </message>
    <message>
        <source>Import progress</source>
        <translation>Fortschritt des Importierens</translation>
    </message>
    <message>
        <source>Hearing progress</source>
        <translation>Fortschritt des Hörens</translation>
    </message>
    <message>
        <source>New guide</source>
        <translation>Neue Anleitung</translation>
    </message>
    <message>
        <source>Perrick PT60</source>
        <translation>Perrick PT60</translation>
    </message>
    <message>
        <source>100 h service</source>
        <translation>100-h-Service</translation>
    </message>
    <message>
        <source>the workshop&apos;s number, as in KQ-PT60-100</source>
        <translation>die eigene Nummer der Werkstatt, wie KQ-PT60-100</translation>
    </message>
    <message>
        <source>&amp;Machine</source>
        <translation>&amp;Maschine</translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation>&amp;Arbeit</translation>
    </message>
    <message>
        <source>&amp;Number</source>
        <translation>&amp;Nummer</translation>
    </message>
    <message>
        <source>&amp;Begin</source>
        <translation>&amp;Beginnen</translation>
    </message>
    <message>
        <source>Import recordings</source>
        <translation>Aufnahmen importieren</translation>
    </message>
    <message>
        <source>Recordings (*.mp4 *.mov *.m4v *.mkv *.webm *.avi *.ts *.mts);;All files (*)</source>
        <translation>Aufnahmen (*.mp4 *.mov *.m4v *.mkv *.webm *.avi *.ts *.mts);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>%1 is a narration: import the film beside it (same name), and it is imported with it.</source>
        <translation>%1 ist eine Mitschrift: den Film daneben (gleicher Name) importieren, dann kommt sie mit.</translation>
    </message>
    <message>
        <source>Looking through %1</source>
        <translation>%1 wird durchgesehen</translation>
    </message>
    <message>
        <source>Choose a folder to look for the recording in</source>
        <translation>Einen Ordner wählen, in dem die Aufnahme gesucht wird</translation>
    </message>
    <message>
        <source>Looking for %1</source>
        <translation>%1 wird gesucht</translation>
    </message>
    <message>
        <source>Found: the original is %1.</source>
        <translation>Gefunden: das Original ist %1.</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>Open guide</source>
        <translation>Anleitung öffnen</translation>
    </message>
    <message>
        <source>Takes the chosen guide in hand and goes to its tape.</source>
        <translation>Nimmt die gewählte Anleitung in die Hand und geht zu ihrem Band.</translation>
    </message>
    <message>
        <source>There is no guide yet; begin a new one.</source>
        <translation>Es gibt noch keine Anleitung; eine neue beginnen.</translation>
    </message>
    <message>
        <source>Begins a guide; it uses the chosen recording.</source>
        <translation>Beginnt eine Anleitung; sie benutzt die gewählte Aufnahme.</translation>
    </message>
    <message>
        <source>begin</source>
        <translation>beginnen</translation>
    </message>
    <message>
        <source>See an example guide</source>
        <translation>Beispielanleitung ansehen</translation>
    </message>
    <message>
        <source>Shows the printed form of a finished guide: what comes out at the end.</source>
        <translation>Zeigt die gedruckte Form einer fertigen Anleitung: was am Ende herauskommt.</translation>
    </message>
    <message>
        <source>demo</source>
        <translation>Vorführung</translation>
    </message>
    <message>
        <source>sample</source>
        <translation>Beispiel</translation>
    </message>
    <message>
        <source>The desk</source>
        <translation>Das Lesepult</translation>
    </message>
    <message>
        <source>Opens the desk: tablets in the workshop read the current editions and ask whether a page is current.</source>
        <translation>Öffnet das Lesepult: Tablets in der Werkstatt lesen die aktuellen Ausgaben und fragen, ob eine Seite aktuell ist.</translation>
    </message>
    <message>
        <source>server</source>
        <translation>Server</translation>
    </message>
    <message>
        <source>network</source>
        <translation>Netz</translation>
    </message>
    <message>
        <source>tablet</source>
        <translation>Tablet</translation>
    </message>
    <message>
        <source>serve</source>
        <translation>bereitstellen</translation>
    </message>
    <message>
        <source>The desk is open</source>
        <translation>Das Lesepult ist offen</translation>
    </message>
    <message>
        <source>Import recording</source>
        <translation>Aufnahme importieren</translation>
    </message>
    <message>
        <source>Copies a film into the library; a narration of the same name comes with it.</source>
        <translation>Kopiert einen Film in die Bibliothek; eine Mitschrift gleichen Namens kommt mit.</translation>
    </message>
    <message>
        <source>bring in</source>
        <translation>hereinholen</translation>
    </message>
    <message>
        <source>load</source>
        <translation>laden</translation>
    </message>
    <message>
        <source>Import without copying</source>
        <translation>Importieren ohne Kopie</translation>
    </message>
    <message>
        <source>The film stays where it lies; the library remembers where.</source>
        <translation>Der Film bleibt, wo er liegt; die Bibliothek merkt sich, wo.</translation>
    </message>
    <message>
        <source>link</source>
        <translation>Verweis</translation>
    </message>
    <message>
        <source>in place</source>
        <translation>an Ort und Stelle</translation>
    </message>
    <message>
        <source>Use in open guide</source>
        <translation>In offener Anleitung benutzen</translation>
    </message>
    <message>
        <source>The open guide may then take steps from the chosen recording.</source>
        <translation>Die offene Anleitung darf dann Schritte aus der gewählten Aufnahme nehmen.</translation>
    </message>
    <message>
        <source>There is no recording yet; import one.</source>
        <translation>Es gibt noch keine Aufnahme; eine importieren.</translation>
    </message>
    <message>
        <source>No guide is open; open one or begin a new one.</source>
        <translation>Keine Anleitung ist offen; eine öffnen oder eine neue beginnen.</translation>
    </message>
    <message>
        <source>The open guide uses it already.</source>
        <translation>Die offene Anleitung benutzt sie schon.</translation>
    </message>
    <message>
        <source>add recording</source>
        <translation>Aufnahme hinzufügen</translation>
    </message>
    <message>
        <source>Find original</source>
        <translation>Original finden</translation>
    </message>
    <message>
        <source>The original is not where it was: looks for it in a folder, by its content.</source>
        <translation>Das Original ist nicht, wo es war: sucht es in einem Ordner, nach seinem Inhalt.</translation>
    </message>
    <message>
        <source>The original is where it should be.</source>
        <translation>Das Original ist, wo es sein soll.</translation>
    </message>
    <message>
        <source>relink</source>
        <translation>neu verbinden</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Stops the import; nothing of it stays.</source>
        <translation>Hält das Importieren an; nichts davon bleibt.</translation>
    </message>
    <message>
        <source>Nothing is being imported.</source>
        <translation>Nichts wird importiert.</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>anhalten</translation>
    </message>
    <message>
        <source>Hear what is said</source>
        <translation>Anhören lassen</translation>
    </message>
    <message>
        <source>The program listens to the chosen recording, which came without a narration; it goes on while you work.</source>
        <translation>Das Programm hört die gewählte Aufnahme an, die ohne Mitschrift kam; es geht weiter, während Sie arbeiten.</translation>
    </message>
    <message>
        <source>This recording has a narration.</source>
        <translation>Diese Aufnahme hat eine Mitschrift.</translation>
    </message>
    <message>
        <source>It is being heard.</source>
        <translation>Sie wird gerade angehört.</translation>
    </message>
    <message>
        <source>transcribe</source>
        <translation>mitschreiben</translation>
    </message>
    <message>
        <source>speech</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>recognise</source>
        <translation>erkennen</translation>
    </message>
    <message>
        <source>Stop hearing</source>
        <translation>Nicht mehr hören</translation>
    </message>
    <message>
        <source>Stops listening; the film stays, without a narration.</source>
        <translation>Hört nicht mehr zu; der Film bleibt, ohne Mitschrift.</translation>
    </message>
    <message>
        <source>No film is being heard.</source>
        <translation>Kein Film wird angehört.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::SourceChips</name>
    <message>
        <source>Sources of the guide</source>
        <translation>Quellen der Anleitung</translation>
    </message>
    <message>
        <source>No source yet: add one, or drop a page on a figure.</source>
        <translation>Noch keine Quelle: eine hinzufügen oder eine Seite auf einen Wert ziehen.</translation>
    </message>
    <message>
        <source>%1, its page is not at hand</source>
        <translation>%1, die Seite ist nicht zur Hand</translation>
    </message>
    <message>
        <source>Drag a source onto the figure it gives</source>
        <translation>Eine Quelle auf den Wert ziehen, den sie angibt</translation>
    </message>
</context>
<context>
    <name>anagraph::app::SourceDialog</name>
    <message>
        <source>Source of: %1</source>
        <translation>Quelle für: %1</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>The page is being read …</source>
        <translation>Die Seite wird gelesen …</translation>
    </message>
    <message>
        <source>The marked place is being read …</source>
        <translation>Die angezeichnete Stelle wird gelesen …</translation>
    </message>
    <message>
        <source>another source …</source>
        <translation>eine andere Quelle …</translation>
    </message>
    <message>
        <source>&amp;Source</source>
        <translation>&amp;Quelle</translation>
    </message>
    <message>
        <source>It stands there</source>
        <translation>Es steht dort</translation>
    </message>
    <message>
        <source>Perrick PT60 service book</source>
        <translation>Servicebuch Perrick PT60</translation>
    </message>
    <message>
        <source>issue 4</source>
        <translation>Ausgabe 4</translation>
    </message>
    <message>
        <source>2024, or 2024-05-01</source>
        <translation>2024, oder 2024-05-01</translation>
    </message>
    <message>
        <source>all; or as in from 4401</source>
        <translation>alle; oder wie in: ab 4401</translation>
    </message>
    <message>
        <source>spring balance 0 to 50 N</source>
        <translation>Federwaage 0 bis 50 N</translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation>&amp;Art</translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation>&amp;Titel</translation>
    </message>
    <message>
        <source>&amp;Edition</source>
        <translation>&amp;Ausgabe</translation>
    </message>
    <message>
        <source>&amp;Date of it</source>
        <translation>&amp;Datum davon</translation>
    </message>
    <message>
        <source>Applies to</source>
        <translation>Gilt für</translation>
    </message>
    <message>
        <source>Se&amp;rials</source>
        <translation>Se&amp;riennummern</translation>
    </message>
    <message>
        <source>&amp;Instrument</source>
        <translation>&amp;Messgerät</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>Page or picture</source>
        <translation>Seite oder Bild</translation>
    </message>
    <message>
        <source>Chooses the file that shows it: a page of the book, a picture.</source>
        <translation>Wählt die Datei, die es zeigt: eine Seite des Buches, ein Bild.</translation>
    </message>
    <message>
        <source>Stop reading</source>
        <translation>Nicht mehr lesen</translation>
    </message>
    <message>
        <source>Stops reading the page.</source>
        <translation>Hört auf, die Seite zu lesen.</translation>
    </message>
    <message>
        <source>Reading was stopped: mark the place with the mouse, or type what stands there.</source>
        <translation>Das Lesen wurde angehalten: die Stelle mit der Maus anzeichnen, oder tippen, was dort steht.</translation>
    </message>
    <message>
        <source>No page is being read.</source>
        <translation>Keine Seite wird gelesen.</translation>
    </message>
    <message>
        <source>page </source>
        <translation>Seite </translation>
    </message>
    <message>
        <source>Read on the page</source>
        <translation>Auf der Seite gelesen</translation>
    </message>
    <message>
        <source>The place, enlarged</source>
        <translation>Die Stelle, vergrößert</translation>
    </message>
    <message>
        <source>25 Nm, 8 to 10 mm, 75W90</source>
        <translation>25 Nm, 8 to 10 mm, 75W90</translation>
    </message>
    <message>
        <source>± in the same unit, if given</source>
        <translation>± in derselben Einheit, wenn angegeben</translation>
    </message>
    <message>
        <source>± in the same unit</source>
        <translation>± in derselben Einheit</translation>
    </message>
    <message>
        <source>page 2, torque table</source>
        <translation>Seite 2, Tabelle der Drehmomente</translation>
    </message>
    <message>
        <source>It &amp;gives</source>
        <translation>Sie &amp;gibt an</translation>
    </message>
    <message>
        <source>T&amp;olerance</source>
        <translation>T&amp;oleranz</translation>
    </message>
    <message>
        <source>Instrument &amp;off by</source>
        <translation>Messgerät weicht &amp;ab um</translation>
    </message>
    <message>
        <source>&amp;Place in it</source>
        <translation>&amp;Stelle darin</translation>
    </message>
    <message>
        <source>The page is opened …</source>
        <translation>Die Seite wird geöffnet …</translation>
    </message>
    <message>
        <source>A page or a picture of it</source>
        <translation>Eine Seite oder ein Bild davon</translation>
    </message>
    <message>
        <source>Pages and pictures (*.pdf *.png *.jpg *.jpeg *.tif *.tiff *.bmp *.webp);;All files (*)</source>
        <translation>Seiten und Bilder (*.pdf *.png *.jpg *.jpeg *.tif *.tiff *.bmp *.webp);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Drag over a place to read it closely. + and − bring the page nearer, Page Up and Down turn it.</source>
        <translation>Über eine Stelle ziehen, um sie genau zu lesen. + und − holen die Seite näher, Bild auf und ab blättern.</translation>
    </message>
    <message>
        <source>No %1 could be read there: type what the marked place says.</source>
        <translation>Dort ließ sich kein Wert dieser Art (%1) lesen: tippen, was die angezeichnete Stelle sagt.</translation>
    </message>
    <message>
        <source>No %1 was read on this page: turn the page, or mark the place with the mouse.</source>
        <translation>Auf dieser Seite wurde kein Wert dieser Art (%1) gelesen: blättern, oder die Stelle mit der Maus anzeichnen.</translation>
    </message>
    <message>
        <source>Read by a machine. Compare it with the page before you confirm.</source>
        <translation>Von einer Maschine gelesen. Vor dem Bestätigen mit der Seite vergleichen.</translation>
    </message>
    <message>
        <source>page %1, “%2”</source>
        <translation>Seite %1, „%2“</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>A character was hard to read: compare it closely with the page.</source>
        <translation>Ein Zeichen war schwer zu lesen: genau mit der Seite vergleichen.</translation>
    </message>
    <message>
        <source>Write what the source gives; a source that gives nothing proves nothing.</source>
        <translation>Schreiben, was die Quelle angibt; eine Quelle, die nichts angibt, belegt nichts.</translation>
    </message>
    <message>
        <source>“%1” is no number; write how far it may be off as in 2.5.</source>
        <translation>„%1“ ist keine Zahl; schreiben, wie weit es abweichen darf, wie in 2.5.</translation>
    </message>
    <message>
        <source>Give the source a title, so that a checker can find it.</source>
        <translation>Der Quelle einen Titel geben, damit ein Prüfer sie findet.</translation>
    </message>
    <message>
        <source>Say which variant it applies to; a source that applies to none proves nothing.</source>
        <translation>Sagen, für welche Ausführung sie gilt; eine Quelle, die für keine gilt, belegt nichts.</translation>
    </message>
    <message>
        <source>Say what it was measured with; a measurement is as good as its instrument.</source>
        <translation>Sagen, womit gemessen wurde; eine Messung ist so gut wie ihr Messgerät.</translation>
    </message>
    <message>
        <source>Say where in the source it stands, so that a checker can find it.</source>
        <translation>Sagen, wo in der Quelle es steht, damit ein Prüfer es findet.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::StepCard</name>
    <message>
        <source>what is done, as an order</source>
        <translation>was getan wird, als Anweisung</translation>
    </message>
    <message>
        <source>Heading</source>
        <translation>Überschrift</translation>
    </message>
    <message>
        <source>Who else is in this step</source>
        <translation>Wer noch in diesem Schritt ist</translation>
    </message>
    <message>
        <source>%1 is here</source>
        <translation>%1 ist hier</translation>
    </message>
    <message>
        <source>Works on this step just now; what is saved there appears here within a second.</source>
        <translation>Arbeitet gerade an diesem Schritt; was dort gespeichert wird, erscheint hier innerhalb einer Sekunde.</translation>
    </message>
    <message>
        <source>Signal word</source>
        <translation>Signalwort</translation>
    </message>
    <message>
        <source>Caution</source>
        <translation>Warnhinweis</translation>
    </message>
    <message>
        <source>General warning: its hazard is not named</source>
        <translation>Allgemeine Warnung: ihre Gefahr ist nicht benannt</translation>
    </message>
    <message>
        <source>Instruction %1</source>
        <translation>Anweisung %1</translation>
    </message>
    <message>
        <source>orders nothing</source>
        <translation>ordnet nichts an</translation>
    </message>
    <message>
        <source>look at</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>good is</source>
        <translation>gut ist</translation>
    </message>
    <message>
        <source>stop and ask when</source>
        <translation>stoppen und fragen, wenn</translation>
    </message>
    <message>
        <source>Check: %1</source>
        <translation>Kontrolle: %1</translation>
    </message>
    <message>
        <source>stop when</source>
        <translation>Stopp, wenn</translation>
    </message>
    <message>
        <source>ask %1</source>
        <translation>%1 fragen</translation>
    </message>
    <message>
        <source>write down: %1%2</source>
        <translation>aufschreiben: %1%2</translation>
    </message>
    <message>
        <source>, within %1</source>
        <translation>, innerhalb %1</translation>
    </message>
    <message>
        <source>what is waited for; empty removes the wait</source>
        <translation>worauf gewartet wird; leer entfernt die Wartezeit</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Wartezeit</translation>
    </message>
    <message>
        <source>Wait %1</source>
        <translation>%1 warten</translation>
    </message>
    <message>
        <source>%1 only</source>
        <translation>nur %1</translation>
    </message>
    <message>
        <source>No other method is accepted here.</source>
        <translation>Kein anderes Vorgehen wird hier anerkannt.</translation>
    </message>
    <message>
        <source>Also accepted: %1.</source>
        <translation>Auch anerkannt: %1.</translation>
    </message>
    <message>
        <source>%1, %2 only</source>
        <translation>%1, nur %2</translation>
    </message>
    <message>
        <source>the step</source>
        <translation>der Schritt</translation>
    </message>
    <message>
        <source>a line that was changed since</source>
        <translation>eine Zeile, die seither geändert wurde</translation>
    </message>
    <message>
        <source>line %1</source>
        <translation>Zeile %1</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; on %2: %3%4</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; am %2: %3%4</translation>
    </message>
    <message>
        <source> &lt;i&gt;Answer: %1&lt;/i&gt;</source>
        <translation> &lt;i&gt;Antwort: %1&lt;/i&gt;</translation>
    </message>
</context>
<context>
    <name>anagraph::app::StepDiscs</name>
    <message>
        <source>open</source>
        <translation>öffnen</translation>
    </message>
    <message>
        <source>in hand</source>
        <translation>in der Hand</translation>
    </message>
    <message>
        <source>done</source>
        <translation>getan</translation>
    </message>
    <message>
        <source>waits</source>
        <translation>wartet</translation>
    </message>
    <message>
        <source>step %1 %2</source>
        <translation>Schritt %1 %2</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation>In die Hand nehmen</translation>
    </message>
</context>
<context>
    <name>anagraph::app::StillDialog</name>
    <message>
        <source>The sharpest frame near the moment</source>
        <translation>Das schärfste Einzelbild um den Moment</translation>
    </message>
    <message>
        <source>Frames offered, in the order of the film</source>
        <translation>Angebotene Einzelbilder, in der Reihenfolge des Films</translation>
    </message>
    <message>
        <source>Still</source>
        <translation>Standbild</translation>
    </message>
    <message>
        <source>Frames</source>
        <translation>Einzelbilder</translation>
    </message>
    <message>
        <source>The frames are being fetched.</source>
        <translation>Die Einzelbilder werden geholt.</translation>
    </message>
    <message>
        <source>Take this frame</source>
        <translation>Dieses Einzelbild nehmen</translation>
    </message>
    <message>
        <source>The plate shows this frame.</source>
        <translation>Die Tafel zeigt dieses Einzelbild.</translation>
    </message>
    <message>
        <source>Closer together</source>
        <translation>Enger zusammen</translation>
    </message>
    <message>
        <source>Offers frames that lie closer about this one.</source>
        <translation>Bietet Einzelbilder an, die enger um dieses liegen.</translation>
    </message>
    <message>
        <source>Further apart</source>
        <translation>Weiter auseinander</translation>
    </message>
    <message>
        <source>Offers frames from further before and after.</source>
        <translation>Bietet Einzelbilder von weiter davor und danach an.</translation>
    </message>
    <message>
        <source>Looking at the frames within %1 s …</source>
        <translation>Die Einzelbilder innerhalb von %1 s werden angesehen …</translation>
    </message>
    <message>
        <source>sharpness %1 %</source>
        <translation>Schärfe %1 %</translation>
    </message>
    <message>
        <source>
◆ the sharpest</source>
        <translation>
◆ das schärfste</translation>
    </message>
    <message>
        <source>
as it was</source>
        <translation>
wie es war</translation>
    </message>
    <message>
        <source>The sharpest is offered; ↑ ↓ look at the others, Enter takes one. A sharp picture with a hand in the way is the worse one.</source>
        <translation>Angeboten wird das schärfste; ↑ ↓ zeigen die anderen, Enter nimmt eines. Ein scharfes Bild mit einer Hand im Weg ist das schlechtere.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::SumpView</name>
    <message>
        <source>The sump, filled in stages</source>
        <translation>Die Wanne, in Stufen gefüllt</translation>
    </message>
    <message>
        <source>The refill is not known: pour %1, read, and add by the marks.</source>
        <translation>Die Füllung ist nicht bekannt: %1 eingießen, ablesen und nach den Marken zugeben.</translation>
    </message>
    <message>
        <source>Nothing is known of it yet.</source>
        <translation>Davon ist noch nichts bekannt.</translation>
    </message>
    <message>
        <source>+ %1</source>
        <translation>+ %1</translation>
    </message>
    <message>
        <source>upper mark</source>
        <translation>obere Marke</translation>
    </message>
    <message>
        <source>lower mark</source>
        <translation>untere Marke</translation>
    </message>
    <message>
        <source>reads here</source>
        <translation>steht hier</translation>
    </message>
    <message>
        <source>%1 stays</source>
        <translation>%1 bleibt</translation>
    </message>
    <message>
        <source>%1 stay behind</source>
        <translation>%1 bleiben zurück</translation>
    </message>
    <message>
        <source>First pour: %1</source>
        <translation>Zuerst: %1</translation>
    </message>
    <message>
        <source>Then %1 more</source>
        <translation>Dann noch %1</translation>
    </message>
    <message>
        <source>The level reads %1 % of the way from the lower to the upper mark</source>
        <translation>Der Stand ist bei %1 % des Weges von der unteren zur oberen Marke</translation>
    </message>
</context>
<context>
    <name>anagraph::app::TakesDialog</name>
    <message>
        <source>Takes of this step</source>
        <translation>Fassungen dieses Schrittes</translation>
    </message>
    <message>
        <source>Takes of “%1”</source>
        <translation>Fassungen von „%1“</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Fassungen</translation>
    </message>
    <message>
        <source>Films</source>
        <translation>Filme</translation>
    </message>
    <message>
        <source>Best take</source>
        <translation>Beste Fassung</translation>
    </message>
    <message>
        <source>Right is best</source>
        <translation>Rechts ist am besten</translation>
    </message>
    <message>
        <source>Clip and pictures come from the take on the right.</source>
        <translation>Clip und Bilder kommen aus der Fassung rechts.</translation>
    </message>
    <message>
        <source>Left is best</source>
        <translation>Links ist am besten</translation>
    </message>
    <message>
        <source>Clip and pictures come from the take on the left.</source>
        <translation>Clip und Bilder kommen aus der Fassung links.</translation>
    </message>
    <message>
        <source>Play both</source>
        <translation>Beide abspielen</translation>
    </message>
    <message>
        <source>Plays both takes, or stops them.</source>
        <translation>Spielt beide Fassungen oder hält sie an.</translation>
    </message>
    <message>
        <source>Next take on the right</source>
        <translation>Nächste Fassung rechts</translation>
    </message>
    <message>
        <source>Compares the left one with the next.</source>
        <translation>Vergleicht die linke mit der nächsten.</translation>
    </message>
    <message>
        <source>There are two takes, and both are shown.</source>
        <translation>Es gibt zwei Fassungen, und beide sind zu sehen.</translation>
    </message>
    <message>
        <source>Frame back</source>
        <translation>Einzelbild zurück</translation>
    </message>
    <message>
        <source>Shows the frame before, on both sides.</source>
        <translation>Zeigt das Einzelbild davor, auf beiden Seiten.</translation>
    </message>
    <message>
        <source>Frame on</source>
        <translation>Einzelbild vor</translation>
    </message>
    <message>
        <source>Shows the next frame, on both sides.</source>
        <translation>Zeigt das nächste Einzelbild, auf beiden Seiten.</translation>
    </message>
    <message>
        <source>Take %1%2 · from %3, %4 long</source>
        <translation>Fassung %1%2 · ab %3, %4 lang</translation>
    </message>
    <message>
        <source> · best</source>
        <translation> · beste</translation>
    </message>
</context>
<context>
    <name>anagraph::app::TapeStation</name>
    <message>
        <source>Recording</source>
        <translation>Aufnahme</translation>
    </message>
    <message>
        <source>Moment of the recording</source>
        <translation>Moment der Aufnahme</translation>
    </message>
    <message>
        <source>Hearing progress</source>
        <translation>Fortschritt des Hörens</translation>
    </message>
    <message>
        <source>How far the film is that comes</source>
        <translation>Wie weit der Film ist, der kommt</translation>
    </message>
    <message>
        <source>The film comes to this computer</source>
        <translation>Der Film kommt auf diesen Rechner</translation>
    </message>
    <message>
        <source>what is done, as an order</source>
        <translation>was getan wird, als Anweisung</translation>
    </message>
    <message>
        <source>Heading of the step</source>
        <translation>Überschrift des Schrittes</translation>
    </message>
    <message>
        <source>%1 of %2 · %3</source>
        <translation>%1 von %2 · %3</translation>
    </message>
    <message>
        <source>same moments as recording %1 · %2</source>
        <translation>dieselben Momente wie Aufnahme %1 · %2</translation>
    </message>
    <message>
        <source>the original is missing · %1</source>
        <translation>das Original fehlt · %1</translation>
    </message>
    <message>
        <source>being read … · %1</source>
        <translation>wird gelesen … · %1</translation>
    </message>
    <message>
        <source>The job goes on with: %1</source>
        <translation>Die Arbeit geht weiter mit: %1</translation>
    </message>
    <message>
        <source>The job is left open: %1</source>
        <translation>Die Arbeit bleibt offen: %1</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>…</source>
        <translation>…</translation>
    </message>
    <message>
        <source>no step at this moment</source>
        <translation>kein Schritt an diesem Moment</translation>
    </message>
    <message>
        <source>a step is open: close it where it ends</source>
        <translation>ein Schritt ist offen: schließen, wo er endet</translation>
    </message>
    <message>
        <source>another take is open: close it where it ends</source>
        <translation>noch eine Fassung ist offen: schließen, wo sie endet</translation>
    </message>
    <message>
        <source>opened at %1</source>
        <translation>geöffnet bei %1</translation>
    </message>
    <message>
        <source>take %1 of %2 · %3</source>
        <translation>Fassung %1 von %2 · %3</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>This line: %1</source>
        <translation>Diese Zeile: %1</translation>
    </message>
    <message>
        <source>Nothing is open on the tape: every figure, slip and unseen moment has been decided on.</source>
        <translation>Auf dem Band ist nichts offen: über jeden Wert, Versprecher und nicht sichtbaren Moment ist entschieden.</translation>
    </message>
    <message>
        <source>Every drafted step is confirmed.</source>
        <translation>Jeder entworfene Schritt ist bestätigt.</translation>
    </message>
    <message>
        <source>There is nothing to fold: no stretch of talk or silence is long enough.</source>
        <translation>Es gibt nichts zu falten: kein Gerede und keine Stille ist lang genug.</translation>
    </message>
    <message>
        <source>reshoot list, %1.html</source>
        <translation>Nachdrehliste, %1.html</translation>
    </message>
    <message>
        <source>Save the reshoot list as</source>
        <translation>Die Nachdrehliste speichern als</translation>
    </message>
    <message>
        <source>Web page (*.html)</source>
        <translation>Webseite (*.html)</translation>
    </message>
    <message>
        <source>Tape</source>
        <translation>Band</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Schritte</translation>
    </message>
    <message>
        <source>Close step</source>
        <translation>Schritt schließen</translation>
    </message>
    <message>
        <source>The step ends at this frame; while the film runs, at the pause just passed.</source>
        <translation>Der Schritt endet mit diesem Einzelbild; solange der Film läuft, bei der eben vergangenen Pause.</translation>
    </message>
    <message>
        <source>end bracket</source>
        <translation>Klammer schließen</translation>
    </message>
    <message>
        <source>Take figure</source>
        <translation>Wert übernehmen</translation>
    </message>
    <message>
        <source>The figure said in this line comes into the step.</source>
        <translation>Der Wert, der in dieser Zeile gesagt wird, kommt in den Schritt.</translation>
    </message>
    <message>
        <source>torque</source>
        <translation>Drehmoment</translation>
    </message>
    <message>
        <source>capacity</source>
        <translation>Inhalt</translation>
    </message>
    <message>
        <source>Take caution</source>
        <translation>Warnhinweis übernehmen</translation>
    </message>
    <message>
        <source>The caution said in this line comes into the step.</source>
        <translation>Der Warnhinweis, der in dieser Zeile gesagt wird, kommt in den Schritt.</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>Warnung</translation>
    </message>
    <message>
        <source>Confirm step</source>
        <translation>Schritt bestätigen</translation>
    </message>
    <message>
        <source>The drafted step is right; on to the next one.</source>
        <translation>Der entworfene Schritt stimmt; weiter zum nächsten.</translation>
    </message>
    <message>
        <source>accept draft</source>
        <translation>Entwurf annehmen</translation>
    </message>
    <message>
        <source>Next drafted step</source>
        <translation>Nächster entworfener Schritt</translation>
    </message>
    <message>
        <source>Draft steps</source>
        <translation>Schritte entwerfen</translation>
    </message>
    <message>
        <source>Steps are drafted from what was said, where none is marked yet.</source>
        <translation>Schritte werden aus dem Gesagten entworfen, wo noch keiner angezeichnet ist.</translation>
    </message>
    <message>
        <source>automatic</source>
        <translation>automatisch</translation>
    </message>
    <message>
        <source>Open step</source>
        <translation>Schritt öffnen</translation>
    </message>
    <message>
        <source>A step begins at this frame; while the film runs, at the pause just passed.</source>
        <translation>Ein Schritt beginnt mit diesem Einzelbild; solange der Film läuft, bei der eben vergangenen Pause.</translation>
    </message>
    <message>
        <source>begin bracket</source>
        <translation>Klammer öffnen</translation>
    </message>
    <message>
        <source>new step</source>
        <translation>neuer Schritt</translation>
    </message>
    <message>
        <source>Keep picture</source>
        <translation>Bild behalten</translation>
    </message>
    <message>
        <source>This exact frame becomes a plate of the step.</source>
        <translation>Genau dieses Einzelbild wird eine Tafel des Schrittes.</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>Tafel</translation>
    </message>
    <message>
        <source>still</source>
        <translation>Standbild</translation>
    </message>
    <message>
        <source>Make clip</source>
        <translation>Clip machen</translation>
    </message>
    <message>
        <source>The learner sees the step&apos;s best take as a clip, or no longer.</source>
        <translation>Lernende sehen die beste Fassung des Schrittes als Clip, oder nicht mehr.</translation>
    </message>
    <message>
        <source>film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>Remove clip</source>
        <translation>Clip entfernen</translation>
    </message>
    <message>
        <source>Dismiss marks</source>
        <translation>Marken verwerfen</translation>
    </message>
    <message>
        <source>What was found in this line is not needed; it counts no longer.</source>
        <translation>Was in dieser Zeile gefunden wurde, ist unnötig; es zählt nicht mehr.</translation>
    </message>
    <message>
        <source>ignore</source>
        <translation>übergehen</translation>
    </message>
    <message>
        <source>Cancel step</source>
        <translation>Schritt verwerfen</translation>
    </message>
    <message>
        <source>Forgets the step that was opened and not closed yet.</source>
        <translation>Vergisst den Schritt, der geöffnet und noch nicht geschlossen wurde.</translation>
    </message>
    <message>
        <source>cancel step</source>
        <translation>Schritt abbrechen</translation>
    </message>
    <message>
        <source>Split here</source>
        <translation>Hier teilen</translation>
    </message>
    <message>
        <source>The step is divided at this frame.</source>
        <translation>Der Schritt wird bei diesem Einzelbild geteilt.</translation>
    </message>
    <message>
        <source>Merge with next</source>
        <translation>Mit nächstem zusammenlegen</translation>
    </message>
    <message>
        <source>This step and the one after it become one.</source>
        <translation>Dieser Schritt und der danach werden einer.</translation>
    </message>
    <message>
        <source>Check here</source>
        <translation>Kontrolle hier</translation>
    </message>
    <message>
        <source>Something to look at, within the step and at this line.</source>
        <translation>Etwas anzusehen, im Schritt und an dieser Zeile.</translation>
    </message>
    <message>
        <source>Wait here</source>
        <translation>Wartezeit hier</translation>
    </message>
    <message>
        <source>Waiting, within the step and at this line.</source>
        <translation>Warten, im Schritt und an dieser Zeile.</translation>
    </message>
    <message>
        <source>Edges of the step</source>
        <translation>Ränder des Schrittes</translation>
    </message>
    <message>
        <source>Edge a frame earlier</source>
        <translation>Rand ein Einzelbild früher</translation>
    </message>
    <message>
        <source>Moves the nearer edge of the step.</source>
        <translation>Verschiebt den näheren Rand des Schrittes.</translation>
    </message>
    <message>
        <source>Edge a frame later</source>
        <translation>Rand ein Einzelbild später</translation>
    </message>
    <message>
        <source>Edge a line earlier</source>
        <translation>Rand eine Zeile früher</translation>
    </message>
    <message>
        <source>Moves the nearer edge to where the line before begins.</source>
        <translation>Verschiebt den näheren Rand dahin, wo die Zeile davor beginnt.</translation>
    </message>
    <message>
        <source>Edge a line later</source>
        <translation>Rand eine Zeile später</translation>
    </message>
    <message>
        <source>Moves the nearer edge to where the next line begins.</source>
        <translation>Verschiebt den näheren Rand dahin, wo die nächste Zeile beginnt.</translation>
    </message>
    <message>
        <source>Edge to nearest pause</source>
        <translation>Rand zur nächsten Pause</translation>
    </message>
    <message>
        <source>Moves the nearer edge to where the sound pauses.</source>
        <translation>Verschiebt den näheren Rand dahin, wo der Ton pausiert.</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Fassungen</translation>
    </message>
    <message>
        <source>Open another take</source>
        <translation>Noch eine Fassung öffnen</translation>
    </message>
    <message>
        <source>The step in hand is done again from this frame on.</source>
        <translation>Der Schritt in der Hand wird ab diesem Einzelbild noch einmal getan.</translation>
    </message>
    <message>
        <source>repeat</source>
        <translation>wiederholen</translation>
    </message>
    <message>
        <source>Make this the best take</source>
        <translation>Als beste Fassung</translation>
    </message>
    <message>
        <source>Clip and pictures come from the best take.</source>
        <translation>Clip und Bilder kommen aus der besten Fassung.</translation>
    </message>
    <message>
        <source>Compare takes</source>
        <translation>Fassungen vergleichen</translation>
    </message>
    <message>
        <source>Plays two takes side by side, to choose the better one.</source>
        <translation>Spielt zwei Fassungen nebeneinander, um die bessere zu wählen.</translation>
    </message>
    <message>
        <source>Remove this take</source>
        <translation>Fassung entfernen</translation>
    </message>
    <message>
        <source>The step keeps its other takes.</source>
        <translation>Der Schritt behält seine anderen Fassungen.</translation>
    </message>
    <message>
        <source>Go to sharpest picture</source>
        <translation>Zum schärfsten Bild</translation>
    </message>
    <message>
        <source>Shows the sharpest picture of this take.</source>
        <translation>Zeigt das schärfste Bild dieser Fassung.</translation>
    </message>
    <message>
        <source>focus</source>
        <translation>Schärfe</translation>
    </message>
    <message>
        <source>Narration</source>
        <translation>Mitschrift</translation>
    </message>
    <message>
        <source>Hear what is said</source>
        <translation>Anhören lassen</translation>
    </message>
    <message>
        <source>The program listens to the film and writes down what is said, a line at a time; it goes on while you work.</source>
        <translation>Das Programm hört den Film an und schreibt auf, was gesagt wird, Zeile für Zeile; es geht weiter, während Sie arbeiten.</translation>
    </message>
    <message>
        <source>transcribe</source>
        <translation>mitschreiben</translation>
    </message>
    <message>
        <source>speech</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>recognise</source>
        <translation>erkennen</translation>
    </message>
    <message>
        <source>Stop hearing</source>
        <translation>Nicht mehr hören</translation>
    </message>
    <message>
        <source>Stops listening to the film; nothing of it is kept.</source>
        <translation>Hört den Film nicht mehr an; nichts davon bleibt.</translation>
    </message>
    <message>
        <source>No film is being heard.</source>
        <translation>Kein Film wird angehört.</translation>
    </message>
    <message>
        <source>cancel</source>
        <translation>abbrechen</translation>
    </message>
    <message>
        <source>Stop fetching</source>
        <translation>Nicht mehr holen</translation>
    </message>
    <message>
        <source>Stops fetching the film; what has come stays, and the next time it goes on from there.</source>
        <translation>Holt den Film nicht mehr; was da ist, bleibt, und das nächste Mal geht es von dort weiter.</translation>
    </message>
    <message>
        <source>No film is on its way.</source>
        <translation>Kein Film ist unterwegs.</translation>
    </message>
    <message>
        <source>download</source>
        <translation>herunterladen</translation>
    </message>
    <message>
        <source>Correct line</source>
        <translation>Zeile berichtigen</translation>
    </message>
    <message>
        <source>Puts the words of this line right; what the recogniser heard is kept beside them.</source>
        <translation>Berichtigt die Worte dieser Zeile; was der Erkenner hörte, bleibt daneben.</translation>
    </message>
    <message>
        <source>edit words</source>
        <translation>Worte ändern</translation>
    </message>
    <message>
        <source>Mark line as talk</source>
        <translation>Zeile ist Gerede</translation>
    </message>
    <message>
        <source>The line is talk; what was found in it counts no longer.</source>
        <translation>Die Zeile ist Gerede; was darin gefunden wurde, zählt nicht mehr.</translation>
    </message>
    <message>
        <source>drop line</source>
        <translation>Zeile fallen lassen</translation>
    </message>
    <message>
        <source>Type line</source>
        <translation>Zeile tippen</translation>
    </message>
    <message>
        <source>A line of your own at this moment; the film plays on.</source>
        <translation>Eine eigene Zeile an diesem Moment; der Film läuft weiter.</translation>
    </message>
    <message>
        <source>transcript</source>
        <translation>Niederschrift</translation>
    </message>
    <message>
        <source>Name speaker</source>
        <translation>Sprecher nennen</translation>
    </message>
    <message>
        <source>Who speaks from this line on.</source>
        <translation>Wer ab dieser Zeile spricht.</translation>
    </message>
    <message>
        <source>Tie line to this frame</source>
        <translation>Zeile hier anbinden</translation>
    </message>
    <message>
        <source>Where words and film do not agree: this line is heard here, and the others follow.</source>
        <translation>Wo Worte und Film nicht zusammengehen: diese Zeile ist hier zu hören, und die anderen folgen.</translation>
    </message>
    <message>
        <source>synchronise</source>
        <translation>synchronisieren</translation>
    </message>
    <message>
        <source>align words</source>
        <translation>Worte ausrichten</translation>
    </message>
    <message>
        <source>Tie next line to this frame</source>
        <translation>Nächste Zeile hier anbinden</translation>
    </message>
    <message>
        <source>The next line is heard here, and the others follow.</source>
        <translation>Die nächste Zeile ist hier zu hören, und die anderen folgen.</translation>
    </message>
    <message>
        <source>Untie line</source>
        <translation>Zeile losbinden</translation>
    </message>
    <message>
        <source>The line goes back to the time of the narration.</source>
        <translation>Die Zeile geht zurück zur Zeit der Mitschrift.</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Note what is not filmed</source>
        <translation>Notieren: nicht gefilmt</translation>
    </message>
    <message>
        <source>What is missing on the film here, for the reshoot list.</source>
        <translation>Was im Film hier nicht da ist, für die Nachdrehliste.</translation>
    </message>
    <message>
        <source>reshoot</source>
        <translation>nachdrehen</translation>
    </message>
    <message>
        <source>Note what to look up</source>
        <translation>Notieren: nachschlagen</translation>
    </message>
    <message>
        <source>What has to be looked up.</source>
        <translation>Was nachgeschlagen werden muss.</translation>
    </message>
    <message>
        <source>Note for yourself</source>
        <translation>Notiz für mich</translation>
    </message>
    <message>
        <source>A note at this moment.</source>
        <translation>Eine Notiz an diesem Moment.</translation>
    </message>
    <message>
        <source>comment</source>
        <translation>Kommentar</translation>
    </message>
    <message>
        <source>Remove note</source>
        <translation>Notiz entfernen</translation>
    </message>
    <message>
        <source>Removes the note nearest to this moment.</source>
        <translation>Entfernt die Notiz, die diesem Moment am nächsten ist.</translation>
    </message>
    <message>
        <source>Write reshoot list</source>
        <translation>Nachdrehliste schreiben</translation>
    </message>
    <message>
        <source>What was not filmed, not seen or promised, as a page for paper or a phone.</source>
        <translation>Was nicht gefilmt, nicht zu sehen oder versprochen war, als Seite für Papier oder Telefon.</translation>
    </message>
    <message>
        <source>The reshoot list is being written.</source>
        <translation>Die Nachdrehliste wird geschrieben.</translation>
    </message>
    <message>
        <source>film again</source>
        <translation>noch einmal filmen</translation>
    </message>
    <message>
        <source>shot list</source>
        <translation>Drehliste</translation>
    </message>
    <message>
        <source>Film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>Plays from this moment on, or pauses.</source>
        <translation>Spielt ab diesem Moment, oder hält an.</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Play slowly</source>
        <translation>Langsam abspielen</translation>
    </message>
    <message>
        <source>Plays at a quarter of the speed, or at full speed again.</source>
        <translation>Spielt mit einem Viertel der Geschwindigkeit, oder wieder mit voller.</translation>
    </message>
    <message>
        <source>Play at full speed</source>
        <translation>Mit voller Geschwindigkeit</translation>
    </message>
    <message>
        <source>Next frame</source>
        <translation>Nächstes Einzelbild</translation>
    </message>
    <message>
        <source>One frame forward.</source>
        <translation>Ein Einzelbild vor.</translation>
    </message>
    <message>
        <source>Frame before</source>
        <translation>Einzelbild davor</translation>
    </message>
    <message>
        <source>One frame back.</source>
        <translation>Ein Einzelbild zurück.</translation>
    </message>
    <message>
        <source>Next line</source>
        <translation>Nächste Zeile</translation>
    </message>
    <message>
        <source>To where the next line of the narration begins.</source>
        <translation>Dahin, wo die nächste Zeile der Mitschrift beginnt.</translation>
    </message>
    <message>
        <source>Line before</source>
        <translation>Zeile davor</translation>
    </message>
    <message>
        <source>To where the line before begins.</source>
        <translation>Dahin, wo die Zeile davor beginnt.</translation>
    </message>
    <message>
        <source>Next recording</source>
        <translation>Nächste Aufnahme</translation>
    </message>
    <message>
        <source>Opens the recording after this one.</source>
        <translation>Öffnet die Aufnahme nach dieser.</translation>
    </message>
    <message>
        <source>Recording before</source>
        <translation>Aufnahme davor</translation>
    </message>
    <message>
        <source>Opens the recording before this one.</source>
        <translation>Öffnet die Aufnahme vor dieser.</translation>
    </message>
    <message>
        <source>Same moment, other camera</source>
        <translation>Gleicher Moment, andere Kamera</translation>
    </message>
    <message>
        <source>Where two cameras filmed together.</source>
        <translation>Wo zwei Kameras zugleich filmten.</translation>
    </message>
    <message>
        <source>Align cameras by sound</source>
        <translation>Kameras am Ton ausrichten</translation>
    </message>
    <message>
        <source>Finds where this recording and another one heard the same.</source>
        <translation>Findet, wo diese Aufnahme und eine andere dasselbe hörten.</translation>
    </message>
    <message>
        <source>multicamera</source>
        <translation>mehrere Kameras</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Fold talk and silence</source>
        <translation>Gerede und Stille falten</translation>
    </message>
    <message>
        <source>Stretches of talk and silence fold away, or come back.</source>
        <translation>Gerede und Stille werden weggefaltet, oder kommen zurück.</translation>
    </message>
    <message>
        <source>hide</source>
        <translation>verbergen</translation>
    </message>
    <message>
        <source>skip</source>
        <translation>überspringen</translation>
    </message>
    <message>
        <source>Unfold everything</source>
        <translation>Alles entfalten</translation>
    </message>
    <message>
        <source>Fold or unfold here</source>
        <translation>Hier falten</translation>
    </message>
    <message>
        <source>The talk or silence at this moment.</source>
        <translation>Das Gerede oder die Stille an diesem Moment.</translation>
    </message>
    <message>
        <source>Nothing can be folded here: a step, a note or a mark needs this stretch.</source>
        <translation>Hier lässt sich nichts falten: ein Schritt, eine Notiz oder eine Marke braucht dieses Stück.</translation>
    </message>
    <message>
        <source>Show whole job</source>
        <translation>Ganze Arbeit zeigen</translation>
    </message>
    <message>
        <source>All recordings of the job on one screen.</source>
        <translation>Alle Aufnahmen der Arbeit auf einem Bildschirm.</translation>
    </message>
    <message>
        <source>overview</source>
        <translation>Überblick</translation>
    </message>
    <message>
        <source>zoom out</source>
        <translation>verkleinern</translation>
    </message>
    <message>
        <source>Show every line</source>
        <translation>Jede Zeile zeigen</translation>
    </message>
    <message>
        <source>The usual zoom, with room for every line.</source>
        <translation>Die gewohnte Größe, mit Platz für jede Zeile.</translation>
    </message>
    <message>
        <source>zoom</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Show single frames</source>
        <translation>Einzelbilder zeigen</translation>
    </message>
    <message>
        <source>Every frame has its picture.</source>
        <translation>Jedes Einzelbild hat sein Bild.</translation>
    </message>
    <message>
        <source>zoom in</source>
        <translation>vergrößern</translation>
    </message>
    <message>
        <source>Zoom in</source>
        <translation>Größer</translation>
    </message>
    <message>
        <source>The moment in hand keeps its place.</source>
        <translation>Der Moment in der Hand behält seinen Platz.</translation>
    </message>
    <message>
        <source>nearer</source>
        <translation>näher</translation>
    </message>
    <message>
        <source>Zoom out</source>
        <translation>Kleiner</translation>
    </message>
    <message>
        <source>further</source>
        <translation>weiter weg</translation>
    </message>
    <message>
        <source>Keep playhead in place</source>
        <translation>Abspielmarke festhalten</translation>
    </message>
    <message>
        <source>The tape runs and the playhead stays, or the playhead runs down the tape.</source>
        <translation>Das Band läuft und die Abspielmarke bleibt, oder sie läuft das Band hinunter.</translation>
    </message>
    <message>
        <source>scroll</source>
        <translation>rollen</translation>
    </message>
    <message>
        <source>follow</source>
        <translation>folgen</translation>
    </message>
    <message numerus="yes">
        <source>%n points to reshoot or look up: </source>
        <comment>1 point to reshoot or look up: </comment>
        <translation>
            <numerusform>1 Punkt nachzudrehen oder nachzuschlagen: </numerusform>
            <numerusform>%n Punkte nachzudrehen oder nachzuschlagen: </numerusform>
        </translation>
    </message>
    <message>
        <source>%1 · read in English</source>
        <translation>%1 · englisch gelesen</translation>
    </message>
    <message>
        <source>not read: it sounds %1, and only English is read · %2</source>
        <translation>nicht gelesen: es klingt nach %1, und nur Englisch wird gelesen · %2</translation>
    </message>
</context>
<context>
    <name>anagraph::app::TapeView</name>
    <message>
        <source>Step %1, %2, from %3 to %4</source>
        <translation>Schritt %1, %2, von %3 bis %4</translation>
    </message>
    <message>
        <source>take %1</source>
        <translation>Fassung %1</translation>
    </message>
    <message>
        <source>drafted: nobody has confirmed it</source>
        <translation>entworfen: noch niemand hat ihn bestätigt</translation>
    </message>
    <message>
        <source>%1: “%2”</source>
        <translation>%1: „%2“</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, dismissed</source>
        <translation>%1, verworfen</translation>
    </message>
    <message>
        <source>%1, taken</source>
        <translation>%1, übernommen</translation>
    </message>
    <message>
        <source>typed by the author</source>
        <translation>vom Autor getippt</translation>
    </message>
    <message>
        <source>the program was not sure of every word</source>
        <translation>das Programm war nicht bei jedem Wort sicher</translation>
    </message>
    <message>
        <source>talk</source>
        <translation>Gerede</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Hingehen</translation>
    </message>
    <message>
        <source>Note at %1: %2</source>
        <translation>Notiz bei %1: %2</translation>
    </message>
    <message>
        <source>From %1 to %2 the picture is too dark</source>
        <translation>Von %1 bis %2 ist das Bild zu dunkel</translation>
    </message>
    <message>
        <source>From %1 to %2 the picture is blurred</source>
        <translation>Von %1 bis %2 ist das Bild unscharf</translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation>In die Hand nehmen</translation>
    </message>
    <message>
        <source>Tape: time runs down</source>
        <translation>Band: die Zeit läuft hinunter</translation>
    </message>
    <message>
        <source>too dark</source>
        <translation>zu dunkel</translation>
    </message>
    <message>
        <source>blurred</source>
        <translation>unscharf</translation>
    </message>
    <message>
        <source>best</source>
        <translation>beste</translation>
    </message>
    <message>
        <source>%1 of talk, %2</source>
        <translation>%1 Gerede, %2</translation>
    </message>
    <message>
        <source>%1 in which nothing is said</source>
        <translation>%1, in denen nichts gesagt wird</translation>
    </message>
    <message>
        <source>the recogniser heard: %1</source>
        <translation>der Erkenner hörte: %1</translation>
    </message>
    <message>
        <source>heard by the program: listen to it</source>
        <translation>vom Programm gehört: anhören</translation>
    </message>
    <message>
        <source>heard by the program, which was not sure of the hatched words: listen to it</source>
        <translation>vom Programm gehört, das bei den schraffierten Wörtern nicht sicher war: anhören</translation>
    </message>
    <message>
        <source>talk: nothing about the machine is said here</source>
        <translation>Gerede: hier wird nichts über die Maschine gesagt</translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <comment>1 line</comment>
        <translation>
            <numerusform>1 Zeile</numerusform>
            <numerusform>%n Zeilen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>the best of %n takes</source>
        <comment>the only take</comment>
        <translation>
            <numerusform>die einzige Fassung</numerusform>
            <numerusform>die beste von %n Fassungen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>anagraph::app::ThreadView</name>
    <message>
        <source>Nothing to walk yet: mark steps on the Tape or write them on the Sheet. What their lines order is walked here.</source>
        <translation>Noch nichts durchzugehen: am Band Schritte anzeichnen oder auf dem Blatt schreiben. Was ihre Zeilen anordnen, wird hier durchgegangen.</translation>
    </message>
    <message>
        <source> (stays)</source>
        <translation> (bleibt)</translation>
    </message>
    <message>
        <source>machine</source>
        <translation>Maschine</translation>
    </message>
    <message>
        <source>one person</source>
        <translation>eine Person</translation>
    </message>
    <message>
        <source>two people</source>
        <translation>zwei Leute</translation>
    </message>
    <message>
        <source>%1 as written</source>
        <translation>%1 wie geschrieben</translation>
    </message>
    <message>
        <source>waits</source>
        <translation>wartet</translation>
    </message>
    <message>
        <source>hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>runs</source>
        <translation>läuft</translation>
    </message>
    <message>
        <source>locked off</source>
        <translation>gesperrt</translation>
    </message>
    <message>
        <source>stopped</source>
        <translation>steht</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Dry run: steps run down</source>
        <translation>Trockenlauf: die Schritte laufen hinunter</translation>
    </message>
    <message>
        <source>At step %1 the machine %2; nothing lies beside it.</source>
        <translation>Bei Schritt %1: die Maschine %2; nichts liegt daneben.</translation>
    </message>
    <message>
        <source>At step %1 the machine %2. Beside it lie: %3.</source>
        <translation>Bei Schritt %1: die Maschine %2. Daneben liegen: %3.</translation>
    </message>
    <message>
        <source>Step %1, %2; after it the machine %3</source>
        <translation>Schritt %1, %2; danach: die Maschine %3</translation>
    </message>
    <message>
        <source>, stays where it is</source>
        <translation>, bleibt, wo er ist</translation>
    </message>
    <message>
        <source>Stand there</source>
        <translation>Dorthin stellen</translation>
    </message>
    <message>
        <source>%1: %2, now %3</source>
        <translation>%1: %2, jetzt %3</translation>
    </message>
    <message>
        <source>%1: %2, now %3 % full</source>
        <translation>%1: %2, jetzt %3 % voll</translation>
    </message>
    <message>
        <source>%1: %2, now %3 to %4 % full</source>
        <translation>%1: %2, jetzt %3 bis %4 % voll</translation>
    </message>
    <message>
        <source>Beside it lie: %1</source>
        <translation>Daneben liegen: %1</translation>
    </message>
    <message>
        <source>Finding: %1</source>
        <translation>Befund: %1</translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation>In die Hand nehmen</translation>
    </message>
    <message>
        <source>nobody is needed</source>
        <translation>niemand wird gebraucht</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>B</source>
        <translation>B</translation>
    </message>
    <message>
        <source>Plan: from %1 to %2 step %3 waits, %4</source>
        <translation>Plan: von %1 bis %2 wartet Schritt %3, %4</translation>
    </message>
    <message>
        <source>Plan: from %1 to %2 step %3, hands of %4</source>
        <translation>Plan: von %1 bis %2 Schritt %3, Hände von %4</translation>
    </message>
</context>
<context>
    <name>anagraph::app::TranslationDialog</name>
    <message>
        <source>Translation</source>
        <translation>Übersetzung</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Language, as its two letters: de, fr, nl</source>
        <translation>Sprache, mit ihren zwei Buchstaben: de, fr, nl</translation>
    </message>
    <message>
        <source>Next open</source>
        <translation>Nächste offene</translation>
    </message>
    <message>
        <source>Goes to the next line that is not translated, or whose original has changed since.</source>
        <translation>Geht zur nächsten Zeile, die nicht übersetzt ist oder deren Original sich seither geändert hat.</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>{figure:…} and {item:…} stay as they are: figures are never typed twice, and an item&apos;s name is translated once, below. Each line is kept when you leave it.</source>
        <translation>{figure:…} und {item:…} bleiben, wie sie sind: Werte werden nie zweimal getippt, und der Name eines Gegenstands wird einmal übersetzt, unten. Jede Zeile wird behalten, wenn Sie sie verlassen.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>✓ current</source>
        <translation>✓ aktuell</translation>
    </message>
    <message>
        <source>≠ out of date</source>
        <translation>≠ veraltet</translation>
    </message>
    <message>
        <source>○ missing</source>
        <translation>○ fehlt</translation>
    </message>
    <message>
        <source>It was made from: %1</source>
        <translation>Sie wurde gemacht aus: %1</translation>
    </message>
    <message>
        <source>%1 missing, %2 out of date, of %3</source>
        <translation>%1 fehlen, %2 veraltet, von %3</translation>
    </message>
    <message>
        <source>Enter the language by its two letters, as in de, fr or nl.</source>
        <translation>Die Sprache mit ihren zwei Buchstaben eingeben, wie de, fr oder nl.</translation>
    </message>
    <message>
        <source>Everything is translated.</source>
        <translation>Alles ist übersetzt.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::TrendView</name>
    <message>
        <source>limit %1</source>
        <translation>Grenze %1</translation>
    </message>
    <message>
        <source>%1: %2 %3, over its limit</source>
        <translation>%1: %2 %3, über der Grenze</translation>
    </message>
    <message>
        <source>%1: %2 %3</source>
        <translation>%1: %2 %3</translation>
    </message>
</context>
<context>
    <name>anagraph::app::TurnPanel</name>
    <message>
        <source>&lt;p&gt;Turn it by hand until the seal just touches.&lt;/p&gt;&lt;p&gt;Draw a line across part and housing.&lt;/p&gt;&lt;p&gt;Turn on by &lt;b&gt;%1°&lt;/b&gt;: %2 of a hexagon head.&lt;/p&gt;&lt;p&gt;Done when the line on the part stands at the second mark. Both lines stay, to be looked at after the first hour.&lt;/p&gt;</source>
        <translation>&lt;p&gt;Von Hand drehen, bis die Dichtung gerade anliegt.&lt;/p&gt;&lt;p&gt;Eine Linie über Teil und Gehäuse ziehen.&lt;/p&gt;&lt;p&gt;Weiterdrehen um &lt;b&gt;%1°&lt;/b&gt;: %2 eines Sechskants.&lt;/p&gt;&lt;p&gt;Fertig, wenn die Linie auf dem Teil am zweiten Strich steht. Beide Striche bleiben, um nach der ersten Stunde noch einmal nachzusehen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>How far to turn is not known yet: find the source that says it, or leave it as not known.</source>
        <translation>Wie weit gedreht wird, ist noch nicht bekannt: die Quelle finden, die es sagt, oder es als nicht bekannt stehen lassen.</translation>
    </message>
    <message>
        <source>first mark</source>
        <translation>erster Strich</translation>
    </message>
    <message>
        <source>stop here</source>
        <translation>hier aufhören</translation>
    </message>
</context>
<context>
    <name>anagraph::app::WantedCard</name>
    <message>
        <source>set %1</source>
        <translation>%1 einstellen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Set %1</source>
        <translation>%1 einstellen</translation>
    </message>
    <message>
        <source> (%1 times)</source>
        <translation> (%1-mal)</translation>
    </message>
    <message>
        <source>from the wrench</source>
        <translation>vom Schlüssel</translation>
    </message>
    <message>
        <source>typed</source>
        <translation>getippt</translation>
    </message>
    <message>
        <source>%1, %2 · %3</source>
        <translation>%1, %2 · %3</translation>
    </message>
</context>
<context>
    <name>anagraph::app::WayRound</name>
    <message>
        <source>%1 of %2.</source>
        <translation>%1 von %2.</translation>
    </message>
    <message>
        <source>Enter: next. Esc: leave.</source>
        <translation>Enter: weiter. Esc: verlassen.</translation>
    </message>
    <message>
        <source>Enter: begin.</source>
        <translation>Enter: anfangen.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::WorkBar</name>
    <message>
        <source>%1, %2 s left</source>
        <translation>%1, noch %2 s</translation>
    </message>
    <message>
        <source>%1, %2 min left</source>
        <translation>%1, noch %2 min</translation>
    </message>
</context>
<context>
    <name>anagraph::app::WorkOut</name>
    <message>
        <source>Work it out: %1</source>
        <translation>Ausrechnen: %1</translation>
    </message>
    <message>
        <source>This is arithmetic, not permission: the maker&apos;s current book comes first.</source>
        <translation>Das ist Rechnen, keine Erlaubnis: das aktuelle Buch des Herstellers geht vor.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::WrenchPanel</name>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Extension in millimetres</source>
        <translation>Verlängerung in Millimetern</translation>
    </message>
    <message>
        <source>Angle of the extension in degrees</source>
        <translation>Winkel der Verlängerung in Grad</translation>
    </message>
    <message>
        <source>E&amp;xtension, mm</source>
        <translation>&amp;Verlängerung, mm</translation>
    </message>
    <message>
        <source>at an angle o&amp;f</source>
        <translation>im Winkel &amp;von</translation>
    </message>
    <message>
        <source>0 in line, 90 at right angles (no change), 180 folded back</source>
        <translation>0 in Linie, 90 im rechten Winkel (keine Änderung), 180 zurückgeklappt</translation>
    </message>
    <message>
        <source>Wrenches</source>
        <translation>Schlüssel</translation>
    </message>
    <message>
        <source>No wrench is kept yet.</source>
        <translation>Noch kein Schlüssel ist eingetragen.</translation>
    </message>
    <message>
        <source>Wrenches of the workshop</source>
        <translation>Schlüssel der Werkstatt</translation>
    </message>
    <message>
        <source>New wrench</source>
        <translation>Neuer Schlüssel</translation>
    </message>
    <message>
        <source>Adds a wrench of the workshop: its range, its marks, its calibration.</source>
        <translation>Trägt einen Schlüssel der Werkstatt ein: seinen Bereich, seine Striche, seine Kalibrierung.</translation>
    </message>
    <message>
        <source>Edit wrench</source>
        <translation>Schlüssel ändern</translation>
    </message>
    <message>
        <source>Changes what is kept of the chosen wrench.</source>
        <translation>Ändert, was vom gewählten Schlüssel eingetragen ist.</translation>
    </message>
    <message>
        <source>Remove wrench</source>
        <translation>Schlüssel entfernen</translation>
    </message>
    <message>
        <source>The workshop has it no longer.</source>
        <translation>Die Werkstatt hat ihn nicht mehr.</translation>
    </message>
    <message>
        <source>The figure has no torque yet: give it a value, or find the source that does.</source>
        <translation>Der Wert hat noch kein Drehmoment: ihm eines geben, oder die Quelle finden, die es tut.</translation>
    </message>
    <message>
        <source>change the wrenches</source>
        <translation>die Schlüssel ändern</translation>
    </message>
    <message>
        <source>Change a wrench</source>
        <translation>Einen Schlüssel ändern</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>small click wrench</source>
        <translation>kleiner Knackschlüssel</translation>
    </message>
    <message>
        <source>&amp;Unit of its scale</source>
        <translation>&amp;Einheit seiner Skala</translation>
    </message>
    <message>
        <source>&amp;First mark</source>
        <translation>&amp;Erster Strich</translation>
    </message>
    <message>
        <source>&amp;Last mark</source>
        <translation>&amp;Letzter Strich</translation>
    </message>
    <message>
        <source>Between &amp;numbered marks</source>
        <translation>Zwischen &amp;bezifferten Strichen</translation>
    </message>
    <message>
        <source>Between f&amp;ine marks</source>
        <translation>Zwischen &amp;feinen Strichen</translation>
    </message>
    <message>
        <source>&amp;Accuracy, %</source>
        <translation>&amp;Genauigkeit, %</translation>
    </message>
    <message>
        <source>&amp;Effective length, mm</source>
        <translation>&amp;Wirksame Länge, mm</translation>
    </message>
    <message>
        <source>drive to middle of grip</source>
        <translation>vom Vierkant bis zur Griffmitte</translation>
    </message>
    <message>
        <source>&amp;Drive</source>
        <translation>&amp;Antrieb</translation>
    </message>
    <message>
        <source>&amp;Calibrated on</source>
        <translation>&amp;Kalibriert am</translation>
    </message>
    <message>
        <source>Calibration &amp;due</source>
        <translation>Kalibrierung f&amp;ällig</translation>
    </message>
    <message>
        <source>Give the wrench the name it has in the workshop.</source>
        <translation>Dem Schlüssel den Namen geben, den er in der Werkstatt hat.</translation>
    </message>
    <message>
        <source>The unit of a torque wrench is Nm, lbf.ft, lbf.in or kgf.m.</source>
        <translation>Die Einheit eines Drehmomentschlüssels ist Nm, lbf.ft, lbf.in oder kgf.m.</translation>
    </message>
    <message>
        <source>The last mark lies above the first.</source>
        <translation>Der letzte Strich liegt über dem ersten.</translation>
    </message>
    <message>
        <source>Say how far apart its marks are.</source>
        <translation>Sagen, wie weit seine Striche auseinanderliegen.</translation>
    </message>
    <message>
        <source>Days are written as %1.</source>
        <translation>Tage schreibt man so: %1.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::WrenchPort</name>
    <message>
        <source>The wrench is not on the line any more: put its plug back and connect it again. Readings can be typed meanwhile.</source>
        <translation>Der Schlüssel ist nicht mehr an der Leitung: den Stecker wieder einstecken und ihn wieder verbinden. Bis dahin lassen sich Ablesungen tippen.</translation>
    </message>
    <message>
        <source>There is no port %1; plug the wrench in, or choose another.</source>
        <translation>Es gibt keinen Anschluss %1; den Schlüssel einstecken oder einen anderen wählen.</translation>
    </message>
    <message>
        <source>The port %1 cannot be opened: %2.</source>
        <translation>Der Anschluss %1 lässt sich nicht öffnen: %2.</translation>
    </message>
</context>
<context>
    <name>anagraph::app::WrenchScales</name>
    <message>
        <source>Wrenches</source>
        <translation>Schlüssel</translation>
    </message>
    <message>
        <source>%1 to %2 %3%4</source>
        <translation>%1 bis %2 %3%4</translation>
    </message>
    <message>
        <source>never calibrated</source>
        <translation>nie kalibriert</translation>
    </message>
    <message>
        <source>calibrated %1</source>
        <translation>kalibriert %1</translation>
    </message>
    <message>
        <source>calibrated to %1</source>
        <translation>kalibriert bis %1</translation>
    </message>
    <message>
        <source>is %1 N·m, %2 %</source>
        <translation>sind %1 N·m, %2 %</translation>
    </message>
    <message>
        <source>will not do</source>
        <translation>taugt nicht</translation>
    </message>
    <message>
        <source>No wrench is kept yet. Add one of the shop: its range, its marks and when it was calibrated. It serves all guides.</source>
        <translation>Noch kein Schlüssel ist eingetragen. Einen der Werkstatt eintragen: seinen Bereich, seine Striche und wann er kalibriert wurde. Er dient allen Anleitungen.</translation>
    </message>
    <message>
        <source>%1, from %2 to %3 %4: %5</source>
        <translation>%1, von %2 bis %3 %4: %5</translation>
    </message>
    <message>
        <source>Take in hand</source>
        <translation>In die Hand nehmen</translation>
    </message>
</context>
</TS>
