// Rows of justified-layout: {"proportions", "width", "height", "gap"} a line in, its boxes as [x, y, width, height] a line out.
import { createInterface } from 'node:readline';
import justified from 'justified-layout';

for await (const line of createInterface({ input: process.stdin })) {
  const { proportions, width, height, gap } = JSON.parse(line);
  const { boxes } = justified(proportions, { containerWidth: width, containerPadding: 0, boxSpacing: gap, targetRowHeight: height, targetRowHeightTolerance: 0.25 });
  console.log(JSON.stringify(boxes.map((box) => [box.left, box.top, box.width, box.height])));
}
