<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de">
 <context>
  <name />
  <message>
   <source> of %1</source>
   <translation> von %1</translation>
  </message>
  <message>
   <source> tint</source>
   <translation> Tönung</translation>
  </message>
  <message>
   <source> · %1 bridged</source>
   <translation> · %1 überbrückt</translation>
  </message>
  <message numerus="yes">
   <source> · %n slivers join</source>
   <translation>
    <numerusform> · %n Splitter geht auf</numerusform>
    <numerusform> · %n Splitter gehen auf</numerusform>
   </translation>
  </message>
  <message>
   <source> · by the light</source>
   <translation> · nach dem Licht</translation>
  </message>
  <message>
   <source> · fill %1 · line %2</source>
   <translation> · Füllung %1 · Linie %2</translation>
  </message>
  <message>
   <source> – Soft Rope</source>
   <translation> – Soft Rope</translation>
  </message>
  <message>
   <source>%1   ·   page %2 of %3</source>
   <translation>%1   ·   Seite %2 von %3</translation>
  </message>
  <message>
   <source>%1 % along</source>
   <translation>bei %1 % der Länge</translation>
  </message>
  <message>
   <source>%1 %2</source>
   <translation>%1 %2</translation>
  </message>
  <message>
   <source>%1 %2 is offered.</source>
   <translation>%1 %2 wird angeboten.</translation>
  </message>
  <message>
   <source>%1 (halves)</source>
   <translation>%1 (Hälften)</translation>
  </message>
  <message>
   <source>%1 (missing)</source>
   <translation>%1 (fehlt)</translation>
  </message>
  <message numerus="yes">
   <source>%1 + %1 halves → %n line(s), %2 of %3 seams smooth</source>
   <translation>
    <numerusform>%1 + %1 Hälften → %n Linie, %2 von %3 Nähten glatt</numerusform>
    <numerusform>%1 + %1 Hälften → %n Linien, %2 von %3 Nähten glatt</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 are alike.</source>
   <translation>%1 sind gleich.</translation>
  </message>
  <message>
   <source>%1 areas lie on "Colour areas" under the lines; %2 gaps closed, %3 slivers absorbed (Ctrl+. shows them). Ctrl+Z takes them away.</source>
   <translation>%1 Flächen liegen auf „Farbflächen“ unter den Linien; %2 Lücken geschlossen, %3 Splitter aufgenommen (Strg+. zeigt sie). Strg+Z nimmt sie weg.</translation>
  </message>
  <message>
   <source>%1 areas, %2 nodes</source>
   <translation>%1 Flächen, %2 Knoten</translation>
  </message>
  <message>
   <source>%1 cannot be opened.</source>
   <translation>%1 kann nicht geöffnet werden.</translation>
  </message>
  <message>
   <source>%1 cannot be opened: %2.</source>
   <translation>%1 kann nicht geöffnet werden: %2.</translation>
  </message>
  <message>
   <source>%1 cannot be read to its end.</source>
   <translation>%1 kann nicht zu Ende gelesen werden.</translation>
  </message>
  <message>
   <source>%1 cannot be written: %2</source>
   <translation>%1 kann nicht geschrieben werden: %2</translation>
  </message>
  <message numerus="yes">
   <source>%1 closes %n more area(s).</source>
   <translation>
    <numerusform>%1 schließt %n weitere Fläche.</numerusform>
    <numerusform>%1 schließt %n weitere Flächen.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 closes %n more area(s): %2.</source>
   <translation>
    <numerusform>%1 schließt %n weitere Fläche: %2.</numerusform>
    <numerusform>%1 schließt %n weitere Flächen: %2.</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 colour drops' areas opened: they stay as they were, rings show where.</source>
   <translation>Die Flächen von %1 Farbtropfen sind offen: Sie bleiben, wie sie waren; Ringe zeigen, wo.</translation>
  </message>
  <message>
   <source>%1 colours</source>
   <translation>%1 Farben</translation>
  </message>
  <message>
   <source>%1 colours, the process takes %2</source>
   <translation>%1 Farben, das Verfahren nimmt %2</translation>
  </message>
  <message>
   <source>%1 could not be made: there is not enough memory.</source>
   <translation>%1 konnte nicht erstellt werden: der Speicher reicht nicht.</translation>
  </message>
  <message>
   <source>%1 could not be removed: %2</source>
   <translation>%1 konnte nicht entfernt werden: %2</translation>
  </message>
  <message>
   <source>%1 darker</source>
   <translation>%1 dunkler</translation>
  </message>
  <message>
   <source>%1 degrees, height %2 %</source>
   <translation>%1 Grad, Höhe %2 %</translation>
  </message>
  <message>
   <source>%1 does not know %2.</source>
   <translation>%1 kennt %2 nicht.</translation>
  </message>
  <message>
   <source>%1 drops' areas are closed again.</source>
   <translation>Die Flächen von %1 Tropfen sind wieder geschlossen.</translation>
  </message>
  <message>
   <source>%1 ends are open; two are %2 apart.</source>
   <translation>%1 Enden sind offen; zwei liegen %2 auseinander.</translation>
  </message>
  <message>
   <source>%1 ends are open; two meet and are not joined.</source>
   <translation>%1 Enden sind offen; zwei treffen sich und sind nicht verbunden.</translation>
  </message>
  <message>
   <source>%1 flat areas in %2 colours on a layer of their own; the layers they are made from are hidden. Ctrl+Z takes them away.</source>
   <translation>%1 flache Flächen in %2 Farben auf einer eigenen Ebene; die Ebenen, aus denen sie entstanden, sind ausgeblendet. Strg+Z nimmt sie weg.</translation>
  </message>
  <message>
   <source>%1 has %2 megapixels; at most 100 can be opened.</source>
   <translation>%1 hat %2 Megapixel; höchstens 100 können geöffnet werden.</translation>
  </message>
  <message>
   <source>%1 has no page %2.</source>
   <translation>%1 hat keine Seite %2.</translation>
  </message>
  <message>
   <source>%1 has no pages.</source>
   <translation>%1 hat keine Seiten.</translation>
  </message>
  <message>
   <source>%1 hidden.</source>
   <translation>%1 ausgeblendet.</translation>
  </message>
  <message>
   <source>%1 holds no recorded strokes.</source>
   <translation>%1 enthält keine aufgezeichneten Striche.</translation>
  </message>
  <message>
   <source>%1 holds sizes from 1 to %2 px, at most 32.</source>
   <translation>%1 enthält Größen von 1 bis %2 px, höchstens 32.</translation>
  </message>
  <message numerus="yes">
   <source>%1 in %n area(s), by the light.</source>
   <translation>
    <numerusform>%1 in %n Fläche, nach dem Licht.</numerusform>
    <numerusform>%1 in %n Flächen, nach dem Licht.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1 in %n area(s).</source>
   <translation>
    <numerusform>%1 in %n Fläche.</numerusform>
    <numerusform>%1 in %n Flächen.</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 is a drawing, not a picture. Open it instead.</source>
   <translation>%1 ist eine Zeichnung, kein Bild. Öffnen Sie sie stattdessen.</translation>
  </message>
  <message>
   <source>%1 is a file, not a folder.</source>
   <translation>%1 ist eine Datei, kein Ordner.</translation>
  </message>
  <message>
   <source>%1 is a folder.</source>
   <translation>%1 ist ein Ordner.</translation>
  </message>
  <message>
   <source>%1 is a part now.</source>
   <translation>%1 ist nun ein Teil.</translation>
  </message>
  <message>
   <source>%1 is broken and cannot be read.</source>
   <translation>%1 ist beschädigt und kann nicht gelesen werden.</translation>
  </message>
  <message>
   <source>%1 is cut off before its first row.</source>
   <translation>%1 bricht vor der ersten Zeile ab.</translation>
  </message>
  <message>
   <source>%1 is empty.</source>
   <translation>%1 ist leer.</translation>
  </message>
  <message>
   <source>%1 is fitted, dimmed to 50 % and locked. Unlock it to move it.</source>
   <translation>%1 ist eingepasst, auf 50 % gedämpft und gesperrt. Zum Bewegen entsperren.</translation>
  </message>
  <message>
   <source>%1 is free.</source>
   <translation>%1 ist frei.</translation>
  </message>
  <message>
   <source>%1 is hidden. Show it to draw on it.</source>
   <translation>%1 ist verborgen. Zum Zeichnen zeigen.</translation>
  </message>
  <message>
   <source>%1 is in %2 already; nothing was written.</source>
   <translation>%1 liegt schon in %2; nichts wurde geschrieben.</translation>
  </message>
  <message>
   <source>%1 is kept beside the work, and saved with it.</source>
   <translation>%1 liegt neben der Arbeit und wird mit ihr gespeichert.</translation>
  </message>
  <message>
   <source>%1 is larger than 100 megapixels.</source>
   <translation>%1 ist größer als 100 Megapixel.</translation>
  </message>
  <message>
   <source>%1 is larger than 2 GB.</source>
   <translation>%1 ist größer als 2 GB.</translation>
  </message>
  <message>
   <source>%1 is locked with a password. Open it elsewhere and save it without one.</source>
   <translation>%1 ist mit einem Passwort gesperrt. Anderswo öffnen und ohne Passwort sichern.</translation>
  </message>
  <message>
   <source>%1 is no PDF that can be read.</source>
   <translation>%1 ist kein lesbares PDF.</translation>
  </message>
  <message>
   <source>%1 is no colour.</source>
   <translation>%1 ist keine Farbe.</translation>
  </message>
  <message>
   <source>%1 is no delivery plan: %2</source>
   <translation>%1 ist kein Lieferplan: %2</translation>
  </message>
  <message>
   <source>%1 is no ink; nearest is %2 (ΔE00 %3)</source>
   <translation>%1 ist keine Tinte; am nächsten ist %2 (ΔE00 %3)</translation>
  </message>
  <message>
   <source>%1 is no name for a file.</source>
   <translation>%1 ist kein Name für eine Datei.</translation>
  </message>
  <message>
   <source>%1 is no process card: %2</source>
   <translation>%1 ist keine Verfahrenskarte: %2</translation>
  </message>
  <message>
   <source>%1 is not a picture that can be read (PNG, JPEG, WebP, TIFF, BMP or GIF).</source>
   <translation>%1 ist kein lesbares Bild (PNG, JPEG, WebP, TIFF, BMP oder GIF).</translation>
  </message>
  <message>
   <source>%1 is open in another window: save under another name, or close that one first.</source>
   <translation>%1 ist in einem anderen Fenster offen: unter anderem Namen sichern oder jenes zuerst schließen.</translation>
  </message>
  <message>
   <source>%1 is out of range.</source>
   <translation>%1 liegt außerhalb des Bereichs.</translation>
  </message>
  <message>
   <source>%1 is the key of "%2" now, which would have none.</source>
   <translation>%1 ist jetzt die Taste von „%2“, das dann keine hätte.</translation>
  </message>
  <message>
   <source>%1 is the key of "%2", which stays.</source>
   <translation>%1 ist die Taste von „%2“, und die bleibt.</translation>
  </message>
  <message>
   <source>%1 is too large to open.</source>
   <translation>%1 ist zu groß zum Öffnen.</translation>
  </message>
  <message>
   <source>%1 levels darker</source>
   <translation>%1 Stufen dunkler</translation>
  </message>
  <message>
   <source>%1 levels lighter</source>
   <translation>%1 Stufen heller</translation>
  </message>
  <message>
   <source>%1 lighter</source>
   <translation>%1 heller</translation>
  </message>
  <message>
   <source>%1 long</source>
   <translation>%1 lang</translation>
  </message>
  <message>
   <source>%1 mm</source>
   <translation>%1 mm</translation>
  </message>
  <message>
   <source>%1 must be a list.</source>
   <translation>%1 muss eine Liste sein.</translation>
  </message>
  <message>
   <source>%1 must be a number from 0 to 100,000.</source>
   <translation>%1 muss eine Zahl von 0 bis 100.000 sein.</translation>
  </message>
  <message>
   <source>%1 nodes</source>
   <translation>%1 Knoten</translation>
  </message>
  <message>
   <source>%1 nodes, %2</source>
   <translation>%1 Knoten, %2</translation>
  </message>
  <message>
   <source>%1 of %2 over 16 ms</source>
   <translation>%1 von %2 über 16 ms</translation>
  </message>
  <message numerus="yes">
   <source>%1 of %n area(s) inked</source>
   <translation>
    <numerusform>%1 von %n Fläche mit Tinte</numerusform>
    <numerusform>%1 von %n Flächen mit Tinte</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 of 255</source>
   <translation>%1 von 255</translation>
  </message>
  <message>
   <source>%1 off at most</source>
   <translation>höchstens %1 daneben</translation>
  </message>
  <message>
   <source>%1 offset</source>
   <translation>%1 versetzt</translation>
  </message>
  <message>
   <source>%1 on one side, the work as it is now on the other.</source>
   <translation>%1 auf der einen Seite, die Arbeit, wie sie jetzt ist, auf der anderen.</translation>
  </message>
  <message>
   <source>%1 part</source>
   <translation>Teil von %1</translation>
  </message>
  <message>
   <source>%1 picked</source>
   <translation>%1 gewählt</translation>
  </message>
  <message numerus="yes">
   <source>%1 picked · %n shade(s) inside</source>
   <translation>
    <numerusform>%1 gewählt · %n Schattierung darin</numerusform>
    <numerusform>%1 gewählt · %n Schattierungen darin</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 pieces</source>
   <translation>%1 Stücke</translation>
  </message>
  <message>
   <source>%1 pieces. Drag corners, split and merge. Ctrl+Z takes them away.</source>
   <translation>%1 Stücke. Ecken ziehen, teilen und vereinen. Strg+Z nimmt sie weg.</translation>
  </message>
  <message>
   <source>%1 px</source>
   <translation>%1 px</translation>
  </message>
  <message>
   <source>%1 px from the centre</source>
   <translation>%1 px von der Mitte</translation>
  </message>
  <message>
   <source>%1 shapes have their tones now. Hold W to compare with the picture; Ctrl+Z takes it back.</source>
   <translation>%1 Formen haben jetzt ihre Töne. W halten vergleicht mit dem Bild; Strg+Z nimmt es zurück.</translation>
  </message>
  <message numerus="yes">
   <source>%1 shapes → %n outline(s)</source>
   <translation>
    <numerusform>%1 Formen → %n Umriss</numerusform>
    <numerusform>%1 Formen → %n Umrisse</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 ships with the program and stays.</source>
   <translation>%1 gehört zum Programm und bleibt.</translation>
  </message>
  <message>
   <source>%1 shown over the sheet.</source>
   <translation>%1 über dem Blatt eingeblendet.</translation>
  </message>
  <message>
   <source>%1 thin, needs %2</source>
   <translation>%1 dünn, braucht %2</translation>
  </message>
  <message>
   <source>%1 to mend, %2 to look at</source>
   <translation>%1 zu beheben, %2 anzusehen</translation>
  </message>
  <message>
   <source>%1 tones</source>
   <translation>%1 Töne</translation>
  </message>
  <message>
   <source>%1 was changed by another program since it was opened here. Saving writes over that.</source>
   <translation>%1 wurde von einem anderen Programm geändert, seit es hier geöffnet wurde. Sichern überschreibt das.</translation>
  </message>
  <message>
   <source>%1 was loaded only in part, %2 of %3 rows.</source>
   <translation>%1 wurde nur teilweise geladen, %2 von %3 Zeilen.</translation>
  </message>
  <message>
   <source>%1 was not saved</source>
   <translation>%1 wurde nicht gespeichert</translation>
  </message>
  <message>
   <source>%1 with the same %2.</source>
   <translation>%1 mit derselben Eigenschaft: %2.</translation>
  </message>
  <message>
   <source>%1 · %2</source>
   <translation>%1 · %2</translation>
  </message>
  <message numerus="yes">
   <source>%1 · worn by %n shade(s)</source>
   <translation>
    <numerusform>%1 · von %n Schattierung getragen</numerusform>
    <numerusform>%1 · von %n Schattierungen getragen</numerusform>
   </translation>
  </message>
  <message>
   <source>%1 × %2 px</source>
   <translation>%1 × %2 px</translation>
  </message>
  <message>
   <source>%1 × %2 px · %3</source>
   <translation>%1 × %2 px · %3</translation>
  </message>
  <message>
   <source>%1 → %2 nodes</source>
   <translation>%1 → %2 Knoten</translation>
  </message>
  <message>
   <source>%1 → %2 nodes, %3 off</source>
   <translation>%1 → %2 Knoten, %3 daneben</translation>
  </message>
  <message>
   <source>%1, %2 %</source>
   <translation>%1, %2 %</translation>
  </message>
  <message>
   <source>%1, %2 nodes</source>
   <translation>%1, %2 Knoten</translation>
  </message>
  <message>
   <source>%1, %2 px²</source>
   <translation>%1, %2 px²</translation>
  </message>
  <message>
   <source>%1, %2, %3 %</source>
   <translation>%1, %2, %3 %</translation>
  </message>
  <message numerus="yes">
   <source>%1, %n open end(s)</source>
   <translation>
    <numerusform>%1, %n offenes Ende</numerusform>
    <numerusform>%1, %n offene Enden</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%1, %n sliver(s)</source>
   <translation>
    <numerusform>%1, %n Splitter</numerusform>
    <numerusform>%1, %n Splitter</numerusform>
   </translation>
  </message>
  <message>
   <source>%1, current, %2</source>
   <translation>%1, jetzt, %2</translation>
  </message>
  <message>
   <source>%1, page %2</source>
   <translation>%1, Seite %2</translation>
  </message>
  <message>
   <source>%1, reference</source>
   <translation>%1, Vorlage</translation>
  </message>
  <message>
   <source>%1, second</source>
   <translation>%1, zweiter Wert</translation>
  </message>
  <message>
   <source>%1, set</source>
   <translation>%1, gesetzt</translation>
  </message>
  <message>
   <source>%1, used in this drawing</source>
   <translation>%1, in dieser Zeichnung verwendet</translation>
  </message>
  <message>
   <source>%1. Ctrl+Z takes it back.</source>
   <translation>%1. Strg+Z nimmt es zurück.</translation>
  </message>
  <message>
   <source>%1. Shift keeps it as an ink</source>
   <translation>%1. Umschalt behält sie als Tinte</translation>
  </message>
  <message>
   <source>%1: %2 nodes%3. Ctrl+Z takes it apart.</source>
   <translation>%1: %2 Knoten%3. Strg+Z nimmt es auseinander.</translation>
  </message>
  <message>
   <source>%1: click to see it large, drag it out for a file</source>
   <translation>%1: Klick zeigt es groß, Herausziehen gibt eine Datei</translation>
  </message>
  <message>
   <source>%1: delivery sheet</source>
   <translation>%1: Lieferblatt</translation>
  </message>
  <message>
   <source>%1: the disk is full.</source>
   <translation>%1: Der Datenträger ist voll.</translation>
  </message>
  <message>
   <source>%1: writing is not allowed there.</source>
   <translation>%1: Dort darf nicht geschrieben werden.</translation>
  </message>
  <message numerus="yes">
   <source>%n %1 element(s)</source>
   <translation>
    <numerusform>%n Element „%1“</numerusform>
    <numerusform>%n Elemente „%1“</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s)</source>
   <translation>
    <numerusform>%n Fläche</numerusform>
    <numerusform>%n Flächen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) enclosed</source>
   <translation>
    <numerusform>%n Fläche umschlossen</numerusform>
    <numerusform>%n Flächen umschlossen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) gathered</source>
   <translation>
    <numerusform>%n Fläche gesammelt</numerusform>
    <numerusform>%n Flächen gesammelt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) → 1 shape</source>
   <translation>
    <numerusform>%n Fläche → 1 Form</numerusform>
    <numerusform>%n Flächen → 1 Form</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s), no inks</source>
   <translation>
    <numerusform>%n Fläche, keine Tinten</numerusform>
    <numerusform>%n Flächen, keine Tinten</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n areas have no ink.</source>
   <translation>
    <numerusform>%n Fläche hat keine Tinte.</numerusform>
    <numerusform>%n Flächen haben keine Tinte.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken part(s) kept whole</source>
   <translation>
    <numerusform>%n ganz gelassener Teil ist beschädigt</numerusform>
    <numerusform>%n ganz gelassene Teile sind beschädigt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken picture(s)</source>
   <translation>
    <numerusform>%n beschädigtes Bild</numerusform>
    <numerusform>%n beschädigte Bilder</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken stage(s)</source>
   <translation>
    <numerusform>%n defekter Stand</numerusform>
    <numerusform>%n defekte Stände</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n can be mended safely</source>
   <translation>
    <numerusform>%n lässt sich sicher beheben</numerusform>
    <numerusform>%n lassen sich sicher beheben</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n clip path(s) (drawn without)</source>
   <translation>
    <numerusform>%n Beschneidungspfad (ohne ihn gezeichnet)</numerusform>
    <numerusform>%n Beschneidungspfade (ohne sie gezeichnet)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n colour(s) replaced by an ink</source>
   <translation>
    <numerusform>%n Farbe durch eine Tinte ersetzt</numerusform>
    <numerusform>%n Farben durch Tinten ersetzt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n corners have room for less only.</source>
   <translation>
    <numerusform>%n Ecke hat nur für weniger Platz.</numerusform>
    <numerusform>%n Ecken haben nur für weniger Platz.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n double(s) taken out</source>
   <translation>
    <numerusform>%n Doppel entfernt</numerusform>
    <numerusform>%n Doppel entfernt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n doubled node(s) merged</source>
   <translation>
    <numerusform>%n doppelter Knoten vereint</numerusform>
    <numerusform>%n doppelte Knoten vereint</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n drops are open and stay as they were.</source>
   <translation>
    <numerusform>%n Tropfen ist offen und bleibt, wie er war.</numerusform>
    <numerusform>%n Tropfen sind offen und bleiben, wie sie waren.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n end(s) open on this sheet</source>
   <translation>
    <numerusform>%n Ende ist auf diesem Blatt offen</numerusform>
    <numerusform>%n Enden sind auf diesem Blatt offen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n end(s) trimmed</source>
   <translation>
    <numerusform>%n Ende gestutzt</numerusform>
    <numerusform>%n Enden gestutzt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n file(s) delivered to %1.</source>
   <translation>
    <numerusform>%n Datei nach %1 geliefert.</numerusform>
    <numerusform>%n Dateien nach %1 geliefert.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n file(s), %1</source>
   <translation>
    <numerusform>%n Datei, %1</numerusform>
    <numerusform>%n Dateien, %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n fill(s) closed</source>
   <translation>
    <numerusform>%n Füllung geschlossen</numerusform>
    <numerusform>%n Füllungen geschlossen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n filter(s) (drawn without)</source>
   <translation>
    <numerusform>%n Filter (ohne ihn gezeichnet)</numerusform>
    <numerusform>%n Filter (ohne sie gezeichnet)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n finding(s)</source>
   <translation>
    <numerusform>%n Befund</numerusform>
    <numerusform>%n Befunde</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n gradient(s) over the bounds of a turned shape (some programs measure those larger)</source>
   <translation>
    <numerusform>%n Verlauf über den Grenzen einer gedrehten Form (manche Programme messen sie größer)</numerusform>
    <numerusform>%n Verläufe über den Grenzen gedrehter Formen (manche Programme messen sie größer)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n group(s) nested deeper than %1 (flattened)</source>
   <translation>
    <numerusform>%n Gruppe tiefer als %1 verschachtelt (geglättet)</numerusform>
    <numerusform>%n Gruppen tiefer als %1 verschachtelt (geglättet)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n group(s) too deeply nested</source>
   <translation>
    <numerusform>%n zu tief verschachtelte Gruppe</numerusform>
    <numerusform>%n zu tief verschachtelte Gruppen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n hidden thing(s) taken out</source>
   <translation>
    <numerusform>%n Verborgenes entfernt</numerusform>
    <numerusform>%n verborgene Dinge entfernt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n hole(s)</source>
   <translation>
    <numerusform>%n Loch</numerusform>
    <numerusform>%n Löcher</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n inflection(s)</source>
   <translation>
    <numerusform>%n Wendepunkt</numerusform>
    <numerusform>%n Wendepunkte</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n ink(s) ready</source>
   <translation>
    <numerusform>%n Tinte bereit</numerusform>
    <numerusform>%n Tinten bereit</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n kink(s) smoothed</source>
   <translation>
    <numerusform>%n Knick geglättet</numerusform>
    <numerusform>%n Knicke geglättet</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n lettering(s) outlined</source>
   <translation>
    <numerusform>%n Schriftzug in Umrisse verwandelt</numerusform>
    <numerusform>%n Schriftzüge in Umrisse verwandelt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s)</source>
   <translation>
    <numerusform>%n Linie</numerusform>
    <numerusform>%n Linien</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) may stay open: their ends are no longer counted or ringed.</source>
   <translation>
    <numerusform>%n Linie darf offen bleiben: ihre Enden zählen nicht mehr und haben keine Ringe.</numerusform>
    <numerusform>%n Linien dürfen offen bleiben: ihre Enden zählen nicht mehr und haben keine Ringe.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) of words set in %1</source>
   <translation>
    <numerusform>%n Zeile in %1 gesetzt</numerusform>
    <numerusform>%n Zeilen in %1 gesetzt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s) reduced</source>
   <translation>
    <numerusform>%n Linie vereinfacht</numerusform>
    <numerusform>%n Linien vereinfacht</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n linked picture(s)</source>
   <translation>
    <numerusform>%n verknüpftes Bild</numerusform>
    <numerusform>%n verknüpfte Bilder</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mark(s) scattered. Kind, size and seed can be changed on the card.</source>
   <translation>
    <numerusform>%n Zeichen gestreut. Art, Größe und Saat lassen sich auf der Karte ändern.</numerusform>
    <numerusform>%n Zeichen gestreut. Art, Größe und Saat lassen sich auf der Karte ändern.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mark(s), seed %1</source>
   <translation>
    <numerusform>%n Zeichen, Saat %1</numerusform>
    <numerusform>%n Zeichen, Saat %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mask(s) (drawn without)</source>
   <translation>
    <numerusform>%n Maske (ohne sie gezeichnet)</numerusform>
    <numerusform>%n Masken (ohne sie gezeichnet)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n more after this</source>
   <translation>
    <numerusform>danach noch %n</numerusform>
    <numerusform>danach noch %n</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n needless node(s) taken out</source>
   <translation>
    <numerusform>%n unnötiger Knoten entfernt</numerusform>
    <numerusform>%n unnötige Knoten entfernt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n node(s), many more than it needs</source>
   <translation>
    <numerusform>%n Knoten, viel mehr als nötig</numerusform>
    <numerusform>%n Knoten, viel mehr als nötig</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n nodes picked</source>
   <translation>
    <numerusform>%n Knoten gewählt</numerusform>
    <numerusform>%n Knoten gewählt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n outline(s) united with themselves</source>
   <translation>
    <numerusform>%n Umriss mit sich vereint</numerusform>
    <numerusform>%n Umrisse mit sich vereint</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pair(s) of ends joined</source>
   <translation>
    <numerusform>%n Paar Enden verbunden</numerusform>
    <numerusform>%n Paar Enden verbunden</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pairs of ends are that near.</source>
   <translation>
    <numerusform>%n Paar Enden liegt so nah.</numerusform>
    <numerusform>%n Paare von Enden liegen so nah.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) kept whole left out</source>
   <translation>
    <numerusform>%n ganz gelassener Teil weggelassen</numerusform>
    <numerusform>%n ganz gelassene Teile weggelassen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) kept whole: %1</source>
   <translation>
    <numerusform>%n Teil ganz gelassen: %1</numerusform>
    <numerusform>%n Teile ganz gelassen: %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n part(s) that cannot be kept whole (drawn as far as it goes)</source>
   <translation>
    <numerusform>%n Teil, der nicht ganz gelassen werden kann (gezeichnet, so weit es geht)</numerusform>
    <numerusform>%n Teile, die nicht ganz gelassen werden können (gezeichnet, so weit es geht)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n path(s) broken off at a fault</source>
   <translation>
    <numerusform>%n Pfad an einem Fehler abgebrochen</numerusform>
    <numerusform>%n Pfade an einem Fehler abgebrochen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pattern(s) (painted grey)</source>
   <translation>
    <numerusform>%n Muster (grau gemalt)</numerusform>
    <numerusform>%n Muster (grau gemalt)</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n picture(s)</source>
   <translation>
    <numerusform>%n Bild</numerusform>
    <numerusform>%n Bilder</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n picture(s) left out</source>
   <translation>
    <numerusform>%n Bild weggelassen</numerusform>
    <numerusform>%n Bilder weggelassen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n piece(s)</source>
   <translation>
    <numerusform>%n Stück</numerusform>
    <numerusform>%n Stücke</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pieces are much smaller than the rest.</source>
   <translation>
    <numerusform>%n Stück ist viel kleiner als die übrigen.</numerusform>
    <numerusform>%n Stücke sind viel kleiner als die übrigen.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n reference(s) taken out</source>
   <translation>
    <numerusform>%n Vorlage entfernt</numerusform>
    <numerusform>%n Vorlagen entfernt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n rule(s) of style sheets</source>
   <translation>
    <numerusform>%n Regel einer Stilvorlage</numerusform>
    <numerusform>%n Regeln von Stilvorlagen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n seam(s) overlapped</source>
   <translation>
    <numerusform>%n Naht überlappt</numerusform>
    <numerusform>%n Nähte überlappt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n seam(s) welded, %1 smooth; %2 copied. The halves are kept on a hidden layer.</source>
   <translation>
    <numerusform>%n Naht verschweißt, davon %1 glatt; %2 kopiert. Die Hälften bleiben auf einer verborgenen Ebene.</numerusform>
    <numerusform>%n Nähte verschweißt, davon %1 glatt; %2 kopiert. Die Hälften bleiben auf einer verborgenen Ebene.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) ignore the light.</source>
   <translation>
    <numerusform>%n Schattierung missachtet das Licht.</numerusform>
    <numerusform>%n Schattierungen missachten das Licht.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) ignore the light; this is one.</source>
   <translation>
    <numerusform>%n Schattierung missachtet das Licht; dies ist sie.</numerusform>
    <numerusform>%n Schattierungen missachten das Licht; dies ist eine.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) inside</source>
   <translation>
    <numerusform>%n Schattierung darin</numerusform>
    <numerusform>%n Schattierungen darin</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) inside. It stays in its area and can be edited beyond the border.</source>
   <translation>
    <numerusform>%n Schattierung darin. Sie bleibt in ihrer Fläche und lässt sich über den Rand hinaus bearbeiten.</numerusform>
    <numerusform>%n Schattierungen darin. Sie bleiben in ihrer Fläche und lassen sich über den Rand hinaus bearbeiten.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s) turned to the light</source>
   <translation>
    <numerusform>%n Schatten zum Licht gedreht</numerusform>
    <numerusform>%n Schatten zum Licht gedreht</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s), %1 against the light</source>
   <translation>
    <numerusform>%n Schattierung, %1 gegen das Licht</numerusform>
    <numerusform>%n Schattierungen, %1 gegen das Licht</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shade(s), light from %1</source>
   <translation>
    <numerusform>%n Schattierung, Licht von %1</numerusform>
    <numerusform>%n Schattierungen, Licht von %1</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s)</source>
   <translation>
    <numerusform>%n Form</numerusform>
    <numerusform>%n Formen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s) taken in as parts.</source>
   <translation>
    <numerusform>%n Form als Teil aufgenommen.</numerusform>
    <numerusform>%n Formen als Teile aufgenommen.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s) with numbers out of range</source>
   <translation>
    <numerusform>%n Form mit Zahlen außerhalb des Bereichs</numerusform>
    <numerusform>%n Formen mit Zahlen außerhalb des Bereichs</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n sliver(s) closed</source>
   <translation>
    <numerusform>%n Splitter geschlossen</numerusform>
    <numerusform>%n Splitter geschlossen</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n specks go to their neighbours.</source>
   <translation>
    <numerusform>%n Krümel geht an seinen Nachbarn.</numerusform>
    <numerusform>%n Krümel gehen an ihre Nachbarn.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n stray point(s) taken out</source>
   <translation>
    <numerusform>%n verirrter Punkt entfernt</numerusform>
    <numerusform>%n verirrte Punkte entfernt</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n text(s)</source>
   <translation>
    <numerusform>%n Text</numerusform>
    <numerusform>%n Texte</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n thing(s)</source>
   <translation>
    <numerusform>%n Ding</numerusform>
    <numerusform>%n Dinge</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n time(s). Change any one of them and all follow.</source>
   <translation>
    <numerusform>%n Mal. Ändere eines davon, und alle folgen.</numerusform>
    <numerusform>%n Mal. Ändere eines davon, und alle folgen.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n tone(s)</source>
   <translation>
    <numerusform>%n Ton</numerusform>
    <numerusform>%n Töne</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n use(s) brought up to the part.</source>
   <translation>
    <numerusform>%n Verwendung auf den Stand des Teils gebracht.</numerusform>
    <numerusform>%n Verwendungen auf den Stand des Teils gebracht.</numerusform>
   </translation>
  </message>
  <message numerus="yes">
   <source>%n use(s) of another element</source>
   <translation>
    <numerusform>%n Verwendung eines anderen Elements</numerusform>
    <numerusform>%n Verwendungen anderer Elemente</numerusform>
   </translation>
  </message>
  <message>
   <source>&amp;Author</source>
   <translation>&amp;Urheber</translation>
  </message>
  <message>
   <source>&amp;Description</source>
   <translation>&amp;Beschreibung</translation>
  </message>
  <message>
   <source>&amp;Licence</source>
   <translation>&amp;Lizenz</translation>
  </message>
  <message>
   <source>&amp;Title</source>
   <translation>&amp;Titel</translation>
  </message>
  <message>
   <source>, %1 across gaps</source>
   <translation>, %1 über Lücken</translation>
  </message>
  <message>
   <source>, %1 much smaller than the rest</source>
   <translation>, %1 viel kleiner als die übrigen</translation>
  </message>
  <message>
   <source>, %1 nodes</source>
   <translation>, %1 Knoten</translation>
  </message>
  <message>
   <source>, 1 across a gap</source>
   <translation>, 1 über eine Lücke</translation>
  </message>
  <message>
   <source>, by hand</source>
   <translation>, von Hand</translation>
  </message>
  <message>
   <source>, hidden</source>
   <translation>, verborgen</translation>
  </message>
  <message>
   <source>, in hand</source>
   <translation>, in der Hand</translation>
  </message>
  <message>
   <source>, live</source>
   <translation>, lebend</translation>
  </message>
  <message>
   <source>, locked</source>
   <translation>, gesperrt</translation>
  </message>
  <message>
   <source>100 %</source>
   <translation>100 %</translation>
  </message>
  <message>
   <source>1080 × 1080 px</source>
   <translation>1080 × 1080 px</translation>
  </message>
  <message>
   <source>1920 × 1080 px</source>
   <translation>1920 × 1080 px</translation>
  </message>
  <message>
   <source>210 × 297 mm</source>
   <translation>210 × 297 mm</translation>
  </message>
  <message>
   <source>24 × 24 px</source>
   <translation>24 × 24 px</translation>
  </message>
  <message>
   <source>300 × 400 mm</source>
   <translation>300 × 400 mm</translation>
  </message>
  <message>
   <source>58 mm across</source>
   <translation>58 mm Durchmesser</translation>
  </message>
  <message>
   <source>&lt;b&gt;Alike&lt;/b&gt; picks everything with the same fill as what you click; Shift: the same line colour, Alt: the same weight.</source>
   <translation>&lt;b&gt;Gleiche&lt;/b&gt; wählt alles mit derselben Füllung wie das Angeklickte; Umschalt: dieselbe Linienfarbe, Alt: dieselbe Stärke.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Axis&lt;/b&gt;: drag a line to mirror the layer at; its diamonds turn it. Click a half-bead: its seam smooth or a corner.</source>
   <translation>&lt;b&gt;Achse&lt;/b&gt;: Eine Linie ziehen, an der die Ebene gespiegelt wird; ihre Rauten drehen sie. Klick auf eine Halbperle: Naht glatt oder Ecke.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Bound&lt;/b&gt;: draw round what is to be cut into tones, or click a closed shape. A click beside lifts the bound.</source>
   <translation>&lt;b&gt;Grenze&lt;/b&gt;: Umfahren, was in Töne geteilt wird, oder eine geschlossene Form anklicken. Ein Klick daneben hebt die Grenze auf.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Bow&lt;/b&gt; pulls the middle of a piece into a curve. A double click makes it straight again. Esc lets go.</source>
   <translation>&lt;b&gt;Bogen&lt;/b&gt; zieht die Mitte eines Stücks zu einer Kurve. Ein Doppelklick macht es wieder gerade. Esc lässt los.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Carve&lt;/b&gt; gathers the areas you drag through; Shift drops them out. Enter takes the shape, Backspace lets one go.</source>
   <translation>&lt;b&gt;Schnitzen&lt;/b&gt; sammelt die Flächen, durch die Sie ziehen; Umschalt wirft sie hinaus. Eingabe nimmt die Form, Rücktaste lässt eine los.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Circle&lt;/b&gt;: drag from the middle (Alt: from side to side). It locks where it touches; Ctrl lets it go free.</source>
   <translation>&lt;b&gt;Kreis&lt;/b&gt;: Aus der Mitte ziehen (Alt: von Seite zu Seite). Er rastet ein, wo er berührt; Strg lässt ihn frei.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Crescent&lt;/b&gt;: drag from an edge inwards, as wide as it is to be. A click takes the last width by the light, Shift the far side.</source>
   <translation>&lt;b&gt;Sichel&lt;/b&gt;: von einem Rand nach innen ziehen, so breit sie sein soll. Ein Klick nimmt die letzte Breite nach dem Licht, Umschalt die ferne Seite.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Crop&lt;/b&gt;: drag a frame over the part of the picture to keep. A double click brings the whole picture back.</source>
   <translation>&lt;b&gt;Zuschneiden&lt;/b&gt;: Einen Rahmen über den Teil des Bildes ziehen, der bleibt. Ein Doppelklick bringt das ganze Bild zurück.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Cut here&lt;/b&gt; moves the nearest cut to the tone under the pointer; drag to try others. Shift adds a cut.</source>
   <translation>&lt;b&gt;Hier schneiden&lt;/b&gt; schiebt den nächsten Schnitt zum Ton unter dem Zeiger; Ziehen probiert andere. Umschalt fügt einen Schnitt hinzu.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Drop&lt;/b&gt; puts the ink in hand in the area under the pointer; drag to fill several. It follows the lines. Esc lets go.</source>
   <translation>&lt;b&gt;Tropfen&lt;/b&gt; gibt die Tinte in der Hand in die Fläche unter dem Zeiger; Ziehen füllt mehrere. Er folgt den Linien. Esc lässt los.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Edge&lt;/b&gt; pushes a border: start in a tone and drag over its border, the tone comes along. Brush size on the card.</source>
   <translation>&lt;b&gt;Rand&lt;/b&gt; verschiebt eine Grenze: in einem Ton beginnen und über seine Grenze ziehen, der Ton kommt mit. Pinselgröße auf der Karte.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Facets&lt;/b&gt;: drag from corner to corner to cut; a click changes a piece's shade, a drag inside turns it, Shift locks it. On a mesh: drag corners.</source>
   <translation>&lt;b&gt;Facetten&lt;/b&gt;: Von Ecke zu Ecke ziehen schneidet; ein Klick ändert den Ton eines Stücks, Ziehen darin dreht ihn, Umschalt sperrt es. Im Netz: Ecken ziehen.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Follow&lt;/b&gt;: drag roughly along pieces of lines; back over them lets go. Shift begins and ends within a piece. Enter takes the outline.</source>
   <translation>&lt;b&gt;Folgen&lt;/b&gt;: grob an Linienstücken entlangziehen; zurück lässt los. Umschalt beginnt und endet mitten im Stück. Enter nimmt den Umriss.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Freehand&lt;/b&gt; draws and fits. End near the start to close. Slack can be changed on the card. Esc drops the stroke.</source>
   <translation>&lt;b&gt;Freihand&lt;/b&gt; zeichnet und passt an. Nahe am Anfang enden schließt. Der Spielraum steht auf der Karte. Esc verwirft den Strich.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Gradient&lt;/b&gt;: drag over the shape, or over several that are picked. Its ends are dragged on; Alt moves the focus of a round one.</source>
   <translation>&lt;b&gt;Verlauf&lt;/b&gt;: über die Form ziehen oder über mehrere gewählte. Seine Enden zieht man weiter; Alt bewegt den Brennpunkt eines runden.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Guide&lt;/b&gt;: drag a guide at any angle, or take hold of one to move it. Shift steps by 15°. Delete drops the one under the pointer.</source>
   <translation>&lt;b&gt;Hilfslinie&lt;/b&gt;: In beliebigem Winkel ziehen, oder eine greifen und verschieben. Umschalt in Schritten von 15°. Entf nimmt die unter dem Zeiger weg.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Inside&lt;/b&gt;: drag a thing into the area it is to lie in; with several areas picked, into all it meets. Alt+click takes it out.</source>
   <translation>&lt;b&gt;Hinein&lt;/b&gt;: ein Ding in die Fläche ziehen, in der es liegen soll; sind mehrere gewählt, in alle, die es trifft. Alt+Klick holt es heraus.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Join&lt;/b&gt;: click an open end, then another; or drag from end to end. Shift+J joins all that nearly meet.</source>
   <translation>&lt;b&gt;Verbinden&lt;/b&gt;: Ein offenes Ende anklicken, dann ein anderes; oder von Ende zu Ende ziehen. Umschalt+J verbindet alle, die sich fast treffen.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Light&lt;/b&gt;: drag the sun, or press where the light is to come from. Near the middle it stands high. Shift steps by 15 degrees.</source>
   <translation>&lt;b&gt;Licht&lt;/b&gt;: die Sonne ziehen oder drücken, wo das Licht herkommen soll. Nahe der Mitte steht es hoch. Umschalt: Schritte von 15 Grad.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Line&lt;/b&gt;: drag from end to end. Shift steps the angle by 15°; near a curve it locks to its tangent.</source>
   <translation>&lt;b&gt;Linie&lt;/b&gt;: Von Ende zu Ende ziehen. Umschalt in Schritten von 15°; nahe einer Kurve rastet sie an deren Tangente ein.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Nodes&lt;/b&gt;: drag nodes, handles and pieces. Click a picked node: smooth or corner. Double click adds, Delete takes out.</source>
   <translation>&lt;b&gt;Knoten&lt;/b&gt;: Knoten, Griffe und Stücke ziehen. Klick auf einen gewählten Knoten: glatt oder Ecke. Doppelklick fügt hinzu, Entf nimmt heraus.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Paper&lt;/b&gt;: drag the corners to those of the paper. A double click finds them.</source>
   <translation>&lt;b&gt;Papier&lt;/b&gt;: die Ecken auf die des Papiers ziehen. Ein Doppelklick findet sie.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Part&lt;/b&gt;: drag a frame, or with Shift round a part, to trace just that. Click a traced line to leave it out, double click to keep only it.</source>
   <translation>&lt;b&gt;Ausschnitt&lt;/b&gt;: Einen Rahmen ziehen, mit Umschalt umfahren, um nur das nachzuzeichnen. Eine Linie anklicken lässt sie weg, Doppelklick behält nur sie.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Patch&lt;/b&gt; makes one spot lighter or darker. Draw round it (Shift paints it), drag up or down inside; its nodes move, a double click adds one.</source>
   <translation>&lt;b&gt;Flicken&lt;/b&gt; macht eine Stelle heller oder dunkler. Umfahren (Umschalt malt), darin auf oder ab ziehen; seine Knoten lassen sich bewegen, ein Doppelklick setzt einen.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Pen&lt;/b&gt;: click for a corner, drag for a curve; Alt breaks the handles. Enter or Esc ends, Backspace takes a node back.</source>
   <translation>&lt;b&gt;Feder&lt;/b&gt;: Klick für eine Ecke, Ziehen für eine Kurve; Alt bricht die Griffe. Eingabe oder Esc beendet, Rücktaste nimmt einen Knoten zurück.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Pick&lt;/b&gt; chooses, moves, sizes and turns. Drag a frame round several; Shift adds.</source>
   <translation>&lt;b&gt;Wählen&lt;/b&gt; wählt, bewegt, bemisst und dreht. Einen Rahmen um mehrere ziehen; Umschalt fügt hinzu.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Place&lt;/b&gt; moves, sizes and turns an unlocked picture. Esc lets go.</source>
   <translation>&lt;b&gt;Platzieren&lt;/b&gt; bewegt, bemisst und dreht ein entsperrtes Bild. Esc lässt los.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Rectangle&lt;/b&gt;: drag from corner to corner. Shift makes it square, Alt goes from the middle.</source>
   <translation>&lt;b&gt;Rechteck&lt;/b&gt;: Von Ecke zu Ecke ziehen. Umschalt macht es quadratisch, Alt geht von der Mitte aus.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Redraw&lt;/b&gt; start on a line, draw a better way, end on the line. The dotted part goes. Esc drops the stroke.</source>
   <translation>&lt;b&gt;Neu ziehen&lt;/b&gt;: Auf einer Linie beginnen, einen besseren Weg zeichnen, auf der Linie enden. Das Gepunktete geht. Esc verwirft den Strich.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Repeat&lt;/b&gt; what is picked: click its centre, click a line to stand along, or drag rows out. Up, Down: more, fewer.</source>
   <translation>&lt;b&gt;Wiederholen&lt;/b&gt;, was gewählt ist: Mitte klicken, Linie klicken oder Reihen aufziehen. Auf, Ab: mehr, weniger.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Rope&lt;/b&gt; click loosely along an edge; Shift draws by hand. Click the start to close, Enter ends, Backspace lets go.</source>
   <translation>&lt;b&gt;Seil&lt;/b&gt;: Locker an einer Kante entlangklicken; Umschalt zeichnet von Hand. Klick auf den Anfang schließt, Eingabe beendet, Rücktaste lässt los.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Round guide&lt;/b&gt;: drag from the middle. It serves other lines only and is never delivered.</source>
   <translation>&lt;b&gt;Runde Hilfslinie&lt;/b&gt;: Aus der Mitte ziehen. Sie dient nur anderen Linien und wird nie geliefert.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Ruler&lt;/b&gt;: drag to measure length and angle. Shift steps by 15°. Esc takes it away.</source>
   <translation>&lt;b&gt;Lineal&lt;/b&gt;: Ziehen misst Länge und Winkel. Umschalt in Schritten von 15°. Esc nimmt es weg.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Scatter&lt;/b&gt;: click an area for even marks, or drag in the direction in which they are to thin out. Kinds and sizes are on the card.</source>
   <translation>&lt;b&gt;Streuen&lt;/b&gt;: eine Fläche anklicken für gleichmäßige Zeichen, oder dorthin ziehen, wo sie weniger werden sollen. Arten und Größen stehen auf der Karte.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Straighten&lt;/b&gt;: draw along a line of the picture that should be level or upright. A double click finds the turn by itself.</source>
   <translation>&lt;b&gt;Ausrichten&lt;/b&gt;: An einer Linie des Bildes entlangziehen, die waagrecht oder senkrecht sein soll. Ein Doppelklick findet die Drehung selbst.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Straights&lt;/b&gt; goes corner to corner; bow the pieces later. Enter or Esc ends, Backspace takes a node back.</source>
   <translation>&lt;b&gt;Geraden&lt;/b&gt; geht von Ecke zu Ecke; die Stücke später biegen. Eingabe oder Esc beendet, Rücktaste nimmt einen Knoten zurück.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Sweep&lt;/b&gt;: drag over specks; areas that lie wholly under the brush go to their neighbours.</source>
   <translation>&lt;b&gt;Fegen&lt;/b&gt;: Über Krümel ziehen; Flächen, die ganz unter dem Pinsel liegen, gehen an ihre Nachbarn.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Take ink&lt;/b&gt;: a click takes the colour under the loupe in hand, its ink if it has one; Shift keeps it as a new ink.</source>
   <translation>&lt;b&gt;Tinte nehmen&lt;/b&gt;: Ein Klick nimmt die Farbe unter der Lupe in die Hand, ihre Tinte, wenn sie eine hat; Umschalt behält sie als neue Tinte.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Text&lt;/b&gt;: click and type. On an arc: drag from its centre to where the words stand. On a line: click it. Click words to change them.</source>
   <translation>&lt;b&gt;Text&lt;/b&gt;: klicken und tippen. Auf einem Bogen: von seiner Mitte dahin ziehen, wo die Wörter stehen. Auf einer Linie: sie anklicken. Wörter anklicken, um sie zu ändern.</translation>
  </message>
  <message>
   <source>&lt;b&gt;Trim&lt;/b&gt;: click a stub, or drag across several. What goes is dotted; between two nodes Shift takes the piece.</source>
   <translation>&lt;b&gt;Stutzen&lt;/b&gt;: Einen Stummel anklicken, oder über mehrere ziehen. Was geht, ist gepunktet; zwischen zwei Knoten nimmt Umschalt das Stück.</translation>
  </message>
  <message>
   <source>A backdrop lies under everything, lighter towards the light. Ctrl+Z takes it away.</source>
   <translation>Ein Hintergrund liegt unter allem, heller zum Licht hin. Strg+Z nimmt ihn weg.</translation>
  </message>
  <message>
   <source>A band leaves</source>
   <translation>Ein Band lässt frei</translation>
  </message>
  <message>
   <source>A circle behind it</source>
   <translation>Ein Kreis dahinter</translation>
  </message>
  <message>
   <source>A click drops the ink in hand into an area.</source>
   <translation>Ein Klick gibt die Farbe in der Hand in eine Fläche.</translation>
  </message>
  <message>
   <source>A click goes to how it was then. Nothing is lost until something else is done from there.</source>
   <translation>Ein Klick führt dahin, wie es da war. Nichts geht verloren, bis von dort aus etwas anderes getan wird.</translation>
  </message>
  <message>
   <source>A click sets a cut at the tone under it.</source>
   <translation>Ein Klick setzt einen Schnitt beim Ton darunter.</translation>
  </message>
  <message>
   <source>A click takes the stretch between two crossings; a drag takes all it crosses; Shift takes the piece between two nodes.</source>
   <translation>Ein Klick nimmt das Stück zwischen zwei Kreuzungen; Ziehen nimmt alles Gekreuzte; Umschalt nimmt das Stück zwischen zwei Knoten.</translation>
  </message>
  <message>
   <source>A colour drop's area opened: it stays as it was, the ring shows where. Close the gap, or drop again.</source>
   <translation>Die Fläche eines Farbtropfens ist offen: Sie bleibt, wie sie war, der Ring zeigt, wo. Die Lücke schließen oder neu tropfen.</translation>
  </message>
  <message>
   <source>A command of the menu %1.</source>
   <translation>Ein Befehl des Menüs %1.</translation>
  </message>
  <message>
   <source>A copy of the outline, out or (negative) in</source>
   <translation>Eine Kopie des Umrisses, nach außen oder (negativ) nach innen</translation>
  </message>
  <message>
   <source>A copy of the part %1</source>
   <translation>Eine Kopie des Teils %1</translation>
  </message>
  <message>
   <source>A core shade that leaves a thin edge</source>
   <translation>Ein Kernschatten, der einen schmalen Rand frei lässt</translation>
  </message>
  <message>
   <source>A cut runs from border to border of one piece.</source>
   <translation>Ein Schnitt läuft von Rand zu Rand eines Stücks.</translation>
  </message>
  <message>
   <source>A drop runs out through a gap; colours that looked right apart fall together when seen from afar; one green is three greens.</source>
   <translation>Ein Tropfen läuft durch eine Lücke aus; Farben, die einzeln stimmten, fallen von weitem zusammen; ein Grün sind drei Grün.</translation>
  </message>
  <message>
   <source>A ground of the light's complement, lighter towards the light, on a layer under everything</source>
   <translation>Ein Grund in der Gegenfarbe des Lichts, heller zum Licht hin, auf einer Ebene unter allem</translation>
  </message>
  <message>
   <source>A guide only: never delivered</source>
   <translation>Nur Hilfslinie: nie geliefert</translation>
  </message>
  <message>
   <source>A half circle behind it</source>
   <translation>Ein Halbkreis dahinter</translation>
  </message>
  <message>
   <source>A light one on the lit side, a shadow on the far one</source>
   <translation>Auf der hellen Seite ein Licht, auf der fernen ein Schatten</translation>
  </message>
  <message>
   <source>A mesh over the picture</source>
   <translation>Ein Netz über dem Bild</translation>
  </message>
  <message>
   <source>A mirrored copy across the layer's axis or the sheet's middle</source>
   <translation>Eine gespiegelte Kopie über die Achse der Ebene oder die Blattmitte</translation>
  </message>
  <message>
   <source>A new folder, or one without files of these names</source>
   <translation>Ein neuer Ordner oder einer ohne Dateien dieser Namen</translation>
  </message>
  <message>
   <source>A new gradient is</source>
   <translation>Ein neuer Verlauf ist</translation>
  </message>
  <message>
   <source>A new layer above this one</source>
   <translation>Eine neue Ebene über dieser</translation>
  </message>
  <message>
   <source>A new patch is lighter by</source>
   <translation>Ein neuer Fleck ist heller um</translation>
  </message>
  <message>
   <source>A node that is not needed</source>
   <translation>Ein Knoten, den es nicht braucht</translation>
  </message>
  <message>
   <source>A part needs a name.</source>
   <translation>Ein Teil braucht einen Namen.</translation>
  </message>
  <message>
   <source>A photo from a file</source>
   <translation>Ein Foto aus einer Datei</translation>
  </message>
  <message>
   <source>A photo in five tones, live.</source>
   <translation>Ein Foto in fünf Tönen, noch änderbar.</translation>
  </message>
  <message>
   <source>A photo is cut into flat tones here. Bring one in first.</source>
   <translation>Ein Foto wird hier in flache Töne geteilt. Zuerst eines holen.</translation>
  </message>
  <message>
   <source>A piece would fold over there.</source>
   <translation>Ein Stück würde sich dort falten.</translation>
  </message>
  <message>
   <source>A plain shape from now on</source>
   <translation>Von nun an eine einfache Form</translation>
  </message>
  <message>
   <source>A plain shape: the parts go</source>
   <translation>Eine einfache Form: die Teile gehen</translation>
  </message>
  <message>
   <source>A point that shows nothing</source>
   <translation>Ein Punkt, der nichts zeigt</translation>
  </message>
  <message>
   <source>A raised plate pressed into soft paper.</source>
   <translation>Eine erhabene Platte, in weiches Papier gedrückt.</translation>
  </message>
  <message>
   <source>A reference is left over</source>
   <translation>Eine Vorlage ist übrig geblieben</translation>
  </message>
  <message>
   <source>A reference still shows</source>
   <translation>Eine Vorlage ist noch zu sehen</translation>
  </message>
  <message>
   <source>A scanned page, crooked and grey.</source>
   <translation>Eine gescannte Seite, schief und grau.</translation>
  </message>
  <message>
   <source>A shadow colour that suits the warm one: of the far hue, darker</source>
   <translation>Eine Schattenfarbe, die zur warmen passt: vom fernen Ton, dunkler</translation>
  </message>
  <message>
   <source>A shape for each letter, in a group</source>
   <translation>Eine Form je Buchstabe, in einer Gruppe</translation>
  </message>
  <message>
   <source>A shape of several outlines into single ones</source>
   <translation>Eine Form aus mehreren Umrissen in einzelne</translation>
  </message>
  <message>
   <source>A sheet to begin with</source>
   <translation>Ein Blatt für den Anfang</translation>
  </message>
  <message>
   <source>A shield of straights behind it</source>
   <translation>Ein Schild aus Geraden dahinter</translation>
  </message>
  <message>
   <source>A single straight cannot be closed: there is nothing between its ends.</source>
   <translation>Eine einzelne Gerade kann nicht geschlossen werden: zwischen ihren Enden liegt nichts.</translation>
  </message>
  <message>
   <source>A square with round corners behind it</source>
   <translation>Ein Quadrat mit runden Ecken dahinter</translation>
  </message>
  <message>
   <source>A4</source>
   <translation>A4</translation>
  </message>
  <message>
   <source>About</source>
   <translation>Über</translation>
  </message>
  <message>
   <source>About Soft Rope</source>
   <translation>Über Soft Rope</translation>
  </message>
  <message>
   <source>About this piece</source>
   <translation>Über dieses Stück</translation>
  </message>
  <message>
   <source>About this piece…</source>
   <translation>Über dieses Stück …</translation>
  </message>
  <message>
   <source>Above the line</source>
   <translation>Über der Linie</translation>
  </message>
  <message>
   <source>Add</source>
   <translation>Hinzufügen</translation>
  </message>
  <message>
   <source>Add colour</source>
   <translation>Farbe hinzufügen</translation>
  </message>
  <message>
   <source>Add core shade</source>
   <translation>Kernschatten dazu</translation>
  </message>
  <message>
   <source>Add guide</source>
   <translation>Hilfslinie hinzufügen</translation>
  </message>
  <message>
   <source>Add ink</source>
   <translation>Tinte hinzufügen</translation>
  </message>
  <message>
   <source>Add layer</source>
   <translation>Ebene hinzufügen</translation>
  </message>
  <message>
   <source>Add node</source>
   <translation>Knoten hinzufügen</translation>
  </message>
  <message>
   <source>Add the colour in hand as an ink</source>
   <translation>Farbe in der Hand als Tinte hinzufügen</translation>
  </message>
  <message>
   <source>Afterglow</source>
   <translation>Abendglut</translation>
  </message>
  <message>
   <source>Align to each other</source>
   <translation>Aneinander ausrichten</translation>
  </message>
  <message>
   <source>Align to each other: %1</source>
   <translation>Aneinander ausrichten: %1</translation>
  </message>
  <message>
   <source>Align to sheet</source>
   <translation>Am Blatt ausrichten</translation>
  </message>
  <message>
   <source>Align to sheet: %1</source>
   <translation>Am Blatt ausrichten: %1</translation>
  </message>
  <message>
   <source>Alignment</source>
   <translation>Ausrichtung</translation>
  </message>
  <message>
   <source>Alike</source>
   <translation>Gleiche</translation>
  </message>
  <message>
   <source>All alike</source>
   <translation>Alle gleich</translation>
  </message>
  <message>
   <source>All areas smaller than four times the smallest piece go to their neighbours</source>
   <translation>Alle Flächen, kleiner als das Vierfache des kleinsten Stücks, gehen an ihre Nachbarn</translation>
  </message>
  <message>
   <source>All as they came</source>
   <translation>Alle wie anfangs</translation>
  </message>
  <message>
   <source>All gaps up to that width count as closed</source>
   <translation>Alle Lücken bis zu dieser Breite gelten als geschlossen</translation>
  </message>
  <message>
   <source>All lie as the first does; else they turn with the way</source>
   <translation>Alle liegen wie das erste; sonst drehen sie sich mit dem Weg</translation>
  </message>
  <message>
   <source>All of it was read.</source>
   <translation>Alles davon wurde gelesen.</translation>
  </message>
  <message>
   <source>All of last time (%1)</source>
   <translation>Alle vom letzten Mal (%1)</translation>
  </message>
  <message>
   <source>All of them as one</source>
   <translation>Alle zusammen als eine</translation>
  </message>
  <message>
   <source>All pairs within the distance, nearest first</source>
   <translation>Alle Paare innerhalb des Abstands, die nächsten zuerst</translation>
  </message>
  <message>
   <source>All parts as one</source>
   <translation>Alle Teile als eines</translation>
  </message>
  <message>
   <source>All rights reserved</source>
   <translation>Alle Rechte vorbehalten</translation>
  </message>
  <message>
   <source>All shades follow the light.</source>
   <translation>Alle Schattierungen folgen dem Licht.</translation>
  </message>
  <message>
   <source>All that is safe was mended in one act.</source>
   <translation>Alles Gefahrlose wurde auf einmal behoben.</translation>
  </message>
  <message>
   <source>All the way down</source>
   <translation>Ganz nach unten</translation>
  </message>
  <message>
   <source>All the way up</source>
   <translation>Ganz nach oben</translation>
  </message>
  <message>
   <source>All uses</source>
   <translation>Alle</translation>
  </message>
  <message>
   <source>Alley</source>
   <translation>Gasse</translation>
  </message>
  <message>
   <source>Alone</source>
   <translation>Allein</translation>
  </message>
  <message>
   <source>Along</source>
   <translation>Entlang</translation>
  </message>
  <message>
   <source>Along a line</source>
   <translation>Entlang einer Linie</translation>
  </message>
  <message>
   <source>Along the drag</source>
   <translation>Entlang des Zugs</translation>
  </message>
  <message>
   <source>Along the edge: lit on the lit side, a core shade on the far one</source>
   <translation>Am Rand entlang: hell auf der Lichtseite, Kernschatten auf der fernen</translation>
  </message>
  <message>
   <source>Along the far edge, by the light</source>
   <translation>Am fernen Rand, nach dem Licht</translation>
  </message>
  <message>
   <source>Along the lit edge, by the light</source>
   <translation>Am hellen Rand, nach dem Licht</translation>
  </message>
  <message>
   <source>Along the middle of dark lines</source>
   <translation>Entlang der Mitte dunkler Linien</translation>
  </message>
  <message>
   <source>Along the outline</source>
   <translation>Am Umriss entlang</translation>
  </message>
  <message>
   <source>Alt held</source>
   <translation>Alt gehalten</translation>
  </message>
  <message>
   <source>An own card is put aside; of a changed one that ships, the first comes back</source>
   <translation>Eine eigene Karte wird beiseitegelegt; bei einer geänderten mitgelieferten kommt die erste zurück</translation>
  </message>
  <message>
   <source>Angle</source>
   <translation>Winkel</translation>
  </message>
  <message>
   <source>Angle steps with Shift</source>
   <translation>Winkelschritte mit Umschalt</translation>
  </message>
  <message>
   <source>Another harmony</source>
   <translation>Eine andere Harmonie</translation>
  </message>
  <message>
   <source>Another ink, another area.</source>
   <translation>Eine andere Farbe, eine andere Fläche.</translation>
  </message>
  <message>
   <source>Another typeface: shown on the sheet while it is pointed at</source>
   <translation>Eine andere Schrift: auf dem Blatt zu sehen, solange auf sie gezeigt wird</translation>
  </message>
  <message>
   <source>Any number</source>
   <translation>Beliebige Zahl</translation>
  </message>
  <message>
   <source>Anyhow</source>
   <translation>Beliebig</translation>
  </message>
  <message>
   <source>Apricot</source>
   <translation>Aprikose</translation>
  </message>
  <message>
   <source>Arc</source>
   <translation>Bogen</translation>
  </message>
  <message>
   <source>Area</source>
   <translation>Fläche</translation>
  </message>
  <message>
   <source>Area %1</source>
   <translation>Fläche %1</translation>
  </message>
  <message>
   <source>Areas</source>
   <translation>Flächen</translation>
  </message>
  <message>
   <source>Areas run through this gap again</source>
   <translation>Flächen laufen wieder durch diese Lücke</translation>
  </message>
  <message>
   <source>Areas under lines</source>
   <translation>Flächen unter Linien</translation>
  </message>
  <message>
   <source>Arrows</source>
   <translation>Pfeile</translation>
  </message>
  <message>
   <source>As a piece by itself</source>
   <translation>Als eigenes Stück</translation>
  </message>
  <message>
   <source>As crisp as the picture's grain allows</source>
   <translation>So scharf, wie das Korn des Bildes erlaubt</translation>
  </message>
  <message>
   <source>As it came</source>
   <translation>Wie anfangs</translation>
  </message>
  <message>
   <source>As it came from another drawing. It can be moved, sized, turned, hidden and delivered; what is in it can be changed once it is taken apart or traced.</source>
   <translation>So, wie es aus einer anderen Zeichnung kam. Es lässt sich verschieben, vergrößern, drehen, verbergen und ausliefern; was darin ist, lässt sich ändern, wenn es zerlegt oder nachgezeichnet ist.</translation>
  </message>
  <message>
   <source>As it comes</source>
   <translation>Wie es kommt</translation>
  </message>
  <message>
   <source>As it is</source>
   <translation>Wie es ist</translation>
  </message>
  <message>
   <source>As it was at %1. Undo leads forward again.</source>
   <translation>Wie es bei %1 war. Rückgängig führt wieder vorwärts.</translation>
  </message>
  <message>
   <source>As it was opened</source>
   <translation>Wie es geöffnet wurde</translation>
  </message>
  <message>
   <source>As large as the lowest shape and the margin allow</source>
   <translation>So groß, wie die unterste Form und der Rand erlauben</translation>
  </message>
  <message>
   <source>As screens of twice the pixels show them</source>
   <translation>Wie Bildschirme mit doppelt so vielen Pixeln sie zeigen</translation>
  </message>
  <message>
   <source>As the desktop</source>
   <translation>Wie der Schreibtisch</translation>
  </message>
  <message>
   <source>As the part is now, where this one lies</source>
   <translation>Wie das Teil jetzt ist, wo dieses liegt</translation>
  </message>
  <message>
   <source>As the picked one is now</source>
   <translation>So wie das Gewählte jetzt</translation>
  </message>
  <message>
   <source>Ask</source>
   <translation>Fragen</translation>
  </message>
  <message>
   <source>Asks the next time</source>
   <translation>Fragt beim nächsten Mal</translation>
  </message>
  <message>
   <source>At its real size</source>
   <translation>In wirklicher Größe</translation>
  </message>
  <message>
   <source>At random</source>
   <translation>Zufällig</translation>
  </message>
  <message>
   <source>At the bottom of the layer.</source>
   <translation>Zuunterst auf der Ebene.</translation>
  </message>
  <message>
   <source>Autosave has no folder: %1.</source>
   <translation>Die Selbstsicherung hat keinen Ordner: %1.</translation>
  </message>
  <message>
   <source>Away from one side</source>
   <translation>Von einer Seite weg</translation>
  </message>
  <message>
   <source>Away from the edge</source>
   <translation>Vom Rand weg</translation>
  </message>
  <message>
   <source>Away from the light: a core shade</source>
   <translation>Vom Licht weg: ein Kernschatten</translation>
  </message>
  <message>
   <source>Awning</source>
   <translation>Markise</translation>
  </message>
  <message>
   <source>Axis</source>
   <translation>Achse</translation>
  </message>
  <message>
   <source>Axis found %1: %2°, %3 % sure.</source>
   <translation>Achse gefunden %1: %2°, zu %3 % sicher.</translation>
  </message>
  <message>
   <source>Axis through</source>
   <translation>Achse durch</translation>
  </message>
  <message>
   <source>Back to %1</source>
   <translation>Zurück zu %1</translation>
  </message>
  <message>
   <source>Backdrop</source>
   <translation>Hintergrund</translation>
  </message>
  <message>
   <source>Backdrop that sets the light off</source>
   <translation>Hintergrund, der das Licht hebt</translation>
  </message>
  <message>
   <source>Backspace</source>
   <translation>Rücktaste</translation>
  </message>
  <message>
   <source>Balance</source>
   <translation>Ausgleich</translation>
  </message>
  <message>
   <source>Band</source>
   <translation>Band</translation>
  </message>
  <message>
   <source>Bark</source>
   <translation>Rinde</translation>
  </message>
  <message>
   <source>Begin line</source>
   <translation>Linie beginnen</translation>
  </message>
  <message>
   <source>Behind the fill</source>
   <translation>Hinter der Füllung</translation>
  </message>
  <message>
   <source>Behind what was picked. Fit in puts it inside.</source>
   <translation>Hinter dem Gewählten. Einpassen legt es hinein.</translation>
  </message>
  <message>
   <source>Belly</source>
   <translation>Bauch</translation>
  </message>
  <message>
   <source>Bench</source>
   <translation>Werktisch</translation>
  </message>
  <message>
   <source>Beside</source>
   <translation>Daneben</translation>
  </message>
  <message>
   <source>Beside the work as it is now; again to end it</source>
   <translation>Neben der Arbeit, wie sie jetzt ist; noch einmal beendet es</translation>
  </message>
  <message>
   <source>Between areas of one colour</source>
   <translation>Zwischen Flächen einer Farbe</translation>
  </message>
  <message>
   <source>Bevel</source>
   <translation>Fase</translation>
  </message>
  <message>
   <source>Beyond the edge of the sheet</source>
   <translation>Über den Rand des Blatts hinaus</translation>
  </message>
  <message>
   <source>Bisque</source>
   <translation>Biskuit</translation>
  </message>
  <message>
   <source>Bleed</source>
   <translation>Anschnitt</translation>
  </message>
  <message>
   <source>Blend</source>
   <translation>Mischart</translation>
  </message>
  <message>
   <source>Blends, blur and gradients worked out into flat areas, on a new layer above</source>
   <translation>Mischungen, Unschärfe und Verläufe als flache Flächen, auf einer neuen Ebene darüber</translation>
  </message>
  <message>
   <source>Blends, gradients and blur worked out into flat areas</source>
   <translation>Mischungen, Verläufe und Unschärfe als ebene Flächen ausgearbeitet</translation>
  </message>
  <message>
   <source>Bloom</source>
   <translation>Reif</translation>
  </message>
  <message>
   <source>Blue hour</source>
   <translation>Blaue Stunde</translation>
  </message>
  <message>
   <source>Blur</source>
   <translation>Weichzeichnung</translation>
  </message>
  <message>
   <source>Blurred, as through half-closed eyes, while held (%1). Click to stay.</source>
   <translation>Verschwommen wie durch halb geschlossene Augen, solange gehalten (%1). Klicken hält es fest.</translation>
  </message>
  <message>
   <source>Borders within</source>
   <translation>Grenzen innerhalb</translation>
  </message>
  <message>
   <source>Both</source>
   <translation>Beide</translation>
  </message>
  <message>
   <source>Bottom</source>
   <translation>Unten</translation>
  </message>
  <message>
   <source>Bottoms in one line</source>
   <translation>Unterkanten auf einer Linie</translation>
  </message>
  <message>
   <source>Bound</source>
   <translation>Grenze</translation>
  </message>
  <message>
   <source>Bound tones</source>
   <translation>Töne begrenzen</translation>
  </message>
  <message>
   <source>Bow</source>
   <translation>Bogen</translation>
  </message>
  <message>
   <source>Breadth</source>
   <translation>Breite der Schrift</translation>
  </message>
  <message>
   <source>Brick</source>
   <translation>Ziegel</translation>
  </message>
  <message>
   <source>Brine</source>
   <translation>Sole</translation>
  </message>
  <message>
   <source>Bring in</source>
   <translation>Holen</translation>
  </message>
  <message>
   <source>Bring in %1</source>
   <translation>%1 holen</translation>
  </message>
  <message>
   <source>Bring in pictures</source>
   <translation>Bilder holen</translation>
  </message>
  <message>
   <source>Bring in pictures…</source>
   <translation>Bilder holen…</translation>
  </message>
  <message>
   <source>Bring in the sketch or photo to work from. It is fitted to the sheet, dimmed and locked.</source>
   <translation>Die Skizze oder das Foto holen, nach dem gearbeitet wird. Es wird aufs Blatt eingepasst, gedämpft und gesperrt.</translation>
  </message>
  <message>
   <source>Bring the sketch or photo in: drop it on the sheet, choose a file, paste it, or scan a page. It is fitted, dimmed and locked in one act, so that no click ever moves it by accident. Clean the page squares it to its paper, evens the light and lifts the paper to white.</source>
   <translation>Skizze oder Foto hereinholen: aufs Blatt ziehen, eine Datei wählen, einfügen oder eine Seite scannen. Sie wird in einem Zug eingepasst, abgedunkelt und gesperrt, damit kein Klick sie aus Versehen verschiebt. „Seite säubern“ richtet sie am Papier aus, gleicht das Licht aus und macht das Papier weiß.</translation>
  </message>
  <message>
   <source>Brush</source>
   <translation>Pinsel</translation>
  </message>
  <message>
   <source>Brush, with Shift</source>
   <translation>Pinsel, mit Umschalt</translation>
  </message>
  <message>
   <source>Build</source>
   <translation>Bauen</translation>
  </message>
  <message>
   <source>Build: lines become closed shapes</source>
   <translation>Bauen: Linien werden geschlossene Formen</translation>
  </message>
  <message>
   <source>By its side</source>
   <translation>Nach der Seite</translation>
  </message>
  <message>
   <source>By lightness alone</source>
   <translation>Nur nach Helligkeit</translation>
  </message>
  <message>
   <source>By the ink of a line, not by the room of its letters</source>
   <translation>Nach dem Sichtbaren einer Zeile, nicht nach dem Platz ihrer Buchstaben</translation>
  </message>
  <message>
   <source>By the light</source>
   <translation>Nach dem Licht</translation>
  </message>
  <message>
   <source>C</source>
   <translation>C</translation>
  </message>
  <message>
   <source>CMYK by removal of the common grey, without a profile</source>
   <translation>CMYK durch Abzug des gemeinsamen Graus, ohne Profil</translation>
  </message>
  <message>
   <source>CSS (*.css)</source>
   <translation>CSS (*.css)</translation>
  </message>
  <message>
   <source>Calm to crisp</source>
   <translation>Ruhig bis scharf</translation>
  </message>
  <message>
   <source>Cannot be read: %1</source>
   <translation>Nicht lesbar: %1</translation>
  </message>
  <message>
   <source>Card</source>
   <translation>Karte</translation>
  </message>
  <message>
   <source>Card and layers at the left or right hand</source>
   <translation>Karte und Ebenen links oder rechts</translation>
  </message>
  <message>
   <source>Carve</source>
   <translation>Schnitzen</translation>
  </message>
  <message>
   <source>Cast</source>
   <translation>Schlag</translation>
  </message>
  <message>
   <source>Cast shade</source>
   <translation>Schlagschatten</translation>
  </message>
  <message>
   <source>Centre</source>
   <translation>Mitte</translation>
  </message>
  <message>
   <source>Centre guides</source>
   <translation>Mittelhilfslinien</translation>
  </message>
  <message>
   <source>Centre lines</source>
   <translation>Mittellinien</translation>
  </message>
  <message>
   <source>Centre on sheet</source>
   <translation>Auf dem Blatt mittig</translation>
  </message>
  <message>
   <source>Centre on the sheet by what is seen</source>
   <translation>Nach Augenschein auf dem Blatt zentrieren</translation>
  </message>
  <message>
   <source>Centred by what is seen</source>
   <translation>Nach Augenschein mittig</translation>
  </message>
  <message>
   <source>Change look</source>
   <translation>Aussehen ändern</translation>
  </message>
  <message>
   <source>Change steps</source>
   <translation>Abstände ändern</translation>
  </message>
  <message>
   <source>Changed elsewhere</source>
   <translation>Anderswo geändert</translation>
  </message>
  <message>
   <source>Char</source>
   <translation>Kohle</translation>
  </message>
  <message>
   <source>Chips</source>
   <translation>Splitter</translation>
  </message>
  <message>
   <source>Chips of glass</source>
   <translation>Glassplitter</translation>
  </message>
  <message>
   <source>Choose a picture</source>
   <translation>Bild wählen</translation>
  </message>
  <message>
   <source>Choose how many tones, then drag the cuts between them on the histogram while you look at the sheet. A patch makes one spot lighter or darker; Sweep clears specks.</source>
   <translation>Die Zahl der Töne wählen, dann die Schnitte dazwischen auf dem Histogramm ziehen und dabei aufs Blatt sehen. Ein Flicken macht eine Stelle heller oder dunkler; Fegen räumt Flecken weg.</translation>
  </message>
  <message>
   <source>Choose the process card of the print shop first: its limits are what is looked for. Mend all that is safe, then look at the rest one by one; what is meant so is said so, and not told again.</source>
   <translation>Zuerst die Verfahrenskarte der Druckerei wählen: Nach ihren Grenzen wird gesucht. Alles Gefahrlose beheben, dann den Rest einzeln ansehen; was so gemeint ist, wird so gesagt und nicht mehr gemeldet.</translation>
  </message>
  <message>
   <source>Choose…</source>
   <translation>Wählen …</translation>
  </message>
  <message>
   <source>Circle</source>
   <translation>Kreis</translation>
  </message>
  <message>
   <source>Clean SVG (*.svg);;PDF (*.pdf);;PNG (*.png)</source>
   <translation>Sauberes SVG (*.svg);;PDF (*.pdf);;PNG (*.png)</translation>
  </message>
  <message>
   <source>Clean first, then trace: each part of it can be changed on the card afterwards. Hold W to see only the picture. Drag the paper's corners where its edge was not seen.</source>
   <translation>Erst säubern, dann nachzeichnen: Jeder Teil davon lässt sich danach auf der Karte ändern. W halten zeigt nur das Bild. Die Ecken des Papiers ziehen, wo sein Rand nicht erkannt wurde.</translation>
  </message>
  <message>
   <source>Clean the page</source>
   <translation>Blatt säubern</translation>
  </message>
  <message>
   <source>Clean the page: straight, even, white.</source>
   <translation>Seite säubern: gerade, gleichmäßig, weiß.</translation>
  </message>
  <message>
   <source>Cleaned: square to the paper, light evened, paper white. Each can be changed on the card.</source>
   <translation>Gesäubert: gerade zum Papier, Licht ausgeglichen, Papier weiß. Jedes lässt sich auf der Karte ändern.</translation>
  </message>
  <message>
   <source>Clear</source>
   <translation>Klar</translation>
  </message>
  <message>
   <source>Clear space: an eighth of the longer side. Width %1 mm, height %2 mm.</source>
   <translation>Freiraum: ein Achtel der längeren Seite. Breite %1 mm, Höhe %2 mm.</translation>
  </message>
  <message>
   <source>Click a piece for the next shade, drag inside it for its direction, Shift and click to lock it.</source>
   <translation>Ein Stück anklicken für den nächsten Ton, darin ziehen für seine Richtung, Umschalt und Klick sperrt es.</translation>
  </message>
  <message>
   <source>Click a swatch to mix the tone's paint, Shift and click for the mean of what lies there; by keys Enter, and Delete for the mean</source>
   <translation>Ein Farbfeld anklicken mischt die Farbe des Tons, Umschalt und Klick nimmt das Mittel dessen, was dort liegt; mit Tasten Eingabe, und Entf für das Mittel</translation>
  </message>
  <message>
   <source>Click once more to pick one of them: what is done to it is done to all.</source>
   <translation>Noch ein Klick wählt eines davon: Was mit ihm geschieht, geschieht mit allen.</translation>
  </message>
  <message>
   <source>Click once more to pick what is in it; Esc leads back.</source>
   <translation>Noch ein Klick wählt, was darin ist; Esc führt zurück.</translation>
  </message>
  <message>
   <source>Click the line that the words are to stand on.</source>
   <translation>Klicke die Linie an, auf der die Wörter stehen sollen.</translation>
  </message>
  <message>
   <source>Click the line that they are to stand along.</source>
   <translation>Klicke die Linie, an der sie stehen sollen.</translation>
  </message>
  <message>
   <source>Click to rename</source>
   <translation>Klicken zum Umbenennen</translation>
  </message>
  <message>
   <source>Click: take in hand. Double click the swatch to mix it, the name to change it (F2). Delete drops it</source>
   <translation>Klick: in die Hand. Doppelklick aufs Farbfeld mischt, auf den Namen ändert ihn (F2). Entf wirft sie weg</translation>
  </message>
  <message>
   <source>Click: worn by what is picked, else by new shades. Right click: more</source>
   <translation>Klick: Gewähltes trägt es, sonst neue Schattierungen. Rechtsklick: mehr</translation>
  </message>
  <message>
   <source>Clipped</source>
   <translation>Maskiert</translation>
  </message>
  <message>
   <source>Close</source>
   <translation>Schließen</translation>
  </message>
  <message>
   <source>Close gap</source>
   <translation>Lücke schließen</translation>
  </message>
  <message>
   <source>Close gaps that make areas</source>
   <translation>Lücken schließen, die Flächen ergeben</translation>
  </message>
  <message>
   <source>Close it</source>
   <translation>Schließen</translation>
  </message>
  <message>
   <source>Close line</source>
   <translation>Linie schließen</translation>
  </message>
  <message>
   <source>Close line with a straight</source>
   <translation>Linie mit einer Geraden schließen</translation>
  </message>
  <message>
   <source>Close them</source>
   <translation>Sie schließen</translation>
  </message>
  <message>
   <source>Close window</source>
   <translation>Fenster schließen</translation>
  </message>
  <message>
   <source>Closed shapes are filled with %1 from now on. %2 lets it go.</source>
   <translation>Geschlossene Formen werden ab jetzt mit %1 gefüllt. %2 lässt los.</translation>
  </message>
  <message>
   <source>Closed shapes stay empty</source>
   <translation>Geschlossene Formen bleiben leer</translation>
  </message>
  <message>
   <source>Closed shapes stay empty again.</source>
   <translation>Geschlossene Formen bleiben wieder leer.</translation>
  </message>
  <message>
   <source>Closed.</source>
   <translation>Geschlossen.</translation>
  </message>
  <message>
   <source>Colour</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <source>Colour %1</source>
   <translation>Farbe %1</translation>
  </message>
  <message>
   <source>Colour areas</source>
   <translation>Farbflächen</translation>
  </message>
  <message>
   <source>Colour burn</source>
   <translation>Farbe einbrennen</translation>
  </message>
  <message>
   <source>Colour dodge</source>
   <translation>Farbe auslichten</translation>
  </message>
  <message>
   <source>Colour drops</source>
   <translation>Farbtropfen</translation>
  </message>
  <message>
   <source>Colour of a piece</source>
   <translation>Farbe eines Stücks</translation>
  </message>
  <message>
   <source>Colour: inks in areas</source>
   <translation>Farbe: Farben in Flächen</translation>
  </message>
  <message>
   <source>Colours of the stack</source>
   <translation>Farben des Stapels</translation>
  </message>
  <message>
   <source>Columns</source>
   <translation>Spalten</translation>
  </message>
  <message>
   <source>Combine otherwise</source>
   <translation>Anders verknüpfen</translation>
  </message>
  <message>
   <source>Comes with the program · %1</source>
   <translation>Kommt mit dem Programm · %1</translation>
  </message>
  <message>
   <source>Commands</source>
   <translation>Befehle</translation>
  </message>
  <message>
   <source>Compare</source>
   <translation>Vergleichen</translation>
  </message>
  <message>
   <source>Compare with the last stage</source>
   <translation>Mit dem letzten Stand vergleichen</translation>
  </message>
  <message>
   <source>Complement</source>
   <translation>Gegenfarbe</translation>
  </message>
  <message>
   <source>Composition aid: %1</source>
   <translation>Kompositionshilfe: %1</translation>
  </message>
  <message>
   <source>Composition aids: over the sheet, snapped to, never delivered</source>
   <translation>Kompositionshilfen: über dem Blatt, mit Fang, nie ausgeliefert</translation>
  </message>
  <message>
   <source>Contrast ratio by WCAG 2.2: 4.5 for text, 3 for large text and marks</source>
   <translation>Kontrastverhältnis nach WCAG 2.2: 4,5 für Text, 3 für großen Text und Zeichen</translation>
  </message>
  <message>
   <source>Cool from warm</source>
   <translation>Kühl aus warm</translation>
  </message>
  <message>
   <source>Cool shadow</source>
   <translation>Kühler Schatten</translation>
  </message>
  <message>
   <source>Copied.</source>
   <translation>Kopiert.</translation>
  </message>
  <message>
   <source>Copper hook</source>
   <translation>Kupferhaken</translation>
  </message>
  <message>
   <source>Copy</source>
   <translation>Kopieren</translation>
  </message>
  <message>
   <source>Copy across</source>
   <translation>Hinüberkopieren</translation>
  </message>
  <message>
   <source>Core shade</source>
   <translation>Kernschatten</translation>
  </message>
  <message>
   <source>Core shade in the picked areas</source>
   <translation>Kernschatten in die gewählten Flächen</translation>
  </message>
  <message>
   <source>Corner</source>
   <translation>Ecke</translation>
  </message>
  <message>
   <source>Corner or smooth</source>
   <translation>Ecke oder glatt</translation>
  </message>
  <message>
   <source>Corner radius</source>
   <translation>Eckradius</translation>
  </message>
  <message>
   <source>Corners</source>
   <translation>Ecken</translation>
  </message>
  <message>
   <source>Corners stay sharp; else they are rounded</source>
   <translation>Ecken bleiben scharf; sonst werden sie rund</translation>
  </message>
  <message>
   <source>Correct by hand</source>
   <translation>Von Hand nachbessern</translation>
  </message>
  <message>
   <source>Count</source>
   <translation>Anzahl</translation>
  </message>
  <message>
   <source>Course</source>
   <translation>Ablauf</translation>
  </message>
  <message>
   <source>Cover</source>
   <translation>Bedecken</translation>
  </message>
  <message>
   <source>Cover the lowest shape</source>
   <translation>Die unterste Form bedecken</translation>
  </message>
  <message>
   <source>Cover what is messy, with the pen or figures</source>
   <translation>Unruhiges mit Feder oder Figuren abdecken</translation>
  </message>
  <message>
   <source>Crescent</source>
   <translation>Sichel</translation>
  </message>
  <message>
   <source>Crescents among them follow the light from now on</source>
   <translation>Sicheln darunter folgen von nun an dem Licht</translation>
  </message>
  <message numerus="yes">
   <source>Crescents follow the light now; %n drawn shade(s) do not.</source>
   <translation>
    <numerusform>Sicheln folgen nun dem Licht; %n gezeichnete Schattierung nicht.</numerusform>
    <numerusform>Sicheln folgen nun dem Licht; %n gezeichnete Schattierungen nicht.</numerusform>
   </translation>
  </message>
  <message>
   <source>Crop</source>
   <translation>Zuschneiden</translation>
  </message>
  <message>
   <source>Crop marks</source>
   <translation>Schnittmarken</translation>
  </message>
  <message>
   <source>Ctrl held</source>
   <translation>Strg gehalten</translation>
  </message>
  <message>
   <source>Ctrl suspends it while held</source>
   <translation>Strg setzt es aus, solange gehalten</translation>
  </message>
  <message>
   <source>Ctrl+Z puts it back.</source>
   <translation>Strg+Z legt es zurück.</translation>
  </message>
  <message>
   <source>Cut</source>
   <translation>Ausschneiden</translation>
  </message>
  <message>
   <source>Cut %1: %2 to %3</source>
   <translation>Schnitt %1: %2 bis %3</translation>
  </message>
  <message>
   <source>Cut at</source>
   <translation>Schnitt bei</translation>
  </message>
  <message>
   <source>Cut by</source>
   <translation>Schneiden nach</translation>
  </message>
  <message>
   <source>Cut by colour</source>
   <translation>Nach Farbe schneiden</translation>
  </message>
  <message>
   <source>Cut by lightness</source>
   <translation>Nach Helligkeit schneiden</translation>
  </message>
  <message>
   <source>Cut facet</source>
   <translation>Facette schneiden</translation>
  </message>
  <message>
   <source>Cut here</source>
   <translation>Hier schneiden</translation>
  </message>
  <message>
   <source>Cut into %1 pieces. Drag from corner to corner for more. Ctrl+Z takes them away.</source>
   <translation>In %1 Stücke geschnitten. Von Ecke zu Ecke ziehen für mehr. Strg+Z nimmt sie weg.</translation>
  </message>
  <message>
   <source>Cut into facets</source>
   <translation>In Facetten schneiden</translation>
  </message>
  <message>
   <source>Cut off</source>
   <translation>Abschneiden</translation>
  </message>
  <message>
   <source>Cut off along the shape for good</source>
   <translation>Entlang der Form endgültig abgeschnitten</translation>
  </message>
  <message>
   <source>Cut off along the shape.</source>
   <translation>Entlang der Form abgeschnitten.</translation>
  </message>
  <message>
   <source>Cut off at the guide</source>
   <translation>An der Hilfslinie abschneiden</translation>
  </message>
  <message>
   <source>Cut off at the guide; the smaller side is gone.</source>
   <translation>An der Hilfslinie abgeschnitten; die kleinere Seite ist weg.</translation>
  </message>
  <message>
   <source>Cut off on the larger side.</source>
   <translation>Auf der größeren Seite abgeschnitten.</translation>
  </message>
  <message>
   <source>Cut off on the smaller side.</source>
   <translation>Auf der kleineren Seite abgeschnitten.</translation>
  </message>
  <message>
   <source>Cut the picked outline into facets</source>
   <translation>Gewählten Umriss in Facetten schneiden</translation>
  </message>
  <message>
   <source>Cut the picture into %1 tones</source>
   <translation>Bild in %1 Töne teilen</translation>
  </message>
  <message>
   <source>Cut. Ctrl+V puts it down again, Ctrl+Shift+V where it was.</source>
   <translation>Ausgeschnitten. Strg+V legt es wieder hin, Strg+Umschalt+V wo es war.</translation>
  </message>
  <message>
   <source>Cuts</source>
   <translation>Schnitte</translation>
  </message>
  <message>
   <source>Cuts in the scale from dark to light</source>
   <translation>Schnitte in der Skala von dunkel bis hell</translation>
  </message>
  <message>
   <source>Dark</source>
   <translation>Dunkel</translation>
  </message>
  <message>
   <source>Dark : light</source>
   <translation>Dunkel : hell</translation>
  </message>
  <message>
   <source>Dark : light at cut %1   %2 : %3</source>
   <translation>Dunkel : hell bei Schnitt %1   %2 : %3</translation>
  </message>
  <message>
   <source>Dark and light</source>
   <translation>Dunkel und hell</translation>
  </message>
  <message>
   <source>Dark areas and lines in one colour; gaps keep them apart</source>
   <translation>Dunkle Flächen und Linien in einer Farbe; Lücken halten sie auseinander</translation>
  </message>
  <message>
   <source>Dark shapes become areas</source>
   <translation>Dunkle Formen werden Flächen</translation>
  </message>
  <message>
   <source>Dark, even lines alone; paler ones are left out</source>
   <translation>Nur dunkle, gleichmäßige Linien; blassere bleiben weg</translation>
  </message>
  <message>
   <source>Dark, middle, light</source>
   <translation>Dunkel, mittel, hell</translation>
  </message>
  <message>
   <source>Darken</source>
   <translation>Abdunkeln</translation>
  </message>
  <message>
   <source>Darker or lighter</source>
   <translation>Dunkler oder heller</translation>
  </message>
  <message>
   <source>Dashes</source>
   <translation>Striche</translation>
  </message>
  <message>
   <source>Day</source>
   <translation>Tag</translation>
  </message>
  <message>
   <source>Deep</source>
   <translation>Tief</translation>
  </message>
  <message>
   <source>Deep green</source>
   <translation>Tiefgrün</translation>
  </message>
  <message>
   <source>Delete</source>
   <translation>Löschen</translation>
  </message>
  <message>
   <source>Delete layer</source>
   <translation>Ebene löschen</translation>
  </message>
  <message>
   <source>Delete line</source>
   <translation>Linie löschen</translation>
  </message>
  <message>
   <source>Deleted %1. Ctrl+Z brings it back.</source>
   <translation>%1 gelöscht. Strg+Z bringt es zurück.</translation>
  </message>
  <message numerus="yes">
   <source>Deleted %n things. Ctrl+Z brings them back.</source>
   <translation>
    <numerusform>%n Ding gelöscht. Strg+Z bringt es zurück.</numerusform>
    <numerusform>%n Dinge gelöscht. Strg+Z bringt sie zurück.</numerusform>
   </translation>
  </message>
  <message>
   <source>Deliver</source>
   <translation>Liefern</translation>
  </message>
  <message>
   <source>Delivery plan</source>
   <translation>Lieferplan</translation>
  </message>
  <message>
   <source>Delivery sheet</source>
   <translation>Lieferblatt</translation>
  </message>
  <message>
   <source>Deliver…</source>
   <translation>Liefern …</translation>
  </message>
  <message>
   <source>Design tokens (*.json)</source>
   <translation>Design-Tokens (*.json)</translation>
  </message>
  <message>
   <source>Diagonals</source>
   <translation>Diagonalen</translation>
  </message>
  <message>
   <source>Difference</source>
   <translation>Differenz</translation>
  </message>
  <message>
   <source>Difference: the lowest without the others</source>
   <translation>Differenz: das unterste ohne die anderen</translation>
  </message>
  <message>
   <source>Dim and lock</source>
   <translation>Dämpfen und sperren</translation>
  </message>
  <message>
   <source>Dimmed, so that what you draw stands out.</source>
   <translation>Abgedunkelt, damit sich das Gezeichnete abhebt.</translation>
  </message>
  <message>
   <source>Distance from what was drawn, along the line</source>
   <translation>Abstand vom Gezeichneten, entlang der Linie</translation>
  </message>
  <message>
   <source>Do it</source>
   <translation>Tun</translation>
  </message>
  <message>
   <source>Do the last move, size or turn again</source>
   <translation>Letztes Bewegen, Bemessen oder Drehen noch einmal</translation>
  </message>
  <message>
   <source>Do what the strip offers</source>
   <translation>Tun, was die Leiste anbietet</translation>
  </message>
  <message>
   <source>Dome</source>
   <translation>Kuppel</translation>
  </message>
  <message>
   <source>Dots</source>
   <translation>Punkte</translation>
  </message>
  <message>
   <source>Down</source>
   <translation>Nach unten</translation>
  </message>
  <message>
   <source>Drag a colour on the disc; onto another it merges. A double click splits it, the wheel makes it lighter, Delete takes it out</source>
   <translation>Eine Farbe auf der Scheibe ziehen; auf einer anderen verschmilzt sie. Doppelklick teilt sie, das Rad hellt sie auf, Entf nimmt sie heraus</translation>
  </message>
  <message>
   <source>Drag a colour; onto another it merges; a double click splits it.</source>
   <translation>Eine Farbe ziehen; auf einer anderen verschmilzt sie; Doppelklick teilt sie.</translation>
  </message>
  <message>
   <source>Drag a corner: all its pieces follow. Drag from border to border to split, from piece to piece to merge.</source>
   <translation>Eine Ecke ziehen: Alle ihre Stücke folgen. Von Rand zu Rand ziehen teilt, von Stück zu Stück vereint.</translation>
  </message>
  <message>
   <source>Drag a flag. Left and right move the picked one, up and down pick another, a double click adds one, Delete takes it away</source>
   <translation>Eine Flagge ziehen. Links und rechts bewegen die gewählte, auf und ab wählen eine andere, Doppelklick fügt eine hinzu, Entf nimmt sie weg</translation>
  </message>
  <message>
   <source>Drag a frame, Shift-drag round it, click lines to leave them out</source>
   <translation>Einen Rahmen ziehen, mit Umschalt umfahren, Linien anklicken, um sie wegzulassen</translation>
  </message>
  <message>
   <source>Drag a stop along; off the band drops it. Click the band to add one, double click a stop to mix it. Left and right move it</source>
   <translation>Eine Marke ziehen; neben dem Band fällt sie weg. Klick aufs Band fügt eine hinzu, Doppelklick mischt sie. Links und rechts bewegen sie</translation>
  </message>
  <message>
   <source>Drag along lines.</source>
   <translation>An Linien entlangziehen.</translation>
  </message>
  <message>
   <source>Drag from the centre of the arc to where the words are to stand.</source>
   <translation>Ziehe von der Mitte des Bogens dahin, wo die Wörter stehen sollen.</translation>
  </message>
  <message>
   <source>Drag from the middle</source>
   <translation>Aus der Mitte ziehen</translation>
  </message>
  <message>
   <source>Drag from the middle to a corner</source>
   <translation>Aus der Mitte zu einer Ecke ziehen</translation>
  </message>
  <message>
   <source>Drag the bead to where the light comes from; near the middle it stands high. Arrow keys turn and raise it</source>
   <translation>Die Perle dorthin ziehen, wo das Licht herkommt; nahe der Mitte steht es hoch. Pfeiltasten drehen und heben es</translation>
  </message>
  <message>
   <source>Drag the four corners of the paper to where they are</source>
   <translation>Die vier Ecken des Papiers dorthin ziehen, wo sie sind</translation>
  </message>
  <message>
   <source>Drag through areas to put them together</source>
   <translation>Durch Flächen ziehen, um sie zusammenzufügen</translation>
  </message>
  <message>
   <source>Drag through areas to take them out again (Shift, held)</source>
   <translation>Durch Flächen ziehen, um sie wieder herauszunehmen (Umschalt, gehalten)</translation>
  </message>
  <message>
   <source>Drag through areas.</source>
   <translation>Durch Flächen ziehen.</translation>
  </message>
  <message>
   <source>Drag to draw; Shift keeps it even, Alt works from the other point.</source>
   <translation>Ziehen zeichnet; Umschalt hält es gleichmäßig, Alt geht vom anderen Punkt aus.</translation>
  </message>
  <message>
   <source>Drag up or down inside the patch for its strength. Up and Down change it by one level.</source>
   <translation>Im Fleck auf- oder abziehen für seine Stärke. Auf und Ab ändern sie um eine Stufe.</translation>
  </message>
  <message>
   <source>Dragged in from the border, a light or shade lies inside its area.</source>
   <translation>Vom Rand hereingezogen liegt Licht oder Schatten in seiner Fläche.</translation>
  </message>
  <message numerus="yes">
   <source>Drawing %n page(s) of %1</source>
   <translation>
    <numerusform>%n Seite von %1 wird gezeichnet</numerusform>
    <numerusform>%n Seiten von %1 werden gezeichnet</numerusform>
   </translation>
  </message>
  <message>
   <source>Drawings (*.svg *.svgz);;All files (*)</source>
   <translation>Zeichnungen (*.svg *.svgz);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Drawn with</source>
   <translation>Gezeichnet mit</translation>
  </message>
  <message>
   <source>Drop</source>
   <translation>Tropfen</translation>
  </message>
  <message>
   <source>Drop %1</source>
   <translation>%1 tropfen</translation>
  </message>
  <message>
   <source>Drop a sketch or photo here</source>
   <translation>Skizze oder Foto hier ablegen</translation>
  </message>
  <message>
   <source>Drop all guides</source>
   <translation>Alle Hilfslinien entfernen</translation>
  </message>
  <message>
   <source>Drop cut</source>
   <translation>Schnitt entfernen</translation>
  </message>
  <message>
   <source>Drop gradient</source>
   <translation>Verlauf entfernen</translation>
  </message>
  <message>
   <source>Drop guide</source>
   <translation>Hilfslinie entfernen</translation>
  </message>
  <message>
   <source>Drop guides</source>
   <translation>Hilfslinien entfernen</translation>
  </message>
  <message>
   <source>Drop ink</source>
   <translation>Tinte entfernen</translation>
  </message>
  <message>
   <source>Drop it; the colours stay</source>
   <translation>Entfernen; die Farben bleiben</translation>
  </message>
  <message>
   <source>Drop it; what wears it keeps its looks</source>
   <translation>Fallen lassen; was es trägt, behält sein Aussehen</translation>
  </message>
  <message>
   <source>Drop line</source>
   <translation>Linie entfernen</translation>
  </message>
  <message>
   <source>Drop look</source>
   <translation>Aussehen fallen lassen</translation>
  </message>
  <message>
   <source>Drop out</source>
   <translation>Herausnehmen</translation>
  </message>
  <message>
   <source>Drop patch</source>
   <translation>Fleck entfernen</translation>
  </message>
  <message>
   <source>Drop the preview</source>
   <translation>Vorschau verwerfen</translation>
  </message>
  <message>
   <source>Drop the traced preview</source>
   <translation>Nachgezeichnete Vorschau verwerfen</translation>
  </message>
  <message>
   <source>Dropped picture</source>
   <translation>Abgelegtes Bild</translation>
  </message>
  <message>
   <source>Drops</source>
   <translation>Tropfen</translation>
  </message>
  <message>
   <source>Duplicate</source>
   <translation>Verdoppeln</translation>
  </message>
  <message>
   <source>Duplicate again</source>
   <translation>Noch einmal verdoppeln</translation>
  </message>
  <message>
   <source>Dusk</source>
   <translation>Dämmerung</translation>
  </message>
  <message>
   <source>Dust rose</source>
   <translation>Staubrosa</translation>
  </message>
  <message>
   <source>Each by itself</source>
   <translation>Jedes für sich</translation>
  </message>
  <message>
   <source>Each layer by itself</source>
   <translation>Jede Ebene für sich</translation>
  </message>
  <message>
   <source>Each letter is a shape now. Undo brings the words back.</source>
   <translation>Jeder Buchstabe ist jetzt eine Form. Rückgängig bringt die Wörter zurück.</translation>
  </message>
  <message>
   <source>Each page comes in as a picture of 300 dots an inch. Shift and Ctrl pick several.</source>
   <translation>Jede Seite kommt als Bild mit 300 Punkten je Zoll herein. Umschalt und Strg wählen mehrere.</translation>
  </message>
  <message>
   <source>Each pixel goes to the nearest colour of a palette</source>
   <translation>Jedes Pixel geht zur nächsten Farbe einer Palette</translation>
  </message>
  <message>
   <source>Each second row half a step on</source>
   <translation>Jede zweite Reihe einen halben Schritt weiter</translation>
  </message>
  <message>
   <source>Edge</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>Edge light</source>
   <translation>Randlicht</translation>
  </message>
  <message>
   <source>Edge light in the picked areas</source>
   <translation>Randlicht in die gewählten Flächen</translation>
  </message>
  <message>
   <source>Edge of the badge</source>
   <translation>Rand der Plakette</translation>
  </message>
  <message>
   <source>Edges</source>
   <translation>Kanten</translation>
  </message>
  <message>
   <source>Edit</source>
   <translation>Bearbeiten</translation>
  </message>
  <message>
   <source>Eight tones</source>
   <translation>Acht Töne</translation>
  </message>
  <message>
   <source>Ellipse</source>
   <translation>Ellipse</translation>
  </message>
  <message>
   <source>Ember</source>
   <translation>Glut</translation>
  </message>
  <message>
   <source>Enamel badge</source>
   <translation>Emailleabzeichen</translation>
  </message>
  <message>
   <source>End runs %1 over the line</source>
   <translation>Ende läuft %1 über die Linie</translation>
  </message>
  <message>
   <source>End runs out over</source>
   <translation>Ende läuft aus über</translation>
  </message>
  <message>
   <source>Ends</source>
   <translation>Enden</translation>
  </message>
  <message>
   <source>Ends run out</source>
   <translation>Enden laufen aus</translation>
  </message>
  <message>
   <source>Ends stop %1 short of each other</source>
   <translation>Enden bleiben %1 auseinander</translation>
  </message>
  <message>
   <source>Ends that nearly meet leave an area open; lines that cross leave stubs; halves drawn apart meet in a kink at the axis.</source>
   <translation>Enden, die sich fast treffen, lassen eine Fläche offen; kreuzende Linien lassen Stümpfe; getrennt gezeichnete Hälften treffen sich an der Achse mit Knick.</translation>
  </message>
  <message>
   <source>Enter</source>
   <translation>Eingabe</translation>
  </message>
  <message>
   <source>Enter takes it</source>
   <translation>Eingabe nimmt es</translation>
  </message>
  <message>
   <source>Esc</source>
   <translation>Esc</translation>
  </message>
  <message>
   <source>Even</source>
   <translation>Gleichmäßig</translation>
  </message>
  <message>
   <source>Even across</source>
   <translation>Quer gleichmäßig</translation>
  </message>
  <message>
   <source>Even down</source>
   <translation>Hoch gleichmäßig</translation>
  </message>
  <message>
   <source>Even spaces</source>
   <translation>Gleiche Abstände</translation>
  </message>
  <message>
   <source>Even spaces across</source>
   <translation>Gleiche Abstände quer</translation>
  </message>
  <message>
   <source>Even spaces down</source>
   <translation>Gleiche Abstände hoch</translation>
  </message>
  <message>
   <source>Even spaces from left to right</source>
   <translation>Gleiche Abstände von links nach rechts</translation>
  </message>
  <message>
   <source>Even spaces from top to bottom</source>
   <translation>Gleiche Abstände von oben nach unten</translation>
  </message>
  <message>
   <source>Evening</source>
   <translation>Abend</translation>
  </message>
  <message>
   <source>Evenly</source>
   <translation>Gleichmäßig</translation>
  </message>
  <message>
   <source>Every area that the lines enclose, lightly filled</source>
   <translation>Jede von Linien umschlossene Fläche, leicht gefüllt</translation>
  </message>
  <message>
   <source>Every copy of the part on this sheet</source>
   <translation>Jede Kopie des Teils auf diesem Blatt</translation>
  </message>
  <message>
   <source>Every file the client needs, in one act</source>
   <translation>Jede Datei für den Kunden, auf einmal</translation>
  </message>
  <message>
   <source>Every one of them gets that size</source>
   <translation>Jedes davon bekommt diese Größe</translation>
  </message>
  <message>
   <source>Every part by itself</source>
   <translation>Jeder Teil für sich</translation>
  </message>
  <message>
   <source>Every part is lit from another side; shades are so close to the colour beneath that nothing is seen of them in print.</source>
   <translation>Jeder Teil ist von anderer Seite beleuchtet; Schatten liegen der Farbe darunter so nahe, dass im Druck nichts davon zu sehen ist.</translation>
  </message>
  <message>
   <source>Every second one mirrored</source>
   <translation>Jedes zweite gespiegelt</translation>
  </message>
  <message>
   <source>Every shade goes with the light.</source>
   <translation>Jede Schattierung geht mit dem Licht.</translation>
  </message>
  <message>
   <source>Everything in working colours gets the darkest or lightest tone</source>
   <translation>Alles in Arbeitsfarben bekommt den dunkelsten oder hellsten Ton</translation>
  </message>
  <message>
   <source>Everything that the lines enclose is a shape now, under them.</source>
   <translation>Alles, was die Linien umschließen, ist jetzt eine Form darunter.</translation>
  </message>
  <message>
   <source>Everything with the same fill</source>
   <translation>Alles mit derselben Füllung</translation>
  </message>
  <message>
   <source>Everything with the same line colour</source>
   <translation>Alles mit derselben Linienfarbe</translation>
  </message>
  <message>
   <source>Everything with the same weight</source>
   <translation>Alles mit derselben Stärke</translation>
  </message>
  <message>
   <source>Exclus.</source>
   <translation>Ausschl.</translation>
  </message>
  <message>
   <source>Exclusion</source>
   <translation>Ausschluss</translation>
  </message>
  <message>
   <source>Explain the tools: moving pictures and hints, or none</source>
   <translation>Werkzeuge erklären: bewegte Bilder und Hinweise, oder nicht</translation>
  </message>
  <message>
   <source>Export</source>
   <translation>Exportieren</translation>
  </message>
  <message>
   <source>Export PNG</source>
   <translation>PNG exportieren</translation>
  </message>
  <message>
   <source>Export PNG at twice the size…</source>
   <translation>PNG in doppelter Größe exportieren…</translation>
  </message>
  <message>
   <source>Export flat SVG</source>
   <translation>Flaches SVG exportieren</translation>
  </message>
  <message>
   <source>Export flat SVG…</source>
   <translation>Flaches SVG exportieren…</translation>
  </message>
  <message>
   <source>Exported %1.</source>
   <translation>%1 exportiert.</translation>
  </message>
  <message>
   <source>Exported SVG holds words as outlines: they look the same everywhere.</source>
   <translation>Exportiertes SVG enthält Wörter als Umrisse: Sie sehen überall gleich aus.</translation>
  </message>
  <message>
   <source>Exported SVG holds words as text: they look the same only where the typeface is.</source>
   <translation>Exportiertes SVG enthält Wörter als Text: Sie sehen nur gleich aus, wo die Schrift vorhanden ist.</translation>
  </message>
  <message>
   <source>Exporting %1</source>
   <translation>%1 wird exportiert</translation>
  </message>
  <message>
   <source>Export…</source>
   <translation>Exportieren…</translation>
  </message>
  <message>
   <source>F12 shows what ignores the light.</source>
   <translation>F12 zeigt, was das Licht missachtet.</translation>
  </message>
  <message>
   <source>Facet %1</source>
   <translation>Facette %1</translation>
  </message>
  <message>
   <source>Facets</source>
   <translation>Facetten</translation>
  </message>
  <message>
   <source>Fade</source>
   <translation>Auslaufen</translation>
  </message>
  <message>
   <source>Fade out along the light</source>
   <translation>Mit dem Licht auslaufen</translation>
  </message>
  <message>
   <source>Fading</source>
   <translation>Ausklingend</translation>
  </message>
  <message>
   <source>Fairer</source>
   <translation>Straken</translation>
  </message>
  <message>
   <source>Fairer: bend the line as evenly as its slack allows</source>
   <translation>Straken: die Linie so gleichmäßig biegen, wie der Spielraum erlaubt</translation>
  </message>
  <message>
   <source>Fall of marks</source>
   <translation>Abnahme der Zeichen</translation>
  </message>
  <message>
   <source>Fern</source>
   <translation>Farn</translation>
  </message>
  <message>
   <source>Fetching %1</source>
   <translation>%1 wird geholt</translation>
  </message>
  <message>
   <source>Fewer nodes</source>
   <translation>Weniger Knoten</translation>
  </message>
  <message>
   <source>Fewer nodes: how far it may move</source>
   <translation>Weniger Knoten: wie weit er sich bewegen darf</translation>
  </message>
  <message>
   <source>Fewer tones say more: three, then four. Raise what is calmed before you touch single specks. Cover what is messy in the working colours and turn them at the end.</source>
   <translation>Weniger Töne sagen mehr: drei, dann vier. Erst stärker beruhigen, dann einzelne Flecken anfassen. Unruhiges in den Arbeitsfarben zudecken und sie am Ende umwandeln.</translation>
  </message>
  <message>
   <source>Fewer where it is lit</source>
   <translation>Weniger, wo es hell ist</translation>
  </message>
  <message>
   <source>Figures with heights like small letters</source>
   <translation>Ziffern mit Höhen wie Kleinbuchstaben</translation>
  </message>
  <message>
   <source>File</source>
   <translation>Datei</translation>
  </message>
  <message>
   <source>File, Open what was put aside brings it back for %1 days</source>
   <translation>Datei, Beiseitegelegtes öffnen bringt es %1 Tage lang zurück</translation>
  </message>
  <message>
   <source>Files</source>
   <translation>Dateien</translation>
  </message>
  <message>
   <source>Fill</source>
   <translation>Füllung</translation>
  </message>
  <message>
   <source>Fill and line</source>
   <translation>Füllung und Linie</translation>
  </message>
  <message>
   <source>Fill and line change places</source>
   <translation>Füllung und Linie tauschen</translation>
  </message>
  <message>
   <source>Fill of closed shapes</source>
   <translation>Füllung geschlossener Formen</translation>
  </message>
  <message>
   <source>Filled %1 areas. Ctrl+Z takes them back.</source>
   <translation>%1 Flächen gefüllt. Strg+Z nimmt sie zurück.</translation>
  </message>
  <message>
   <source>Filled, but open by %1</source>
   <translation>Gefüllt, aber um %1 offen</translation>
  </message>
  <message>
   <source>Find</source>
   <translation>Finden</translation>
  </message>
  <message>
   <source>Find a command</source>
   <translation>Befehl finden</translation>
  </message>
  <message>
   <source>Find a command…</source>
   <translation>Befehl finden…</translation>
  </message>
  <message>
   <source>Find axis</source>
   <translation>Achse finden</translation>
  </message>
  <message>
   <source>Find the axis of the picture</source>
   <translation>Achse des Bildes finden</translation>
  </message>
  <message>
   <source>Find the cut</source>
   <translation>Schnitt finden</translation>
  </message>
  <message>
   <source>Find the cut by itself</source>
   <translation>Schnitt von selbst finden</translation>
  </message>
  <message>
   <source>Finding before</source>
   <translation>Voriger Befund</translation>
  </message>
  <message>
   <source>Findings of the proof, numbered as in the list</source>
   <translation>Befunde der Prüfung, nummeriert wie in der Liste</translation>
  </message>
  <message>
   <source>Findings that were said to be meant are told again</source>
   <translation>Als gewollt bezeichnete Befunde werden wieder genannt</translation>
  </message>
  <message>
   <source>Finds the turn from the picture itself</source>
   <translation>Findet die Drehung aus dem Bild selbst</translation>
  </message>
  <message>
   <source>Finer where there is detail</source>
   <translation>Feiner, wo Einzelheiten sind</translation>
  </message>
  <message>
   <source>Finest detail</source>
   <translation>Feinste Einzelheit</translation>
  </message>
  <message>
   <source>Fit in</source>
   <translation>Einpassen</translation>
  </message>
  <message>
   <source>Fit into the lowest shape</source>
   <translation>In die unterste Form einpassen</translation>
  </message>
  <message>
   <source>Fit picture to sheet</source>
   <translation>Bild aufs Blatt einpassen</translation>
  </message>
  <message>
   <source>Fit to sheet</source>
   <translation>Aufs Blatt einpassen</translation>
  </message>
  <message>
   <source>Fit what is picked</source>
   <translation>Gewähltes einpassen</translation>
  </message>
  <message>
   <source>Fitted in, it is</source>
   <translation>Eingepasst ist es</translation>
  </message>
  <message>
   <source>Fitted into the shape; it lies beside it.</source>
   <translation>In die Form eingepasst; es liegt daneben.</translation>
  </message>
  <message>
   <source>Five tones</source>
   <translation>Fünf Töne</translation>
  </message>
  <message>
   <source>Flat</source>
   <translation>Flach</translation>
  </message>
  <message>
   <source>Flat SVG: opaque areas only (*.svg)</source>
   <translation>Flaches SVG: nur deckende Flächen (*.svg)</translation>
  </message>
  <message>
   <source>Flat again</source>
   <translation>Wieder flach</translation>
  </message>
  <message>
   <source>Flat colour only</source>
   <translation>Nur ebene Farbe</translation>
  </message>
  <message>
   <source>Flat ends</source>
   <translation>Flache Enden</translation>
  </message>
  <message>
   <source>Flatten</source>
   <translation>Verflachen</translation>
  </message>
  <message>
   <source>Flatten light</source>
   <translation>Licht ebnen</translation>
  </message>
  <message>
   <source>Flatten shades</source>
   <translation>Schattierungen verflachen</translation>
  </message>
  <message>
   <source>Flattening</source>
   <translation>Wird verflacht</translation>
  </message>
  <message>
   <source>Flesh</source>
   <translation>Fruchtfleisch</translation>
  </message>
  <message>
   <source>Flow on</source>
   <translation>Weiterfließen</translation>
  </message>
  <message>
   <source>Folder</source>
   <translation>Ordner</translation>
  </message>
  <message>
   <source>Follow</source>
   <translation>Folgen</translation>
  </message>
  <message>
   <source>Follow line</source>
   <translation>Linie folgen</translation>
  </message>
  <message>
   <source>Follow outline</source>
   <translation>Umriss folgen</translation>
  </message>
  <message>
   <source>Follow the light</source>
   <translation>Dem Licht folgen</translation>
  </message>
  <message>
   <source>Follows the light</source>
   <translation>Folgt dem Licht</translation>
  </message>
  <message>
   <source>For the small letters</source>
   <translation>Für die Kleinbuchstaben</translation>
  </message>
  <message>
   <source>Forget</source>
   <translation>Vergessen</translation>
  </message>
  <message>
   <source>Forget recent pieces</source>
   <translation>Zuletzt geöffnete Stücke vergessen</translation>
  </message>
  <message>
   <source>Forgets the kept swell of that name</source>
   <translation>Vergisst den behaltenen Schwellzug dieses Namens</translation>
  </message>
  <message>
   <source>Forgot the swell %1.</source>
   <translation>Schwellzug %1 vergessen.</translation>
  </message>
  <message>
   <source>Frame and backdrop</source>
   <translation>Rahmen und Hintergrund</translation>
  </message>
  <message>
   <source>Frame behind: %1</source>
   <translation>Rahmen dahinter: %1</translation>
  </message>
  <message>
   <source>Frame meter</source>
   <translation>Bildzeiten</translation>
  </message>
  <message>
   <source>Free to move.</source>
   <translation>Frei beweglich.</translation>
  </message>
  <message>
   <source>Freehand</source>
   <translation>Freihand</translation>
  </message>
  <message>
   <source>Freehand shade</source>
   <translation>Schattierung von Hand</translation>
  </message>
  <message>
   <source>Freehand: %1.</source>
   <translation>Freihand: %1.</translation>
  </message>
  <message>
   <source>Freehand: drawn with a shaky hand, calmed as it lands.</source>
   <translation>Freihand: mit zittriger Hand gezeichnet, beim Absetzen beruhigt.</translation>
  </message>
  <message>
   <source>From</source>
   <translation>Von</translation>
  </message>
  <message>
   <source>From column to column</source>
   <translation>Von Spalte zu Spalte</translation>
  </message>
  <message>
   <source>From row to row</source>
   <translation>Von Reihe zu Reihe</translation>
  </message>
  <message>
   <source>From the middle to the rim</source>
   <translation>Aus der Mitte zum Rand</translation>
  </message>
  <message>
   <source>From the picked outline</source>
   <translation>Aus dem gewählten Umriss</translation>
  </message>
  <message>
   <source>From the picture: %1</source>
   <translation>Aus dem Bild: %1</translation>
  </message>
  <message>
   <source>Full colour</source>
   <translation>Voll farbig</translation>
  </message>
  <message>
   <source>Furnace</source>
   <translation>Ofen</translation>
  </message>
  <message>
   <source>Furthest off</source>
   <translation>Am weitesten daneben</translation>
  </message>
  <message>
   <source>Gap</source>
   <translation>Lücke</translation>
  </message>
  <message>
   <source>Gap %1, closed</source>
   <translation>Lücke %1, geschlossen</translation>
  </message>
  <message>
   <source>Gap %1, left open</source>
   <translation>Lücke %1, offen gelassen</translation>
  </message>
  <message>
   <source>Gap between pieces</source>
   <translation>Lücke zwischen Stücken</translation>
  </message>
  <message>
   <source>Gap of %1, needs %2</source>
   <translation>Lücke von %1, braucht %2</translation>
  </message>
  <message>
   <source>Gaps that close</source>
   <translation>Lücken, die sich schließen</translation>
  </message>
  <message numerus="yes">
   <source>Gaps up to %1 count as closed: %n more area(s).</source>
   <translation>
    <numerusform>Lücken bis %1 gelten als geschlossen: %n weitere Fläche.</numerusform>
    <numerusform>Lücken bis %1 gelten als geschlossen: %n weitere Flächen.</numerusform>
   </translation>
  </message>
  <message>
   <source>Gather</source>
   <translation>Sammeln</translation>
  </message>
  <message>
   <source>Give it this key</source>
   <translation>Diese Taste geben</translation>
  </message>
  <message>
   <source>Give look</source>
   <translation>Aussehen geben</translation>
  </message>
  <message>
   <source>Give the kept look to what is picked</source>
   <translation>Gewähltem das behaltene Aussehen geben</translation>
  </message>
  <message>
   <source>Give the swell a name first.</source>
   <translation>Geben Sie dem Schwellzug zuerst einen Namen.</translation>
  </message>
  <message>
   <source>Give up part</source>
   <translation>Teil hergeben</translation>
  </message>
  <message>
   <source>Give up part %1</source>
   <translation>Teil %1 hergeben</translation>
  </message>
  <message>
   <source>Glass bead</source>
   <translation>Glasperle</translation>
  </message>
  <message>
   <source>Glass blowers</source>
   <translation>Glasbläser</translation>
  </message>
  <message>
   <source>Glaze</source>
   <translation>Glasur</translation>
  </message>
  <message>
   <source>Go</source>
   <translation>Gehen</translation>
  </message>
  <message>
   <source>Go back to it</source>
   <translation>Dahin zurück</translation>
  </message>
  <message>
   <source>Go on with</source>
   <translation>Weitermachen mit</translation>
  </message>
  <message>
   <source>Go on without saving</source>
   <translation>Weiter ohne zu speichern</translation>
  </message>
  <message>
   <source>Goes with it</source>
   <translation>Passt dazu</translation>
  </message>
  <message>
   <source>Going on from the open end. Enter or Esc ends.</source>
   <translation>Weiter vom offenen Ende. Eingabe oder Esc beendet.</translation>
  </message>
  <message>
   <source>Golden spiral</source>
   <translation>Goldene Spirale</translation>
  </message>
  <message>
   <source>Golden spiral: next position</source>
   <translation>Goldene Spirale: nächste Lage</translation>
  </message>
  <message>
   <source>Gradient</source>
   <translation>Verlauf</translation>
  </message>
  <message>
   <source>Gradient by the light</source>
   <translation>Verlauf nach dem Licht</translation>
  </message>
  <message>
   <source>Gradient stops</source>
   <translation>Marken des Verlaufs</translation>
  </message>
  <message>
   <source>Grain</source>
   <translation>Korn</translation>
  </message>
  <message>
   <source>Grey</source>
   <translation>Grau</translation>
  </message>
  <message>
   <source>Grey areas under the lines</source>
   <translation>Graue Flächen darunter</translation>
  </message>
  <message>
   <source>Group</source>
   <translation>Gruppe</translation>
  </message>
  <message>
   <source>Grouped %1 things. A click picks the group, another one what is in it.</source>
   <translation>%1 Dinge gruppiert. Ein Klick wählt die Gruppe, noch einer, was darin ist.</translation>
  </message>
  <message>
   <source>Growing</source>
   <translation>Anwachsend</translation>
  </message>
  <message>
   <source>Guide</source>
   <translation>Hilfslinie</translation>
  </message>
  <message>
   <source>Guide line</source>
   <translation>Gerade Hilfslinie</translation>
  </message>
  <message>
   <source>Guides</source>
   <translation>Hilfslinien</translation>
  </message>
  <message>
   <source>Gutter</source>
   <translation>Rinnstein</translation>
  </message>
  <message>
   <source>Half a moth, mirrored while it is drawn.</source>
   <translation>Ein halber Falter, beim Zeichnen gespiegelt.</translation>
  </message>
  <message>
   <source>Harbour flags</source>
   <translation>Hafenflaggen</translation>
  </message>
  <message>
   <source>Hard light</source>
   <translation>Hartes Licht</translation>
  </message>
  <message>
   <source>Harebell</source>
   <translation>Glockenblume</translation>
  </message>
  <message>
   <source>Heads towards the centre, as at the foot of a badge</source>
   <translation>Köpfe zur Mitte, wie am Fuß eines Abzeichens</translation>
  </message>
  <message>
   <source>Height of all</source>
   <translation>Höhe von allem</translation>
  </message>
  <message>
   <source>Height of the em</source>
   <translation>Höhe des Gevierts</translation>
  </message>
  <message>
   <source>Help</source>
   <translation>Hilfe</translation>
  </message>
  <message>
   <source>Hidden, and still there</source>
   <translation>Verborgen und noch da</translation>
  </message>
  <message>
   <source>Hidden. Its row in the layer list shows it again, or Ctrl+Alt+H everything.</source>
   <translation>Verborgen. Seine Zeile in der Ebenenliste zeigt es wieder, oder Strg+Alt+H alles.</translation>
  </message>
  <message>
   <source>Hide</source>
   <translation>Verbergen</translation>
  </message>
  <message>
   <source>Hide layer</source>
   <translation>Ebene verbergen</translation>
  </message>
  <message>
   <source>Hide or show the reference</source>
   <translation>Vorlage verbergen oder zeigen</translation>
  </message>
  <message>
   <source>Hide what is picked</source>
   <translation>Gewähltes verbergen</translation>
  </message>
  <message>
   <source>High contrast</source>
   <translation>Hoher Kontrast</translation>
  </message>
  <message>
   <source>History</source>
   <translation>Verlauf</translation>
  </message>
  <message>
   <source>History…</source>
   <translation>Verlauf …</translation>
  </message>
  <message>
   <source>How</source>
   <translation>Wie</translation>
  </message>
  <message>
   <source>How far colours that abut must reach under each other</source>
   <translation>Wie weit aneinanderstoßende Farben untereinander reichen müssen</translation>
  </message>
  <message>
   <source>How far off the picked line is; once more, how it bends</source>
   <translation>Wie weit die gewählte Linie daneben liegt; noch einmal, wie sie sich biegt</translation>
  </message>
  <message>
   <source>How it is laid over what lies below</source>
   <translation>Wie es über dem Darunterliegenden liegt</translation>
  </message>
  <message>
   <source>How many</source>
   <translation>Wie viele</translation>
  </message>
  <message>
   <source>How strongly the reference shows through ([ and ])</source>
   <translation>Wie stark die Vorlage durchscheint ([ und ])</translation>
  </message>
  <message>
   <source>How the job goes</source>
   <translation>Wie die Arbeit geht</translation>
  </message>
  <message>
   <source>How the next ones lie</source>
   <translation>Wie die nächsten liegen</translation>
  </message>
  <message>
   <source>How the next words are set</source>
   <translation>Wie die nächsten Wörter gesetzt werden</translation>
  </message>
  <message>
   <source>How the work was, kept by name in the file. Nothing you do later changes a stage.</source>
   <translation>Wie die Arbeit war, mit Namen in der Datei behalten. Nichts, was du später tust, ändert einen Stand.</translation>
  </message>
  <message>
   <source>Hue</source>
   <translation>Farbton</translation>
  </message>
  <message>
   <source>Icon</source>
   <translation>Symbol</translation>
  </message>
  <message>
   <source>Icons</source>
   <translation>Symbole</translation>
  </message>
  <message>
   <source>In hand: %1</source>
   <translation>In der Hand: %1</translation>
  </message>
  <message>
   <source>In hand: each shape that is closed or carved now is filled with it. %1 lets it go.</source>
   <translation>In der Hand: jede Form, die nun geschlossen oder herausgelöst wird, bekommt sie als Füllung. %1 lässt los.</translation>
  </message>
  <message>
   <source>In rows and columns</source>
   <translation>In Reihen und Spalten</translation>
  </message>
  <message>
   <source>Inflections %1 → %2, largest move %3.</source>
   <translation>Wendepunkte %1 → %2, größte Bewegung %3.</translation>
  </message>
  <message>
   <source>Ink</source>
   <translation>Tinte</translation>
  </message>
  <message>
   <source>Ink %1</source>
   <translation>Tinte %1</translation>
  </message>
  <message>
   <source>Ink %1 in hand</source>
   <translation>Tinte %1 in die Hand</translation>
  </message>
  <message>
   <source>Ink and pencil lines become strokes</source>
   <translation>Tusche- und Bleistiftlinien werden Striche</translation>
  </message>
  <message>
   <source>Ink of facets</source>
   <translation>Tinte der Facetten</translation>
  </message>
  <message>
   <source>Ink of stop</source>
   <translation>Tinte der Marke</translation>
  </message>
  <message>
   <source>Ink of the facets</source>
   <translation>Tinte der Facetten</translation>
  </message>
  <message>
   <source>Ink to the stop</source>
   <translation>Tinte auf die Marke</translation>
  </message>
  <message>
   <source>Inks</source>
   <translation>Tinten</translation>
  </message>
  <message>
   <source>Inks from the picture</source>
   <translation>Tinten aus dem Bild</translation>
  </message>
  <message>
   <source>Inside</source>
   <translation>Hinein</translation>
  </message>
  <message>
   <source>Inside %1 now, and cut by it. Ctrl+Z takes it out.</source>
   <translation>Jetzt in %1 und davon beschnitten. Strg+Z nimmt es heraus.</translation>
  </message>
  <message>
   <source>Inside the arc</source>
   <translation>Innen am Bogen</translation>
  </message>
  <message>
   <source>Inside the shape now, clipped by it.</source>
   <translation>Liegt nun in der Form, von ihr maskiert.</translation>
  </message>
  <message>
   <source>Inside the shape, which clips it</source>
   <translation>In der Form, die es maskiert</translation>
  </message>
  <message>
   <source>Inside: it moves and is clipped with its area, and can be edited beyond the border.</source>
   <translation>Darin: es bewegt sich mit seiner Fläche, wird von ihr beschnitten und lässt sich über den Rand hinaus bearbeiten.</translation>
  </message>
  <message>
   <source>Inters.</source>
   <translation>Schnittm.</translation>
  </message>
  <message>
   <source>Intersection</source>
   <translation>Schnittmenge</translation>
  </message>
  <message>
   <source>Into the lowest shape without another size</source>
   <translation>In die unterste Form ohne andere Größe</translation>
  </message>
  <message>
   <source>Into the lowest shape, as large as they are</source>
   <translation>In die unterste Form, so groß wie sie sind</translation>
  </message>
  <message>
   <source>Inwards</source>
   <translation>Nach innen</translation>
  </message>
  <message>
   <source>It becomes a shape of its own again</source>
   <translation>Es wird wieder eine eigene Form</translation>
  </message>
  <message>
   <source>It could not be put aside: %1.</source>
   <translation>Es konnte nicht beiseitegelegt werden: %1.</translation>
  </message>
  <message>
   <source>It has changed meanwhile; nothing was mended.</source>
   <translation>Es hat sich inzwischen geändert; nichts wurde behoben.</translation>
  </message>
  <message>
   <source>It keeps what it looks like, and no longer follows</source>
   <translation>Es behält sein Aussehen und folgt nicht mehr</translation>
  </message>
  <message>
   <source>It leaves</source>
   <translation>Sie lässt frei</translation>
  </message>
  <message>
   <source>It lies in nothing.</source>
   <translation>Es liegt in nichts.</translation>
  </message>
  <message>
   <source>It runs out along the light</source>
   <translation>Es läuft mit dem Licht aus</translation>
  </message>
  <message>
   <source>It serves other lines</source>
   <translation>Sie dient anderen Linien</translation>
  </message>
  <message>
   <source>It was not exported.</source>
   <translation>Es wurde nicht exportiert.</translation>
  </message>
  <message>
   <source>It was not saved.</source>
   <translation>Es wurde nicht gespeichert.</translation>
  </message>
  <message>
   <source>It wears no look.</source>
   <translation>Es trägt kein Aussehen.</translation>
  </message>
  <message>
   <source>Its blend, opacity, blur and fill, by name</source>
   <translation>Mischung, Deckkraft, Unschärfe und Füllung, unter einem Namen</translation>
  </message>
  <message>
   <source>Its ends are meant: they are no longer counted or ringed</source>
   <translation>Ihre Enden sind gewollt: Sie werden nicht mehr gezählt oder umringt</translation>
  </message>
  <message>
   <source>Its gradient lies along the light from now on</source>
   <translation>Sein Verlauf liegt von nun an im Licht</translation>
  </message>
  <message>
   <source>Its lines</source>
   <translation>Ihre Linien</translation>
  </message>
  <message>
   <source>Its lines are gone.</source>
   <translation>Ihre Linien sind weg.</translation>
  </message>
  <message>
   <source>Its lines are guides now.</source>
   <translation>Ihre Linien sind jetzt Hilfslinien.</translation>
  </message>
  <message>
   <source>Its own colour, from full to nothing</source>
   <translation>Die eigene Farbe, von voll bis nichts</translation>
  </message>
  <message>
   <source>Its picture is laid in its place to be traced</source>
   <translation>Sein Bild wird an seine Stelle gelegt, um nachgezeichnet zu werden</translation>
  </message>
  <message>
   <source>Its picture lies in its place, to be traced; the part itself is hidden.</source>
   <translation>Sein Bild liegt zum Nachzeichnen an seiner Stelle; der Teil selbst ist verborgen.</translation>
  </message>
  <message>
   <source>Its pieces are worked out. Set it to change them by hand.</source>
   <translation>Seine Stücke werden errechnet. Festsetzen, um sie von Hand zu ändern.</translation>
  </message>
  <message>
   <source>Its side turns with the sheet's light</source>
   <translation>Ihre Seite dreht sich mit dem Licht des Blatts</translation>
  </message>
  <message>
   <source>Jar</source>
   <translation>Glas</translation>
  </message>
  <message>
   <source>Join</source>
   <translation>Verbinden</translation>
  </message>
  <message>
   <source>Join all ends that nearly meet</source>
   <translation>Alle Enden verbinden, die sich fast treffen</translation>
  </message>
  <message>
   <source>Join ends</source>
   <translation>Enden verbinden</translation>
  </message>
  <message>
   <source>Join them all</source>
   <translation>Alle verbinden</translation>
  </message>
  <message>
   <source>Join to line</source>
   <translation>Mit Linie verbinden</translation>
  </message>
  <message>
   <source>Joined %1 pairs of ends. Ctrl+Z takes them apart.</source>
   <translation>%1 Paare von Enden verbunden. Strg+Z trennt sie.</translation>
  </message>
  <message>
   <source>Joined 2 ends. Ctrl+Z takes it apart.</source>
   <translation>2 Enden verbunden. Strg+Z trennt sie.</translation>
  </message>
  <message>
   <source>Joins at once within</source>
   <translation>Verbindet sofort innerhalb</translation>
  </message>
  <message>
   <source>Keep</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <source>Keep a stage</source>
   <translation>Stand behalten</translation>
  </message>
  <message>
   <source>Keep as a look</source>
   <translation>Als Aussehen behalten</translation>
  </message>
  <message>
   <source>Keep as a part</source>
   <translation>Als Teil behalten</translation>
  </message>
  <message>
   <source>Keep how the width varies</source>
   <translation>Behalten, wie die Breite schwankt</translation>
  </message>
  <message>
   <source>Keep it</source>
   <translation>Behalten</translation>
  </message>
  <message>
   <source>Keep its side</source>
   <translation>Seite behalten</translation>
  </message>
  <message>
   <source>Keep live</source>
   <translation>Lebend halten</translation>
  </message>
  <message>
   <source>Keep look</source>
   <translation>Aussehen behalten</translation>
  </message>
  <message>
   <source>Keep swell</source>
   <translation>Schwellzug behalten</translation>
  </message>
  <message>
   <source>Keep the picked one's look by name</source>
   <translation>Aussehen des Gewählten unter einem Namen behalten</translation>
  </message>
  <message>
   <source>Keep what is picked</source>
   <translation>Gewähltes behalten</translation>
  </message>
  <message>
   <source>Keep what is picked as a part</source>
   <translation>Gewähltes als Teil behalten</translation>
  </message>
  <message>
   <source>Keep width</source>
   <translation>Breite halten</translation>
  </message>
  <message>
   <source>Keep within</source>
   <translation>Innerhalb bleiben</translation>
  </message>
  <message>
   <source>Keeps its width when scaled</source>
   <translation>Behält beim Skalieren seine Breite</translation>
  </message>
  <message>
   <source>Keeps this swell under the name, for any line</source>
   <translation>Behält diesen Schwellzug unter dem Namen, für jede Linie</translation>
  </message>
  <message>
   <source>Kept %1 as an ink. Double click its name to change it.</source>
   <translation>%1 als Tinte behalten. Doppelklick auf den Namen ändert ihn.</translation>
  </message>
  <message>
   <source>Kept as %1. What wears it changes with it.</source>
   <translation>Als %1 behalten. Was es trägt, ändert sich mit.</translation>
  </message>
  <message>
   <source>Kept as it came.</source>
   <translation>Gelassen, wie es kam.</translation>
  </message>
  <message>
   <source>Kept the swell %1.</source>
   <translation>Schwellzug %1 behalten.</translation>
  </message>
  <message>
   <source>Kept whole</source>
   <translation>Ganz gelassen</translation>
  </message>
  <message>
   <source>Kept whole: left out of one ink, line and flat variants</source>
   <translation>Ganz gelassen: fehlt in Fassungen mit einer Farbe, mit Linien und in Flächen</translation>
  </message>
  <message>
   <source>Kerning</source>
   <translation>Unterschneidung</translation>
  </message>
  <message>
   <source>Key</source>
   <translation>Taste</translation>
  </message>
  <message>
   <source>Keys</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <source>Keys for who draws with the left hand, or with the right</source>
   <translation>Tasten für die, die mit links zeichnen, oder mit rechts</translation>
  </message>
  <message>
   <source>Kiln yard</source>
   <translation>Ofenhof</translation>
  </message>
  <message>
   <source>Kind of marks</source>
   <translation>Art der Zeichen</translation>
  </message>
  <message>
   <source>Kink of %1°</source>
   <translation>Knick von %1°</translation>
  </message>
  <message>
   <source>Lamp hook</source>
   <translation>Lampenhaken</translation>
  </message>
  <message>
   <source>Lamplight</source>
   <translation>Lampenlicht</translation>
  </message>
  <message>
   <source>Lands on the layer being drawn on.</source>
   <translation>Kommt auf die Ebene, auf der gezeichnet wird.</translation>
  </message>
  <message>
   <source>Language</source>
   <translation>Sprache</translation>
  </message>
  <message>
   <source>Language: %1</source>
   <translation>Sprache: %1</translation>
  </message>
  <message>
   <source>Language: as the desktop</source>
   <translation>Sprache: wie der Schreibtisch</translation>
  </message>
  <message>
   <source>Lantern row</source>
   <translation>Laternenreihe</translation>
  </message>
  <message>
   <source>Largest</source>
   <translation>Größte</translation>
  </message>
  <message>
   <source>Last light</source>
   <translation>Letztes Licht</translation>
  </message>
  <message>
   <source>Lay a mesh of pieces over the picture</source>
   <translation>Ein Netz aus Stücken über das Bild legen</translation>
  </message>
  <message>
   <source>Layer %1</source>
   <translation>Ebene %1</translation>
  </message>
  <message>
   <source>Layer opacity</source>
   <translation>Deckkraft der Ebene</translation>
  </message>
  <message>
   <source>Layers</source>
   <translation>Ebenen</translation>
  </message>
  <message>
   <source>Layers  %1</source>
   <translation>Ebenen  %1</translation>
  </message>
  <message>
   <source>Laying pieces</source>
   <translation>Stücke werden gelegt</translation>
  </message>
  <message>
   <source>Leading</source>
   <translation>Zeilenabstand</translation>
  </message>
  <message>
   <source>Leaf</source>
   <translation>Blatt (Laub)</translation>
  </message>
  <message>
   <source>Leave</source>
   <translation>Verlassen</translation>
  </message>
  <message>
   <source>Leave it open</source>
   <translation>Offen lassen</translation>
  </message>
  <message>
   <source>Leave open</source>
   <translation>Offen lassen</translation>
  </message>
  <message>
   <source>Leave open ends open</source>
   <translation>Offene Enden offen lassen</translation>
  </message>
  <message>
   <source>Left</source>
   <translation>Links</translation>
  </message>
  <message>
   <source>Left and right by turns</source>
   <translation>Abwechselnd links und rechts</translation>
  </message>
  <message>
   <source>Left for a light hand, right for a firm one. Press the pen on the field to try it; each pen keeps its own.</source>
   <translation>Links für eine leichte Hand, rechts für eine feste. Den Stift auf dem Feld ausprobieren; jeder Stift behält seine eigene.</translation>
  </message>
  <message>
   <source>Left sides in one line</source>
   <translation>Linke Seiten auf einer Linie</translation>
  </message>
  <message>
   <source>Lemon</source>
   <translation>Zitrone</translation>
  </message>
  <message>
   <source>Lengths in px, drawn and left out by turns: 12 8</source>
   <translation>Längen in px, abwechselnd gezeichnet und ausgelassen: 12 8</translation>
  </message>
  <message>
   <source>Less of the reference</source>
   <translation>Weniger von der Vorlage</translation>
  </message>
  <message>
   <source>Let go</source>
   <translation>Loslassen</translation>
  </message>
  <message>
   <source>Let go of the look</source>
   <translation>Aussehen loslassen</translation>
  </message>
  <message>
   <source>Let go one</source>
   <translation>Eines loslassen</translation>
  </message>
  <message>
   <source>Let it go on the area it is to lie in.</source>
   <translation>Auf der Fläche loslassen, in der es liegen soll.</translation>
  </message>
  <message>
   <source>Let it join</source>
   <translation>Anschließen lassen</translation>
  </message>
  <message>
   <source>Let the fill in hand go</source>
   <translation>Füllung in der Hand loslassen</translation>
  </message>
  <message>
   <source>Let the program trace the whole picture: lines of pencil and ink, dark shapes, or tones. Or draw: the rope hugs an edge between your clicks, freehand calms the hand, straights are pulled into curves with Bow. Then look at the nodes: few and well placed is what makes a line easy to change.</source>
   <translation>Das ganze Bild nachzeichnen lassen: Linien aus Bleistift und Tusche, dunkle Formen oder Töne. Oder zeichnen: Das Seil schmiegt sich zwischen den Klicks an eine Kante, Freihand beruhigt die Hand, Geraden werden mit Bogen zu Kurven gezogen. Dann die Knoten ansehen: Wenige, gut gesetzte machen eine Linie leicht änderbar.</translation>
  </message>
  <message>
   <source>Lets go of the patch (Esc)</source>
   <translation>Lässt den Fleck los (Esc)</translation>
  </message>
  <message>
   <source>Letterpress</source>
   <translation>Buchdruck</translation>
  </message>
  <message>
   <source>Letters apart</source>
   <translation>Buchstaben einzeln</translation>
  </message>
  <message>
   <source>Letters of %1, need %2</source>
   <translation>Buchstaben von %1, brauchen %2</translation>
  </message>
  <message>
   <source>Letters that run into one another become one</source>
   <translation>Buchstaben, die ineinanderlaufen, werden eins</translation>
  </message>
  <message>
   <source>Lichen</source>
   <translation>Flechte</translation>
  </message>
  <message>
   <source>Lies on</source>
   <translation>Liegt auf</translation>
  </message>
  <message>
   <source>Lift bound</source>
   <translation>Grenze aufheben</translation>
  </message>
  <message>
   <source>Lift paper to white</source>
   <translation>Papier zu Weiß heben</translation>
  </message>
  <message>
   <source>Ligatures</source>
   <translation>Ligaturen</translation>
  </message>
  <message>
   <source>Light</source>
   <translation>Hell</translation>
  </message>
  <message>
   <source>Light and shade</source>
   <translation>Licht und Schatten</translation>
  </message>
  <message>
   <source>Light from %1, %2°.</source>
   <translation>Licht von %1, %2°.</translation>
  </message>
  <message>
   <source>Light shapes on dark ground</source>
   <translation>Helle Formen auf dunklem Grund</translation>
  </message>
  <message>
   <source>Lighten</source>
   <translation>Aufhellen</translation>
  </message>
  <message>
   <source>Lightness</source>
   <translation>Helligkeit</translation>
  </message>
  <message>
   <source>Like fill</source>
   <translation>Wie Füllung</translation>
  </message>
  <message>
   <source>Line</source>
   <translation>Linie</translation>
  </message>
  <message>
   <source>Line behind</source>
   <translation>Linie dahinter</translation>
  </message>
  <message>
   <source>Line colour</source>
   <translation>Linienfarbe</translation>
  </message>
  <message>
   <source>Line only</source>
   <translation>Nur Linie</translation>
  </message>
  <message>
   <source>Line opacity</source>
   <translation>Deckkraft der Linie</translation>
  </message>
  <message>
   <source>Line to shape</source>
   <translation>Linie zu Form</translation>
  </message>
  <message>
   <source>Lines</source>
   <translation>Linien</translation>
  </message>
  <message>
   <source>Lines and parts of areas</source>
   <translation>Linien und Teile von Flächen</translation>
  </message>
  <message>
   <source>Lines begin where they were put</source>
   <translation>Zeilen beginnen, wo sie hingesetzt wurden</translation>
  </message>
  <message>
   <source>Lines end where they were put</source>
   <translation>Zeilen enden, wo sie hingesetzt wurden</translation>
  </message>
  <message>
   <source>Lines have their middle where they were put</source>
   <translation>Zeilen haben ihre Mitte, wo sie hingesetzt wurden</translation>
  </message>
  <message>
   <source>Lines on top</source>
   <translation>Linien oben</translation>
  </message>
  <message>
   <source>Lines too thin to print, gaps too narrow to cut, open ends, double shapes, a picture left underneath.</source>
   <translation>Linien zu dünn zum Drucken, Lücken zu eng zum Schneiden, offene Enden, doppelte Formen, ein Bild, das darunter liegen blieb.</translation>
  </message>
  <message>
   <source>Liquorice</source>
   <translation>Lakritz</translation>
  </message>
  <message>
   <source>Live again</source>
   <translation>Wieder lebend</translation>
  </message>
  <message>
   <source>Live shape</source>
   <translation>Lebende Form</translation>
  </message>
  <message>
   <source>Live: drag a part by its dashed outline</source>
   <translation>Lebend: einen Teil an seinem gestrichelten Umriss ziehen</translation>
  </message>
  <message>
   <source>Load a palette</source>
   <translation>Palette laden</translation>
  </message>
  <message>
   <source>Load a palette…</source>
   <translation>Palette laden…</translation>
  </message>
  <message>
   <source>Load palette</source>
   <translation>Palette laden</translation>
  </message>
  <message>
   <source>Loaded %1 inks.</source>
   <translation>%1 Tinten geladen.</translation>
  </message>
  <message>
   <source>Loaded %1 inks; left out, as they are no colours: %2.</source>
   <translation>%1 Tinten geladen; weggelassen, da keine Farben: %2.</translation>
  </message>
  <message>
   <source>Lock</source>
   <translation>Sperren</translation>
  </message>
  <message>
   <source>Lock facet</source>
   <translation>Facette sperren</translation>
  </message>
  <message>
   <source>Lock layer</source>
   <translation>Ebene sperren</translation>
  </message>
  <message>
   <source>Lock what is picked</source>
   <translation>Gewähltes sperren</translation>
  </message>
  <message>
   <source>Locked. The lock in its row, or Alt+Shift+U, frees it.</source>
   <translation>Gesperrt. Das Schloss in seiner Zeile oder Alt+Umschalt+U gibt es frei.</translation>
  </message>
  <message>
   <source>Locked: it cannot be moved by accident.</source>
   <translation>Gesperrt: Es kann nicht versehentlich bewegt werden.</translation>
  </message>
  <message>
   <source>Locks exactly tangent to one or two lines near by; three give a circle its size (Ctrl lets go)</source>
   <translation>Rastet genau tangential an einer oder zwei nahen Linien ein; drei geben einem Kreis seine Größe (Strg lässt los)</translation>
  </message>
  <message>
   <source>Longest tip</source>
   <translation>Längste Spitze</translation>
  </message>
  <message>
   <source>Look</source>
   <translation>Aussehen</translation>
  </message>
  <message>
   <source>Look %1</source>
   <translation>Aussehen %1</translation>
  </message>
  <message>
   <source>Look at it at its real size, in one ink, reversed, and as people see it who see colours otherwise. Go through what the proof found; mend what can be mended. Then deliver: every file a client needs in one act.</source>
   <translation>Ansehen in wirklicher Größe, in einer Farbe, umgekehrt, und wie es Menschen sehen, die Farben anders sehen. Durchgehen, was die Prüfung fand; beheben, was sich beheben lässt. Dann ausliefern: alle Dateien, die der Kunde braucht, in einem Zug.</translation>
  </message>
  <message>
   <source>Look of shades</source>
   <translation>Aussehen der Schattierungen</translation>
  </message>
  <message>
   <source>Look: %1</source>
   <translation>Aussehen: %1</translation>
  </message>
  <message>
   <source>Looking at the picture</source>
   <translation>Das Bild wird betrachtet</translation>
  </message>
  <message>
   <source>Looking for level and upright lines…</source>
   <translation>Waagrechte und senkrechte Linien werden gesucht…</translation>
  </message>
  <message>
   <source>Looking for the axis…</source>
   <translation>Die Achse wird gesucht…</translation>
  </message>
  <message>
   <source>Looking for the paper…</source>
   <translation>Das Papier wird gesucht…</translation>
  </message>
  <message>
   <source>Looking…</source>
   <translation>Wird geprüft …</translation>
  </message>
  <message>
   <source>Looks for the symmetry of the picture</source>
   <translation>Sucht die Symmetrie des Bildes</translation>
  </message>
  <message>
   <source>Looks of this piece</source>
   <translation>Aussehen in diesem Stück</translation>
  </message>
  <message>
   <source>Loose</source>
   <translation>Lose</translation>
  </message>
  <message>
   <source>Lost at %1 px</source>
   <translation>Verloren bei %1 px</translation>
  </message>
  <message>
   <source>Luminosity</source>
   <translation>Leuchtkraft</translation>
  </message>
  <message>
   <source>Made-up pictures that come with the program</source>
   <translation>Erfundene Bilder, die das Programm mitbringt</translation>
  </message>
  <message>
   <source>Make areas</source>
   <translation>Flächen machen</translation>
  </message>
  <message>
   <source>Make areas of the tones</source>
   <translation>Aus den Tönen Flächen machen</translation>
  </message>
  <message>
   <source>Make corner</source>
   <translation>Ecke machen</translation>
  </message>
  <message>
   <source>Make guide</source>
   <translation>Hilfslinie machen</translation>
  </message>
  <message>
   <source>Make guides of what is picked, or lines again</source>
   <translation>Gewähltes zu Hilfslinien machen, oder wieder zu Linien</translation>
  </message>
  <message>
   <source>Make it the axis</source>
   <translation>Zur Achse machen</translation>
  </message>
  <message>
   <source>Make line</source>
   <translation>Linie machen</translation>
  </message>
  <message>
   <source>Make pieces</source>
   <translation>Stücke machen</translation>
  </message>
  <message>
   <source>Make smooth</source>
   <translation>Glatt machen</translation>
  </message>
  <message>
   <source>Make the picked line the axis</source>
   <translation>Gewählte Linie zur Achse machen</translation>
  </message>
  <message>
   <source>Margin</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>Margins</source>
   <translation>Ränder</translation>
  </message>
  <message>
   <source>Marks</source>
   <translation>Zeichen</translation>
  </message>
  <message>
   <source>Marks as they were last, inside</source>
   <translation>Zeichen wie zuletzt, darin</translation>
  </message>
  <message>
   <source>Marks of the proof</source>
   <translation>Marken der Prüfung</translation>
  </message>
  <message>
   <source>May move by</source>
   <translation>Darf sich bewegen um</translation>
  </message>
  <message>
   <source>Mean</source>
   <translation>Mittel</translation>
  </message>
  <message>
   <source>Mean of a disc of radius</source>
   <translation>Mittel einer Scheibe vom Radius</translation>
  </message>
  <message>
   <source>Meant so</source>
   <translation>So gewollt</translation>
  </message>
  <message>
   <source>Meant so: the finding in hand stays</source>
   <translation>So gewollt: der Befund in der Hand bleibt</translation>
  </message>
  <message>
   <source>Median</source>
   <translation>Median</translation>
  </message>
  <message>
   <source>Mend all</source>
   <translation>Alles beheben</translation>
  </message>
  <message>
   <source>Mend all %1</source>
   <translation>Alle %1 beheben</translation>
  </message>
  <message>
   <source>Mend all that is safe</source>
   <translation>Alles Sichere beheben</translation>
  </message>
  <message>
   <source>Mend the finding in hand</source>
   <translation>Den Befund in der Hand beheben</translation>
  </message>
  <message>
   <source>Merge</source>
   <translation>Vereinen</translation>
  </message>
  <message>
   <source>Merge colours</source>
   <translation>Farben verschmelzen</translation>
  </message>
  <message>
   <source>Merge nodes</source>
   <translation>Knoten vereinen</translation>
  </message>
  <message>
   <source>Merge pieces</source>
   <translation>Stücke vereinen</translation>
  </message>
  <message>
   <source>Middle</source>
   <translation>Mitte</translation>
  </message>
  <message>
   <source>Middle at</source>
   <translation>Mitte bei</translation>
  </message>
  <message>
   <source>Middles above each other</source>
   <translation>Mitten übereinander</translation>
  </message>
  <message>
   <source>Middles beside each other</source>
   <translation>Mitten nebeneinander</translation>
  </message>
  <message>
   <source>Mind ends</source>
   <translation>Enden beachten</translation>
  </message>
  <message>
   <source>Mind its ends</source>
   <translation>Auf die Enden achten</translation>
  </message>
  <message>
   <source>Mint</source>
   <translation>Minze</translation>
  </message>
  <message>
   <source>Mirror</source>
   <translation>Spiegel</translation>
  </message>
  <message>
   <source>Mirror a half drawing and weld it: the halves become one line at the axis. Put areas under everything that the lines enclose, or carve along an outline. Unite, cut and split shapes, live if you like, so that their parts can still be moved.</source>
   <translation>Eine halbe Zeichnung spiegeln und verschweißen: Die Hälften werden an der Achse eine Linie. Flächen unter alles legen, was die Linien umschließen, oder einen Umriss entlang schnitzen. Formen vereinen, abziehen und teilen, auf Wunsch so, dass ihre Teile beweglich bleiben.</translation>
  </message>
  <message>
   <source>Mirror axis</source>
   <translation>Spiegelachse</translation>
  </message>
  <message>
   <source>Mirror of the layer drawn on</source>
   <translation>Spiegel der Ebene, auf der gezeichnet wird</translation>
  </message>
  <message>
   <source>Mirror off</source>
   <translation>Spiegel aus</translation>
  </message>
  <message>
   <source>Mirror on</source>
   <translation>Spiegel an</translation>
  </message>
  <message>
   <source>Mirror the layer drawn on</source>
   <translation>Ebene spiegeln, auf der gezeichnet wird</translation>
  </message>
  <message>
   <source>Mirrored copy</source>
   <translation>Gespiegelte Kopie</translation>
  </message>
  <message>
   <source>Mirrored copy across the axis</source>
   <translation>Gespiegelte Kopie über die Achse</translation>
  </message>
  <message>
   <source>Mist</source>
   <translation>Nebel</translation>
  </message>
  <message>
   <source>Mitred corners</source>
   <translation>Gehrungsecken</translation>
  </message>
  <message>
   <source>Mix ink</source>
   <translation>Tinte mischen</translation>
  </message>
  <message>
   <source>Moon over the market</source>
   <translation>Mond über dem Markt</translation>
  </message>
  <message>
   <source>More of the reference</source>
   <translation>Mehr von der Vorlage</translation>
  </message>
  <message>
   <source>Moss</source>
   <translation>Moos</translation>
  </message>
  <message>
   <source>Moss jar</source>
   <translation>Moosglas</translation>
  </message>
  <message>
   <source>Most inks</source>
   <translation>Höchstzahl Tinten</translation>
  </message>
  <message>
   <source>Moth emblem</source>
   <translation>Falter-Emblem</translation>
  </message>
  <message>
   <source>Moth wing</source>
   <translation>Mottenflügel</translation>
  </message>
  <message>
   <source>Moth, half drawn</source>
   <translation>Falter, halb gezeichnet</translation>
  </message>
  <message>
   <source>Move</source>
   <translation>Bewegen</translation>
  </message>
  <message>
   <source>Move again</source>
   <translation>Noch einmal bewegen</translation>
  </message>
  <message>
   <source>Move axis</source>
   <translation>Achse bewegen</translation>
  </message>
  <message>
   <source>Move centre</source>
   <translation>Mitte bewegen</translation>
  </message>
  <message>
   <source>Move colour %1</source>
   <translation>Farbe %1 verschieben</translation>
  </message>
  <message>
   <source>Move corner</source>
   <translation>Ecke bewegen</translation>
  </message>
  <message>
   <source>Move cut %1</source>
   <translation>Schnitt %1 bewegen</translation>
  </message>
  <message>
   <source>Move focus</source>
   <translation>Brennpunkt bewegen</translation>
  </message>
  <message>
   <source>Move gradient</source>
   <translation>Verlauf bewegen</translation>
  </message>
  <message>
   <source>Move guide</source>
   <translation>Hilfslinie bewegen</translation>
  </message>
  <message>
   <source>Move handle</source>
   <translation>Griff bewegen</translation>
  </message>
  <message>
   <source>Move in the order</source>
   <translation>In der Reihenfolge bewegen</translation>
  </message>
  <message>
   <source>Move ink</source>
   <translation>Tinte bewegen</translation>
  </message>
  <message>
   <source>Move layer</source>
   <translation>Ebene bewegen</translation>
  </message>
  <message>
   <source>Move layer down</source>
   <translation>Ebene nach unten</translation>
  </message>
  <message>
   <source>Move layer up</source>
   <translation>Ebene nach oben</translation>
  </message>
  <message>
   <source>Move node</source>
   <translation>Knoten bewegen</translation>
  </message>
  <message>
   <source>Move part</source>
   <translation>Teil bewegen</translation>
  </message>
  <message>
   <source>Move picture</source>
   <translation>Bild bewegen</translation>
  </message>
  <message>
   <source>Move words</source>
   <translation>Wörter bewegen</translation>
  </message>
  <message>
   <source>Moves the nearest cut so that dark has the wanted share: within the bound, or the picked shapes</source>
   <translation>Bewegt den nächsten Schnitt, bis Dunkel den gewünschten Anteil hat: in der Grenze oder den gewählten Formen</translation>
  </message>
  <message>
   <source>Multiply</source>
   <translation>Multiplizieren</translation>
  </message>
  <message>
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <source>Name and tags</source>
   <translation>Name, Stichwörter</translation>
  </message>
  <message>
   <source>Name of the swell</source>
   <translation>Name des Schwellzugs</translation>
  </message>
  <message>
   <source>Names</source>
   <translation>Namen</translation>
  </message>
  <message>
   <source>Names and place</source>
   <translation>Namen und Ort</translation>
  </message>
  <message>
   <source>Narrowest gap</source>
   <translation>Engste Lücke</translation>
  </message>
  <message>
   <source>Neighbours</source>
   <translation>Nachbarn</translation>
  </message>
  <message>
   <source>New from a template</source>
   <translation>Neu aus einer Vorlage</translation>
  </message>
  <message>
   <source>New from a template: %1</source>
   <translation>Neu aus einer Vorlage: %1</translation>
  </message>
  <message>
   <source>New from this</source>
   <translation>Neu aus dieser</translation>
  </message>
  <message>
   <source>New key</source>
   <translation>Neue Taste</translation>
  </message>
  <message>
   <source>New shades wear %1.</source>
   <translation>Neue Schattierungen tragen %1.</translation>
  </message>
  <message>
   <source>New shades, and those picked, wear it</source>
   <translation>Neue Schattierungen und die gewählten tragen es</translation>
  </message>
  <message>
   <source>New sheet</source>
   <translation>Neues Blatt</translation>
  </message>
  <message>
   <source>New window</source>
   <translation>Neues Fenster</translation>
  </message>
  <message>
   <source>Next finding</source>
   <translation>Nächster Befund</translation>
  </message>
  <message>
   <source>Next open end</source>
   <translation>Nächstes offenes Ende</translation>
  </message>
  <message>
   <source>Next part of the window</source>
   <translation>Nächster Teil des Fensters</translation>
  </message>
  <message>
   <source>Next view: Over, Beside, Alone</source>
   <translation>Nächste Ansicht: Über, Daneben, Allein</translation>
  </message>
  <message>
   <source>Night bottle</source>
   <translation>Nachtflasche</translation>
  </message>
  <message>
   <source>No area is closed. Ends that nearly meet close within the gap tolerance.</source>
   <translation>Keine Fläche ist geschlossen. Enden, die sich fast treffen, schließen sich innerhalb der Lückentoleranz.</translation>
  </message>
  <message>
   <source>No axis was found in %1 (best guess %2 %; Tab takes it).</source>
   <translation>In %1 wurde keine Achse gefunden (beste Vermutung %2 %; Tab nimmt sie).</translation>
  </message>
  <message>
   <source>No blue cones</source>
   <translation>Ohne Blauzapfen</translation>
  </message>
  <message>
   <source>No colour drop is open.</source>
   <translation>Kein Farbtropfen ist offen.</translation>
  </message>
  <message>
   <source>No edge of the paper was seen. Drag the corners to where they are.</source>
   <translation>Kein Rand des Papiers war zu sehen. Die Ecken an ihre Stelle ziehen.</translation>
  </message>
  <message>
   <source>No edge of the paper was seen: straightened, light evened, paper white. Each can be changed on the card.</source>
   <translation>Kein Rand des Papiers war zu sehen: gerade gestellt, Licht ausgeglichen, Papier weiß. Jedes lässt sich auf der Karte ändern.</translation>
  </message>
  <message>
   <source>No fill</source>
   <translation>Keine Füllung</translation>
  </message>
  <message>
   <source>No gap up to 20 px would close another area.</source>
   <translation>Keine Lücke bis 20 px würde eine weitere Fläche schließen.</translation>
  </message>
  <message>
   <source>No gap was closed and no sliver absorbed.</source>
   <translation>Keine Lücke wurde geschlossen und kein Splitter aufgenommen.</translation>
  </message>
  <message>
   <source>No green cones</source>
   <translation>Ohne Grünzapfen</translation>
  </message>
  <message>
   <source>No guide crosses what is picked.</source>
   <translation>Keine Hilfslinie kreuzt das Gewählte.</translation>
  </message>
  <message>
   <source>No ink is in hand.</source>
   <translation>Keine Farbe ist in der Hand.</translation>
  </message>
  <message>
   <source>No inks yet. Add one, load a palette, or take one from the picture. What is painted with an ink changes with it.</source>
   <translation>Noch keine Tinten. Eine hinzufügen, eine Palette laden oder aus dem Bild nehmen. Was mit einer Tinte gemalt ist, ändert sich mit ihr.</translation>
  </message>
  <message>
   <source>No key</source>
   <translation>Keine Taste</translation>
  </message>
  <message>
   <source>No level or upright line was found in the picture. Draw along one instead.</source>
   <translation>Im Bild wurde keine waagrechte oder senkrechte Linie gefunden. Ziehen Sie stattdessen an einer entlang.</translation>
  </message>
  <message>
   <source>No line</source>
   <translation>Keine Linie</translation>
  </message>
  <message>
   <source>No line encloses this place. Gaps that count as closed are set on the Build card.</source>
   <translation>Keine Linie umschließt diese Stelle. Welche Lücken als geschlossen gelten, steht auf der Karte in Bauen.</translation>
  </message>
  <message>
   <source>No line has an open end.</source>
   <translation>Keine Linie hat ein offenes Ende.</translation>
  </message>
  <message>
   <source>No pen was used yet</source>
   <translation>Noch kein Stift benutzt</translation>
  </message>
  <message>
   <source>No piece was opened or saved yet.</source>
   <translation>Noch wurde kein Stück geöffnet oder gesichert.</translation>
  </message>
  <message>
   <source>No red cones</source>
   <translation>Ohne Rotzapfen</translation>
  </message>
  <message>
   <source>No shades yet.</source>
   <translation>Noch keine Schattierungen.</translation>
  </message>
  <message>
   <source>No two ends are that near.</source>
   <translation>Keine zwei Enden liegen so nah.</translation>
  </message>
  <message>
   <source>No two open ends are within %1 of each other.</source>
   <translation>Keine zwei offenen Enden liegen näher als %1 beieinander.</translation>
  </message>
  <message>
   <source>No typeface on this machine has some of these characters.</source>
   <translation>Keine Schrift auf diesem Rechner hat einige dieser Zeichen.</translation>
  </message>
  <message>
   <source>Nodes</source>
   <translation>Knoten</translation>
  </message>
  <message>
   <source>Nodes at the extremes</source>
   <translation>Knoten an den Extremen</translation>
  </message>
  <message>
   <source>Noise becomes a hundred specks; a face falls apart where the light is flat; too many tones, and nothing is said by any of them.</source>
   <translation>Rauschen wird zu hundert Flecken; ein Gesicht zerfällt, wo das Licht flach ist; zu viele Töne, und keiner sagt mehr etwas.</translation>
  </message>
  <message>
   <source>None</source>
   <translation>Keine</translation>
  </message>
  <message>
   <source>Normal</source>
   <translation>Normal</translation>
  </message>
  <message>
   <source>Not one flat colour</source>
   <translation>Keine ebene Farbe</translation>
  </message>
  <message>
   <source>Not squared to the paper any more</source>
   <translation>Nicht mehr gerade zum Papier</translation>
  </message>
  <message>
   <source>Nothing could be pasted: the layer is locked.</source>
   <translation>Nichts konnte eingefügt werden: Die Ebene ist gesperrt.</translation>
  </message>
  <message>
   <source>Nothing else is like it.</source>
   <translation>Nichts anderes ist gleich.</translation>
  </message>
  <message>
   <source>Nothing found. Ready to deliver.</source>
   <translation>Nichts gefunden. Bereit zum Liefern.</translation>
  </message>
  <message>
   <source>Nothing in hand</source>
   <translation>Nichts in der Hand</translation>
  </message>
  <message>
   <source>Nothing in it can be read. Trace it instead.</source>
   <translation>Nichts davon lässt sich lesen. Zeichne es stattdessen nach.</translation>
  </message>
  <message>
   <source>Nothing is asked for.</source>
   <translation>Es ist nichts verlangt.</translation>
  </message>
  <message>
   <source>Nothing is being traced. Ctrl+T starts with shapes, Ctrl+L with lines.</source>
   <translation>Es wird nichts nachgezeichnet. Strg+T beginnt mit Formen, Strg+L mit Linien.</translation>
  </message>
  <message>
   <source>Nothing is called so. Try another word.</source>
   <translation>So heißt nichts. Ein anderes Wort versuchen.</translation>
  </message>
  <message>
   <source>Nothing is called that.</source>
   <translation>Nichts heißt so.</translation>
  </message>
  <message>
   <source>Nothing is followed yet. Drag along a line first.</source>
   <translation>Noch ist nichts verfolgt. Zuerst an einer Linie entlangziehen.</translation>
  </message>
  <message>
   <source>Nothing is gathered. Drag through areas first.</source>
   <translation>Nichts ist gesammelt. Zuerst durch Flächen ziehen.</translation>
  </message>
  <message>
   <source>Nothing is hidden.</source>
   <translation>Nichts ist verborgen.</translation>
  </message>
  <message>
   <source>Nothing is in hand.</source>
   <translation>Nichts ist in der Hand.</translation>
  </message>
  <message>
   <source>Nothing is left at that distance.</source>
   <translation>In diesem Abstand bleibt nichts übrig.</translation>
  </message>
  <message>
   <source>Nothing is left of it.</source>
   <translation>Davon bleibt nichts übrig.</translation>
  </message>
  <message>
   <source>Nothing is left of these shapes. Ctrl+Z brings them back.</source>
   <translation>Von diesen Formen bleibt nichts. Strg+Z bringt sie zurück.</translation>
  </message>
  <message>
   <source>Nothing is offered now.</source>
   <translation>Jetzt wird nichts angeboten.</translation>
  </message>
  <message>
   <source>Nothing is painted in the working colours.</source>
   <translation>Nichts ist in den Arbeitsfarben gemalt.</translation>
  </message>
  <message>
   <source>Nothing is picked.</source>
   <translation>Nichts ist gewählt.</translation>
  </message>
  <message>
   <source>Nothing lies where it falls.</source>
   <translation>Wo er hinfällt, liegt nichts.</translation>
  </message>
  <message>
   <source>Nothing on the shelf goes by these words.</source>
   <translation>Im Regal passt nichts zu diesen Wörtern.</translation>
  </message>
  <message>
   <source>Nothing that is picked has an open end.</source>
   <translation>Nichts Gewähltes hat ein offenes Ende.</translation>
  </message>
  <message>
   <source>Nothing was found with these settings.</source>
   <translation>Mit diesen Einstellungen wurde nichts gefunden.</translation>
  </message>
  <message>
   <source>Nothing was moved, sized or turned yet.</source>
   <translation>Noch wurde nichts bewegt, bemessen oder gedreht.</translation>
  </message>
  <message>
   <source>Nothing was put aside in the last %1 days.</source>
   <translation>In den letzten %1 Tagen wurde nichts beiseitegelegt.</translation>
  </message>
  <message>
   <source>Nothing yet.</source>
   <translation>Noch nichts.</translation>
  </message>
  <message>
   <source>Notice</source>
   <translation>Hinweis</translation>
  </message>
  <message>
   <source>Now and from now on; the Colour card has it too</source>
   <translation>Jetzt und künftig; steht auch auf der Karte Farbe</translation>
  </message>
  <message>
   <source>Nowhere</source>
   <translation>Nirgends</translation>
  </message>
  <message>
   <source>O: the other side</source>
   <translation>O: die andere Seite</translation>
  </message>
  <message>
   <source>Of the finished piece</source>
   <translation>Des fertigen Stücks</translation>
  </message>
  <message>
   <source>Of the photo beneath, in OKLab</source>
   <translation>Des Fotos darunter, in OKLab</translation>
  </message>
  <message>
   <source>Offset</source>
   <translation>Versetzen</translation>
  </message>
  <message>
   <source>Offset by</source>
   <translation>Versetzen um</translation>
  </message>
  <message>
   <source>Old-style figures</source>
   <translation>Mediävalziffern</translation>
  </message>
  <message>
   <source>On %1</source>
   <translation>Auf %1</translation>
  </message>
  <message>
   <source>On a badge</source>
   <translation>Auf einem Abzeichen</translation>
  </message>
  <message>
   <source>On a dark ground; light stays light</source>
   <translation>Auf dunklem Grund; Helles bleibt hell</translation>
  </message>
  <message>
   <source>On a line</source>
   <translation>Auf einer Linie</translation>
  </message>
  <message>
   <source>On a line or a shape's outline, which they follow</source>
   <translation>Auf einer Linie oder dem Umriss einer Form, denen sie folgen</translation>
  </message>
  <message>
   <source>On a screen</source>
   <translation>Auf einem Bildschirm</translation>
  </message>
  <message>
   <source>On a shirt</source>
   <translation>Auf einem Hemd</translation>
  </message>
  <message>
   <source>On a straight baseline</source>
   <translation>Auf gerader Grundlinie</translation>
  </message>
  <message>
   <source>On an ink</source>
   <translation>Auf einer Tinte</translation>
  </message>
  <message>
   <source>On paper instead of nothing</source>
   <translation>Auf Papier statt auf nichts</translation>
  </message>
  <message>
   <source>On the far side</source>
   <translation>Auf der fernen Seite</translation>
  </message>
  <message>
   <source>On the other side</source>
   <translation>Auf der anderen Seite</translation>
  </message>
  <message>
   <source>On the sheet %1 : 1, %2</source>
   <translation>Auf dem Blatt %1 : 1, %2</translation>
  </message>
  <message>
   <source>One colour of film, cut and weeded by hand.</source>
   <translation>Folie in einer Farbe, geschnitten und von Hand entgittert.</translation>
  </message>
  <message>
   <source>One drawing is open at a time: %1 was opened, the others were not.</source>
   <translation>Eine Zeichnung ist auf einmal offen: %1 wurde geöffnet, die anderen nicht.</translation>
  </message>
  <message>
   <source>One ink</source>
   <translation>Eine Tinte</translation>
  </message>
  <message>
   <source>One light, and everything follows it.</source>
   <translation>Ein Licht, und alles folgt ihm.</translation>
  </message>
  <message>
   <source>One more click on a picked node does the same (C)</source>
   <translation>Noch ein Klick auf einen gewählten Knoten tut dasselbe (C)</translation>
  </message>
  <message>
   <source>One page with the mark, its variants, sizes and inks</source>
   <translation>Eine Seite mit der Marke, ihren Varianten, Größen und Tinten</translation>
  </message>
  <message>
   <source>One step down in the order</source>
   <translation>Einen Schritt tiefer in der Reihenfolge</translation>
  </message>
  <message>
   <source>One step up in the order</source>
   <translation>Einen Schritt höher in der Reihenfolge</translation>
  </message>
  <message>
   <source>One thing is still being worked on.</source>
   <translation>An einer Sache wird noch gearbeitet.</translation>
  </message>
  <message>
   <source>One thing, with all that is in it.</source>
   <translation>Ein Ding, mit allem, was darin ist.</translation>
  </message>
  <message>
   <source>One united shape of all letters</source>
   <translation>Eine vereinigte Form aller Buchstaben</translation>
  </message>
  <message>
   <source>One way</source>
   <translation>Eine Richtung</translation>
  </message>
  <message>
   <source>Only a part</source>
   <translation>Nur ein Ausschnitt</translation>
  </message>
  <message>
   <source>Only files on this computer can be brought in.</source>
   <translation>Nur Dateien auf diesem Rechner können geholt werden.</translation>
  </message>
  <message>
   <source>Only moved and sized</source>
   <translation>Nur bewegt und bemessen</translation>
  </message>
  <message>
   <source>Only the first %1 characters were put in.</source>
   <translation>Nur die ersten %1 Zeichen wurden eingefügt.</translation>
  </message>
  <message>
   <source>Only the reference, while held (%1; Alt+%1 only the artwork). Click to stay.</source>
   <translation>Nur die Vorlage, solange gehalten (%1; Alt+%1 nur die Zeichnung). Klicken hält es fest.</translation>
  </message>
  <message>
   <source>Only what lies outside is seen: letters keep their shape</source>
   <translation>Nur was außen liegt, ist zu sehen: Buchstaben behalten ihre Form</translation>
  </message>
  <message>
   <source>Opacity</source>
   <translation>Deckkraft</translation>
  </message>
  <message>
   <source>Opacity as a whole</source>
   <translation>Deckkraft im Ganzen</translation>
  </message>
  <message>
   <source>Opacity of fill</source>
   <translation>Deckkraft der Füllung</translation>
  </message>
  <message>
   <source>Opacity of stop</source>
   <translation>Deckkraft der Marke</translation>
  </message>
  <message>
   <source>Opacity of the fill</source>
   <translation>Deckkraft der Füllung</translation>
  </message>
  <message>
   <source>Opacity of the stop</source>
   <translation>Deckkraft der Marke</translation>
  </message>
  <message>
   <source>Open</source>
   <translation>Öffnen</translation>
  </message>
  <message>
   <source>Open a piece of the demo…</source>
   <translation>Ein Stück der Vorführung öffnen…</translation>
  </message>
  <message>
   <source>Open a recent piece…</source>
   <translation>Zuletzt geöffnetes Stück öffnen …</translation>
  </message>
  <message>
   <source>Open as new</source>
   <translation>Als neu öffnen</translation>
  </message>
  <message>
   <source>Open here</source>
   <translation>Hier öffnen</translation>
  </message>
  <message>
   <source>Open it</source>
   <translation>Öffnen</translation>
  </message>
  <message>
   <source>Open line</source>
   <translation>Linie öffnen</translation>
  </message>
  <message>
   <source>Open the demo</source>
   <translation>Vorführung öffnen</translation>
  </message>
  <message>
   <source>Open what was put aside…</source>
   <translation>Beiseitegelegtes öffnen…</translation>
  </message>
  <message>
   <source>Opened what was kept. Save it to keep it for good.</source>
   <translation>Aufbewahrtes geöffnet. Speichern, um es für immer zu behalten.</translation>
  </message>
  <message>
   <source>Opened. Worth knowing: %1.</source>
   <translation>Geöffnet. Gut zu wissen: %1.</translation>
  </message>
  <message>
   <source>Opening %1</source>
   <translation>%1 wird geöffnet</translation>
  </message>
  <message>
   <source>Opening what was kept</source>
   <translation>Aufbewahrtes wird geöffnet</translation>
  </message>
  <message>
   <source>Open…</source>
   <translation>Öffnen…</translation>
  </message>
  <message>
   <source>Origin: %1. Licence: %2.</source>
   <translation>Herkunft: %1. Lizenz: %2.</translation>
  </message>
  <message>
   <source>Other cuts for as many pieces</source>
   <translation>Andere Schnitte für ebenso viele Stücke</translation>
  </message>
  <message>
   <source>Other places, by another seed</source>
   <translation>Andere Plätze, durch eine andere Saat</translation>
  </message>
  <message>
   <source>Other shades and directions; locked pieces stay</source>
   <translation>Andere Töne und Richtungen; gesperrte Stücke bleiben</translation>
  </message>
  <message>
   <source>Other side</source>
   <translation>Andere Seite</translation>
  </message>
  <message>
   <source>Other ways it will be seen</source>
   <translation>Wie man es sonst sieht</translation>
  </message>
  <message>
   <source>Other work is under way.</source>
   <translation>Andere Arbeit läuft gerade.</translation>
  </message>
  <message>
   <source>Outline</source>
   <translation>Umriss</translation>
  </message>
  <message>
   <source>Outlines and lines at one weight</source>
   <translation>Umrisse und Linien in einer Stärke</translation>
  </message>
  <message>
   <source>Over</source>
   <translation>Über</translation>
  </message>
  <message>
   <source>Over all of the lowest shape</source>
   <translation>Über die ganze unterste Form</translation>
  </message>
  <message>
   <source>Overlap</source>
   <translation>Überlappung</translation>
  </message>
  <message>
   <source>Overlay</source>
   <translation>Überlagern</translation>
  </message>
  <message>
   <source>Own</source>
   <translation>Eigener</translation>
  </message>
  <message>
   <source>PNG (*.png)</source>
   <translation>PNG (*.png)</translation>
  </message>
  <message>
   <source>PNG widths</source>
   <translation>PNG-Breiten</translation>
  </message>
  <message>
   <source>Page %1</source>
   <translation>Seite %1</translation>
  </message>
  <message>
   <source>Page %2 of %1 cannot be drawn.</source>
   <translation>Seite %2 von %1 lässt sich nicht zeichnen.</translation>
  </message>
  <message>
   <source>Pages of %1</source>
   <translation>Seiten von %1</translation>
  </message>
  <message>
   <source>Paint</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <source>Paint %1</source>
   <translation>%1 malen</translation>
  </message>
  <message>
   <source>Paint of a tone</source>
   <translation>Farbe eines Tons</translation>
  </message>
  <message>
   <source>Paints the drawing too</source>
   <translation>Bemalt auch die Zeichnung</translation>
  </message>
  <message>
   <source>Pairs of letters stand as near as the typeface asks</source>
   <translation>Buchstabenpaare stehen so nah, wie es die Schrift verlangt</translation>
  </message>
  <message>
   <source>Pale, grainy lines, several passes</source>
   <translation>Blasse, körnige Linien, mehrere Züge</translation>
  </message>
  <message>
   <source>Palette</source>
   <translation>Palette</translation>
  </message>
  <message>
   <source>Palette %1</source>
   <translation>Palette %1</translation>
  </message>
  <message>
   <source>Palettes (*.css *.json);;All files (*)</source>
   <translation>Paletten (*.css *.json);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Palettes to begin with; point at one to see the drawing in it</source>
   <translation>Paletten für den Anfang; auf eine zeigen, um die Zeichnung darin zu sehen</translation>
  </message>
  <message>
   <source>Paper</source>
   <translation>Papier</translation>
  </message>
  <message>
   <source>Paper flag</source>
   <translation>Papierfahne</translation>
  </message>
  <message>
   <source>Paper lantern</source>
   <translation>Papierlaterne</translation>
  </message>
  <message>
   <source>Paper lantern at night</source>
   <translation>Papierlaterne bei Nacht</translation>
  </message>
  <message>
   <source>Paper's corners</source>
   <translation>Ecken des Blatts</translation>
  </message>
  <message>
   <source>Part</source>
   <translation>Ausschnitt</translation>
  </message>
  <message>
   <source>Parts</source>
   <translation>Teile</translation>
  </message>
  <message>
   <source>Parts that come with the program stay.</source>
   <translation>Teile, die mit dem Programm kommen, bleiben.</translation>
  </message>
  <message>
   <source>Passes that become one line</source>
   <translation>Züge, die eine Linie werden</translation>
  </message>
  <message>
   <source>Paste</source>
   <translation>Einfügen</translation>
  </message>
  <message>
   <source>Paste where it was</source>
   <translation>Einfügen, wo es war</translation>
  </message>
  <message>
   <source>Pasted picture</source>
   <translation>Eingefügtes Bild</translation>
  </message>
  <message>
   <source>Patch</source>
   <translation>Fleck</translation>
  </message>
  <message>
   <source>Patch drawn anew</source>
   <translation>Fleck neu gezeichnet</translation>
  </message>
  <message>
   <source>Patch strength</source>
   <translation>Stärke des Flecks</translation>
  </message>
  <message>
   <source>Peat</source>
   <translation>Torf</translation>
  </message>
  <message>
   <source>Peek</source>
   <translation>Durchblick</translation>
  </message>
  <message>
   <source>Peek: only the reference, while held (Alt: only the artwork)</source>
   <translation>Durchblick: nur die Vorlage, solange gehalten (Alt: nur das Werk)</translation>
  </message>
  <message>
   <source>Pen</source>
   <translation>Feder</translation>
  </message>
  <message>
   <source>Pen %1</source>
   <translation>Stift %1</translation>
  </message>
  <message>
   <source>Pen shade</source>
   <translation>Schattierung mit der Feder</translation>
  </message>
  <message>
   <source>Pencil</source>
   <translation>Bleistift</translation>
  </message>
  <message>
   <source>Petal edge</source>
   <translation>Blütenrand</translation>
  </message>
  <message>
   <source>Pewter</source>
   <translation>Hartzinn</translation>
  </message>
  <message>
   <source>Pick</source>
   <translation>Wählen</translation>
  </message>
  <message>
   <source>Pick a closed outline first.</source>
   <translation>Wählen Sie zuerst einen geschlossenen Umriss.</translation>
  </message>
  <message>
   <source>Pick a closed outline, or bring in a picture.</source>
   <translation>Einen geschlossenen Umriss wählen oder ein Bild holen.</translation>
  </message>
  <message>
   <source>Pick a closed shape and what is to go into it; the shape lies lowest.</source>
   <translation>Wähle eine geschlossene Form und was hinein soll; die Form liegt zuunterst.</translation>
  </message>
  <message>
   <source>Pick a live shape with what it is to take in.</source>
   <translation>Eine lebendige Form zusammen mit dem wählen, was sie aufnehmen soll.</translation>
  </message>
  <message>
   <source>Pick a part on the sheet first.</source>
   <translation>Wähle zuerst ein Teil auf dem Blatt.</translation>
  </message>
  <message>
   <source>Pick a row, press a key in the field below, and give it.</source>
   <translation>Eine Zeile wählen, im Feld darunter eine Taste drücken und sie geben.</translation>
  </message>
  <message>
   <source>Pick a shape and take it as the mark first, on the card.</source>
   <translation>Erst eine Form wählen und auf der Karte als Zeichen nehmen.</translation>
  </message>
  <message>
   <source>Pick all painted with it</source>
   <translation>Alles damit Gemalte wählen</translation>
  </message>
  <message>
   <source>Pick all that wear it</source>
   <translation>Alle wählen, die es tragen</translation>
  </message>
  <message>
   <source>Pick all that wear this look</source>
   <translation>Alle wählen, die dieses Aussehen tragen</translation>
  </message>
  <message>
   <source>Pick all with the same fill</source>
   <translation>Alles mit derselben Füllung wählen</translation>
  </message>
  <message>
   <source>Pick all with the same line colour</source>
   <translation>Alles mit derselben Linienfarbe wählen</translation>
  </message>
  <message>
   <source>Pick all with the same weight</source>
   <translation>Alles mit derselben Stärke wählen</translation>
  </message>
  <message>
   <source>Pick an area first: strokes are cut off along its border and stay in it.</source>
   <translation>Erst eine Fläche wählen: Striche werden an ihrem Rand abgeschnitten und bleiben darin.</translation>
  </message>
  <message>
   <source>Pick everything</source>
   <translation>Alles wählen</translation>
  </message>
  <message>
   <source>Pick one area or several first.</source>
   <translation>Erst eine oder mehrere Flächen wählen.</translation>
  </message>
  <message>
   <source>Pick one part on the sheet first.</source>
   <translation>Wähle zuerst genau ein Teil auf dem Blatt.</translation>
  </message>
  <message>
   <source>Pick one part that was kept whole.</source>
   <translation>Wähle einen Teil, der ganz gelassen wurde.</translation>
  </message>
  <message>
   <source>Pick one shape first.</source>
   <translation>Erst eine Form wählen.</translation>
  </message>
  <message>
   <source>Pick one straight line first.</source>
   <translation>Wählen Sie zuerst eine gerade Linie.</translation>
  </message>
  <message>
   <source>Pick the next thing</source>
   <translation>Das nächste Ding wählen</translation>
  </message>
  <message>
   <source>Pick the one before</source>
   <translation>Das vorige wählen</translation>
  </message>
  <message>
   <source>Pick two or more shapes first.</source>
   <translation>Wählen Sie zuerst zwei oder mehr Formen.</translation>
  </message>
  <message>
   <source>Pick under the pointer</source>
   <translation>Unter dem Zeiger wählen</translation>
  </message>
  <message>
   <source>Pick what goes inside, and the area or group it goes into.</source>
   <translation>Wählen Sie, was hineinkommt, und die Fläche oder Gruppe, in die es kommt.</translation>
  </message>
  <message>
   <source>Pick what is to be kept first.</source>
   <translation>Wähle zuerst, was behalten werden soll.</translation>
  </message>
  <message>
   <source>Pick what is to be repeated first.</source>
   <translation>Wähle zuerst, was wiederholt werden soll.</translation>
  </message>
  <message>
   <source>Pick words first.</source>
   <translation>Wähle zuerst Wörter.</translation>
  </message>
  <message>
   <source>Picked node at %1, %2</source>
   <translation>Gewählter Knoten bei %1, %2</translation>
  </message>
  <message>
   <source>Picks the shade</source>
   <translation>Wählt die Schattierung</translation>
  </message>
  <message>
   <source>Picture</source>
   <translation>Bild</translation>
  </message>
  <message>
   <source>Picture shelf</source>
   <translation>Bilderregal</translation>
  </message>
  <message>
   <source>Picture shelf…</source>
   <translation>Bilderregal…</translation>
  </message>
  <message>
   <source>Picture sizes</source>
   <translation>Bildgrößen</translation>
  </message>
  <message>
   <source>Pictures</source>
   <translation>Bilder</translation>
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.gif *.pdf);;All files (*)</source>
   <translation>Bilder (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.gif *.pdf);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Pictures and pages have a ground</source>
   <translation>Bilder und Seiten haben einen Grund</translation>
  </message>
  <message>
   <source>Pictures of a few sizes on screens.</source>
   <translation>Bilder in wenigen Größen auf Bildschirmen.</translation>
  </message>
  <message>
   <source>Piece %1</source>
   <translation>Stück %1</translation>
  </message>
  <message>
   <source>Pieces</source>
   <translation>Stücke</translation>
  </message>
  <message>
   <source>Pieces of the demo</source>
   <translation>Stücke der Vorführung</translation>
  </message>
  <message>
   <source>Pieces, about</source>
   <translation>Stücke, etwa</translation>
  </message>
  <message>
   <source>Pip</source>
   <translation>Kern</translation>
  </message>
  <message>
   <source>Place</source>
   <translation>Platzieren</translation>
  </message>
  <message>
   <source>Place along</source>
   <translation>Stelle auf der Länge</translation>
  </message>
  <message>
   <source>Place: put the sketch on the sheet</source>
   <translation>Auflegen: die Skizze aufs Blatt legen</translation>
  </message>
  <message>
   <source>Plain shapes from now on</source>
   <translation>Von nun an einfache Formen</translation>
  </message>
  <message>
   <source>Plain shapes that no longer follow the lines</source>
   <translation>Einfache Formen, die den Linien nicht mehr folgen</translation>
  </message>
  <message>
   <source>Plays the act in a window of its own, on a copy of the demo</source>
   <translation>Spielt den Vorgang in einem eigenen Fenster vor, an einer Kopie der Beispiele</translation>
  </message>
  <message>
   <source>Plum</source>
   <translation>Pflaume</translation>
  </message>
  <message>
   <source>Plum stall</source>
   <translation>Pflaumenstand</translation>
  </message>
  <message>
   <source>Pointed</source>
   <translation>Spitz</translation>
  </message>
  <message>
   <source>Pollen</source>
   <translation>Pollen</translation>
  </message>
  <message>
   <source>Polygon</source>
   <translation>Vieleck</translation>
  </message>
  <message>
   <source>Poppy</source>
   <translation>Mohn</translation>
  </message>
  <message>
   <source>Poppy paper</source>
   <translation>Mohnpapier</translation>
  </message>
  <message>
   <source>Press on what casts the shade, and drag it to where it falls.</source>
   <translation>Auf das drücken, was den Schatten wirft, und dorthin ziehen, wo er hinfällt.</translation>
  </message>
  <message>
   <source>Press the new key for "%1".</source>
   <translation>Drücken Sie die neue Taste für „%1“.</translation>
  </message>
  <message>
   <source>Pressure curve</source>
   <translation>Druckkurve</translation>
  </message>
  <message>
   <source>Process</source>
   <translation>Verfahren</translation>
  </message>
  <message>
   <source>Process cards</source>
   <translation>Verfahrenskarten</translation>
  </message>
  <message>
   <source>Process cards…</source>
   <translation>Verfahrenskarten …</translation>
  </message>
  <message>
   <source>Proof</source>
   <translation>Prüfen</translation>
  </message>
  <message>
   <source>Proof shelf</source>
   <translation>Prüfbord</translation>
  </message>
  <message>
   <source>Proof: see it as it will be, and deliver</source>
   <translation>Prüfen: sehen, wie es wird, und ausliefern</translation>
  </message>
  <message>
   <source>Propose cuts</source>
   <translation>Schnitte vorschlagen</translation>
  </message>
  <message>
   <source>Proposes straight cuts from corner to corner</source>
   <translation>Schlägt gerade Schnitte von Ecke zu Ecke vor</translation>
  </message>
  <message>
   <source>Push edge</source>
   <translation>Rand schieben</translation>
  </message>
  <message>
   <source>Put %1</source>
   <translation>%1 legen</translation>
  </message>
  <message>
   <source>Put aside</source>
   <translation>Beiseitegelegt</translation>
  </message>
  <message>
   <source>Put inside</source>
   <translation>Hineinsetzen</translation>
  </message>
  <message>
   <source>Put inside the lowest of what is picked</source>
   <translation>In das unterste des Gewählten setzen</translation>
  </message>
  <message>
   <source>Put it aside</source>
   <translation>Beiseitelegen</translation>
  </message>
  <message>
   <source>Put it on</source>
   <translation>Auftragen auf</translation>
  </message>
  <message>
   <source>Put on the sheet</source>
   <translation>Aufs Blatt legen</translation>
  </message>
  <message>
   <source>Put the ink in hand in its place</source>
   <translation>Die Tinte in der Hand an ihre Stelle setzen</translation>
  </message>
  <message>
   <source>Quit</source>
   <translation>Beenden</translation>
  </message>
  <message>
   <source>Radius</source>
   <translation>Radius</translation>
  </message>
  <message>
   <source>Rain</source>
   <translation>Regen</translation>
  </message>
  <message>
   <source>Raise the slack on the card until the line calms down: the picture of how far off it is (E) tells what that costs. Redraw a part over the line instead of moving its nodes one by one. Every open end wears a ring; a click on it goes on from there.</source>
   <translation>Den Spielraum auf der Karte erhöhen, bis sich die Linie beruhigt: Das Bild der Abweichung (E) sagt, was das kostet. Einen Teil über der Linie neu zeichnen, statt ihre Knoten einzeln zu schieben. Jedes offene Ende trägt einen Ring; ein Klick darauf macht dort weiter.</translation>
  </message>
  <message>
   <source>Raspberry</source>
   <translation>Himbeere</translation>
  </message>
  <message>
   <source>Reach of the fall</source>
   <translation>Reichweite der Abnahme</translation>
  </message>
  <message>
   <source>Reading %1</source>
   <translation>%1 wird gelesen</translation>
  </message>
  <message>
   <source>Reading %1 pictures</source>
   <translation>%1 Bilder werden gelesen</translation>
  </message>
  <message>
   <source>Readings</source>
   <translation>Messwerte</translation>
  </message>
  <message>
   <source>Real width</source>
   <translation>Wahre Breite</translation>
  </message>
  <message>
   <source>Recent pieces</source>
   <translation>Zuletzt geöffnet</translation>
  </message>
  <message>
   <source>Recorded strokes</source>
   <translation>Aufgezeichnete Striche</translation>
  </message>
  <message>
   <source>Rectangle</source>
   <translation>Rechteck</translation>
  </message>
  <message>
   <source>Red mushroom</source>
   <translation>Roter Pilz</translation>
  </message>
  <message>
   <source>Redo</source>
   <translation>Wiederherstellen</translation>
  </message>
  <message>
   <source>Redraw</source>
   <translation>Neu ziehen</translation>
  </message>
  <message>
   <source>Redrawn: %1 nodes; %2. Ctrl+Z brings the old part back.</source>
   <translation>Neu gezogen: %1 Knoten; %2. Strg+Z bringt den alten Teil zurück.</translation>
  </message>
  <message>
   <source>Reduce</source>
   <translation>Vereinfachen</translation>
  </message>
  <message>
   <source>Reference and artwork side by side, moving together</source>
   <translation>Vorlage und Werk nebeneinander, gemeinsam bewegt</translation>
  </message>
  <message>
   <source>Regular, with as many sides as set below</source>
   <translation>Regelmäßig, mit so vielen Seiten wie unten gesetzt</translation>
  </message>
  <message>
   <source>Remove</source>
   <translation>Entfernen</translation>
  </message>
  <message>
   <source>Remove fill</source>
   <translation>Füllung entfernen</translation>
  </message>
  <message>
   <source>Remove node</source>
   <translation>Knoten entfernen</translation>
  </message>
  <message>
   <source>Remove nodes</source>
   <translation>Knoten entfernen</translation>
  </message>
  <message>
   <source>Remove stage</source>
   <translation>Stand entfernen</translation>
  </message>
  <message numerus="yes">
   <source>Removed %n nodes. Ctrl+Z brings them back.</source>
   <translation>
    <numerusform>%n Knoten entfernt. Strg+Z bringt ihn zurück.</numerusform>
    <numerusform>%n Knoten entfernt. Strg+Z bringt sie zurück.</numerusform>
   </translation>
  </message>
  <message>
   <source>Removed; it is kept in the folder of parts, under earlier.</source>
   <translation>Entfernt; es bleibt im Ordner der Teile unter earlier.</translation>
  </message>
  <message>
   <source>Rename</source>
   <translation>Umbenennen</translation>
  </message>
  <message>
   <source>Rename ink</source>
   <translation>Tinte umbenennen</translation>
  </message>
  <message>
   <source>Rename layer</source>
   <translation>Ebene umbenennen</translation>
  </message>
  <message>
   <source>Rename look</source>
   <translation>Aussehen umbenennen</translation>
  </message>
  <message>
   <source>Repeat</source>
   <translation>Wiederholung</translation>
  </message>
  <message>
   <source>Replace ink</source>
   <translation>Tinte ersetzen</translation>
  </message>
  <message>
   <source>Reversed</source>
   <translation>Umgekehrt</translation>
  </message>
  <message>
   <source>Right</source>
   <translation>Rechts</translation>
  </message>
  <message>
   <source>Right sides in one line</source>
   <translation>Rechte Seiten auf einer Linie</translation>
  </message>
  <message>
   <source>Rim</source>
   <translation>Rand</translation>
  </message>
  <message>
   <source>Roofs</source>
   <translation>Dächer</translation>
  </message>
  <message>
   <source>Rope</source>
   <translation>Seil</translation>
  </message>
  <message>
   <source>Rope line</source>
   <translation>Seillinie</translation>
  </message>
  <message>
   <source>Rope: %1 nodes, %2 off at most.</source>
   <translation>Seil: %1 Knoten, höchstens %2 daneben.</translation>
  </message>
  <message>
   <source>Round</source>
   <translation>Rund</translation>
  </message>
  <message>
   <source>Round a centre</source>
   <translation>Um eine Mitte</translation>
  </message>
  <message>
   <source>Round all corners</source>
   <translation>Alle Ecken runden</translation>
  </message>
  <message>
   <source>Round badge</source>
   <translation>Runde Plakette</translation>
  </message>
  <message>
   <source>Round corners</source>
   <translation>Ecken runden</translation>
  </message>
  <message>
   <source>Round ends</source>
   <translation>Runde Enden</translation>
  </message>
  <message>
   <source>Round frame</source>
   <translation>Runder Rahmen</translation>
  </message>
  <message>
   <source>Round guide</source>
   <translation>Runde Hilfslinie</translation>
  </message>
  <message>
   <source>Round marks</source>
   <translation>Runde Zeichen</translation>
  </message>
  <message>
   <source>Round picked corners</source>
   <translation>Gewählte Ecken runden</translation>
  </message>
  <message>
   <source>Round teapot</source>
   <translation>Runde Teekanne</translation>
  </message>
  <message>
   <source>Rows</source>
   <translation>Reihen</translation>
  </message>
  <message>
   <source>Ruler</source>
   <translation>Lineal</translation>
  </message>
  <message>
   <source>SVG with words</source>
   <translation>SVG mit Wörtern</translation>
  </message>
  <message>
   <source>SVG, PDF or PNG</source>
   <translation>SVG, PDF oder PNG</translation>
  </message>
  <message>
   <source>SVG, clean</source>
   <translation>SVG, rein</translation>
  </message>
  <message>
   <source>Sail</source>
   <translation>Segel</translation>
  </message>
  <message>
   <source>Salt</source>
   <translation>Salz</translation>
  </message>
  <message>
   <source>Salt and tin</source>
   <translation>Salz und Zinn</translation>
  </message>
  <message>
   <source>Saltglass jar</source>
   <translation>Salzglas-Krug</translation>
  </message>
  <message>
   <source>Saturation</source>
   <translation>Sättigung</translation>
  </message>
  <message>
   <source>Save</source>
   <translation>Speichern</translation>
  </message>
  <message>
   <source>Save as CSS custom properties…</source>
   <translation>Als CSS-Variablen speichern…</translation>
  </message>
  <message>
   <source>Save as design tokens (JSON)…</source>
   <translation>Als Design-Tokens (JSON) speichern…</translation>
  </message>
  <message>
   <source>Save as…</source>
   <translation>Speichern als…</translation>
  </message>
  <message>
   <source>Save inks as CSS custom properties…</source>
   <translation>Tinten als CSS-Variablen speichern…</translation>
  </message>
  <message>
   <source>Save inks as design tokens…</source>
   <translation>Tinten als Design-Tokens speichern…</translation>
  </message>
  <message>
   <source>Save over it</source>
   <translation>Überschreiben</translation>
  </message>
  <message>
   <source>Saved %1.</source>
   <translation>%1 gespeichert.</translation>
  </message>
  <message>
   <source>Saved the inks as %1.</source>
   <translation>Tinten als %1 gespeichert.</translation>
  </message>
  <message>
   <source>Scallop shell</source>
   <translation>Kammmuschel</translation>
  </message>
  <message>
   <source>Scan a page</source>
   <translation>Seite scannen</translation>
  </message>
  <message>
   <source>Scan a page: %1, %2 dpi</source>
   <translation>Seite scannen: %1, %2 dpi</translation>
  </message>
  <message>
   <source>Scanning %1</source>
   <translation>%1 wird gescannt</translation>
  </message>
  <message>
   <source>Scans are crooked, grey and darker at one side; photos of a page lean backwards. Traced so, every straight leans and shadows become shapes.</source>
   <translation>Scans sind schief, grau und auf einer Seite dunkler; Fotos einer Seite kippen nach hinten. So nachgezeichnet steht jede Gerade schief, und Schatten werden Formen.</translation>
  </message>
  <message>
   <source>Scatter</source>
   <translation>Streuen</translation>
  </message>
  <message>
   <source>Scatter in the picked areas</source>
   <translation>In die gewählten Flächen streuen</translation>
  </message>
  <message>
   <source>Scatter is made of this shape</source>
   <translation>Gestreut wird diese Form</translation>
  </message>
  <message>
   <source>Scatter is made of this shape now.</source>
   <translation>Gestreut wird nun diese Form.</translation>
  </message>
  <message>
   <source>Screen</source>
   <translation>Umgekehrt multiplizieren</translation>
  </message>
  <message>
   <source>Screen print on a shirt</source>
   <translation>Siebdruck auf ein Hemd</translation>
  </message>
  <message>
   <source>Sea glass</source>
   <translation>Seeglas</translation>
  </message>
  <message>
   <source>Search by name or tag</source>
   <translation>Nach Name oder Stichwort suchen</translation>
  </message>
  <message>
   <source>Search the keys</source>
   <translation>Tasten durchsuchen</translation>
  </message>
  <message>
   <source>Search the parts</source>
   <translation>Teile suchen</translation>
  </message>
  <message>
   <source>Search the shelf</source>
   <translation>Regal durchsuchen</translation>
  </message>
  <message>
   <source>Search typefaces</source>
   <translation>Schriften suchen</translation>
  </message>
  <message>
   <source>Search: a name, or a key</source>
   <translation>Suche: ein Name oder eine Taste</translation>
  </message>
  <message>
   <source>Search: lantern, round, night …</source>
   <translation>Suche: Laterne, rund, Nacht …</translation>
  </message>
  <message>
   <source>Seaweed</source>
   <translation>Tang</translation>
  </message>
  <message>
   <source>See it large: the next way</source>
   <translation>Groß sehen: die nächste Art</translation>
  </message>
  <message>
   <source>Seed</source>
   <translation>Saat</translation>
  </message>
  <message>
   <source>Seen</source>
   <translation>Gesehen</translation>
  </message>
  <message>
   <source>Separate the picture into tones</source>
   <translation>Bild in Töne trennen</translation>
  </message>
  <message>
   <source>Separate tones</source>
   <translation>Töne trennen</translation>
  </message>
  <message>
   <source>Set</source>
   <translation>Festsetzen</translation>
  </message>
  <message>
   <source>Set colour drops</source>
   <translation>Farbtropfen festsetzen</translation>
  </message>
  <message>
   <source>Set drops</source>
   <translation>Tropfen festsetzen</translation>
  </message>
  <message>
   <source>Set live shapes</source>
   <translation>Lebende Formen festsetzen</translation>
  </message>
  <message>
   <source>Set shape</source>
   <translation>Form festsetzen</translation>
  </message>
  <message>
   <source>Set where the light comes from. Drag an edge light or a core shade in an area: it lies inside it and never spills. Scatter gives grain and dots; one thing casts its shade on another.</source>
   <translation>Festlegen, woher das Licht kommt. Ein Kantenlicht oder einen Kernschatten in eine Fläche ziehen: Er liegt darin und läuft nie über. Streuung gibt Körnung und Punkte; ein Ding wirft seinen Schatten auf ein anderes.</translation>
  </message>
  <message>
   <source>Set. The stack is kept.</source>
   <translation>Festgesetzt. Der Stapel bleibt erhalten.</translation>
  </message>
  <message>
   <source>Set: plain shapes from now on</source>
   <translation>Festgesetzt: von jetzt an einfache Formen</translation>
  </message>
  <message>
   <source>Several things</source>
   <translation>Mehrere Dinge</translation>
  </message>
  <message>
   <source>Shade</source>
   <translation>Schatten</translation>
  </message>
  <message>
   <source>Shade against the light</source>
   <translation>Schatten gegen das Licht</translation>
  </message>
  <message>
   <source>Shade facet</source>
   <translation>Facette tönen</translation>
  </message>
  <message>
   <source>Shade: one light for the whole drawing</source>
   <translation>Schatten: ein Licht für die ganze Zeichnung</translation>
  </message>
  <message>
   <source>Shadow</source>
   <translation>Schatten</translation>
  </message>
  <message>
   <source>Shape</source>
   <translation>Form</translation>
  </message>
  <message>
   <source>Shapes</source>
   <translation>Formen</translation>
  </message>
  <message>
   <source>Sharp</source>
   <translation>Scharf</translation>
  </message>
  <message>
   <source>Sharp corners whose tip would be longer than so many widths are bevelled</source>
   <translation>Spitze Ecken, deren Spitze länger als so viele Breiten wäre, werden abgeschrägt</translation>
  </message>
  <message>
   <source>Sheet</source>
   <translation>Blatt</translation>
  </message>
  <message>
   <source>Sheet height</source>
   <translation>Blatthöhe</translation>
  </message>
  <message>
   <source>Sheet size</source>
   <translation>Blattgröße</translation>
  </message>
  <message>
   <source>Sheet unit</source>
   <translation>Blatteinheit</translation>
  </message>
  <message>
   <source>Sheet width</source>
   <translation>Blattbreite</translation>
  </message>
  <message>
   <source>Shelf of palettes</source>
   <translation>Regal der Paletten</translation>
  </message>
  <message>
   <source>Shield</source>
   <translation>Schild</translation>
  </message>
  <message>
   <source>Shift adds this colour</source>
   <translation>Umschalt fügt diese Farbe hinzu</translation>
  </message>
  <message>
   <source>Shift held</source>
   <translation>Umschalt gehalten</translation>
  </message>
  <message>
   <source>Shirt front</source>
   <translation>Hemdbrust</translation>
  </message>
  <message>
   <source>Shop window</source>
   <translation>Schaufenster</translation>
  </message>
  <message>
   <source>Short strokes, along the light</source>
   <translation>Kurze Striche, mit dem Licht</translation>
  </message>
  <message>
   <source>Shortest line</source>
   <translation>Kürzeste Linie</translation>
  </message>
  <message>
   <source>Show</source>
   <translation>Zeigen</translation>
  </message>
  <message>
   <source>Show everything</source>
   <translation>Alles zeigen</translation>
  </message>
  <message>
   <source>Show everything that is hidden</source>
   <translation>Alles Verborgene zeigen</translation>
  </message>
  <message>
   <source>Show layer</source>
   <translation>Ebene zeigen</translation>
  </message>
  <message>
   <source>Show leak</source>
   <translation>Leck zeigen</translation>
  </message>
  <message>
   <source>Show me</source>
   <translation>Zeigen</translation>
  </message>
  <message>
   <source>Show next</source>
   <translation>Nächste zeigen</translation>
  </message>
  <message>
   <source>Show the areas, or hide them</source>
   <translation>Flächen zeigen oder verbergen</translation>
  </message>
  <message>
   <source>Show the next gap or sliver</source>
   <translation>Nächste Lücke oder nächsten Splitter zeigen</translation>
  </message>
  <message>
   <source>Show the next leak of a colour drop</source>
   <translation>Nächstes Leck eines Farbtropfens zeigen</translation>
  </message>
  <message>
   <source>Show what ignores the light</source>
   <translation>Zeigen, was das Licht missachtet</translation>
  </message>
  <message>
   <source>Show what is picked in the layer list</source>
   <translation>Gewähltes in der Ebenenliste zeigen</translation>
  </message>
  <message>
   <source>Show whole picture</source>
   <translation>Ganzes Bild zeigen</translation>
  </message>
  <message>
   <source>Shown on a copy of the demo. Nothing of yours is changed.</source>
   <translation>Gezeigt an einer Kopie der Beispiele. Nichts Eigenes ändert sich.</translation>
  </message>
  <message>
   <source>Shown on the sheet first; nothing changes until you take it.</source>
   <translation>Zuerst auf dem Blatt gezeigt; nichts ändert sich, bis Sie es nehmen.</translation>
  </message>
  <message>
   <source>Shows at</source>
   <translation>Zeigt sich zu</translation>
  </message>
  <message>
   <source>Shows it on the sheet</source>
   <translation>Zeigt es auf dem Blatt</translation>
  </message>
  <message>
   <source>Shows or hides it</source>
   <translation>Zeigt oder verbirgt sie</translation>
  </message>
  <message>
   <source>Shuffle</source>
   <translation>Mischen</translation>
  </message>
  <message>
   <source>Shuffle facets</source>
   <translation>Facetten mischen</translation>
  </message>
  <message>
   <source>Side</source>
   <translation>Seite</translation>
  </message>
  <message>
   <source>Sides</source>
   <translation>Seiten</translation>
  </message>
  <message>
   <source>Sides of square pictures, px, by spaces; empty = none</source>
   <translation>Seiten quadratischer Bilder, px, durch Leerzeichen; leer = keine</translation>
  </message>
  <message>
   <source>Signal blue</source>
   <translation>Signalblau</translation>
  </message>
  <message>
   <source>Signal red</source>
   <translation>Signalrot</translation>
  </message>
  <message>
   <source>Signal yellow</source>
   <translation>Signalgelb</translation>
  </message>
  <message>
   <source>Sixteen tones</source>
   <translation>Sechzehn Töne</translation>
  </message>
  <message>
   <source>Size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <source>Size picture</source>
   <translation>Bildgröße</translation>
  </message>
  <message>
   <source>Sizes</source>
   <translation>Größen</translation>
  </message>
  <message>
   <source>Sizes of the sheet in %1</source>
   <translation>Blattgrößen in %1</translation>
  </message>
  <message>
   <source>Skin</source>
   <translation>Haut</translation>
  </message>
  <message>
   <source>Slack</source>
   <translation>Spielraum</translation>
  </message>
  <message>
   <source>Slack is in screen px here: zoom in to draw finer.</source>
   <translation>Spielraum in Bildschirm-px: näher heran, um feiner zu zeichnen.</translation>
  </message>
  <message>
   <source>Slack of borders</source>
   <translation>Spielraum der Grenzen</translation>
  </message>
  <message>
   <source>Slack of the borders</source>
   <translation>Spielraum der Grenzen</translation>
  </message>
  <message>
   <source>Slack: how far it may stray</source>
   <translation>Spielraum: wie weit sie abweichen darf</translation>
  </message>
  <message>
   <source>Slate</source>
   <translation>Schiefer</translation>
  </message>
  <message>
   <source>Slip</source>
   <translation>Engobe</translation>
  </message>
  <message>
   <source>Sliver %1, joined</source>
   <translation>Splitter %1, angeschlossen</translation>
  </message>
  <message>
   <source>Sliver %1, kept</source>
   <translation>Splitter %1, behalten</translation>
  </message>
  <message>
   <source>Sliver of ground, %1 wide</source>
   <translation>Splitter des Grundes, %1 breit</translation>
  </message>
  <message>
   <source>Small capitals</source>
   <translation>Kapitälchen</translation>
  </message>
  <message>
   <source>Small uneven grains</source>
   <translation>Kleine ungleiche Körner</translation>
  </message>
  <message>
   <source>Smallest</source>
   <translation>Kleinste</translation>
  </message>
  <message>
   <source>Smallest area</source>
   <translation>Kleinste Fläche</translation>
  </message>
  <message>
   <source>Smallest gap</source>
   <translation>Kleinste Lücke</translation>
  </message>
  <message>
   <source>Smallest hole</source>
   <translation>Kleinstes Loch</translation>
  </message>
  <message>
   <source>Smallest letters</source>
   <translation>Kleinste Buchstaben</translation>
  </message>
  <message>
   <source>Smallest piece</source>
   <translation>Kleinstes Stück</translation>
  </message>
  <message>
   <source>Smallest speck</source>
   <translation>Kleinster Krümel</translation>
  </message>
  <message>
   <source>Smooth</source>
   <translation>Glatt</translation>
  </message>
  <message>
   <source>Smoothing</source>
   <translation>Glättung</translation>
  </message>
  <message>
   <source>Snap to lines and guides</source>
   <translation>An Linien und Hilfslinien einrasten</translation>
  </message>
  <message>
   <source>Snapping is off.</source>
   <translation>Einrasten ist aus.</translation>
  </message>
  <message>
   <source>Snapping is on.</source>
   <translation>Einrasten ist an.</translation>
  </message>
  <message>
   <source>Snapping on or off</source>
   <translation>Einrasten an oder aus</translation>
  </message>
  <message>
   <source>Soft Rope %1
