"""The map of a part's memory: every byte in its place, what it belongs to, and what the checksums cover."""

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.language import tr, word
from daruma.core.pictures.primitives import Item, Picture, Rect, Spot, Text, Tone
from daruma.core.records import FieldRole, FieldSpec, Layout

ACROSS = 16  # bytes in a row
ROW, LEFT, TOP = 24.0, 46.0, 22.0
_ROLES = {
    FieldRole.FORMAT: (Tone.QUIET, "format"),
    FieldRole.FRAME: (Tone.LINE, "frame"),
    FieldRole.IDENTITY: (Tone.DATA, "identity"),
    FieldRole.CALIBRATION: (Tone.PROVEN, "calibration"),
}


class _Run(Struct, frozen=True):
    """Hold bytes of one row that belong together: from the first to the one behind the last."""

    first: int
    end: int
    name: str
    words: str
    tone: Tone | None = None


def layout_map(width: float, layout: Layout) -> Picture:
    """Return the map; a row that is like the one before it, of the same field, is left out and counted."""
    cell = (width - LEFT - 8) / ACROSS
    heads = (Text(LEFT + (x + 0.5) * cell, 14, f"{x:X}", Tone.QUIET, 11, "middle", mono=True) for x in range(ACROSS))
    items: list[Item] = [*heads]
    spots: list[Spot] = []
    y, skipped = TOP, 0
    for start in range(0, layout.size, ACROSS):
        runs = _runs(layout, start)
        if _is_inside(layout, start, runs):
            skipped += 1
            continue
        if skipped:
            items.append(Text(LEFT, y + 15, tr("{skipped} bytes more of the same", skipped=skipped * ACROSS), Tone.QUIET, 11))
            y, skipped = y + ROW, 0
        items.append(Text(4, y + 16, f"{start:04X}", Tone.QUIET, 11, mono=True))
        for run in runs:
            x, wide = LEFT + (run.first - start) * cell, (run.end - run.first) * cell
            items.append(Rect(x + 0.5, y + 1, wide - 1, ROW - 2, run.tone, Tone.SHEET, 1, alpha=0.22))
            items.append(Text(x + 5, y + 16, run.name, Tone.INK, 12, limit=max(1.0, wide - 8)))
            spots.append(Spot(f"{run.name}@{run.first}", x, y, wide, ROW, run.words))
        y += ROW
    told = "; ".join(
        tr("{label}, {length} bytes at {offset:#x}", label=spec.label, length=spec.length, offset=spec.offset)
        for spec in layout.fields
    )
    return Picture(width, y + 8, tuple(items), tuple(spots), tr("{size} bytes: {told}", size=layout.size, told=told))


def _is_inside(layout: Layout, start: int, runs: list[_Run]) -> bool:
    """Return whether a row lies wholly within what the rows before and after it show as well."""
    before = _runs(layout, start - ACROSS) if start else []
    whole = len(runs) == len(before) == 1 and runs[0].end - runs[0].first == ACROSS
    return whole and before[0].name == runs[0].name and start + ACROSS < layout.size


def _runs(layout: Layout, start: int) -> list[_Run]:
    """Return what a row holds, what is not used between it included."""
    stop = min(start + ACROSS, layout.size)
    found = [_Run(f.offset, f.end, f.label, _said(f), _ROLES[f.role][0]) for f in layout.fields]
    for sum_ in layout.checksums:
        words = tr(
            "{name}: {algorithm} of {start:#x} to {stop:#x}",
            name=sum_.name,
            algorithm=sum_.algorithm,
            start=sum_.start,
            stop=sum_.stop - 1,
        )
        found.append(_Run(sum_.offset, sum_.offset + sum_.length, "checksum", words, Tone.GOLD))
    here = (run for run in found if run.first < stop and start < run.end)
    there = sorted((replace(run, first=max(start, run.first), end=min(stop, run.end)) for run in here), key=lambda run: run.first)
    filled: list[_Run] = []
    at = start
    for run in there:
        if at < run.first:
            filled.append(_Run(at, run.first, tr("not used"), tr("not used")))
        filled.append(run)
        at = run.end
    return filled if at >= stop else [*filled, _Run(at, stop, tr("not used"), tr("not used"))]


def _said(field: FieldSpec) -> str:
    count = tr(", {count} values", count=field.count) if field.count > 1 else ""
    unit = f", {field.unit}" if field.unit else ""
    return tr(
        "{label}: {length} bytes at {offset:#x}, {encoding}{count}{unit}; {role}",
        label=field.label,
        length=field.length,
        offset=field.offset,
        encoding=word(field.encoding),
        count=count,
        unit=unit,
        role=_ROLES[field.role][1],
    )
