<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de">
 <context>
  <name />
  <message>
   <source> of %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> tint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> · %1 bridged</source>
   <translation type="unfinished" />
  </message>
  <message numerus="yes">
   <source> · %n slivers join</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message>
   <source> · fill %1 · line %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source> – Soft Rope</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 %2 is offered.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 (halves)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 are alike.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 areas lie on "Colour areas" under the lines; %2 gaps closed, %3 slivers absorbed (Ctrl+. shows them). Ctrl+Z takes them away.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 areas, %2 nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 cannot be opened.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 cannot be opened: %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 cannot be read to its end.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 colour drops' areas opened: they stay as they were, rings show where.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 darker</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 drops' areas are closed again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 ends are open; two are %2 apart.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 ends are open; two meet and are not joined.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 has %2 megapixels; at most 100 can be opened.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 holds no recorded strokes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is a drawing, not a picture. Open it instead.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is a folder.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is broken and cannot be read.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is cut off before its first row.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is empty.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is fitted, dimmed to 50 % and locked. Unlock it to move it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is free.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is hidden. Show it to draw on it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is larger than 100 megapixels.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is larger than 2 GB.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is not a picture that can be read (PNG, JPEG, WebP, TIFF, BMP or GIF).</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is the key of "%2" now, which would have none.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is the key of "%2", which stays.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 is too large to open.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 levels darker</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 levels lighter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 lighter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 long</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 nodes, %2</source>
   <translation type="unfinished" />
  </message>
  <message numerus="yes">
   <source>%1 of %n area(s) inked</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message>
   <source>%1 of 255</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 off at most</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 offset</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 picked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 pieces</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 pieces. Drag corners, split and merge. Ctrl+Z takes them away.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 shapes have their tones now. Hold W to compare with the picture; Ctrl+Z takes it back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 was loaded only in part, %2 of %3 rows.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 was not saved</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 with the same %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 · %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 × %2 px</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 × %2 px · %3</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 → %2 nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1 → %2 nodes, %3 off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1, %2 %</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1, %2 nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1, %2 px²</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1, %2, %3 %</source>
   <translation type="unfinished" />
  </message>
  <message numerus="yes">
   <source>%1, %n open end(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%1, %n sliver(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message>
   <source>%1, current, %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1, reference</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1, second</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1, set</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1. Shift keeps it as an ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1: %2 nodes%3. Ctrl+Z takes it apart.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1: the disk is full.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>%1: writing is not allowed there.</source>
   <translation type="unfinished" />
  </message>
  <message numerus="yes">
   <source>%n %1 element(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) enclosed</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) gathered</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s) → 1 shape</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n area(s), no inks</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n areas have no ink.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n broken picture(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n clip path(s) (drawn without)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n corners have room for less only.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n dash pattern(s) (drawn solid)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n drops are open and stay as they were.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n end(s) open on this sheet</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n filter(s) (drawn without)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n gradient(s) or pattern(s) (painted grey)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n group(s) nested deeper than %1 (flattened)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n group(s) too deeply nested</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n hole(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n ink(s) ready</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n line(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n linked picture(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n mask(s) (drawn without)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n more after this</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n nodes picked</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pairs of ends are that near.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n path(s) broken off at a fault</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n picture(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n piece(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n pieces are much smaller than the rest.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n seam(s) welded, %1 smooth; %2 copied. The halves are kept on a hidden layer.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n shape(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n specks go to their neighbours.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n style sheet(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n text(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n thing(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n tone(s)</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message numerus="yes">
   <source>%n use(s) of another element</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message>
   <source>, %1 across gaps</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, %1 much smaller than the rest</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, %1 nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, 1 across a gap</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, hidden</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, in hand</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, live</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>, locked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>100 %</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>1080 × 1080 px</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>1920 × 1080 px</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>210 × 297 mm</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;%1&lt;/b&gt;%2 &amp;nbsp;&lt;span style='color:%3'&gt;%4&lt;/span&gt;</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Alike&lt;/b&gt; picks everything with the same fill as what you click; Shift: the same line colour, Alt: the same weight.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Axis&lt;/b&gt;: drag a line to mirror the layer at; drag its diamonds to turn it, the line to move it. A click on a half-bead: its seam smooth or a corner.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Bound&lt;/b&gt;: draw round what is to be cut into tones, or click a closed shape. A click beside lifts the bound.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Bow&lt;/b&gt; pulls the middle of a piece into a curve. A double click makes it straight again. Esc lets go.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Carve&lt;/b&gt; gathers the areas you drag through; Shift drops them out. Enter takes the shape, Backspace lets one go.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Circle&lt;/b&gt;: drag from the middle (Alt: from side to side). It locks where it touches; Ctrl lets it go free.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Crop&lt;/b&gt;: drag a frame over the part of the picture to keep. A double click brings the whole picture back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Cut here&lt;/b&gt; moves the nearest cut to the tone under the pointer; drag to try others. Shift adds a cut.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Drop&lt;/b&gt; puts the ink in hand in the area under the pointer; drag to fill several. It follows the lines. Esc lets go.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Facets&lt;/b&gt;: drag from corner to corner to cut; a click changes a piece's shade, a drag inside turns it, Shift locks it. On a mesh: drag corners.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Follow&lt;/b&gt;: drag roughly along pieces of lines; back over them lets go. Enter takes the outline, Backspace the last piece back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Freehand&lt;/b&gt; draws and fits. End near the start to close. Slack can be changed on the card. Esc drops the stroke.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Gradient&lt;/b&gt;: drag over the shape, or over several that are picked. Its ends can be dragged on. Shift steps by 15 degrees.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Guide&lt;/b&gt;: drag a guide at any angle, or take hold of one to move it. Shift steps by 15°. Delete drops the one under the pointer.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Join&lt;/b&gt;: click an open end, then another; or drag from end to end. Shift+J joins all that nearly meet.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Line&lt;/b&gt;: drag from end to end. Shift steps the angle by 15°; near a curve it locks to its tangent.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Nodes&lt;/b&gt;: drag nodes, handles and pieces. One more click on a picked node: smooth or corner. Double click adds, Delete takes the picked node or piece out.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Part&lt;/b&gt;: drag a frame, or with Shift round a part, to trace just that. Click a traced line to leave it out, double click to keep only it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Patch&lt;/b&gt; makes one spot lighter or darker. Draw round it (Shift paints it), then drag up or down inside. Alt draws the picked one anew.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Pen&lt;/b&gt;: click for a corner, drag for a curve; Alt breaks the handles. Enter or Esc ends, Backspace takes a node back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Pick&lt;/b&gt; chooses, moves, sizes and turns. Drag a frame round several; Shift adds.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Place&lt;/b&gt; moves, sizes and turns an unlocked picture. Esc lets go.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Rectangle&lt;/b&gt;: drag from corner to corner. Shift makes it square, Alt goes from the middle.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Redraw&lt;/b&gt; start on a line, draw a better way, end on the line. The dotted part goes. Esc drops the stroke.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Rope&lt;/b&gt; click loosely along an edge; it settles between the clicks. Shift draws by hand. Click the start to close, Enter ends, Backspace lets go.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Round guide&lt;/b&gt;: drag from the middle. It serves other lines only and is never delivered.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Ruler&lt;/b&gt;: drag to measure length and angle. Shift steps by 15°. Esc takes it away.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Straighten&lt;/b&gt;: draw along a line of the picture that should be level or upright. A double click finds the turn by itself.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Straights&lt;/b&gt; goes corner to corner; bow the pieces later. Enter or Esc ends, Backspace takes a node back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Sweep&lt;/b&gt;: drag over specks; areas that lie wholly under the brush go to their neighbours.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Take ink&lt;/b&gt;: a click takes the colour under the loupe in hand, its ink if it has one; Shift keeps it as a new ink.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>&lt;b&gt;Trim&lt;/b&gt;: click a stub, or drag across several. What goes is dotted; between two nodes Shift takes the piece.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A click takes the stretch between two crossings; a drag takes all it crosses; Shift takes the piece between two nodes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A colour drop's area opened: it stays as it was, the ring shows where. Close the gap, or drop again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A copy of the outline, out or (negative) in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A cut runs from border to border of one piece.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A guide only: never delivered</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A mesh over the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A mirrored copy across the layer's axis or the sheet's middle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A new gradient is</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A new layer above this one</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A new patch is lighter by</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A photo from a file</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A photo is cut into flat tones here. Bring one in first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A piece would fold over there.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A plain shape: the parts go</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A shape of several outlines into single ones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A single straight cannot be closed: there is nothing between its ends.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>A4</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>About Soft Rope</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add guide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add node</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Add the colour in hand as an ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Align to each other</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Align to each other: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Align to sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Align to sheet: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Alike</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All areas smaller than four times the smallest piece go to their neighbours</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All as they came</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All of them as one</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All pairs within the distance, nearest first</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All parts as one</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All the way down</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>All the way up</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Alone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Along the drag</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Along the middle of dark lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Alt held</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Angle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Angle steps with Shift</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Another harmony</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Any number</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Area</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Area %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Areas</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Areas under lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Arrows</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>As it came</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>As the desktop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Autosave has no folder: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Axis found in %1: %2°, %3 % sure.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Axis through</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Backspace</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Balance</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Begin line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Belly</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bench</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Beside</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bevel</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Blend</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Blur</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Blurred, as through half-closed eyes, while held (Q). Click to stay.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Borders within</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Both</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bottom</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bottoms in one line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bound</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bound tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bow</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bring in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bring in %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bring in pictures</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bring in pictures…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Bring in the sketch or photo to work from. It is fitted to the sheet, dimmed and locked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Brush</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Brush, with Shift</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Build</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>By lightness alone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>C</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>CSS (*.css)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Card</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Carve</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Centre</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Centre guides</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Centre on sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Choose a picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Circle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Clean SVG (*.svg);;PDF (*.pdf);;PNG (*.png)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Click a piece for the next shade, drag inside it for its direction, Shift and click to lock it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Click a swatch to mix the tone's paint, Shift and click for the mean of what lies there; by keys Enter, and Delete for the mean</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Click once more to pick what is in it; Esc leads back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Click to rename</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Click: take in hand. Double click the swatch to mix it, the name to change it (F2). Delete drops it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Close gap</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Close line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Close line with a straight</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Closed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Colour</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Colour areas</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Colour burn</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Colour dodge</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Colour drops</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Colour of a piece</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Combine otherwise</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Commands</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Complement</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Contrast ratio by WCAG 2.2: 4.5 for text, 3 for large text and marks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Copied.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Copy</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Copy across</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Corner</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Corner radius</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Corners</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Corners stay sharp; else they are rounded</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Course</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cover what is messy, with the pen or figures</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Crop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ctrl held</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ctrl suspends it while held</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ctrl+Z puts it back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut %1: %2 to %3</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut facet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut here</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut into %1 pieces. Drag from corner to corner for more. Ctrl+Z takes them away.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut into facets</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut the picked outline into facets</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut the picture into %1 tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cut. Ctrl+V puts it down again, Ctrl+Shift+V where it was.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Cuts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dark</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dark : light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dark : light at cut %1   %2 : %3</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dark and light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dark shapes become areas</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dark, even lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dark, middle, light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Darken</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Darker or lighter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Day</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Deep</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Delete</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Delete layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Delete line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Deleted %1. Ctrl+Z brings it back.</source>
   <translation type="unfinished" />
  </message>
  <message numerus="yes">
   <source>Deleted %n things. Ctrl+Z brings them back.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message>
   <source>Design tokens (*.json)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Difference</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Difference: the lowest without the others</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Dim and lock</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Distance from what was drawn, along the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Do the last move, size or turn again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Do what the strip offers</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Down</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag a corner: all its pieces follow. Drag from border to border to split, from piece to piece to merge.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag a flag. Left and right move the picked one, up and down pick another, a double click adds one, Delete takes it away</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag a frame, Shift-drag round it, click lines to leave them out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag a stop along; off the band drops it. Click the band to add one, double click a stop to mix it. Left and right move it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag along lines.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag from the middle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag from the middle to a corner</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag through areas to put them together</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag through areas to take them out again (Shift, held)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag through areas.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag to draw; Shift keeps it even, Alt works from the other point.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drag up or down inside the patch for its strength. Up and Down change it by one level.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drawings (*.svg);;All files (*)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drawn with</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop a sketch or photo here</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop all guides</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop cut</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop gradient</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop guide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop guides</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop it; the colours stay</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop patch</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop the preview</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Drop the traced preview</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Duplicate</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Duplicate again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Edge</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Edges</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Eight tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ellipse</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>End runs out over</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ends</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ends run out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Enter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Enter takes it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Esc</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Even</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Even across</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Even down</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Even spaces</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Even spaces across</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Even spaces down</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Even spaces from left to right</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Even spaces from top to bottom</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Evening</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Every area that the lines enclose, lightly filled</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Every part by itself</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Everything in working colours gets the darkest or lightest tone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Everything with the same fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Everything with the same line colour</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Everything with the same weight</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Exclus.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Exclusion</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Export</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Export PNG</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Export PNG at twice the size…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Exported %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Exporting %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Export…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Facet %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Facets</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fading</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fetching %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fewer nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fewer nodes: how far it may move</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>File, Open what was put aside brings it back for %1 days</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fill and line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fill and line change places</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Filled %1 areas. Ctrl+Z takes them back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find a command</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find a command…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find the axis of the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find the cut</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Find the cut by itself</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Finds the turn from the picture itself</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Finer where there is detail</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Finest detail</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fit picture to sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fit to sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Fit what is picked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Five tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Flat again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Flat ends</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Flatten light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Follow</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Follow line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Follow outline</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Forget</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Forgets the kept swell of that name</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Forgot the swell %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Free to move.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Freehand</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Freehand: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>From the middle to the rim</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>From the picked outline</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>From the picture: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Furthest off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Gap</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Gap between pieces</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Gaps that close</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Gather</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Give it this key</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Give look</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Give the kept look to what is picked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Give the swell a name first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Go</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Go on without saving</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Goes with it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Going on from the open end. Enter or Esc ends.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Gradient</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Gradient stops</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Grey areas under the lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Group</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Grouped %1 things. A click picks the group, another one what is in it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Growing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Guide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Guide line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Guides</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hard light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hidden. Its row in the layer list shows it again, or Ctrl+Alt+H everything.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hide layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hide or show the reference</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hide what is picked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How far off: the picked line against what was drawn, or the picture's edge</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How it is laid over what lies below</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How many</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>How strongly the reference shows through ([ and ])</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Hue</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In hand for closed shapes: carve or draw them, then turn them into their tones at the end.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>In hand: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ink %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ink %1 in hand</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ink and pencil lines become strokes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ink of facets</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ink of stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ink of the facets</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ink to the stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Inks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Inks from the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Inside %1 now, and cut by it. Ctrl+Z takes it out.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Inters.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Intersection</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It could not be put aside: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It serves other lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It was not exported.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>It was not saved.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Its ends are meant: they are no longer counted or ringed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Its lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Its lines are gone.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Its lines are guides now.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Its pieces are worked out. Set it to change them by hand.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Join</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Join all ends that nearly meet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Join ends</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Join them all</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Join to line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Joined %1 pairs of ends. Ctrl+Z takes them apart.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Joined 2 ends. Ctrl+Z takes it apart.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Joins at once within</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep how the width varies</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep live</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep swell</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keep width</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keeps its width when scaled</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keeps this swell under the name, for any line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept %1 as an ink. Double click its name to change it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Kept the swell %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Key</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Keys</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lands on the layer being drawn on.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lay a mesh of pieces over the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Layer %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Layer opacity</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Layers</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Layers  %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Laying pieces</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Leaf</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Leave</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Leave it open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Left</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Left sides in one line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Less of the reference</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Let go one</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lets go of the patch (Esc)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lies on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lift bound</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lift paper to white</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Light shapes on dark ground</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lighten</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Like fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Line colour</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Line opacity</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Line to shape</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Live again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Live shape</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Live: drag a part by its dashed outline</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Load a palette</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Load a palette…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Load palette</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Load, save, take from the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Loaded %1 inks.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Loaded %1 inks; left out, as they are no colours: %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lock</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lock facet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lock layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Lock what is picked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Locked. The lock in its row, or Alt+Shift+U, frees it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Locked: it cannot be moved by accident.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Locks exactly tangent to one or two lines near by; three give a circle its size (Ctrl lets go)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Looking at the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Looking for level and upright lines…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Looks for the symmetry of the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Luminosity</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Made-up pictures that come with the program</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make areas</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make areas of the tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make corner</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make guide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make guides of what is picked, or lines again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make it the axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make pieces</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make smooth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Make the picked line the axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mean</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mean of a disc of radius</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Median</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Merge nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Merge pieces</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Middle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Middles above each other</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Middles beside each other</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mind its ends</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mirror</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mirror axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mirror of the layer drawn on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mirror off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mirror on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mirror the layer drawn on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mirrored copy</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mirrored copy across the axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mitred corners</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Mix ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>More of the reference</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move corner</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move cut %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move gradient</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move guide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move handle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move in the order</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move layer down</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move layer up</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move node</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Move picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Moves the nearest cut so that dark has the wanted share: within the bound, or the picked shapes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Multiply</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Name</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Name of the swell</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Neighbours</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>New key</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>New sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Next open end</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Next part of the window</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Next view: Over, Beside, Alone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No area is closed. Ends that nearly meet close within the gap tolerance.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No colour drop is open.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No gap was closed and no sliver absorbed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No inks yet. Add one, load a palette, or take one from the picture. What is painted with an ink changes with it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No key</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No level or upright line was found in the picture. Draw along one instead.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No line encloses this place. Gaps that count as closed are set on the Build card.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No line has an open end.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No symmetry was found in %1 (best guess %2 %).</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No two ends are that near.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>No two open ends are within %1 of each other.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nodes at the extremes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>None</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Normal</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing could be pasted: the layer is locked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing else is like it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing in hand</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is being traced. Ctrl+T starts with shapes, Ctrl+L with lines.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is followed yet. Drag along a line first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is gathered. Drag through areas first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is hidden.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is in hand.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is left at that distance.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is left of it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is left of these shapes. Ctrl+Z brings them back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is offered now.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is painted in the working colours.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing is picked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing on the shelf goes by these words.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing was found with these settings.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing was moved, sized or turned yet.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing was put aside in the last %1 days.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Nothing yet.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Notice</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Of the photo beneath, in OKLab</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Offset</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Offset by</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>On the sheet %1 : 1, %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One drawing is open at a time: %1 was opened, the others were not.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One more click on a picked node does the same (C)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One step down in the order</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One step up in the order</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One thing is still being worked on.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>One thing, with all that is in it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Only a part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Only files on this computer can be brought in.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Only the reference, while held (W; Alt+W only the artwork). Click to stay.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opacity</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opacity as a whole</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opacity of fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opacity of stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opacity of the fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opacity of the stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open a piece of the demo…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open here</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open the demo</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open what was put aside…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opened what was kept. Save it to keep it for good.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opened. Left out: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opening %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Opening what was kept</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Open…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Origin: %1. Licence: %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Other cuts for as many pieces</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Other shades and directions; locked pieces stay</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Other work is under way.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Over</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Overlay</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Own</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>PNG (*.png)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Paint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Paint %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Paint of a tone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pale, grainy lines, several passes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Palette</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Palettes (*.css *.json);;All files (*)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Paper</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Part</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Passes that become one line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Paste</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Paste where it was</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pasted picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Patch</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Patch drawn anew</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Patch strength</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Peek</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Peek: only the reference, while held (Alt: only the artwork)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pen</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pencil</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick a closed outline first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick a closed outline, or bring in a picture.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick a row, press a key in the field below, and give it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick all painted with it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick all with the same fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick all with the same line colour</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick all with the same weight</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick everything</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick one straight line first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick the next thing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick the one before</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick two or more shapes first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick under the pointer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pick what goes inside, and the area or group it goes into.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Picked node at %1, %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Picture shelf</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Picture shelf…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pictures</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.gif);;All files (*)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Piece %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pieces</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pieces of the demo</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pieces, about</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Place</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Plain shapes that no longer follow the lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Pointed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Polygon</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Press the new key for "%1".</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Propose cuts</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Proposes straight cuts from corner to corner</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Push edge</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put aside</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put inside</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put inside the lowest of what is picked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put it aside</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put it on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Put the ink in hand in its place</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Quit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Reading %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Reading %1 pictures</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Readings</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Recorded strokes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Rectangle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Redo</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Redraw</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Redrawn: %1 nodes; %2. Ctrl+Z brings the old part back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Reference and artwork side by side, moving together</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Regular, with as many sides as set below</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Remove fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Remove node</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Remove nodes</source>
   <translation type="unfinished" />
  </message>
  <message numerus="yes">
   <source>Removed %n nodes. Ctrl+Z brings them back.</source>
   <translation type="unfinished">
    <numerusform />
    <numerusform />
   </translation>
  </message>
  <message>
   <source>Rename</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Rename ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Rename layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Replace ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Right</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Right sides in one line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Rope</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Rope line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Rope: %1 nodes, %2 off at most.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Round</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Round all corners</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Round corners</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Round ends</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Round guide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Round picked corners</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ruler</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>SVG, PDF or PNG</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Saturation</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save as CSS custom properties…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save as design tokens (JSON)…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save as…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save inks as CSS custom properties…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Save inks as design tokens…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Saved %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Saved the inks as %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scan a page</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scan a page: %1, %2 dpi</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Scanning %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Screen</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Search the keys</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Search the shelf</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Search: a name, or a key</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Search: lantern, round, night …</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Seen</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Separate the picture into tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Separate tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Set</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Set colour drops</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Set drops</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Set live shapes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Set shape</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Set. The stack is kept.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Set: plain shapes from now on</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Several things</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shade</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shade facet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shape</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shapes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sharp</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sheet height</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sheet size</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sheet unit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sheet width</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shift held</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shortest line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show everything</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show everything that is hidden</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show leak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show next</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show the areas, or hide them</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show the next gap or sliver</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show the next leak of a colour drop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show what is picked in the layer list</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Show whole picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shown on the sheet first; nothing changes until you take it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shows at</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shuffle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Shuffle facets</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sides</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sixteen tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Size</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Size picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sizes of the sheet in %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Slack</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Slack is in screen px here: zoom in to draw finer.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Slack of borders</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Slack of the borders</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Slack: how far it may stray</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Smallest area</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Smallest gap</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Smallest hole</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Smallest piece</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Smallest speck</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Smooth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Smoothing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Snap to lines and guides</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Snapping is off.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Snapping is on.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Snapping on or off</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Soft Rope %1
Clean vector artwork from sketches and reference pictures.

Free software under the GNU General Public Licence, version 3 or later.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Soft Rope drawing (*.svg)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Soft edge</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Soft light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Space held</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Split</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Split apart</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Split into %1 shapes. Ctrl+Z puts them together.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Split piece</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Square</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Squint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Squint: blurred, while held</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Start on the line that is to change.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Start runs out over</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stay</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stay here</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Steadying</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Step %1: %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Still tracing; it can be taken when the last pass is done.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stopped.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stopped. No pieces were made.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stopped. Nothing was brought in.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stopped. Nothing was scanned.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Stopped. Nothing was written.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Straight</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Straighten</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Straighten piece</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Straighten the picture by itself</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Straightened: the page lay %1° off. Ctrl+Z turns it back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Straights</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Strokes (*.json);;All files (*)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Swap</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Swap fill and line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Swap paint</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sweep</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Sweep specks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Swell</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tablet stand-in: play recorded strokes…</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tablet stand-in: stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take a live shape apart</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take apart</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take back node</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take colour</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take from the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take inks from the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take out of what it lies in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take piece out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take shape</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take shapes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take this line's look for the next ones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Take what was traced</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Taken</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Takes the fill away</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Takes the line away</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Takes this notice away; What happened (F2) keeps it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Taking inks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tell ink from pencil by itself</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>That encloses too little. Draw all the way round.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>That line cuts no piece in two.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The areas are being worked out after the last change. Once more, in a moment.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The artwork alone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The artwork over the reference; the keys go to the next view</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The closed line is opened at the picked node</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The colour in hand as a new ink</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The drop's area is closed again.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The file is broken: %1 at byte %2.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The file is empty.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The file is not a palette: its JSON is broken.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The file is not an SVG drawing.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The fill</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The first stop's colour in place of the gradient</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The halves become whole; they are kept on a hidden layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The last layer stays.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The last one taken is let go (Backspace)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The layer drawn on is mirrored at an axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The layer is mirrored at this line.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The line is open there: the pen goes on from an end it is put on. Ctrl+Z puts the piece back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The line serves other lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The line with its swell becomes an area</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The lines are being looked at after the last change. Once more, in a moment.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The lines are used up</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The lines become guides: seen here, never delivered</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The lines stay as they are</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The lowest without the others</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The mirror is off; what was drawn stays as it is.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The name must end in .svg, .pdf or .png.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The nearest ink of the palette</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The next line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The other half is taken away</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The parts come back as they were</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The parts stay and can be moved until the shape is set</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The picked stop takes the ink in hand</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The picture becomes few flat colour areas that abut</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The picture counts as it is there (Delete)</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The picture is still being read. Try again in a moment.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The same again with a copy</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The stroke has to end on the line too. Nothing was changed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The weld leaves a corner at this seam.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>The weld makes this seam smooth.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Theme</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There are no colours in the file.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There are no facets of an outline.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There are no facets yet. Pick an outline, or a picture, and make them on the card.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There are no inks to save.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There are very many steps: the oldest can no longer be taken back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no file %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no ink in hand. Add one on the card.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no picture to crop.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no picture to lay pieces over.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no picture to lay the rope on. Bring one in with Ctrl+I.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no picture to straighten.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no picture to take inks from.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no picture under the pointer.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no shape here. Drag over a shape, or pick several first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no tone stack yet. Choose 2, 3 or 5 tones on the card.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is no tone under the pointer.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is not enough memory for %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is not enough memory for this size.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is not enough memory for this. Nothing was changed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is nothing in %1 to find an axis in.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is nothing to paste: copy a drawing first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is nothing to paste: copy a picture or a drawing first.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>There is nothing to split: pick shapes that overlap, or one with holes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>These ends meet already.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>These tones are set. "Live again" on the card goes back to the stack.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>These two have no border in common.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Thinnest area kept</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This cannot be done with what is picked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This could not be done. Nothing was changed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This could not be done: %1. Nothing was changed.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This end belongs to a shape of several outlines. Use Nodes on it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This is no group.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This is worked out by a live part. Set that first, to change its pieces by hand.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This key stays: it goes by place, or is held.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This layer has no mirror to weld at. M puts one on.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This piece has changes that are not saved.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This piece is picked: Delete takes it out and leaves the line open there.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This shape is not live: it has no parts.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>This takes more than is picked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Three tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tints</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tints of</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>To the stack</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Together</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tone</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tone %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tone stack</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tones live again</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Took %1 inks from the picture. Ctrl+Z drops them.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Took %1 with %2 nodes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Took back: %1.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Top</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tops in one line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Touch the neighbour</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trace</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trace lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trace lines of the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trace shapes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trace shapes of the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trace the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Tracing, %1 %</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Triad</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trim</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Trimmed %1 pieces. Ctrl+Z puts them back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn by</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn facet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn line round</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn them into their tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn working colours</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turn working colours into their tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Turned %1 by %2°. Ctrl+Z turns it back.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Two arcs from tip to tip</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Two tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Under the pointer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Undo</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Undo: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Ungroup</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Union</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unit</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unlock</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unlock facet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unlock layer</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unlock what is picked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unlocked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Unsaved work</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Untitled</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Up</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Veil</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Waist</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wanted share of dark</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Weight</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Weld</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Weld halves</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Weld the mirrored halves</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Welds ends within</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What all of them cover</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What all parts cover</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What do you want to do?</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What happened</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is darker than the flag is traced. Drag it, or press left and right</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is picked is hidden.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is picked is locked.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is picked, or drawn next, means dark</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What is picked, or drawn next, means light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What lies on the layer shows on both sides of an axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What lies on this layer shows on both sides of the axis until you weld it.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>What was kept cannot be read: %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where an odd number lie</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where an odd number of them lie</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Where light meets dark</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>While drawing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Whole sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Wide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Width along the line, by name</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Width along the line. Drag a bead up, down or along; click the shape for a new one; drag one off to remove it.
Keys: left and right pick a bead, up and down change its width, Insert adds, Delete removes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Width of its length</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Will be dark</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Will be light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Without a name</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Without that cut nothing changes.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Work of the last time was kept</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Worked out from its recipe.</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Working colour: will be dark</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Working colour: will be light</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Working out the shapes, %1 %</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Z held</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Zoom in</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>Zoom out</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a drop is open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a shape</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>a shape with holes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>all after the first %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>and %1 more</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>and soft over</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>area</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>area %1 px²</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>areas</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>as mixed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bead %1 of %2: %3 % of the width at %4 % of the length</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>both joins are corners</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>both joins are smooth</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>bottom</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>breaks the handles apart; sizes from the middle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>centre</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>changes nothing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>closed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>closed · Enter takes it</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>closed · click puts %1 here</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>closed · click puts %1 in place of %2</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>closes here</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>crossing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>cut %1 of %2 at %3 of 255</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>darker</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>drag to zoom</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>enough for marks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>enough for text</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>even</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>fill</source>
   <comment>same</comment>
   <translation type="unfinished" />
  </message>
  <message>
   <source>finish the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>free to move</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>from the edge</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>from what was drawn</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>furthest off %1 of %2 px</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>gap %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>gap %1, counts as closed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>gap closed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>gaps closed</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>go on from here</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>gradient</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>guide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>hidden</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>in Nodes: smooth or corner</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>in hand</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>its picture is gone: the last shapes stay</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>kept %1 h ago</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>kept %1 min ago</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>kept just now</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>largest move %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>leak</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>leaks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>left</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>let go, then Pick</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>lighter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>line colour</source>
   <comment>same</comment>
   <translation type="unfinished" />
  </message>
  <message>
   <source>lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>live · </source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>live · %1 areas, %2 nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>live · working out the shapes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>locked</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>middle</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>move the sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>move what is picked by 1 px; Shift 10, Alt 0.1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no areas yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no cut</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no hole</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no picture yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no snapping</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no stack yet: choose how many tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no stop</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>no tones</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>node</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nodes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nodes in this line, %1 on the sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nodes on the sheet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>none</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not begun</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not kept yet</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not looked at</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>not used</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nothing</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>nothing encloses this</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>on %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>on the line</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>one join is smooth, one a corner</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open end</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open ends</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open here: the fill stays as it was</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>open, %1 ends</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>or start drawing: press 2, then S</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>patch · %1 darker</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>patch · %1 lighter</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>patch · no change</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>pulled %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>px</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>px²</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>reading edges, %1 %</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>right</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>set: the shapes are artwork now</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>shapes</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sharp</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sheet centre</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sheet edge</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sliver %1 wide</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>sliver, %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>slivers</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>slivers, thinnest %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>small piece, %1 px²</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>steps of 15°, or along one axis</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>stop %1 of %2 at %3 %, %4</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>take back the last node</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the lines</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>the picture</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>tone areas</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>too little for marks</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>top</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>value %1 of 255</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>wanted %1</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>weak edge, click to hold</source>
   <translation type="unfinished" />
  </message>
  <message>
   <source>weight</source>
   <comment>same</comment>
   <translation type="unfinished" />
  </message>
  <message>
   <source>without ink</source>
   <translation type="unfinished" />
  </message>
 </context>
</TS>