Clean vector artwork from sketches and reference pictures.

Free software under the GNU General Public Licence, version 3 or later.</source>
   <translation>Soft Rope %1
Saubere Vektorgrafik aus Skizzen und Vorlagen.

Freie Software unter der GNU General Public Licence, Version 3 oder später.</translation>
  </message>
  <message>
   <source>Soft Rope drawing (*.svg)</source>
   <translation>Soft-Rope-Zeichnung (*.svg)</translation>
  </message>
  <message>
   <source>Soft edge</source>
   <translation>Weicher Rand</translation>
  </message>
  <message>
   <source>Soft light</source>
   <translation>Weiches Licht</translation>
  </message>
  <message>
   <source>Soot</source>
   <translation>Ruß</translation>
  </message>
  <message>
   <source>Space held</source>
   <translation>Leertaste gehalten</translation>
  </message>
  <message>
   <source>Spacing</source>
   <translation>Abstand</translation>
  </message>
  <message>
   <source>Spiral position</source>
   <translation>Lage der Spirale</translation>
  </message>
  <message>
   <source>Split</source>
   <translation>Teilen</translation>
  </message>
  <message>
   <source>Split apart</source>
   <translation>Auseinanderteilen</translation>
  </message>
  <message>
   <source>Split colour</source>
   <translation>Farbe teilen</translation>
  </message>
  <message>
   <source>Split into %1 shapes. Ctrl+Z puts them together.</source>
   <translation>In %1 Formen geteilt. Strg+Z fügt sie zusammen.</translation>
  </message>
  <message>
   <source>Split piece</source>
   <translation>Stück teilen</translation>
  </message>
  <message>
   <source>Spot inks through a mesh onto cloth.</source>
   <translation>Volltonfarben durch ein Sieb auf Stoff.</translation>
  </message>
  <message>
   <source>Spread over</source>
   <translation>Verteilt über</translation>
  </message>
  <message>
   <source>Spun sugar</source>
   <translation>Zuckerwatte</translation>
  </message>
  <message>
   <source>Square</source>
   <translation>Quadrat</translation>
  </message>
  <message>
   <source>Square ends, half the width beyond</source>
   <translation>Eckige Enden, um die halbe Breite länger</translation>
  </message>
  <message>
   <source>Square frame</source>
   <translation>Quadratischer Rahmen</translation>
  </message>
  <message>
   <source>Square to the paper</source>
   <translation>Gerade zum Papier</translation>
  </message>
  <message>
   <source>Square to the paper, light evened, paper white: in one act</source>
   <translation>Gerade zum Papier, Licht ausgeglichen, Papier weiß: in einem Zug</translation>
  </message>
  <message>
   <source>Squint</source>
   <translation>Blinzeln</translation>
  </message>
  <message>
   <source>Squint (hold Q) shows whether light and dark still read. The leak is marked where it runs out. Paint with inks and their tints only: the list tells what is painted with none.</source>
   <translation>Blinzeln (Q halten) zeigt, ob Hell und Dunkel noch tragen. Das Leck ist markiert, wo es ausläuft. Nur mit Farben und ihren Abstufungen malen: Die Liste sagt, was mit keiner gemalt ist.</translation>
  </message>
  <message>
   <source>Squint: blurred, while held</source>
   <translation>Blinzeln: unscharf, solange gehalten</translation>
  </message>
  <message>
   <source>Stage</source>
   <translation>Stand</translation>
  </message>
  <message>
   <source>Stage %1</source>
   <translation>Stand %1</translation>
  </message>
  <message>
   <source>Stages</source>
   <translation>Stände</translation>
  </message>
  <message>
   <source>Staggered rows</source>
   <translation>Versetzte Reihen</translation>
  </message>
  <message>
   <source>Star</source>
   <translation>Stern</translation>
  </message>
  <message>
   <source>Start on the line that is to change.</source>
   <translation>Beginnen Sie auf der Linie, die sich ändern soll.</translation>
  </message>
  <message>
   <source>Start runs out over</source>
   <translation>Anfang läuft aus über</translation>
  </message>
  <message>
   <source>Stay</source>
   <translation>Bleiben</translation>
  </message>
  <message>
   <source>Stay here</source>
   <translation>Hier bleiben</translation>
  </message>
  <message>
   <source>Steadying</source>
   <translation>Beruhigung</translation>
  </message>
  <message>
   <source>Stem</source>
   <translation>Stängel</translation>
  </message>
  <message>
   <source>Step %1: %2</source>
   <translation>Schritt %1: %2</translation>
  </message>
  <message>
   <source>Steps</source>
   <translation>Schritte</translation>
  </message>
  <message>
   <source>Steps and commands</source>
   <translation>Schritte und Befehle</translation>
  </message>
  <message>
   <source>Still tracing; it can be taken when the last pass is done.</source>
   <translation>Es wird noch nachgezeichnet; nach dem letzten Durchgang kann es genommen werden.</translation>
  </message>
  <message>
   <source>Stop</source>
   <translation>Anhalten</translation>
  </message>
  <message>
   <source>Stopped.</source>
   <translation>Angehalten.</translation>
  </message>
  <message>
   <source>Stopped. No pieces were made.</source>
   <translation>Angehalten. Es wurden keine Stücke gemacht.</translation>
  </message>
  <message>
   <source>Stopped. Nothing was brought in.</source>
   <translation>Angehalten. Es wurde nichts geholt.</translation>
  </message>
  <message>
   <source>Stopped. Nothing was scanned.</source>
   <translation>Angehalten. Es wurde nichts gescannt.</translation>
  </message>
  <message>
   <source>Stopped. Nothing was written.</source>
   <translation>Angehalten. Es wurde nichts geschrieben.</translation>
  </message>
  <message>
   <source>Straight</source>
   <translation>Gerade</translation>
  </message>
  <message>
   <source>Straighten</source>
   <translation>Ausrichten</translation>
  </message>
  <message>
   <source>Straighten piece</source>
   <translation>Stück begradigen</translation>
  </message>
  <message>
   <source>Straighten the picture by itself</source>
   <translation>Bild von selbst ausrichten</translation>
  </message>
  <message>
   <source>Straightened: the page lay %1° off. Ctrl+Z turns it back.</source>
   <translation>Ausgerichtet: Die Seite lag %1° schief. Strg+Z dreht sie zurück.</translation>
  </message>
  <message>
   <source>Straights</source>
   <translation>Geraden</translation>
  </message>
  <message>
   <source>Straw</source>
   <translation>Stroh</translation>
  </message>
  <message>
   <source>Strength</source>
   <translation>Stärke</translation>
  </message>
  <message>
   <source>Strength of light</source>
   <translation>Stärke des Lichts</translation>
  </message>
  <message>
   <source>Strokes</source>
   <translation>Striche</translation>
  </message>
  <message>
   <source>Strokes (*.json);;All files (*)</source>
   <translation>Striche (*.json);;Alle Dateien (*)</translation>
  </message>
  <message>
   <source>Style</source>
   <translation>Schnitt</translation>
  </message>
  <message>
   <source>Sugar cart</source>
   <translation>Zuckerkarren</translation>
  </message>
  <message>
   <source>Swap</source>
   <translation>Tauschen</translation>
  </message>
  <message>
   <source>Swap fill and line</source>
   <translation>Füllung und Linie tauschen</translation>
  </message>
  <message>
   <source>Swap paint</source>
   <translation>Farben tauschen</translation>
  </message>
  <message>
   <source>Sweep</source>
   <translation>Fegen</translation>
  </message>
  <message>
   <source>Sweep specks</source>
   <translation>Krümel fegen</translation>
  </message>
  <message>
   <source>Swell</source>
   <translation>Schwellzug</translation>
  </message>
  <message>
   <source>Tab shows the next, %1 of %2.</source>
   <translation>Tab zeigt die nächste, %1 von %2.</translation>
  </message>
  <message>
   <source>Tablet stand-in: play recorded strokes…</source>
   <translation>Tablett-Ersatz: aufgezeichnete Striche abspielen…</translation>
  </message>
  <message>
   <source>Tablet stand-in: stop</source>
   <translation>Tablett-Ersatz: anhalten</translation>
  </message>
  <message>
   <source>Tags</source>
   <translation>Stichwörter</translation>
  </message>
  <message>
   <source>Take %1</source>
   <translation>%1 nehmen</translation>
  </message>
  <message>
   <source>Take a live shape apart</source>
   <translation>Lebende Form auseinandernehmen</translation>
  </message>
  <message>
   <source>Take a palette from the shelf or from a picture, then drop inks into the areas that lines enclose. An ink that is mixed anew changes everything painted with it. Pick all that is alike and change it at once.</source>
   <translation>Eine Palette aus dem Regal oder einem Bild nehmen, dann Farben in die Flächen geben, die die Linien umschließen. Eine neu gemischte Farbe ändert alles, was mit ihr gemalt ist. Alles Gleiche wählen und auf einmal ändern.</translation>
  </message>
  <message>
   <source>Take apart</source>
   <translation>Auseinandernehmen</translation>
  </message>
  <message>
   <source>Take apart what was kept whole</source>
   <translation>Ganz Gelassenes zerlegen</translation>
  </message>
  <message>
   <source>Take as mark</source>
   <translation>Als Zeichen nehmen</translation>
  </message>
  <message>
   <source>Take back node</source>
   <translation>Knoten zurücknehmen</translation>
  </message>
  <message>
   <source>Take colour</source>
   <translation>Farbe nehmen</translation>
  </message>
  <message>
   <source>Take from the picture</source>
   <translation>Aus dem Bild nehmen</translation>
  </message>
  <message>
   <source>Take in</source>
   <translation>Aufnehmen</translation>
  </message>
  <message>
   <source>Take ink</source>
   <translation>Tinte nehmen</translation>
  </message>
  <message>
   <source>Take inks from the picture</source>
   <translation>Tinten aus dem Bild nehmen</translation>
  </message>
  <message>
   <source>Take into the live shape</source>
   <translation>In die lebendige Form aufnehmen</translation>
  </message>
  <message>
   <source>Take line</source>
   <translation>Linie nehmen</translation>
  </message>
  <message>
   <source>Take lines</source>
   <translation>Linien nehmen</translation>
  </message>
  <message>
   <source>Take node out</source>
   <translation>Knoten herausnehmen</translation>
  </message>
  <message>
   <source>Take out</source>
   <translation>Herausnehmen</translation>
  </message>
  <message>
   <source>Take out of what it lies in</source>
   <translation>Aus dem herausnehmen, worin es liegt</translation>
  </message>
  <message>
   <source>Take piece out</source>
   <translation>Stück herausnehmen</translation>
  </message>
  <message>
   <source>Take shape</source>
   <translation>Form nehmen</translation>
  </message>
  <message>
   <source>Take shapes</source>
   <translation>Formen nehmen</translation>
  </message>
  <message>
   <source>Take the Repeat tool with one thing picked, and click the line.</source>
   <translation>Nimm das Werkzeug Wiederholung mit einem gewählten Ding und klicke die Linie.</translation>
  </message>
  <message>
   <source>Take the picked shape as the mark of scatter</source>
   <translation>Gewählte Form als Streuzeichen nehmen</translation>
  </message>
  <message>
   <source>Take this line's look for the next ones</source>
   <translation>Aussehen dieser Linie für die nächsten nehmen</translation>
  </message>
  <message>
   <source>Take what was traced</source>
   <translation>Nachgezeichnetes nehmen</translation>
  </message>
  <message>
   <source>Taken</source>
   <translation>Genommen</translation>
  </message>
  <message>
   <source>Taken out; it lies beside its area, in the same place.</source>
   <translation>Herausgeholt; es liegt neben seiner Fläche, am selben Platz.</translation>
  </message>
  <message>
   <source>Taken: few nodes, smooth between corners.</source>
   <translation>Übernommen: wenige Knoten, glatt zwischen den Ecken.</translation>
  </message>
  <message>
   <source>Takes the fill away</source>
   <translation>Nimmt die Füllung weg</translation>
  </message>
  <message>
   <source>Takes the line away</source>
   <translation>Nimmt die Linie weg</translation>
  </message>
  <message>
   <source>Takes this notice away; What happened (F2) keeps it</source>
   <translation>Nimmt diesen Hinweis weg; Was geschah (F2) behält ihn</translation>
  </message>
  <message>
   <source>Taking inks</source>
   <translation>Tinten werden genommen</translation>
  </message>
  <message>
   <source>Tar</source>
   <translation>Teer</translation>
  </message>
  <message>
   <source>Teapot on the counter</source>
   <translation>Teekanne auf der Theke</translation>
  </message>
  <message>
   <source>Tears, all one way</source>
   <translation>Tränen, alle in einer Richtung</translation>
  </message>
  <message numerus="yes">
   <source>Tell %n again</source>
   <translation>
    <numerusform>%n wieder nennen</numerusform>
    <numerusform>%n wieder nennen</numerusform>
   </translation>
  </message>
  <message>
   <source>Tell all again</source>
   <translation>Alle wieder nennen</translation>
  </message>
  <message>
   <source>Tell ink from pencil by itself</source>
   <translation>Tusche und Bleistift von selbst unterscheiden</translation>
  </message>
  <message>
   <source>Tell meant findings again</source>
   <translation>Gewollte Befunde wieder nennen</translation>
  </message>
  <message>
   <source>Text</source>
   <translation>Text</translation>
  </message>
  <message>
   <source>Text and controls are at %1 % when the program is started next.</source>
   <translation>Text und Bedienelemente haben %1 %, wenn das Programm das nächste Mal gestartet wird.</translation>
  </message>
  <message>
   <source>Text and controls at %1 %</source>
   <translation>Text und Bedienelemente mit %1 %</translation>
  </message>
  <message>
   <source>Text size</source>
   <translation>Textgröße</translation>
  </message>
  <message>
   <source>That encloses too little. Draw all the way round.</source>
   <translation>Das umschließt zu wenig. Ganz herum zeichnen.</translation>
  </message>
  <message>
   <source>That line cuts no piece in two.</source>
   <translation>Diese Linie schneidet kein Stück entzwei.</translation>
  </message>
  <message>
   <source>The areas are being worked out after the last change. Once more, in a moment.</source>
   <translation>Die Flächen werden nach der letzten Änderung errechnet. Gleich noch einmal.</translation>
  </message>
  <message>
   <source>The artwork alone</source>
   <translation>Nur das Werk</translation>
  </message>
  <message>
   <source>The artwork over the reference; the keys go to the next view</source>
   <translation>Das Werk über der Vorlage; die Taste geht zur nächsten Ansicht</translation>
  </message>
  <message>
   <source>The card says how wide a gap would close how many more areas: one click takes it. Trim takes stubs away up to the next crossing. The half-beads on the axis show which seams become smooth.</source>
   <translation>Die Karte sagt, welche Lückenweite wie viele Flächen mehr schlösse: Ein Klick nimmt sie. Stutzen nimmt Stümpfe bis zur nächsten Kreuzung weg. Die halben Perlen auf der Achse zeigen, welche Nähte glatt werden.</translation>
  </message>
  <message>
   <source>The closed line is opened at the picked node</source>
   <translation>Die geschlossene Linie wird am gewählten Knoten geöffnet</translation>
  </message>
  <message>
   <source>The colour fills the larger area</source>
   <translation>Die Farbe füllt die größere Fläche</translation>
  </message>
  <message>
   <source>The colour in hand as a new ink</source>
   <translation>Die Farbe in der Hand als neue Tinte</translation>
  </message>
  <message>
   <source>The colour stays as it was</source>
   <translation>Die Farbe bleibt, wie sie war</translation>
  </message>
  <message>
   <source>The demo is not installed here.</source>
   <translation>Die Beispiele sind hier nicht installiert.</translation>
  </message>
  <message>
   <source>The drag makes it fade out</source>
   <translation>Das Ziehen lässt es auslaufen</translation>
  </message>
  <message>
   <source>The drawn lines are seen above the areas</source>
   <translation>Die gezeichneten Linien sind über den Flächen zu sehen</translation>
  </message>
  <message>
   <source>The drop's area is closed again.</source>
   <translation>Die Fläche des Tropfens ist wieder geschlossen.</translation>
  </message>
  <message numerus="yes">
   <source>The ends of %n line(s) count again.</source>
   <translation>
    <numerusform>Die Enden von %n Linie zählen wieder.</numerusform>
    <numerusform>Die Enden von %n Linien zählen wieder.</numerusform>
   </translation>
  </message>
  <message>
   <source>The file is broken: %1 at byte %2.</source>
   <translation>Die Datei ist beschädigt: %1 bei Byte %2.</translation>
  </message>
  <message>
   <source>The file is empty.</source>
   <translation>Die Datei ist leer.</translation>
  </message>
  <message>
   <source>The file is not a palette: its JSON is broken.</source>
   <translation>Die Datei ist keine Palette: Ihr JSON ist beschädigt.</translation>
  </message>
  <message>
   <source>The file is not an SVG drawing.</source>
   <translation>Die Datei ist keine SVG-Zeichnung.</translation>
  </message>
  <message>
   <source>The file is packed, and broken.</source>
   <translation>Die Datei ist gepackt und beschädigt.</translation>
  </message>
  <message>
   <source>The fill</source>
   <translation>Die Füllung</translation>
  </message>
  <message>
   <source>The fill runs out along the light</source>
   <translation>Die Füllung läuft mit dem Licht aus</translation>
  </message>
  <message>
   <source>The first stop's colour in place of the gradient</source>
   <translation>Die Farbe der ersten Marke anstelle des Verlaufs</translation>
  </message>
  <message>
   <source>The gap counts as closed again</source>
   <translation>Die Lücke gilt wieder als geschlossen</translation>
  </message>
  <message>
   <source>The halves become whole; they are kept on a hidden layer</source>
   <translation>Die Hälften werden ganz; sie bleiben auf einer verborgenen Ebene</translation>
  </message>
  <message>
   <source>The ink in hand is the warm colour of the light</source>
   <translation>Die Farbe in der Hand ist die warme Farbe des Lichts</translation>
  </message>
  <message>
   <source>The ink in hand lights the sheet</source>
   <translation>Die Farbe in der Hand beleuchtet das Blatt</translation>
  </message>
  <message>
   <source>The inks of %1 are loaded, and the drawing is painted with them. Ctrl+Z puts both back.</source>
   <translation>Die Farben von %1 sind geladen, und die Zeichnung ist damit bemalt. Strg+Z nimmt beides zurück.</translation>
  </message>
  <message>
   <source>The inks of %1 are loaded.</source>
   <translation>Die Farben von %1 sind geladen.</translation>
  </message>
  <message>
   <source>The language changes when the program is started next.</source>
   <translation>Die Sprache wechselt beim nächsten Start des Programms.</translation>
  </message>
  <message>
   <source>The last layer stays.</source>
   <translation>Die letzte Ebene bleibt.</translation>
  </message>
  <message>
   <source>The last one taken is let go (Backspace)</source>
   <translation>Das zuletzt Genommene wird losgelassen (Rücktaste)</translation>
  </message>
  <message>
   <source>The layer drawn on is mirrored at an axis</source>
   <translation>Die Ebene, auf der gezeichnet wird, spiegelt sich an einer Achse</translation>
  </message>
  <message>
   <source>The layer is mirrored at this line.</source>
   <translation>Die Ebene ist an dieser Linie gespiegelt.</translation>
  </message>
  <message>
   <source>The line</source>
   <translation>Die Linie</translation>
  </message>
  <message>
   <source>The line drawn as the axis is left out.</source>
   <translation>Die als Achse gezeichnete Linie ist weggelassen.</translation>
  </message>
  <message>
   <source>The line is bent as evenly as that allows; corners and ends stay</source>
   <translation>Die Linie biegt sich so gleichmäßig, wie das erlaubt; Ecken und Enden bleiben</translation>
  </message>
  <message>
   <source>The line is open there: the pen goes on from an end it is put on. Ctrl+Z puts the piece back.</source>
   <translation>Die Linie ist dort offen: Die Feder macht an einem Ende weiter, auf das man sie setzt. Strg+Z legt das Stück zurück.</translation>
  </message>
  <message>
   <source>The line serves other lines</source>
   <translation>Die Linie dient anderen Linien</translation>
  </message>
  <message>
   <source>The line that parted a colour from its neighbour is gone. May the colour flow on?</source>
   <translation>Die Linie, die eine Farbe von ihrer Nachbarin trennte, ist weg. Darf die Farbe weiterfließen?</translation>
  </message>
  <message>
   <source>The line with its swell becomes an area</source>
   <translation>Die Linie mit ihrem Schwellzug wird eine Fläche</translation>
  </message>
  <message>
   <source>The lines are being looked at after the last change. Once more, in a moment.</source>
   <translation>Die Linien werden nach der letzten Änderung betrachtet. Gleich noch einmal.</translation>
  </message>
  <message>
   <source>The lines are used up</source>
   <translation>Die Linien werden verbraucht</translation>
  </message>
  <message>
   <source>The lines become guides: seen here, never delivered</source>
   <translation>Die Linien werden Hilfslinien: hier zu sehen, nie geliefert</translation>
  </message>
  <message>
   <source>The lines stay as they are</source>
   <translation>Die Linien bleiben, wie sie sind</translation>
  </message>
  <message>
   <source>The list of recent pieces is empty.</source>
   <translation>Die Liste der zuletzt geöffneten Stücke ist leer.</translation>
  </message>
  <message>
   <source>The live shape takes the others in as its parts</source>
   <translation>Die lebendige Form nimmt die anderen als ihre Teile auf</translation>
  </message>
  <message>
   <source>The lowest without the others</source>
   <translation>Das unterste ohne die anderen</translation>
  </message>
  <message>
   <source>The marks are being scattered. Kind, size and seed can be changed on the card.</source>
   <translation>Die Zeichen werden gestreut. Art, Größe und Saat lassen sich auf der Karte ändern.</translation>
  </message>
  <message>
   <source>The mirror is off; what was drawn stays as it is.</source>
   <translation>Der Spiegel ist aus; was gezeichnet wurde, bleibt, wie es ist.</translation>
  </message>
  <message>
   <source>The name must end in .svg, .pdf or .png.</source>
   <translation>Der Name muss auf .svg, .pdf oder .png enden.</translation>
  </message>
  <message>
   <source>The nearest ink of the palette</source>
   <translation>Die nächste Tinte der Palette</translation>
  </message>
  <message>
   <source>The next line</source>
   <translation>Die nächste Linie</translation>
  </message>
  <message>
   <source>The next one is</source>
   <translation>Die nächste ist</translation>
  </message>
  <message>
   <source>The next shade whose side is not that of the light</source>
   <translation>Die nächste Schattierung, deren Seite nicht die des Lichts ist</translation>
  </message>
  <message>
   <source>The other half is taken away</source>
   <translation>Die andere Hälfte wird weggenommen</translation>
  </message>
  <message>
   <source>The outline crosses itself</source>
   <translation>Der Umriss kreuzt sich selbst</translation>
  </message>
  <message>
   <source>The part %1 is not on this machine.</source>
   <translation>Das Teil %1 ist nicht auf diesem Rechner.</translation>
  </message>
  <message>
   <source>The part becomes what this is; what it was is kept</source>
   <translation>Das Teil wird, was dies ist; was es war, bleibt aufgehoben</translation>
  </message>
  <message>
   <source>The part cannot be removed: %1.</source>
   <translation>Das Teil kann nicht entfernt werden: %1.</translation>
  </message>
  <message>
   <source>The part holds nothing.</source>
   <translation>Das Teil enthält nichts.</translation>
  </message>
  <message>
   <source>The part is a shape of its own again. Ctrl+Z puts it back.</source>
   <translation>Der Teil ist wieder eine eigene Form. Strg+Z legt ihn zurück.</translation>
  </message>
  <message numerus="yes">
   <source>The part is as it is here now. %n other use(s) on this sheet: All uses brings them up to it.</source>
   <translation>
    <numerusform>Das Teil ist nun wie hier. %n weitere Verwendung auf diesem Blatt: Alle bringt sie darauf.</numerusform>
    <numerusform>Das Teil ist nun wie hier. %n weitere Verwendungen auf diesem Blatt: Alle bringt sie darauf.</numerusform>
   </translation>
  </message>
  <message>
   <source>The part is as it is here now. What it was is kept in its folder.</source>
   <translation>Das Teil ist nun wie hier. Was es war, bleibt in seinem Ordner.</translation>
  </message>
  <message>
   <source>The parts come back as they were</source>
   <translation>Die Teile kommen zurück, wie sie waren</translation>
  </message>
  <message>
   <source>The parts stay and can be moved until the shape is set</source>
   <translation>Die Teile bleiben und lassen sich bewegen, bis die Form festgesetzt ist</translation>
  </message>
  <message>
   <source>The picked cut, as a level from 0 (black) to 255</source>
   <translation>Der gewählte Schnitt als Stufe von 0 (Schwarz) bis 255</translation>
  </message>
  <message>
   <source>The picked stop takes the ink in hand</source>
   <translation>Die gewählte Marke bekommt die Tinte in der Hand</translation>
  </message>
  <message>
   <source>The picture</source>
   <translation>Das Bild</translation>
  </message>
  <message>
   <source>The picture becomes few flat colour areas that abut</source>
   <translation>Das Bild wird wenige flache Farbflächen, die aneinanderstoßen</translation>
  </message>
  <message>
   <source>The picture counts as it is there (Delete)</source>
   <translation>Das Bild zählt dort, wie es ist (Entf)</translation>
  </message>
  <message>
   <source>The picture is square to the paper.</source>
   <translation>Das Bild steht gerade zum Papier.</translation>
  </message>
  <message>
   <source>The picture is still being read. Try again in a moment.</source>
   <translation>Das Bild wird noch gelesen. Gleich noch einmal versuchen.</translation>
  </message>
  <message>
   <source>The pointer on a tool shows what it does.</source>
   <translation>Der Zeiger auf einem Werkzeug zeigt, was es tut.</translation>
  </message>
  <message>
   <source>The proof marks every fault it finds.</source>
   <translation>Die Prüfung markiert jeden Fehler, den sie findet.</translation>
  </message>
  <message>
   <source>The same again with a copy</source>
   <translation>Dasselbe noch einmal mit einer Kopie</translation>
  </message>
  <message>
   <source>The same shape twice</source>
   <translation>Dieselbe Form zweimal</translation>
  </message>
  <message>
   <source>The shape that was taken as the mark</source>
   <translation>Die Form, die als Zeichen genommen wurde</translation>
  </message>
  <message>
   <source>The sheet</source>
   <translation>Das Blatt</translation>
  </message>
  <message>
   <source>The sheet's light</source>
   <translation>Das Licht des Blatts</translation>
  </message>
  <message>
   <source>The shelf, load, save, take from the picture</source>
   <translation>Das Regal, laden, sichern, aus dem Bild nehmen</translation>
  </message>
  <message>
   <source>The stage is a piece by itself now. Save it under a name of its own.</source>
   <translation>Der Stand ist nun ein eigenes Stück. Speichere es unter eigenem Namen.</translation>
  </message>
  <message>
   <source>The step</source>
   <translation>Der Schritt</translation>
  </message>
  <message>
   <source>The stroke has to end on the line too. Nothing was changed.</source>
   <translation>Der Strich muss auch auf der Linie enden. Nichts wurde geändert.</translation>
  </message>
  <message>
   <source>The thin area belongs to its neighbour again</source>
   <translation>Die schmale Fläche gehört wieder zur Nachbarin</translation>
  </message>
  <message>
   <source>The thin area is an area by itself</source>
   <translation>Die schmale Fläche ist eine eigene Fläche</translation>
  </message>
  <message>
   <source>The tools' keys lie at the left: %1.</source>
   <translation>Die Tasten der Werkzeuge liegen links: %1.</translation>
  </message>
  <message>
   <source>The tools' keys lie at the right: %1.</source>
   <translation>Die Tasten der Werkzeuge liegen rechts: %1.</translation>
  </message>
  <message>
   <source>The typeface %1 is not here</source>
   <translation>Die Schrift %1 ist nicht hier</translation>
  </message>
  <message>
   <source>The typeface of these words is not on this machine. Their outlines are kept; choose another typeface to change them.</source>
   <translation>Die Schrift dieser Wörter ist nicht auf diesem Rechner. Ihre Umrisse bleiben; wähle eine andere Schrift, um sie zu ändern.</translation>
  </message>
  <message>
   <source>The variant is a piece by itself now. Save it under a name of its own.</source>
   <translation>Die Variante ist jetzt ein eigenes Stück. Sichern Sie sie unter eigenem Namen.</translation>
  </message>
  <message>
   <source>The variant opens as a piece of its own; kept as a stage of its name, it is delivered in place of the one worked out</source>
   <translation>Die Variante öffnet sich als eigenes Stück; als Stand ihres Namens behalten wird sie statt der errechneten geliefert</translation>
  </message>
  <message>
   <source>The weld leaves a corner at this seam.</source>
   <translation>Die Schweißung lässt an dieser Naht eine Ecke.</translation>
  </message>
  <message>
   <source>The weld makes this seam smooth.</source>
   <translation>Die Schweißung macht diese Naht glatt.</translation>
  </message>
  <message>
   <source>The words are one shape now. Undo brings them back.</source>
   <translation>Die Wörter sind jetzt eine Form. Rückgängig bringt sie zurück.</translation>
  </message>
  <message>
   <source>The words run back along the line</source>
   <translation>Die Wörter laufen auf der Linie zurück</translation>
  </message>
  <message>
   <source>The work becomes what it was then; Undo leads forward again</source>
   <translation>Die Arbeit wird, was sie damals war; Rückgängig führt wieder vorwärts</translation>
  </message>
  <message>
   <source>Theme</source>
   <translation>Thema</translation>
  </message>
  <message>
   <source>There are %1 stages already: remove one first.</source>
   <translation>Es gibt schon %1 Stände: Entferne erst einen.</translation>
  </message>
  <message>
   <source>There are no colours in the file.</source>
   <translation>In der Datei sind keine Farben.</translation>
  </message>
  <message>
   <source>There are no facets of an outline.</source>
   <translation>Es gibt keine Facetten eines Umrisses.</translation>
  </message>
  <message>
   <source>There are no facets yet. Pick an outline, or a picture, and make them on the card.</source>
   <translation>Noch gibt es keine Facetten. Einen Umriss oder ein Bild wählen und sie auf der Karte machen.</translation>
  </message>
  <message>
   <source>There are no inks to save.</source>
   <translation>Es gibt keine Tinten zu speichern.</translation>
  </message>
  <message>
   <source>There are very many steps: the oldest can no longer be taken back.</source>
   <translation>Es sind sehr viele Schritte: Die ältesten lassen sich nicht mehr zurücknehmen.</translation>
  </message>
  <message>
   <source>There is no area here. Shades lie in closed shapes.</source>
   <translation>Hier ist keine Fläche. Schattierungen liegen in geschlossenen Formen.</translation>
  </message>
  <message>
   <source>There is no file %1.</source>
   <translation>Es gibt keine Datei %1.</translation>
  </message>
  <message>
   <source>There is no ink in hand. Add one on the card.</source>
   <translation>Keine Tinte in der Hand. Auf der Karte eine hinzufügen.</translation>
  </message>
  <message>
   <source>There is no memory for its picture.</source>
   <translation>Für sein Bild reicht der Speicher nicht.</translation>
  </message>
  <message>
   <source>There is no picture to clean.</source>
   <translation>Es gibt kein Bild zu säubern.</translation>
  </message>
  <message>
   <source>There is no picture to crop.</source>
   <translation>Es gibt kein Bild zum Zuschneiden.</translation>
  </message>
  <message>
   <source>There is no picture to lay pieces over.</source>
   <translation>Es gibt kein Bild, über das Stücke gelegt werden könnten.</translation>
  </message>
  <message>
   <source>There is no picture to lay the rope on. Bring one in with Ctrl+I.</source>
   <translation>Es gibt kein Bild, auf das sich das Seil legen könnte. Strg+I holt eines.</translation>
  </message>
  <message>
   <source>There is no picture to square.</source>
   <translation>Es gibt kein Bild gerade zu richten.</translation>
  </message>
  <message>
   <source>There is no picture to straighten.</source>
   <translation>Es gibt kein Bild zum Ausrichten.</translation>
  </message>
  <message>
   <source>There is no picture to take inks from.</source>
   <translation>Es gibt kein Bild, aus dem Tinten zu nehmen wären.</translation>
  </message>
  <message>
   <source>There is no picture under the pointer.</source>
   <translation>Unter dem Zeiger ist kein Bild.</translation>
  </message>
  <message>
   <source>There is no process card %1. There are: %2.</source>
   <translation>Es gibt keine Verfahrenskarte %1. Es gibt: %2.</translation>
  </message>
  <message>
   <source>There is no room for it, with that margin.</source>
   <translation>Mit diesem Rand ist kein Platz dafür.</translation>
  </message>
  <message>
   <source>There is no shape here. Drag over a shape, or pick several first.</source>
   <translation>Hier ist keine Form. Über eine Form ziehen oder zuerst mehrere wählen.</translation>
  </message>
  <message>
   <source>There is no stage yet: Edit, Keep a stage.</source>
   <translation>Es gibt noch keinen Stand: Bearbeiten, Stand behalten.</translation>
  </message>
  <message>
   <source>There is no tone stack yet. Choose 2, 3 or 5 tones on the card.</source>
   <translation>Noch kein Tonstapel. Auf der Karte 2, 3 oder 5 Töne wählen.</translation>
  </message>
  <message>
   <source>There is no tone under the pointer.</source>
   <translation>Unter dem Zeiger ist kein Ton.</translation>
  </message>
  <message>
   <source>There is not enough memory for %1.</source>
   <translation>Der Speicher reicht nicht für %1.</translation>
  </message>
  <message>
   <source>There is not enough memory for this size.</source>
   <translation>Der Speicher reicht nicht für diese Größe.</translation>
  </message>
  <message>
   <source>There is not enough memory for this. Nothing was changed.</source>
   <translation>Der Speicher reicht dafür nicht. Nichts wurde geändert.</translation>
  </message>
  <message>
   <source>There is nothing here to put inside.</source>
   <translation>Hier ist nichts hineinzulegen.</translation>
  </message>
  <message>
   <source>There is nothing in %1 to find an axis in.</source>
   <translation>In %1 ist nichts, worin eine Achse zu finden wäre.</translation>
  </message>
  <message>
   <source>There is nothing in it that is seen.</source>
   <translation>Darin ist nichts, was man sieht.</translation>
  </message>
  <message>
   <source>There is nothing painted to flatten.</source>
   <translation>Es ist nichts Gemaltes zu verflachen.</translation>
  </message>
  <message>
   <source>There is nothing to mend.</source>
   <translation>Es gibt nichts zu beheben.</translation>
  </message>
  <message>
   <source>There is nothing to paste: copy a drawing first.</source>
   <translation>Es gibt nichts einzufügen: Zuerst eine Zeichnung kopieren.</translation>
  </message>
  <message>
   <source>There is nothing to paste: copy a picture or a drawing first.</source>
   <translation>Es gibt nichts einzufügen: Zuerst ein Bild oder eine Zeichnung kopieren.</translation>
  </message>
  <message>
   <source>There is nothing to split: pick shapes that overlap, or one with holes.</source>
   <translation>Es gibt nichts zu teilen: Formen wählen, die sich überlappen, oder eine mit Löchern.</translation>
  </message>
  <message>
   <source>These corners would turn the page inside out.</source>
   <translation>Diese Ecken würden das Blatt umstülpen.</translation>
  </message>
  <message>
   <source>These ends meet already.</source>
   <translation>Diese Enden treffen sich schon.</translation>
  </message>
  <message>
   <source>These tones are set. "Live again" on the card goes back to the stack.</source>
   <translation>Diese Töne sind festgesetzt. „Wieder lebend“ auf der Karte führt zum Stapel zurück.</translation>
  </message>
  <message>
   <source>These two have no border in common.</source>
   <translation>Diese beiden haben keine gemeinsame Grenze.</translation>
  </message>
  <message>
   <source>They bend as evenly as they can within that slack.</source>
   <translation>Sie biegen sich in diesem Spielraum so gleichmäßig, wie es geht.</translation>
  </message>
  <message>
   <source>They follow the light now.</source>
   <translation>Sie folgen nun dem Licht.</translation>
  </message>
  <message>
   <source>They thin out</source>
   <translation>Sie werden weniger</translation>
  </message>
  <message>
   <source>Thickness</source>
   <translation>Stärke der Schrift</translation>
  </message>
  <message>
   <source>Thinnest area kept</source>
   <translation>Dünnste Fläche, die bleibt</translation>
  </message>
  <message>
   <source>Thinnest line</source>
   <translation>Dünnste Linie</translation>
  </message>
  <message>
   <source>Thinnest part</source>
   <translation>Dünnste Stelle</translation>
  </message>
  <message>
   <source>Thirds</source>
   <translation>Drittel</translation>
  </message>
  <message>
   <source>This</source>
   <translation>Dies</translation>
  </message>
  <message>
   <source>This cannot be done with what is picked.</source>
   <translation>Das geht nicht mit dem Gewählten.</translation>
  </message>
  <message>
   <source>This could not be done. Nothing was changed.</source>
   <translation>Das ging nicht. Nichts wurde geändert.</translation>
  </message>
  <message>
   <source>This could not be done: %1. Nothing was changed.</source>
   <translation>Das ging nicht: %1. Nichts wurde geändert.</translation>
  </message>
  <message>
   <source>This end belongs to a shape of several outlines. Use Nodes on it.</source>
   <translation>Dieses Ende gehört zu einer Form aus mehreren Umrissen. Dafür ist Knoten da.</translation>
  </message>
  <message>
   <source>This gap counts as closed; another click opens it.</source>
   <translation>Diese Lücke gilt als geschlossen; ein weiterer Klick öffnet sie.</translation>
  </message>
  <message>
   <source>This gap is open again.</source>
   <translation>Diese Lücke ist wieder offen.</translation>
  </message>
  <message>
   <source>This is no group.</source>
   <translation>Das ist keine Gruppe.</translation>
  </message>
  <message>
   <source>This is worked out by a live part. Set that first, to change its pieces by hand.</source>
   <translation>Das wird von einem lebenden Teil errechnet. Erst festsetzen, um seine Stücke von Hand zu ändern.</translation>
  </message>
  <message>
   <source>This key stays: it goes by place, or is held.</source>
   <translation>Diese Taste bleibt: Sie geht nach dem Platz oder wird gehalten.</translation>
  </message>
  <message>
   <source>This layer has no mirror to weld at. M puts one on.</source>
   <translation>Diese Ebene hat keinen Spiegel zum Verschweißen. M setzt einen.</translation>
  </message>
  <message>
   <source>This piece has changes that are not saved.</source>
   <translation>Dieses Werk hat ungespeicherte Änderungen.</translation>
  </message>
  <message>
   <source>This piece is picked: Delete takes it out and leaves the line open there.</source>
   <translation>Dieses Stück ist gewählt: Entf nimmt es heraus und lässt die Linie dort offen.</translation>
  </message>
  <message>
   <source>This screen has room for %1 % at most.</source>
   <translation>Auf diesem Bildschirm ist Platz für höchstens %1 %.</translation>
  </message>
  <message>
   <source>This shape is not live: it has no parts.</source>
   <translation>Diese Form ist nicht lebend: Sie hat keine Teile.</translation>
  </message>
  <message>
   <source>This takes more than is picked.</source>
   <translation>Dazu braucht es mehr, als gewählt ist.</translation>
  </message>
  <message>
   <source>Three tones</source>
   <translation>Drei Töne</translation>
  </message>
  <message>
   <source>Tin</source>
   <translation>Zinn</translation>
  </message>
  <message>
   <source>Tints</source>
   <translation>Tönungen</translation>
  </message>
  <message>
   <source>Tints of</source>
   <translation>Tönungen von</translation>
  </message>
  <message>
   <source>Tissue</source>
   <translation>Seidenpapier</translation>
  </message>
  <message>
   <source>To</source>
   <translation>Bis</translation>
  </message>
  <message>
   <source>To a side</source>
   <translation>Zu einer Seite</translation>
  </message>
  <message>
   <source>To shapes</source>
   <translation>Zu Formen</translation>
  </message>
  <message>
   <source>To the light</source>
   <translation>Zum Licht</translation>
  </message>
  <message>
   <source>To the stack</source>
   <translation>Zum Stapel</translation>
  </message>
  <message>
   <source>Toadstool</source>
   <translation>Fliegenpilz</translation>
  </message>
  <message>
   <source>Together</source>
   <translation>Zusammen</translation>
  </message>
  <message>
   <source>Tone</source>
   <translation>Ton</translation>
  </message>
  <message>
   <source>Tone %1</source>
   <translation>Ton %1</translation>
  </message>
  <message>
   <source>Tone stack</source>
   <translation>Tonstapel</translation>
  </message>
  <message>
   <source>Tone: a photo becomes a few flat tones</source>
   <translation>Ton: ein Foto wird wenige flache Töne</translation>
  </message>
  <message>
   <source>Tones</source>
   <translation>Töne</translation>
  </message>
  <message>
   <source>Tones live again</source>
   <translation>Töne wieder lebend</translation>
  </message>
  <message>
   <source>Too many nodes, because the slack was too small for a trembling hand; corners that were meant sharp come out round; a line ends just short of another and no area closes.</source>
   <translation>Zu viele Knoten, weil der Spielraum für eine zitternde Hand zu klein war; spitz gemeinte Ecken werden rund; eine Linie endet kurz vor der anderen, und keine Fläche schließt sich.</translation>
  </message>
  <message>
   <source>Took %1 inks from the picture. Ctrl+Z drops them.</source>
   <translation>%1 Tinten aus dem Bild genommen. Strg+Z wirft sie weg.</translation>
  </message>
  <message>
   <source>Took %1 with %2 nodes.</source>
   <translation>%1 mit %2 Knoten genommen.</translation>
  </message>
  <message>
   <source>Took back: %1.</source>
   <translation>Zurückgenommen: %1.</translation>
  </message>
  <message>
   <source>Tools</source>
   <translation>Werkzeuge</translation>
  </message>
  <message>
   <source>Tools stand still, and have no hints.</source>
   <translation>Die Werkzeuge stehen still und haben keine Hinweise.</translation>
  </message>
  <message>
   <source>Top</source>
   <translation>Oben</translation>
  </message>
  <message>
   <source>Tops in one line</source>
   <translation>Oberkanten auf einer Linie</translation>
  </message>
  <message>
   <source>Touch</source>
   <translation>Anschlag</translation>
  </message>
  <message>
   <source>Touch of the pen</source>
   <translation>Anschlag des Stifts</translation>
  </message>
  <message>
   <source>Touch of the pen…</source>
   <translation>Anschlag des Stifts …</translation>
  </message>
  <message>
   <source>Touch the neighbour</source>
   <translation>Den Nachbarn berühren</translation>
  </message>
  <message>
   <source>Towards the light</source>
   <translation>Zum Licht hin</translation>
  </message>
  <message>
   <source>Trace</source>
   <translation>Nachzeichnen</translation>
  </message>
  <message>
   <source>Trace it</source>
   <translation>Nachzeichnen</translation>
  </message>
  <message>
   <source>Trace lines</source>
   <translation>Linien nachzeichnen</translation>
  </message>
  <message>
   <source>Trace lines of the picture</source>
   <translation>Linien des Bildes nachzeichnen</translation>
  </message>
  <message>
   <source>Trace lines: pencil strokes of several passes become one line.</source>
   <translation>Linien nachzeichnen: Bleistiftstriche in mehreren Zügen werden eine Linie.</translation>
  </message>
  <message>
   <source>Trace shapes</source>
   <translation>Formen nachzeichnen</translation>
  </message>
  <message>
   <source>Trace shapes of the picture</source>
   <translation>Formen des Bildes nachzeichnen</translation>
  </message>
  <message>
   <source>Trace the picture</source>
   <translation>Das Bild nachzeichnen</translation>
  </message>
  <message>
   <source>Trace what was kept whole</source>
   <translation>Ganz Gelassenes nachzeichnen</translation>
  </message>
  <message>
   <source>Trace: what is seen becomes lines</source>
   <translation>Nachzeichnen: was man sieht, wird Linie</translation>
  </message>
  <message>
   <source>Tracing, %1 %</source>
   <translation>Wird nachgezeichnet, %1 %</translation>
  </message>
  <message>
   <source>Tracking</source>
   <translation>Laufweite</translation>
  </message>
  <message>
   <source>Triad</source>
   <translation>Dreiklang</translation>
  </message>
  <message>
   <source>Trim</source>
   <translation>Stutzen</translation>
  </message>
  <message>
   <source>Trimmed %1 pieces. Ctrl+Z puts them back.</source>
   <translation>%1 Stücke gestutzt. Strg+Z legt sie zurück.</translation>
  </message>
  <message>
   <source>Turn</source>
   <translation>Drehen</translation>
  </message>
  <message>
   <source>Turn by</source>
   <translation>Drehen um</translation>
  </message>
  <message>
   <source>Turn facet</source>
   <translation>Facette drehen</translation>
  </message>
  <message>
   <source>Turn into tones</source>
   <translation>In Töne verwandeln</translation>
  </message>
  <message>
   <source>Turn light</source>
   <translation>Licht drehen</translation>
  </message>
  <message>
   <source>Turn line round</source>
   <translation>Linie umkehren</translation>
  </message>
  <message>
   <source>Turn of marks</source>
   <translation>Drehung der Zeichen</translation>
  </message>
  <message>
   <source>Turn picture</source>
   <translation>Bild drehen</translation>
  </message>
  <message>
   <source>Turn the view left</source>
   <translation>Ansicht nach links drehen</translation>
  </message>
  <message>
   <source>Turn the view right</source>
   <translation>Ansicht nach rechts drehen</translation>
  </message>
  <message>
   <source>Turn them</source>
   <translation>Drehen</translation>
  </message>
  <message>
   <source>Turn to the light</source>
   <translation>Zum Licht drehen</translation>
  </message>
  <message>
   <source>Turn what ignores the light</source>
   <translation>Drehen, was das Licht missachtet</translation>
  </message>
  <message>
   <source>Turn working colours</source>
   <translation>Arbeitsfarben verwandeln</translation>
  </message>
  <message>
   <source>Turn working colours into their tones</source>
   <translation>Arbeitsfarben in ihre Töne verwandeln</translation>
  </message>
  <message>
   <source>Turned</source>
   <translation>Gedreht</translation>
  </message>
  <message>
   <source>Turned %1 by %2°. Ctrl+Z turns it back.</source>
   <translation>%1 um %2° gedreht. Strg+Z dreht es zurück.</translation>
  </message>
  <message>
   <source>Twice the pixels</source>
   <translation>Doppelt so viele Pixel</translation>
  </message>
  <message>
   <source>Two arcs from tip to tip</source>
   <translation>Zwei Bögen von Spitze zu Spitze</translation>
  </message>
  <message>
   <source>Two colours abut for %1 without overlap</source>
   <translation>Zwei Farben stoßen auf %1 ohne Überlappung aneinander</translation>
  </message>
  <message>
   <source>Two ends meet and are not joined</source>
   <translation>Zwei Enden treffen sich unverbunden</translation>
  </message>
  <message>
   <source>Two nodes in one place</source>
   <translation>Zwei Knoten an einer Stelle</translation>
  </message>
  <message>
   <source>Two tones</source>
   <translation>Zwei Töne</translation>
  </message>
  <message>
   <source>Type</source>
   <translation>Tippen</translation>
  </message>
  <message>
   <source>Typeface</source>
   <translation>Schrift</translation>
  </message>
  <message>
   <source>Typefaces</source>
   <translation>Schriften</translation>
  </message>
  <message>
   <source>Under the pointer</source>
   <translation>Unter dem Zeiger</translation>
  </message>
  <message>
   <source>Undo</source>
   <translation>Rückgängig</translation>
  </message>
  <message>
   <source>Undo: %1</source>
   <translation>Rückgängig: %1</translation>
  </message>
  <message>
   <source>Ungroup</source>
   <translation>Gruppe auflösen</translation>
  </message>
  <message>
   <source>Union</source>
   <translation>Vereinigung</translation>
  </message>
  <message>
   <source>Unit</source>
   <translation>Einheit</translation>
  </message>
  <message>
   <source>Unit of the size</source>
   <translation>Einheit der Größe</translation>
  </message>
  <message>
   <source>Unite</source>
   <translation>Vereinigen</translation>
  </message>
  <message>
   <source>Unlock</source>
   <translation>Entsperren</translation>
  </message>
  <message>
   <source>Unlock facet</source>
   <translation>Facette entsperren</translation>
  </message>
  <message>
   <source>Unlock layer</source>
   <translation>Ebene entsperren</translation>
  </message>
  <message>
   <source>Unlock what is picked</source>
   <translation>Gewähltes entsperren</translation>
  </message>
  <message>
   <source>Unlocked.</source>
   <translation>Entsperrt.</translation>
  </message>
  <message>
   <source>Unsaved work</source>
   <translation>Ungespeicherte Arbeit</translation>
  </message>
  <message>
   <source>Untitled</source>
   <translation>Ohne Titel</translation>
  </message>
  <message>
   <source>Up</source>
   <translation>Nach oben</translation>
  </message>
  <message>
   <source>Update all uses of this part</source>
   <translation>Alle Verwendungen dieses Teils auffrischen</translation>
  </message>
  <message>
   <source>Update from part</source>
   <translation>Aus dem Teil</translation>
  </message>
  <message>
   <source>Update the part from here</source>
   <translation>Das Teil von hier auffrischen</translation>
  </message>
  <message>
   <source>Upright</source>
   <translation>Aufrecht</translation>
  </message>
  <message>
   <source>Usual width</source>
   <translation>Übliche Breite</translation>
  </message>
  <message>
   <source>Variants</source>
   <translation>Varianten</translation>
  </message>
  <message>
   <source>Veil</source>
   <translation>Schleier</translation>
  </message>
  <message>
   <source>View</source>
   <translation>Ansicht</translation>
  </message>
  <message>
   <source>View upright again</source>
   <translation>Ansicht wieder aufrecht</translation>
  </message>
  <message>
   <source>Vinyl cutter</source>
   <translation>Folienschneider</translation>
  </message>
  <message>
   <source>Violet drop</source>
   <translation>Veilchenbonbon</translation>
  </message>
  <message>
   <source>Waist</source>
   <translation>Taille</translation>
  </message>
  <message>
   <source>Wanted share of dark</source>
   <translation>Gewünschter Anteil Dunkel</translation>
  </message>
  <message>
   <source>Warm from ink</source>
   <translation>Warm aus Farbe</translation>
  </message>
  <message>
   <source>Warm light</source>
   <translation>Warmes Licht</translation>
  </message>
  <message>
   <source>Wave</source>
   <translation>Welle</translation>
  </message>
  <message>
   <source>Way</source>
   <translation>Richtung</translation>
  </message>
  <message>
   <source>Way of marks</source>
   <translation>Richtung der Zeichen</translation>
  </message>
  <message>
   <source>Way of the light</source>
   <translation>Richtung des Lichts</translation>
  </message>
  <message>
   <source>Wears %1; changed here, it lets go of it.</source>
   <translation>Trägt %1; hier geändert, lässt es los.</translation>
  </message>
  <message>
   <source>Wears no look: it is its own.</source>
   <translation>Trägt kein Aussehen: es ist sein eigenes.</translation>
  </message>
  <message>
   <source>Web icon</source>
   <translation>Websymbol</translation>
  </message>
  <message>
   <source>Weight</source>
   <translation>Stärke</translation>
  </message>
  <message>
   <source>Weld</source>
   <translation>Verschweißen</translation>
  </message>
  <message>
   <source>Weld halves</source>
   <translation>Hälften verschweißen</translation>
  </message>
  <message>
   <source>Weld the mirrored halves</source>
   <translation>Gespiegelte Hälften verschweißen</translation>
  </message>
  <message>
   <source>Welded: the halves of this layer are one line.</source>
   <translation>Verschweißt: Die Hälften dieser Ebene sind eine Linie.</translation>
  </message>
  <message>
   <source>Welds ends within</source>
   <translation>Verschweißt Enden innerhalb</translation>
  </message>
  <message>
   <source>Wells of enamel between raised metal lines.</source>
   <translation>Emaille zwischen erhabenen Metallstegen.</translation>
  </message>
  <message>
   <source>Wet cobbles</source>
   <translation>Nasses Pflaster</translation>
  </message>
  <message>
   <source>What</source>
   <translation>Was</translation>
  </message>
  <message>
   <source>What a shop or a cutter can hold, at the real size. 0 asks for nothing.</source>
   <translation>Was eine Druckerei oder ein Schneider halten kann, in wahrer Größe. 0 verlangt nichts.</translation>
  </message>
  <message>
   <source>What all of them cover</source>
   <translation>Was alle bedecken</translation>
  </message>
  <message>
   <source>What all parts cover</source>
   <translation>Was alle Teile bedecken</translation>
  </message>
  <message>
   <source>What could not be read: %1.</source>
   <translation>Was sich nicht lesen ließ: %1.</translation>
  </message>
  <message>
   <source>What do you want to do?</source>
   <translation>Was möchten Sie tun?</translation>
  </message>
  <message>
   <source>What goes wrong</source>
   <translation>Was schiefgeht</translation>
  </message>
  <message>
   <source>What happened</source>
   <translation>Was geschah</translation>
  </message>
  <message>
   <source>What helps</source>
   <translation>Was hilft</translation>
  </message>
  <message>
   <source>What ignores it is drawn by hand: draw it on the other side.</source>
   <translation>Was es missachtet, ist von Hand gezeichnet: auf der anderen Seite zeichnen.</translation>
  </message>
  <message>
   <source>What ignores the light is found by F12 and turned by Shift+F12. Keep a look by name and give it to all that are alike: change it once and all follow. For print, flatten turns blends into plain areas.</source>
   <translation>Was das Licht missachtet, findet F12 und dreht Umschalt+F12. Ein Aussehen mit Namen behalten und allem Gleichen geben: einmal ändern, und alles folgt. Für den Druck macht Verflachen aus Überblendungen schlichte Flächen.</translation>
  </message>
  <message>
   <source>What is darker stays darker, by about as much; locked layers stay</source>
   <translation>Was dunkler ist, bleibt dunkler, um etwa so viel; gesperrte Ebenen bleiben</translation>
  </message>
  <message>
   <source>What is darker than the flag is traced. Drag it, or press left and right</source>
   <translation>Was dunkler ist als die Flagge, wird nachgezeichnet. Ziehen, oder links und rechts drücken</translation>
  </message>
  <message>
   <source>What is picked</source>
   <translation>Was gewählt ist</translation>
  </message>
  <message>
   <source>What is picked is hidden.</source>
   <translation>Das Gewählte ist verborgen.</translation>
  </message>
  <message>
   <source>What is picked is locked.</source>
   <translation>Das Gewählte ist gesperrt.</translation>
  </message>
  <message>
   <source>What is picked, or drawn next, means dark</source>
   <translation>Was gewählt ist oder als Nächstes gezeichnet wird, bedeutet dunkel</translation>
  </message>
  <message>
   <source>What is picked, or drawn next, means light</source>
   <translation>Was gewählt ist oder als Nächstes gezeichnet wird, bedeutet hell</translation>
  </message>
  <message>
   <source>What is readable of it becomes things on the sheet, the rest is listed</source>
   <translation>Was davon lesbar ist, wird zu Dingen auf dem Blatt, der Rest wird aufgezählt</translation>
  </message>
  <message>
   <source>What lies on the layer shows on both sides of an axis</source>
   <translation>Was auf der Ebene liegt, zeigt sich zu beiden Seiten einer Achse</translation>
  </message>
  <message>
   <source>What lies on this layer shows on both sides of the axis until you weld it.</source>
   <translation>Was auf dieser Ebene liegt, zeigt sich zu beiden Seiten der Achse, bis Sie es verschweißen.</translation>
  </message>
  <message>
   <source>What one thing throws on another</source>
   <translation>Was ein Ding auf ein anderes wirft</translation>
  </message>
  <message>
   <source>What stands out stays, texture goes</source>
   <translation>Was heraussticht, bleibt; Textur geht</translation>
  </message>
  <message>
   <source>What the look is called</source>
   <translation>Wie das Aussehen heißt</translation>
  </message>
  <message>
   <source>What the shop or cutter can hold: thinnest line, narrowest gap, inks, sizes</source>
   <translation>Was Druckerei oder Schneider halten: dünnste Linie, engste Lücke, Tinten, Größen</translation>
  </message>
  <message>
   <source>What to do</source>
   <translation>Was zu tun ist</translation>
  </message>
  <message>
   <source>What was kept cannot be read: %1</source>
   <translation>Das Aufbewahrte kann nicht gelesen werden: %1</translation>
  </message>
  <message>
   <source>What was there cannot be kept: %1.</source>
   <translation>Was dort lag, kann nicht behalten werden: %1.</translation>
  </message>
  <message>
   <source>When a line between colours goes</source>
   <translation>Wenn eine Linie zwischen Farben verschwindet</translation>
  </message>
  <message>
   <source>Where an odd number lie</source>
   <translation>Wo eine ungerade Zahl liegt</translation>
  </message>
  <message>
   <source>Where an odd number of them lie</source>
   <translation>Wo eine ungerade Zahl von ihnen liegt</translation>
  </message>
  <message>
   <source>Where light meets dark</source>
   <translation>Wo Hell auf Dunkel trifft</translation>
  </message>
  <message>
   <source>Where pages are cut</source>
   <translation>Wo Seiten geschnitten werden</translation>
  </message>
  <message>
   <source>While drawing</source>
   <translation>Beim Zeichnen</translation>
  </message>
  <message>
   <source>Whole picture</source>
   <translation>Ganzes Bild</translation>
  </message>
  <message>
   <source>Whole sheet</source>
   <translation>Ganzes Blatt</translation>
  </message>
  <message>
   <source>Wide</source>
   <translation>Breit</translation>
  </message>
  <message>
   <source>Wide as seen</source>
   <translation>Sichtbare Breite</translation>
  </message>
  <message>
   <source>Width</source>
   <translation>Breite</translation>
  </message>
  <message>
   <source>Width along the line, by name</source>
   <translation>Breite entlang der Linie, nach Namen</translation>
  </message>
  <message>
   <source>Width along the line. Drag a bead up, down or along; click the shape for a new one; drag one off to remove it.
