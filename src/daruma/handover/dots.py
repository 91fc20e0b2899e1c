"""Dots of a projector as files: what a camera has seen, the map that should be thrown, and what both prove."""

from collections.abc import Mapping, Sequence
from pathlib import Path
from typing import Any

import numpy as np

from daruma.core.depth.fitting import Card
from daruma.core.depth.proof import DotVerdict, Figure
from daruma.core.depth.view import Floats
from daruma.core.face import DotFrame
from daruma.core.language import tr
from daruma.handover.tables import to_csv, write_export
from daruma.handover.tabular import Table, number_of, read_table, trouble

MOST_SEEN = 50_000  # centroids of all frames
MOST_DOTS = 5000
MOST_CARDS, MOST_FRAMES = 20, 500
NEAREST_CARD, FARTHEST_CARD = 50.0, 5000.0  # mm
WIDEST = 2.0  # tangent of the farthest direction of a map


def read_seen(raw: bytes, name: str) -> tuple[Card, ...]:
    """Read what was seen: columns u, v in px; where there are they, card_mm (a measured distance; each is a card of its own)
    and frame. Raises MeasurementTrouble with line and column.
    """
    table = read_table(raw, name, MOST_SEEN)
    _needs(table, ("u", "v"), name)
    found: dict[float | None, dict[float, list[tuple[float, float]]]] = {}
    for line, cells in table.rows:
        card = _distance(table, line, cells, name)
        frame = number_of(table, line, cells, "frame", name) if "frame" in table.columns else 0.0
        point = number_of(table, line, cells, "u", name), number_of(table, line, cells, "v", name)
        frames = found.setdefault(card, {})
        frames.setdefault(frame, []).append(point)
        if len(found) > MOST_CARDS or len(frames) > MOST_FRAMES:
            raise trouble(
                name,
                tr(
                    "line {line}: more than {most_cards} cards or {most_frames} frames",
                    line=line,
                    most_cards=MOST_CARDS,
                    most_frames=MOST_FRAMES,
                ),
            )
    if not found:
        return (Card((np.empty((0, 2)),)),)
    return tuple(Card(tuple(np.array(points) for points in frames.values()), card) for card, frames in found.items())


def _distance(table: Table, line: int, cells: Mapping[str, str], name: str) -> float | None:
    if not cells.get("card_mm", "").strip():
        return None
    distance = number_of(table, line, cells, "card_mm", name)
    if not NEAREST_CARD <= distance <= FARTHEST_CARD:
        raise trouble(
            name,
            tr(
                "line {line}: a card at {distance:g} mm is not between {nearest_card:g} and {farthest_card:g} mm",
                line=line,
                distance=distance,
                nearest_card=NEAREST_CARD,
                farthest_card=FARTHEST_CARD,
            ),
        )
    return distance


def read_map(raw: bytes, name: str) -> Floats:
    """Read a map: columns x, y, tangents of the directions; raise MeasurementTrouble with line and column."""
    table = read_table(raw, name, MOST_DOTS)
    _needs(table, ("x", "y"), name)
    points = []
    for line, cells in table.rows:
        point = number_of(table, line, cells, "x", name), number_of(table, line, cells, "y", name)
        if max(map(abs, point)) > WIDEST:
            raise trouble(
                name,
                tr("line {line}: {tangent:g} is no tangent that a projector reaches", line=line, tangent=max(map(abs, point))),
            )
        points.append(point)
    if len(points) < 3:
        raise trouble(name, tr("a map has three dots at least"))
    return np.array(points)


def _needs(table: Table, wanted: tuple[str, ...], name: str) -> None:
    missing = [column for column in wanted if column not in table.columns]
    if missing:
        raise trouble(
            name,
            tr("there is no column {missing}; the first line names the columns", missing=tr(" and no column ").join(missing)),
        )


def write_frames(frames: Sequence[DotFrame], file: Path) -> None:
    """Write what was seen as CSV: card, frame, u, v in px, as `read_seen` and any table program read it."""
    rows = []
    for number, frame in enumerate(frames):
        for at in range(0, len(frame.points), 2):
            u, v = frame.points[at : at + 2]
            rows.append((f"{frame.distance:g}" if frame.distance else "", str(number), f"{u:.4f}", f"{v:.4f}", str(frame.card)))
    write_export(file, to_csv(("card_mm", "frame", "u", "v", "card"), rows).encode(), tr("The measurement is kept."))


def dots_answer(verdict: DotVerdict) -> dict[str, Any]:
    """Return a verdict as JSON data (docs/formats.md); what is not known is null."""
    first = verdict.distances[0] if verdict.distances else None
    return {
        "format": "daruma-dots",
        "version": 1,
        "verdict": verdict.claim.value,
        "why": verdict.why,
        "matched": verdict.all.matched,
        "expected": verdict.all.expected,
        "zones": [share.value for share in verdict.zones],
        "shift_mrad": _figure(verdict.shift, 3),
        "distance_mm": _figure(first, 2),
        "tilt_deg": round(verdict.tilts[0], 2) if verdict.tilts else None,
        "flatness_percent": _figure(verdict.flatness, 4),
        "hole_deg": None if verdict.hole_deg is None else round(verdict.hole_deg, 2),
        "cards": [
            {"distance_mm": _figure(distance, 2), "tilt_deg": round(tilt, 2)}
            for distance, tilt in zip(verdict.distances, verdict.tilts, strict=True)
        ],
    }


def _figure(figure: Figure | None, digits: int) -> dict[str, float] | None:
    if figure is None or not (np.isfinite(figure.value) and np.isfinite(figure.u)):
        return None
    return {"value": round(figure.value, digits), "u": round(figure.u, digits)}


def dots_text(verdict: DotVerdict) -> str:
    """Return a verdict in lines of text."""
    lines = [verdict.why]
    if verdict.shift is not None:
        lines += [_line(tr("turned by"), verdict.shift, "mrad", 2)]
        lines += [_line(tr("card at"), distance, "mm", 1) for distance in verdict.distances]
    if verdict.flatness is not None:
        lines += [_line("flatness", verdict.flatness, "% of the distance", 2)]
    rows = [verdict.zones[i : i + 3] for i in range(0, len(verdict.zones), 3)]
    lines += ["  ".join(f"{share.matched:4}/{share.expected:<4}" for share in row) for row in rows]
    return "\n".join(lines)


def _line(words: str, figure: Figure, unit: str, digits: int) -> str:
    return tr(
        "{words} {figure} {unit}, standard uncertainty {spread}",
        words=words,
        figure=f"{figure.value:.{digits}f}",
        unit=unit,
        spread=f"{figure.u:.{digits}f}",
    )
