"""The simulated glass: what light a panel gives for codes, and how the phone makes codes from its record.

Plain arithmetic of its own, not the core's: what the core computes is checked against it.
"""

from collections.abc import Sequence

from msgspec import Struct

from daruma.core.colour.chromaticity import XYZ, xy_to_xyz
from daruma.core.display import DisplaySpec
from daruma.core.records import Record

Triple = tuple[float, float, float]
Rows = tuple[Triple, Triple, Triple]


class Glass(Struct):
    """Hold what a panel really is, whatever its record says.

    `primaries` are CIE 1931 x, y of its channels, `gammas` their exponents, `black` its light in cd/m2 at code 0, `peak`
    the luminance it gives over the one it is asked for.
    """

    primaries: list[list[float]]
    gammas: list[float]
    black: float = 0.02
    peak: float = 1.0


def plain_glass(spec: DisplaySpec) -> Glass:
    """Return the glass of a panel that is just as the model means it."""
    return Glass([list(xy) for xy in spec.primaries_xy], [spec.gamma] * 3)


def light_of(glass: Glass, white_xy: Sequence[float], codes: Triple, luminance: float) -> XYZ:
    """Return XYZ in cd/m2 for codes from 0 to 1, asked for a white of so many cd/m2."""
    matrix = _balanced(glass.primaries, white_xy)
    tones = [max(0.0, min(1.0, code)) ** gamma for code, gamma in zip(codes, glass.gammas, strict=True)]
    light = _times(matrix, (tones[0], tones[1], tones[2]))
    dark = xy_to_xyz((white_xy[0], white_xy[1]), glass.black)
    scale = luminance * glass.peak
    return light[0] * scale + dark[0], light[1] * scale + dark[1], light[2] * scale + dark[2]


def boost_of(record: Record | None, spec: DisplaySpec, aim_xy: Sequence[float]) -> float:
    """Return by how much more light the phone asks the panel for, so that a white of x, y `aim_xy` keeps its luminance."""
    return max(_wanted(record, spec, aim_xy))


def codes_of(record: Record | None, spec: DisplaySpec, aim_xy: Sequence[float], rgb: Triple = (1.0, 1.0, 1.0)) -> Triple:
    """Return the codes by which the phone shows a colour of signals `rgb` with a white of x, y `aim_xy`.

    A record without calibration is driven as if the panel were just as the model means it.
    """
    gains = _values(record, "gain_matrix") or (1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0)
    tone = _values(record, "tone_curve") or (0.0, 65535.0)
    wanted = _wanted(record, spec, aim_xy)
    top = max(wanted)
    linear = [max(0.0, signal) ** spec.gamma * part / top for signal, part in zip(rgb, wanted, strict=True)]
    drives = _times((gains[0:3], gains[3:6], gains[6:9]), (linear[0], linear[1], linear[2]))
    codes = [_code(tone, i, max(0.0, min(1.0, drive)) ** (1 / spec.gamma)) for i, drive in enumerate(drives)]
    return codes[0], codes[1], codes[2]


def _wanted(record: Record | None, spec: DisplaySpec, aim_xy: Sequence[float]) -> Triple:
    """Return the linear colour, in the model's primaries, of a white of luminance 1."""
    white = _values(record, "white_point") or tuple(aim_xy)
    return _times(_inverse(_balanced(spec.primaries_xy, white)), xy_to_xyz((aim_xy[0], aim_xy[1])))


def _values(record: Record | None, name: str) -> tuple[float, ...]:
    value = record.values.get(name) if record is not None and record.sound(name) else None
    return tuple(float(item) for item in value) if isinstance(value, tuple) else ()


def _code(tone: Sequence[float], channel: int, signal: float) -> float:
    if len(tone) > 33 and len(tone) % 3 == 0:
        steps = len(tone) // 3
        tone = tone[channel * steps : (channel + 1) * steps]
    place = signal * (len(tone) - 1)
    index = min(int(place), len(tone) - 2)
    return (tone[index] + (place - index) * (tone[index + 1] - tone[index])) / 65535


def _balanced(primaries: Sequence[Sequence[float]], white: Sequence[float]) -> Rows:
    columns = [xy_to_xyz((x, y)) for x, y in primaries]
    rows = tuple((columns[0][i], columns[1][i], columns[2][i]) for i in range(3))
    parts = _times(_inverse(rows), xy_to_xyz((white[0], white[1])))
    red, green, blue = parts
    a, b, c = ((row[0] * red, row[1] * green, row[2] * blue) for row in rows)
    return a, b, c


def _times(rows: Sequence[Sequence[float]], vector: Sequence[float]) -> Triple:
    a, b, c = (sum(x * y for x, y in zip(row, vector, strict=True)) for row in rows)
    return a, b, c


def _inverse(rows: Sequence[Sequence[float]]) -> Rows:
    (a, b, c), (d, e, f), (g, h, i) = rows
    det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g)
    return (
        ((e * i - f * h) / det, (c * h - b * i) / det, (b * f - c * e) / det),
        ((f * g - d * i) / det, (a * i - c * g) / det, (c * d - a * f) / det),
        ((d * h - e * g) / det, (b * g - a * h) / det, (a * e - b * d) / det),
    )