Keys: left and right pick a bead, up and down change its width, Insert adds, Delete removes</source>
   <translation>Breite entlang der Linie. Eine Perle auf, ab oder entlang ziehen; Klick auf die Form für eine neue; herausziehen entfernt sie.
Tasten: links und rechts wählen eine Perle, auf und ab ändern ihre Breite, Einfg fügt hinzu, Entf entfernt</translation>
  </message>
  <message>
   <source>Width and height keep their proportion</source>
   <translation>Breite und Höhe behalten ihr Verhältnis</translation>
  </message>
  <message>
   <source>Width by a click</source>
   <translation>Breite bei Klick</translation>
  </message>
  <message>
   <source>Width of all</source>
   <translation>Breite von allem</translation>
  </message>
  <message>
   <source>Width of crescent</source>
   <translation>Breite der Sichel</translation>
  </message>
  <message>
   <source>Width of its length</source>
   <translation>Breite ihrer Länge</translation>
  </message>
  <message>
   <source>Width of the sheet as it is made, mm; all sizes are measured by it</source>
   <translation>Breite des Blatts, wie es gefertigt wird, mm; alle Größen messen sich daran</translation>
  </message>
  <message>
   <source>Widths of pictures made of it, px, by spaces</source>
   <translation>Breiten der Bilder davon, px, durch Leerzeichen</translation>
  </message>
  <message>
   <source>Will be dark</source>
   <translation>Wird dunkel</translation>
  </message>
  <message>
   <source>Will be light</source>
   <translation>Wird hell</translation>
  </message>
  <message>
   <source>Without a name</source>
   <translation>Ohne Namen</translation>
  </message>
  <message>
   <source>Without that cut nothing changes.</source>
   <translation>Ohne diesen Schnitt ändert sich nichts.</translation>
  </message>
  <message>
   <source>Words</source>
   <translation>Wörter</translation>
  </message>
  <message>
   <source>Words in exported SVG as text or outlines</source>
   <translation>Wörter im exportierten SVG als Text oder Umrisse</translation>
  </message>
  <message>
   <source>Words stand</source>
   <translation>Wörter stehen</translation>
  </message>
  <message>
   <source>Words that are still live</source>
   <translation>Wörter, die noch lebendig sind</translation>
  </message>
  <message>
   <source>Words to a shape for each letter</source>
   <translation>Wörter zu einer Form je Buchstabe</translation>
  </message>
  <message>
   <source>Words to find it by</source>
   <translation>Wörter, um es zu finden</translation>
  </message>
  <message>
   <source>Words to one shape</source>
   <translation>Wörter zu einer Form</translation>
  </message>
  <message>
   <source>Words to shapes</source>
   <translation>Wörter zu Formen</translation>
  </message>
  <message>
   <source>Work of the last time was kept</source>
   <translation>Arbeit vom letzten Mal ist aufbewahrt</translation>
  </message>
  <message>
   <source>Worked out from its recipe.</source>
   <translation>Aus seinem Rezept errechnet.</translation>
  </message>
  <message>
   <source>Worked out from the first.</source>
   <translation>Aus dem ersten errechnet.</translation>
  </message>
  <message>
   <source>Working colour: will be dark</source>
   <translation>Arbeitsfarbe: wird dunkel</translation>
  </message>
  <message>
   <source>Working colour: will be light</source>
   <translation>Arbeitsfarbe: wird hell</translation>
  </message>
  <message>
   <source>Working it out, %1 %</source>
   <translation>Wird ausgearbeitet, %1 %</translation>
  </message>
  <message>
   <source>Working out the shapes, %1 %</source>
   <translation>Die Formen werden errechnet, %1 %</translation>
  </message>
  <message>
   <source>Written into SVG and PDF files as their metadata.</source>
   <translation>Wird als Metadaten in SVG- und PDF-Dateien geschrieben.</translation>
  </message>
  <message>
   <source>Your own · %1</source>
   <translation>Dein eigenes · %1</translation>
  </message>
  <message>
   <source>Z held</source>
   <translation>Z gehalten</translation>
  </message>
  <message>
   <source>Zoom in</source>
   <translation>Näher heran</translation>
  </message>
  <message>
   <source>Zoom out</source>
   <translation>Weiter weg</translation>
  </message>
  <message>
   <source>a compound clip path</source>
   <translation>einem zusammengesetzten Freistellpfad</translation>
  </message>
  <message>
   <source>a drop is open</source>
   <translation>ein Tropfen ist offen</translation>
  </message>
  <message>
   <source>a filter</source>
   <translation>einem Filter</translation>
  </message>
  <message>
   <source>a line</source>
   <translation>eine Linie</translation>
  </message>
  <message>
   <source>a mask</source>
   <translation>einer Maske</translation>
  </message>
  <message>
   <source>a pattern</source>
   <translation>einem Muster</translation>
  </message>
  <message>
   <source>a picture</source>
   <translation>einem Bild</translation>
  </message>
  <message>
   <source>a shape</source>
   <translation>eine Form</translation>
  </message>
  <message>
   <source>a shape with holes</source>
   <translation>eine Form mit Löchern</translation>
  </message>
  <message>
   <source>above</source>
   <translation>oben</translation>
  </message>
  <message>
   <source>add nodes bounds</source>
   <translation>Knoten ergänzen Grenzen</translation>
  </message>
  <message>
   <source>against the light</source>
   <translation>gegen das Licht</translation>
  </message>
  <message>
   <source>all after the first %1</source>
   <translation>alle nach den ersten %1</translation>
  </message>
  <message>
   <source>all colours are inks</source>
   <translation>alle Farben sind Tinten</translation>
  </message>
  <message>
   <source>all ends joined</source>
   <translation>alle Enden verbunden</translation>
  </message>
  <message>
   <source>all fills closed</source>
   <translation>alle Füllungen geschlossen</translation>
  </message>
  <message>
   <source>an area</source>
   <translation>einer Fläche</translation>
  </message>
  <message>
   <source>and %1 more</source>
   <translation>und noch %1</translation>
  </message>
  <message numerus="yes">
   <source>and %n more</source>
   <translation>
    <numerusform>und %n weitere</numerusform>
    <numerusform>und %n weitere</numerusform>
   </translation>
  </message>
  <message>
   <source>and soft over</source>
   <translation>und weich über</translation>
  </message>
  <message>
   <source>area</source>
   <translation>Fläche</translation>
  </message>
  <message>
   <source>area %1 px²</source>
   <translation>Fläche %1 px²</translation>
  </message>
  <message>
   <source>areas</source>
   <translation>Flächen</translation>
  </message>
  <message>
   <source>as mixed</source>
   <translation>wie gemischt</translation>
  </message>
  <message>
   <source>band %1</source>
   <translation>Band %1</translation>
  </message>
  <message>
   <source>bead %1 of %2: %3 % of the width at %4 % of the length</source>
   <translation>Perle %1 von %2: %3 % der Breite bei %4 % der Länge</translation>
  </message>
  <message>
   <source>below</source>
   <translation>unten</translation>
  </message>
  <message>
   <source>both joins are corners</source>
   <translation>beide Anschlüsse sind Ecken</translation>
  </message>
  <message>
   <source>both joins are smooth</source>
   <translation>beide Anschlüsse sind glatt</translation>
  </message>
  <message>
   <source>bottom</source>
   <translation>unten</translation>
  </message>
  <message>
   <source>breaks the handles apart; sizes from the middle</source>
   <translation>bricht die Griffe auseinander; bemisst aus der Mitte</translation>
  </message>
  <message>
   <source>by a straight drawn for it</source>
   <translation>an einer dafür gezeichneten Geraden</translation>
  </message>
  <message>
   <source>by ends in a row</source>
   <translation>an Enden in einer Reihe</translation>
  </message>
  <message>
   <source>by itself</source>
   <translation>von selbst</translation>
  </message>
  <message>
   <source>by the light</source>
   <translation>nach dem Licht</translation>
  </message>
  <message>
   <source>by two halves alike</source>
   <translation>an zwei gleichen Hälften</translation>
  </message>
  <message>
   <source>card</source>
   <translation>Karte</translation>
  </message>
  <message>
   <source>cast %1</source>
   <translation>Schlag %1</translation>
  </message>
  <message>
   <source>centre</source>
   <translation>Mitte</translation>
  </message>
  <message>
   <source>centre lines rulers</source>
   <translation>Mittellinien Lineale</translation>
  </message>
  <message>
   <source>change</source>
   <translation>Änderung</translation>
  </message>
  <message>
   <source>changes nothing</source>
   <translation>ändert nichts</translation>
  </message>
  <message>
   <source>check preflight print export pdf png eps</source>
   <translation>prüfen Druckvorstufe drucken exportieren pdf png eps</translation>
  </message>
  <message>
   <source>clip mask clipping inside</source>
   <translation>beschneiden Maske Schnittmaske innen</translation>
  </message>
  <message>
   <source>close path</source>
   <translation>Pfad schließen</translation>
  </message>
  <message>
   <source>closed</source>
   <translation>geschlossen</translation>
  </message>
  <message>
   <source>closed · %1 is here already</source>
   <translation>geschlossen · %1 ist schon hier</translation>
  </message>
  <message>
   <source>closed · Enter takes it</source>
   <translation>geschlossen · Eingabe nimmt es</translation>
  </message>
  <message>
   <source>closed · click puts %1 here</source>
   <translation>geschlossen · Klick setzt %1 hierher</translation>
  </message>
  <message>
   <source>closed · click puts %1 in place of %2</source>
   <translation>geschlossen · Klick setzt %1 anstelle von %2</translation>
  </message>
  <message>
   <source>closes here</source>
   <translation>schließt hier</translation>
  </message>
  <message>
   <source>colour %1 of %2, %3</source>
   <translation>Farbe %1 von %2, %3</translation>
  </message>
  <message>
   <source>combine together</source>
   <translation>zusammenfassen bündeln</translation>
  </message>
  <message>
   <source>common overlap boolean</source>
   <translation>gemeinsam Schnittmenge überlappen boolesch</translation>
  </message>
  <message>
   <source>composition aid</source>
   <translation>Kompositionshilfe</translation>
  </message>
  <message>
   <source>connect ends close path</source>
   <translation>Enden verbinden Pfad schließen</translation>
  </message>
  <message>
   <source>cool</source>
   <translation>kühl</translation>
  </message>
  <message>
   <source>core shade %1</source>
   <translation>Kernschatten %1</translation>
  </message>
  <message>
   <source>crossing</source>
   <translation>Kreuzung</translation>
  </message>
  <message>
   <source>cut %1 of %2 at %3 of 255</source>
   <translation>Schnitt %1 von %2 bei %3 von 255</translation>
  </message>
  <message>
   <source>darker</source>
   <translation>dunkler</translation>
  </message>
  <message>
   <source>deskew perspective whiten levels contrast crop</source>
   <translation>entzerren Perspektive weißen Tonwerte Kontrast zuschneiden</translation>
  </message>
  <message>
   <source>deskew rotate level</source>
   <translation>geraderichten drehen waagerecht</translation>
  </message>
  <message>
   <source>divide break pieces fragment boolean</source>
   <translation>zerlegen teilen Stücke boolesch</translation>
  </message>
  <message>
   <source>document properties metadata author licence title</source>
   <translation>Dokumenteigenschaften Metadaten Urheber Lizenz Titel</translation>
  </message>
  <message>
   <source>drag to zoom</source>
   <translation>ziehen zum Zoomen</translation>
  </message>
  <message>
   <source>edge light %1</source>
   <translation>Randlicht %1</translation>
  </message>
  <message>
   <source>enough for marks</source>
   <translation>genug für Zeichen</translation>
  </message>
  <message>
   <source>enough for text</source>
   <translation>genug für Text</translation>
  </message>
  <message>
   <source>even</source>
   <translation>gleichmäßig</translation>
  </message>
  <message>
   <source>expand line to outline thick</source>
   <translation>Linie in Umriss umwandeln dick</translation>
  </message>
  <message>
   <source>expand transparency simplify</source>
   <translation>umwandeln Transparenz vereinfachen</translation>
  </message>
  <message>
   <source>export all package files</source>
   <translation>alles exportieren Paket Dateien</translation>
  </message>
  <message>
   <source>eyedropper extract swatches</source>
   <translation>Pipette auslesen Farbfelder</translation>
  </message>
  <message>
   <source>fewer that way</source>
   <translation>dorthin weniger</translation>
  </message>
  <message>
   <source>fill</source>
   <comment>same</comment>
   <translation>Füllung</translation>
  </message>
  <message>
   <source>fill paint swatch palette recolour</source>
   <translation>füllen malen Farbfeld Palette umfärben</translation>
  </message>
  <message>
   <source>fill regions flatting base colours</source>
   <translation>Flächen füllen Grundfarben</translation>
  </message>
  <message>
   <source>findings</source>
   <translation>Befunde</translation>
  </message>
  <message>
   <source>finish the line</source>
   <translation>die Linie beenden</translation>
  </message>
  <message>
   <source>fit page zoom all</source>
   <translation>Seite einpassen alles zeigen</translation>
  </message>
  <message>
   <source>fix repair preflight</source>
   <translation>reparieren richten Druckvorstufe</translation>
  </message>
  <message>
   <source>flip direction</source>
   <translation>Richtung umkehren</translation>
  </message>
  <message>
   <source>flip reflect symmetry</source>
   <translation>kippen umklappen Symmetrie</translation>
  </message>
  <message>
   <source>free to move</source>
   <translation>frei beweglich</translation>
  </message>
  <message>
   <source>from the edge</source>
   <translation>von der Kante</translation>
  </message>
  <message>
   <source>from what was drawn</source>
   <translation>vom Gezeichneten</translation>
  </message>
  <message>
   <source>furthest off %1 of %2 px</source>
   <translation>am weitesten daneben %1 von %2 px</translation>
  </message>
  <message>
   <source>gap %1</source>
   <translation>Lücke %1</translation>
  </message>
  <message>
   <source>gap %1, counts as closed</source>
   <translation>Lücke %1, gilt als geschlossen</translation>
  </message>
  <message>
   <source>gap closed</source>
   <translation>Lücke geschlossen</translation>
  </message>
  <message>
   <source>gap tolerance leak</source>
   <translation>Lücke Toleranz Leck</translation>
  </message>
  <message>
   <source>gaps closed</source>
   <translation>Lücken geschlossen</translation>
  </message>
  <message>
   <source>go on from here</source>
   <translation>von hier weiter</translation>
  </message>
  <message>
   <source>gradient</source>
   <translation>Verlauf</translation>
  </message>
  <message>
   <source>gradient mask transparency</source>
   <translation>Verlauf Maske Transparenz</translation>
  </message>
  <message>
   <source>grain texture halftone dots noise stipple</source>
   <translation>Körnung Textur Raster Punkte Rauschen punktieren</translation>
  </message>
  <message>
   <source>guide</source>
   <translation>Hilfslinie</translation>
  </message>
  <message>
   <source>half high</source>
   <translation>halb hoch</translation>
  </message>
  <message>
   <source>hidden</source>
   <translation>verborgen</translation>
  </message>
  <message>
   <source>high</source>
   <translation>hoch</translation>
  </message>
  <message>
   <source>highlight rim light shine</source>
   <translation>Glanzlicht Streiflicht</translation>
  </message>
  <message>
   <source>in Nodes: smooth or corner</source>
   <translation>in Knoten: glatt oder Ecke</translation>
  </message>
  <message>
   <source>in hand</source>
   <translation>in der Hand</translation>
  </message>
  <message>
   <source>inset outset expand contract grow shrink contour</source>
   <translation>einrücken ausrücken erweitern schrumpfen Kontur</translation>
  </message>
  <message>
   <source>inside %1</source>
   <translation>in %1</translation>
  </message>
  <message>
   <source>inside nothing: it stays as it is</source>
   <translation>in nichts: es bleibt, wie es ist</translation>
  </message>
  <message>
   <source>into %1</source>
   <translation>in %1</translation>
  </message>
  <message>
   <source>invert fill stroke</source>
   <translation>Füllung Kontur vertauschen</translation>
  </message>
  <message>
   <source>it has no name.</source>
   <translation>sie hat keinen Namen.</translation>
  </message>
  <message>
   <source>it is not a JSON object.</source>
   <translation>es ist kein JSON-Objekt.</translation>
  </message>
  <message>
   <source>its picture is gone: the last shapes stay</source>
   <translation>sein Bild ist weg: die letzten Formen bleiben</translation>
  </message>
  <message>
   <source>kept %1 h ago</source>
   <translation>vor %1 Std. aufbewahrt</translation>
  </message>
  <message>
   <source>kept %1 min ago</source>
   <translation>vor %1 Min. aufbewahrt</translation>
  </message>
  <message>
   <source>kept just now</source>
   <translation>gerade aufbewahrt</translation>
  </message>
  <message>
   <source>kept whole: %1</source>
   <translation>ganz gelassen mit %1</translation>
  </message>
  <message>
   <source>largest move %1</source>
   <translation>größte Bewegung %1</translation>
  </message>
  <message>
   <source>layers</source>
   <translation>Ebenen</translation>
  </message>
  <message>
   <source>leak</source>
   <translation>Leck</translation>
  </message>
  <message>
   <source>leaks</source>
   <translation>Lecks</translation>
  </message>
  <message>
   <source>left</source>
   <translation>links</translation>
  </message>
  <message>
   <source>let go, then Pick</source>
   <translation>loslassen, dann Wählen</translation>
  </message>
  <message>
   <source>light %1°, %2</source>
   <translation>Licht %1°, %2</translation>
  </message>
  <message>
   <source>lighter</source>
   <translation>heller</translation>
  </message>
  <message>
   <source>line colour</source>
   <comment>same</comment>
   <translation>Linienfarbe</translation>
  </message>
  <message>
   <source>lines</source>
   <translation>Linien</translation>
  </message>
  <message>
   <source>live parts</source>
   <translation>Lebendiges</translation>
  </message>
  <message>
   <source>live · </source>
   <translation>lebend · </translation>
  </message>
  <message>
   <source>live · %1 areas, %2 nodes</source>
   <translation>lebend · %1 Flächen, %2 Knoten</translation>
  </message>
  <message>
   <source>live · working out the shapes</source>
   <translation>lebend · die Formen werden errechnet</translation>
  </message>
  <message>
   <source>locked</source>
   <translation>gesperrt</translation>
  </message>
  <message>
   <source>low</source>
   <translation>tief</translation>
  </message>
  <message>
   <source>lower left</source>
   <translation>unten links</translation>
  </message>
  <message>
   <source>lower right</source>
   <translation>unten rechts</translation>
  </message>
  <message>
   <source>magnet snap align</source>
   <translation>Magnet einrasten ausrichten</translation>
  </message>
  <message>
   <source>mark</source>
   <translation>Marke</translation>
  </message>
  <message>
   <source>markers on a line</source>
   <translation>Markern auf einer Linie</translation>
  </message>
  <message>
   <source>merge halves stitch sew</source>
   <translation>Hälften verbinden nähen</translation>
  </message>
  <message>
   <source>middle</source>
   <translation>Mitte</translation>
  </message>
  <message>
   <source>mirror flip weld join unite merge boolean shape close</source>
   <translation>spiegeln kippen verschweißen verbinden vereinen boolesch Form schließen</translation>
  </message>
  <message>
   <source>mm</source>
   <translation>mm</translation>
  </message>
  <message>
   <source>move the sheet</source>
   <translation>das Blatt bewegen</translation>
  </message>
  <message>
   <source>move what is picked by 1 px; Shift 10, Alt 0.1</source>
   <translation>Gewähltes um 1 px bewegen; Umschalt 10, Alt 0,1</translation>
  </message>
  <message>
   <source>no areas yet</source>
   <translation>noch keine Flächen</translation>
  </message>
  <message>
   <source>no cut</source>
   <translation>kein Schnitt</translation>
  </message>
  <message>
   <source>no doubled nodes</source>
   <translation>keine doppelten Knoten</translation>
  </message>
  <message>
   <source>no doubles</source>
   <translation>keine Doppel</translation>
  </message>
  <message>
   <source>no gaps at ends</source>
   <translation>keine Lücken an Enden</translation>
  </message>
  <message>
   <source>no hole</source>
   <translation>kein Loch</translation>
  </message>
  <message>
   <source>no kinks</source>
   <translation>keine Knicke</translation>
  </message>
  <message>
   <source>no live words</source>
   <translation>keine lebendigen Wörter</translation>
  </message>
  <message>
   <source>no needless nodes</source>
   <translation>keine unnötigen Knoten</translation>
  </message>
  <message>
   <source>no overshoots</source>
   <translation>keine Überläufer</translation>
  </message>
  <message>
   <source>no picture yet</source>
   <translation>noch kein Bild</translation>
  </message>
  <message>
   <source>no self-crossings</source>
   <translation>keine Selbstkreuzungen</translation>
  </message>
  <message>
   <source>no slivers</source>
   <translation>keine Splitter</translation>
  </message>
  <message>
   <source>no snapping</source>
   <translation>kein Einrasten</translation>
  </message>
  <message>
   <source>no stack yet: choose how many tones</source>
   <translation>noch kein Stapel: Zahl der Töne wählen</translation>
  </message>
  <message>
   <source>no stop</source>
   <translation>keine Marke</translation>
  </message>
  <message>
   <source>no stray points</source>
   <translation>keine verirrten Punkte</translation>
  </message>
  <message>
   <source>no tags</source>
   <translation>keine Stichwörter</translation>
  </message>
  <message>
   <source>no tones</source>
   <translation>keine Töne</translation>
  </message>
  <message>
   <source>node</source>
   <translation>Knoten</translation>
  </message>
  <message>
   <source>node %1</source>
   <translation>Knoten %1</translation>
  </message>
  <message>
   <source>nodes</source>
   <translation>Knoten</translation>
  </message>
  <message>
   <source>nodes in this line, %1 on the sheet</source>
   <translation>Knoten in dieser Linie, %1 auf dem Blatt</translation>
  </message>
  <message>
   <source>nodes on the sheet</source>
   <translation>Knoten auf dem Blatt</translation>
  </message>
  <message>
   <source>nodes picked, %1 on the sheet</source>
   <translation>Knoten gewählt, %1 auf dem Blatt</translation>
  </message>
  <message>
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <source>not begun</source>
   <translation>nicht begonnen</translation>
  </message>
  <message>
   <source>not kept yet</source>
   <translation>noch nicht aufbewahrt</translation>
  </message>
  <message>
   <source>not looked at</source>
   <translation>nicht betrachtet</translation>
  </message>
  <message>
   <source>not looked at since</source>
   <translation>seitdem nicht betrachtet</translation>
  </message>
  <message>
   <source>not used</source>
   <translation>nicht verwendet</translation>
  </message>
  <message>
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <source>nothing encloses this</source>
   <translation>nichts umschließt dies</translation>
  </message>
  <message>
   <source>nothing hidden</source>
   <translation>nichts verborgen</translation>
  </message>
  <message>
   <source>on %1</source>
   <translation>auf %1</translation>
  </message>
  <message>
   <source>on the line</source>
   <translation>auf der Linie</translation>
  </message>
  <message>
   <source>one join is smooth, one a corner</source>
   <translation>ein Anschluss ist glatt, einer eine Ecke</translation>
  </message>
  <message>
   <source>open</source>
   <translation>offen</translation>
  </message>
  <message>
   <source>open end</source>
   <translation>offenes Ende</translation>
  </message>
  <message>
   <source>open ends</source>
   <translation>offene Enden</translation>
  </message>
  <message>
   <source>open here: the fill stays as it was</source>
   <translation>hier offen: die Füllung bleibt, wie sie war</translation>
  </message>
  <message>
   <source>open, %1 ends</source>
   <translation>offen, %1 Enden</translation>
  </message>
  <message>
   <source>or start drawing: press 2, then S</source>
   <translation>oder gleich zeichnen: 2 drücken, dann S</translation>
  </message>
  <message>
   <source>outline text convert type to shapes</source>
   <translation>Text in Pfade umwandeln Schrift</translation>
  </message>
  <message>
   <source>over</source>
   <translation>über</translation>
  </message>
  <message>
   <source>painting</source>
   <translation>Malen</translation>
  </message>
  <message>
   <source>panels</source>
   <translation>Felder</translation>
  </message>
  <message>
   <source>part %1</source>
   <translation>Teil %1</translation>
  </message>
  <message>
   <source>patch · %1 darker</source>
   <translation>Fleck · %1 dunkler</translation>
  </message>
  <message>
   <source>patch · %1 lighter</source>
   <translation>Fleck · %1 heller</translation>
  </message>
  <message>
   <source>patch · no change</source>
   <translation>Fleck · keine Änderung</translation>
  </message>
  <message>
   <source>posterize threshold separate levels screen print</source>
   <translation>tontrennen Posterisierung Schwellwert Stufen Siebdruck</translation>
  </message>
  <message>
   <source>posterize vectorize colours quantize</source>
   <translation>tontrennen Posterisierung vektorisieren Farben</translation>
  </message>
  <message>
   <source>pt</source>
   <translation>pt</translation>
  </message>
  <message>
   <source>pulled %1</source>
   <translation>%1 gezogen</translation>
  </message>
  <message>
   <source>px</source>
   <translation>px</translation>
  </message>
  <message>
   <source>px, by spaces</source>
   <translation>px, durch Leerzeichen</translation>
  </message>
  <message>
   <source>px²</source>
   <translation>px²</translation>
  </message>
  <message>
   <source>radius %1 px</source>
   <translation>Radius %1 px</translation>
  </message>
  <message>
   <source>reading edges, %1 %</source>
   <translation>Kanten werden gelesen, %1 %</translation>
  </message>
  <message>
   <source>ready to deliver</source>
   <translation>bereit zum Liefern</translation>
  </message>
  <message>
   <source>release mask unclip</source>
   <translation>Maske lösen</translation>
  </message>
  <message>
   <source>right</source>
   <translation>rechts</translation>
  </message>
  <message>
   <source>save as png pdf svg</source>
   <translation>speichern als png pdf svg</translation>
  </message>
  <message>
   <source>scan import photo straighten crop perspective</source>
   <translation>scannen importieren Foto geraderichten zuschneiden Perspektive</translation>
  </message>
  <message>
   <source>select same colour</source>
   <translation>gleiche Farbe auswählen</translation>
  </message>
  <message>
   <source>select same stroke</source>
   <translation>gleiche Kontur auswählen</translation>
  </message>
  <message>
   <source>select same width thickness</source>
   <translation>gleiche Breite Stärke auswählen</translation>
  </message>
  <message>
   <source>set: the shapes are artwork now</source>
   <translation>festgesetzt: die Formen sind jetzt Teil des Werks</translation>
  </message>
  <message>
   <source>shades, %1 clipped</source>
   <translation>Schattierungen, %1 beschnitten</translation>
  </message>
  <message>
   <source>shades, all inside</source>
   <translation>Schattierungen, alle darin</translation>
  </message>
  <message>
   <source>shadow</source>
   <translation>Schatten</translation>
  </message>
  <message>
   <source>shadow highlight gradient light blend multiply</source>
   <translation>Schatten Glanzlicht Verlauf Licht überblenden multiplizieren</translation>
  </message>
  <message>
   <source>shapes</source>
   <translation>Formen</translation>
  </message>
  <message>
   <source>sharp</source>
   <translation>scharf</translation>
  </message>
  <message>
   <source>sheet centre</source>
   <translation>Blattmitte</translation>
  </message>
  <message>
   <source>sheet edge</source>
   <translation>Blattrand</translation>
  </message>
  <message>
   <source>sliver %1 wide</source>
   <translation>Splitter, %1 breit</translation>
  </message>
  <message>
   <source>sliver, %1</source>
   <translation>Splitter, %1</translation>
  </message>
  <message>
   <source>slivers</source>
   <translation>Splitter</translation>
  </message>
  <message>
   <source>slivers, thinnest %1</source>
   <translation>Splitter, dünnster %1</translation>
  </message>
  <message>
   <source>small piece, %1 px²</source>
   <translation>kleines Stück, %1 px²</translation>
  </message>
  <message>
   <source>smooth relax clean up curve</source>
   <translation>glätten beruhigen Kurve säubern</translation>
  </message>
  <message>
   <source>steps of 15°, or along one axis</source>
   <translation>Schritte von 15°, oder entlang einer Achse</translation>
  </message>
  <message>
   <source>stop %1 of %2 at %3 %, %4</source>
   <translation>Marke %1 von %2 bei %3 %, %4</translation>
  </message>
  <message>
   <source>subtract minus cut out punch boolean</source>
   <translation>abziehen minus ausschneiden stanzen boolesch</translation>
  </message>
  <message>
   <source>survey</source>
   <translation>Übersicht</translation>
  </message>
  <message>
   <source>swatches colour scheme</source>
   <translation>Farbfelder Farbschema</translation>
  </message>
  <message>
   <source>symbols library components</source>
   <translation>Symbole Bibliothek Komponenten</translation>
  </message>
  <message>
   <source>symmetry centre line</source>
   <translation>Symmetrie Mittellinie</translation>
  </message>
  <message>
   <source>take back the last node</source>
   <translation>den letzten Knoten zurücknehmen</translation>
  </message>
  <message>
   <source>taken back</source>
   <translation>zurückgenommen</translation>
  </message>
  <message>
   <source>the lines</source>
   <translation>den Linien</translation>
  </message>
  <message>
   <source>the picture</source>
   <translation>dem Bild</translation>
  </message>
  <message>
   <source>the present state</source>
   <translation>der jetzige Stand</translation>
  </message>
  <message>
   <source>this area</source>
   <translation>diese Fläche</translation>
  </message>
  <message>
   <source>tone areas</source>
   <translation>Tonflächen</translation>
  </message>
  <message>
   <source>too little for marks</source>
   <translation>zu wenig für Zeichen</translation>
  </message>
  <message>
   <source>tool</source>
   <translation>Werkzeug</translation>
  </message>
  <message>
   <source>top</source>
   <translation>oben</translation>
  </message>
  <message>
   <source>undo list steps states</source>
   <translation>rückgängig Liste Schritte Stände</translation>
  </message>
  <message>
   <source>unite merge add combine fuse boolean</source>
   <translation>vereinigen verschmelzen addieren boolesch</translation>
  </message>
  <message>
   <source>upper left</source>
   <translation>oben links</translation>
  </message>
  <message>
   <source>upper right</source>
   <translation>oben rechts</translation>
  </message>
  <message>
   <source>value %1 of 255</source>
   <translation>Wert %1 von 255</translation>
  </message>
  <message>
   <source>vectorize centerline skeleton ink pencil</source>
   <translation>vektorisieren Mittellinie Skelett Tusche Bleistift</translation>
  </message>
  <message>
   <source>vectorize outline pencil ink pen bezier smooth simplify</source>
   <translation>vektorisieren Umriss Bleistift Tusche Feder Bézier glätten vereinfachen</translation>
  </message>
  <message>
   <source>vectorize silhouette threshold outline</source>
   <translation>vektorisieren Silhouette Schwellwert Umriss</translation>
  </message>
  <message>
   <source>version snapshot</source>
   <translation>Version Schnappschuss</translation>
  </message>
  <message>
   <source>versions snapshots</source>
   <translation>Versionen Schnappschüsse</translation>
  </message>
  <message>
   <source>wanted %1</source>
   <translation>gewünscht %1</translation>
  </message>
  <message>
   <source>warm</source>
   <translation>warm</translation>
  </message>
  <message>
   <source>weak edge, click to hold</source>
   <translation>schwache Kante, Klick hält sie</translation>
  </message>
  <message>
   <source>weight</source>
   <comment>same</comment>
   <translation>Stärke</translation>
  </message>
  <message>
   <source>widths</source>
   <translation>Breiten</translation>
  </message>
  <message>
   <source>without ink</source>
   <translation>ohne Tinte</translation>
  </message>
  <message>
   <source>words</source>
   <translation>Wörtern</translation>
  </message>
  <message>
   <source>xor knock out boolean</source>
   <translation>xor aussparen boolesch</translation>
  </message>
  <message>
   <source>{title}, {variant}, {layer} and {date} are replaced</source>
   <translation>{title}, {variant}, {layer} und {date} werden ersetzt</translation>
  </message>
 </context>
</TS>
