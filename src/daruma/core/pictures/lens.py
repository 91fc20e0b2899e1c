"""The record lens: board expects, backup, on the part, to be written; field by field, character by character, byte by byte."""

from collections.abc import Mapping, Sequence

from msgspec import Struct

from daruma.core.language import tr
from daruma.core.parts import Identity
from daruma.core.pictures.primitives import Item, Line, Picture, Rect, Text, Tone, cross, tick
from daruma.core.records import BLANK_SAID, FieldRole, FieldSpec, Record, shown_in
from daruma.core.serials import differing, grouped

MONO = 0.6312  # advance of the monospaced face as a share of its size
_SIZE = 12.0
_ROW = 25.0
_LABEL = 94.0


class LensColumn(Struct, frozen=True):
    """Hold one column: its head and the record it shows, or the identities the board expects."""

    head: str
    record: Record | None = None
    expected: Mapping[Identity, str] | None = None

    def text(self, spec: FieldSpec) -> str | None:
        """Return what the column shows for a field; None where it has nothing to say."""
        if self.expected is not None:
            expected = self.expected.get(spec.identity) if spec.identity else None
            return grouped(expected) if expected else None
        if self.record is None:
            return None
        value = self.record.values[spec.name]
        if value is None:
            return BLANK_SAID
        if spec.role is FieldRole.CALIBRATION and spec.count > 2:
            return tr("{count} values", count=spec.count)
        return grouped(str(value)) if spec.identity else shown_in(self.record, spec)


def lens_fields(width: float, columns: Sequence[LensColumn], reference: int) -> Picture:
    """Return the fields; characters that differ from the `reference` column are marked."""
    layout = next((c.record.layout for c in columns if c.record is not None), None)
    if layout is None:
        return Picture(
            width, 40, (Text(0, 20, tr("Nothing has been read yet."), Tone.QUIET, 13),), (), tr("Nothing has been read yet.")
        )
    fields = [spec for spec in layout.fields if spec.name != "signature" and spec.role is not FieldRole.FRAME]
    each = (width - _LABEL) / len(columns)
    items: list[Item] = [
        Text(_LABEL + i * each, 13, column.head, Tone.QUIET, 12, limit=each - 10) for i, column in enumerate(columns)
    ]
    words = []
    for row, spec in enumerate(fields):
        y = 24 + row * _ROW
        items += [Line(((0, y), (width, y)), Tone.LINE), Text(0, y + 17, spec.label, Tone.QUIET, 12, limit=_LABEL - 2)]
        base = columns[reference].text(spec)
        for i, column in enumerate(columns):
            x = _LABEL + i * each
            same_bytes = _same(spec, column.record, columns[reference].record)
            items += _cell(x, y, column.text(spec), base, same_bytes, i == reference, each)
        words.append(f"{spec.label}: " + ", ".join(f"{c.head} {c.text(spec) or tr('not known')}" for c in columns))
    return Picture(width, 24 + len(fields) * _ROW, tuple(items), (), "; ".join(words))


def _same(spec: FieldSpec, record: Record | None, reference: Record | None) -> bool | None:
    if record is None or reference is None:
        return None
    return record.image[spec.offset : spec.end] == reference.image[spec.offset : spec.end]


def _cell(x: float, y: float, text: str | None, base: str | None, same: bool | None, reference: bool, each: float) -> list[Item]:
    if text is None:
        return [Line(((x, y + 13), (x + 14, y + 13)), Tone.LINE, 1.5)]
    items: list[Item] = []
    differs = not reference and base is not None and (text != base or same is False)
    if differs and BLANK_SAID not in (text, base):
        advance = MONO * _SIZE
        marks = differing(text, base or "") if text != base else tuple(range(len(text)))
        items += [Rect(x + i * advance, y + 3, advance, 19, Tone.ACT, alpha=0.22) for i in marks if i * advance < each - 12]
    tone = Tone.QUIET if text == BLANK_SAID else Tone.INK
    items.append(Text(x, y + 17, text, tone, _SIZE, mono=True, limit=each - 9))
    if not reference and base is not None:
        end = x + min(len(text) * MONO * _SIZE + 9, each - 8)
        items += cross(end, y + 13, 3.5, Tone.ACT, 1.6) if differs else [tick(end, y + 13, 4, Tone.PROVEN, 1.6)]
    return items


def lens_bytes(width: float, record: Record | None, other: Record | None) -> Picture:
    """Return a record's bytes, sixteen in a row; bytes that differ from `other` are marked."""
    if record is None:
        return Picture(
            width, 40, (Text(0, 20, tr("Nothing has been read yet."), Tone.QUIET, 13),), (), tr("Nothing has been read yet.")
        )
    size = 12.0
    advance, row = MONO * size, 14.5
    items: list[Item] = []
    image, against = record.image, other.image if other else record.image
    for start in range(0, len(image), 16):
        y = 13 + row * (start // 16)
        items.append(Text(0, y, f"{start:03X}", Tone.QUIET, size, mono=True))
        for i in range(start, min(start + 16, len(image))):
            if against[i : i + 1] != image[i : i + 1]:
                items.append(Rect(44 + (i - start) * 3 * advance - 2, y - 11.5, 2 * advance + 4, 14.5, Tone.ACT, alpha=0.22))
        line = " ".join(f"{byte:02X}" for byte in image[start : start + 16])
        plain = "".join(chr(byte) if 32 <= byte < 127 else "." for byte in image[start : start + 16])
        items += [Text(44, y, line, Tone.INK, size, mono=True), Text(44 + 49 * advance, y, plain, Tone.QUIET, size, mono=True)]
    changed = sum(a != b for a, b in zip(image, against, strict=False))
    return Picture(
        width,
        6 + row * ((len(image) + 15) // 16),
        tuple(items),
        (),
        tr("{count_image} bytes, {changed} differ", count_image=len(image), changed=changed),
    )
