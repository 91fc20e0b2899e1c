"""Folding a flex: where each segment lies after each fold, seen from the side, and why a list of folds is refused.

A strip lies flat along x from the module on, its face up. At each fold the rest turns by a quarter or by half; half a turn
lays the next segment one thickness above (+180) or below (-180) the one before. Shapes follow by composing these motions.
"""

from __future__ import annotations

from collections.abc import Sequence
from math import cos, hypot, radians, sin

from msgspec import Struct

from daruma.core.language import tr

Point = tuple[float, float]
ANGLES = (90, -90, 180, -180)
_CLOSE = 0.05  # mm: how near the end must be to where it is wanted


class KeepOut(Struct, frozen=True):
    """Hold a box that nothing may reach into, mm in the side view."""

    name: str
    x: float
    y: float
    w: float
    h: float


class FoldSpec(Struct, frozen=True):
    """Hold a flex and how it is folded: segments in mm, the turn after each but the last in degrees, where its connector must
    end and in which direction, how high it may stack, what it must keep clear of.
    """

    segments: tuple[float, ...]
    folds: tuple[int, ...]
    end: Point
    heading: int
    gap: float
    thickness: float = 0.12
    keep_outs: tuple[KeepOut, ...] = ()


class Shape(Struct, frozen=True):
    """Hold a folded strip: the two ends of each segment, and the direction of its last one in degrees from 0 to 359."""

    segments: tuple[tuple[Point, Point], ...]
    heading: int

    @property
    def end(self) -> Point:
        """Return where the connector is."""
        return self.segments[-1][1]

    @property
    def bounds(self) -> tuple[float, float, float, float]:
        """Return the least x and y, the largest x and y."""
        xs = [x for pair in self.segments for x, _ in pair]
        ys = [y for pair in self.segments for _, y in pair]
        return min(xs), min(ys), max(xs), max(ys)


def folded(spec: FoldSpec, folds: Sequence[int]) -> Shape:
    """Return the strip after some folds; what is not folded yet goes straight on. Raises ValueError for a turn that is none."""
    at, heading, found = (0.0, 0.0), 0, []
    for index, length in enumerate(spec.segments):
        end = _moved(at, heading, length)
        found.append((at, end))
        at = end
        if index < len(folds):
            turn = folds[index]
            if turn not in ANGLES:
                raise ValueError(
                    tr("a fold turns by {known} degrees, not by {turn}", known=", ".join(map(str, ANGLES)), turn=turn)
                )
            if abs(turn) == 180:
                at = _moved(at, heading + turn // 2, spec.thickness)
            heading += turn
    return Shape(tuple(found), heading % 360)


def _moved(at: Point, heading: float, length: float) -> Point:
    return at[0] + length * cos(radians(heading)), at[1] + length * sin(radians(heading))


def steps(spec: FoldSpec) -> tuple[Shape, ...]:
    """Return the strip flat, and after each of its folds."""
    return tuple(folded(spec, spec.folds[:count]) for count in range(len(spec.folds) + 1))


def refusals(spec: FoldSpec, folds: Sequence[int]) -> tuple[str, ...]:
    """Return why a list of folds is refused; empty where it is right."""
    if len(folds) != len(spec.segments) - 1:
        return (
            tr(
                "{count_folds} folds for {count_segments} segments: each but the last is followed by one",
                count_folds=len(folds),
                count_segments=len(spec.segments),
            ),
        )
    try:
        shape = folded(spec, folds)
    except ValueError as error:
        return (str(error),)
    found = []
    if _crosses_itself(shape):
        found.append(tr("the flex would have to run through itself"))
    low, high = shape.bounds[1], shape.bounds[3]
    if high - low + spec.thickness > spec.gap + 1e-9:
        found.append(
            tr("it stacks {high:.2f} mm high, there is room for {gap:.2f} mm", high=high - low + spec.thickness, gap=spec.gap)
        )
    found += [
        tr("it lies over the {box}", box=box.name)
        for box in spec.keep_outs
        if any(_touches(pair, box) for pair in shape.segments)
    ]
    off = hypot(shape.end[0] - spec.end[0], shape.end[1] - spec.end[1])
    if off > _CLOSE:
        found.append(tr("the connector ends {off:.1f} mm from its place", off=off))
    elif shape.heading != spec.heading % 360:
        found.append(tr("the connector faces the wrong way"))
    return tuple(found)


def words(spec: FoldSpec) -> tuple[str, ...]:
    """Return each fold in words."""
    names = {90: tr("up by 90°"), -90: tr("down by 90°"), 180: tr("up and over by 180°"), -180: tr("down and under by 180°")}
    along, found = 0.0, []
    for length, turn in zip(spec.segments, spec.folds, strict=False):
        along += length
        found.append(tr("{along:.1f} mm from its fixed end: {names}", along=along, names=names[turn]))
    return tuple(found)


def _crosses_itself(shape: Shape) -> bool:
    pairs = shape.segments
    return any(_cross(pairs[i], pairs[j]) for i in range(len(pairs)) for j in range(i + 2, len(pairs)))


def _cross(one: tuple[Point, Point], other: tuple[Point, Point]) -> bool:
    """Return whether two segments meet: each has the other's ends on different sides, or they lie on each other."""
    (a, b), (c, d) = one, other
    sides = [_side(a, b, c), _side(a, b, d), _side(c, d, a), _side(c, d, b)]
    if all(abs(side) < 1e-9 for side in sides):
        return _overlap(a, b, c, d)
    return sides[0] * sides[1] <= 1e-12 and sides[2] * sides[3] <= 1e-12


def _side(a: Point, b: Point, c: Point) -> float:
    return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])


def _overlap(a: Point, b: Point, c: Point, d: Point) -> bool:
    axis = 0 if abs(b[0] - a[0]) >= abs(b[1] - a[1]) else 1
    low, high = sorted((a[axis], b[axis]))
    first, last = sorted((c[axis], d[axis]))
    return max(low, first) < min(high, last) - 1e-9


def _touches(pair: tuple[Point, Point], box: KeepOut) -> bool:
    """Return whether a segment reaches into a box (Liang and Barsky's clipping)."""
    (x0, y0), (x1, y1) = pair
    low, high = 0.0, 1.0
    for start, change, least, most in ((x0, x1 - x0, box.x, box.x + box.w), (y0, y1 - y0, box.y, box.y + box.h)):
        if abs(change) < 1e-12:
            if not least < start < most:
                return False
            continue
        near, far = sorted(((least - start) / change, (most - start) / change))
        low, high = max(low, near), min(high, far)
    return low < high
