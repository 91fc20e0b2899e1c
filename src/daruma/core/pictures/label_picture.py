"""A label: the code that a scanner reads at the left, name and lines beside it."""

import segno

from daruma.core.labels import Label
from daruma.core.pictures.primitives import Bars, Picture, Text, Tone

PER_MM = 10.0  # logical pixels
QUIET = 2  # modules of white around the code, beside the margin (common practice, no source: the standard asks for four in all)
MARGIN = 1.5  # mm
WIDE = 0.58  # of its size that a bold letter is wide, about
OVERLAP = 0.4  # logical pixels: rows that only touch show a seam where they fall between dots


def label_picture(label: Label, width: float, height: float) -> Picture:
    """Return a label of a size in millimetres as a picture of ten logical pixels for each.

    The code is a QR code (ISO/IEC 18004), error correction M, made by a library.
    """
    rows = [[bool(module) for module in row] for row in segno.make(label.code, error="m", micro=False).matrix]
    margin, w, h = MARGIN * PER_MM, width * PER_MM, height * PER_MM
    side = h - 2 * margin
    module = side / (len(rows) + 2 * QUIET)
    start = margin + QUIET * module
    bars = tuple(
        (start + first * module, start + y * module, (end - first) * module, module + OVERLAP)
        for y, row in enumerate(rows)
        for first, end in _runs(row)
    )
    left = margin + side + PER_MM
    room = w - margin - left
    size = max(h * 0.12, min(h * 0.2, 60.0, room / (WIDE * len(label.name))))
    texts = [Text(left, margin + size, label.name, size=size, bold=True, limit=room)]
    small = max(18.0, h * 0.12)
    for number, line in enumerate(label.lines, 1):
        at = margin + size + number * small * 1.4
        if at < h - margin:
            texts.append(Text(left, at, line, size=small, limit=room))
    return Picture(w, h, (Bars(bars, Tone.INK), *texts), words=f"{label.name}: {', '.join(label.lines)}")


def _runs(row: list[bool]) -> list[tuple[int, int]]:
    """Return where dark runs begin and end: drawn as one they leave no seams between modules."""
    edges = [i for i in range(len(row) + 1) if (i < len(row) and row[i]) != (i > 0 and row[i - 1])]
    return list(zip(edges[::2], edges[1::2], strict=True))
