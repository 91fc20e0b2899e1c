"""Correlated colour temperature and distance from the Planckian locus, 1,000 to 20,000 K.

The nearest point of the locus is sought in the CIE 1960 u, v diagram, as CIE 15 defines correlated colour
temperature; Duv after Ohno (2014, Leukos 10:1, "Practical Use and Calculation of CCT and Duv"). The locus is computed
from Planck's law and the CIE 1931 observer and joined by cubic pieces, so that the foot of the perpendicular is found
by Newton's method. McCamy (1992) and Hernandez-Andres (1999) are given for comparison, with their limits.
"""

from functools import cache

import numpy as np
import numpy.typing as npt
from msgspec import Struct

from daruma.core.colour.observer import CIE_1931_2_DEGREE

Floats = npt.NDArray[np.float64]

SECOND_RADIATION_CONSTANT = 1.4388e-2  # m K, as CIE 15 uses it for colour temperature
LOWEST, HIGHEST = 1000.0, 20000.0  # K
FARTHEST = 0.05  # in u, v (CIE 15)
_STEP = 1.002  # ratio of neighbouring temperatures in the table
_EPICENTRE = (0.29087, 0.24417)  # u, v of McCamy's point x .3320, y .1858, near which the isotherms meet (McCamy 1992)
_TURNS = 3  # of Newton's method: further ones change nothing
_FAR_OUT = 1e6  # x or y of no colour: squares of such numbers are not to be taken
_WHITE = (1 / 3, 1 / 3)  # stands in for rows that are left out
_PIECE = 1 << 14  # points worked on at once: what is in hand stays in the processor's cache


def planckian_uv(kelvin: npt.ArrayLike) -> Floats:
    """Return CIE 1960 u, v of black bodies; shape (n,) in K gives (n, 2)."""
    observer = np.asarray(CIE_1931_2_DEGREE)
    metres = observer[:, 0] * 1e-9
    temperature = np.atleast_1d(np.asarray(kelvin, dtype=float))
    radiance = metres**-5 / np.expm1(SECOND_RADIATION_CONSTANT / (metres * temperature[:, None]))
    x, y, z = (radiance @ observer[:, 1:]).T
    scale = x + 15 * y + 3 * z
    return np.column_stack([4 * x / scale, 6 * y / scale])


class _Locus(Struct, frozen=True):
    """Hold the locus as cubic pieces over the logarithm of temperature: u, v and their coefficients, lowest power first.

    `turn` is the direction in which a point of the locus is seen from the epicentre of its isotherms, rising with
    temperature: what a first guess is looked up by.
    """

    start: float
    step: float
    pieces: Floats
    turn: Floats


@cache
def _locus() -> _Locus:
    step = np.log(_STEP)
    count = int(np.ceil(np.log(HIGHEST * 1.3 / (LOWEST * 0.8)) / step))
    start = float(np.log(LOWEST * 0.8))
    here = planckian_uv(np.exp(start + step * np.arange(-1, count + 2)))
    # Catmull-Rom pieces: through every point, with the slope of its neighbours
    before, left, right, after = here[:-3], here[1:-2], here[2:-1], here[3:]
    first = (right - before) / 2
    second = before - 2.5 * left + 2 * right - after / 2
    third = 1.5 * (left - right) + (after - before) / 2
    pieces = np.concatenate([left, first, second, third], axis=1)
    u, v = left.T
    return _Locus(start, float(step), np.ascontiguousarray(pieces), np.arctan2(_EPICENTRE[0] - u, v - _EPICENTRE[1]))


def cct_duv(xy: npt.ArrayLike) -> tuple[Floats, Floats]:
    """Return correlated colour temperature in K and Duv for CIE 1931 x, y of shape (n, 2) or (2,).

    Duv is positive above the locus. Both are NaN outside 1,000 to 20,000 K, and for points so far from the locus
    (CIE 15: more than 0.05) that a colour temperature says nothing; so are rows that are not finite.
    """
    points = np.atleast_2d(np.asarray(xy, dtype=np.float64))
    with np.errstate(invalid="ignore", over="ignore"):
        lost = ~(np.isfinite(points).all(axis=1) & (np.abs(points).max(axis=1, initial=0.0) < _FAR_OUT))
    points = np.where(lost[:, None], _WHITE, points)
    kelvin, duv = np.empty(len(points)), np.empty(len(points))
    for begin in range(0, len(points), _PIECE):
        piece = slice(begin, begin + _PIECE)
        kelvin[piece], duv[piece] = _nearest(points[piece])
    return np.where(lost, np.nan, kelvin), np.where(lost, np.nan, duv)


def _nearest(points: Floats) -> tuple[Floats, Floats]:
    """Seek the foot of the perpendicular by Newton's method, from a guess along the isotherms."""
    locus = _locus()
    x, y = points[:, 0], points[:, 1]
    scale = -2 * x + 12 * y + 3
    u, v = 4 * x / scale, 6 * y / scale
    place = np.interp(np.arctan2(_EPICENTRE[0] - u, v - _EPICENTRE[1]), locus.turn, np.arange(len(locus.turn), dtype=np.float64))
    last = len(locus.pieces) - 1e-6
    for _ in range(_TURNS):
        off_u, off_v, slope_u, slope_v, bend_u, bend_v = _at(locus, place, u, v)
        along = off_u * slope_u + off_v * slope_v
        curve = slope_u * slope_u + slope_v * slope_v + off_u * bend_u + off_v * bend_v
        place = np.clip(place - along / np.where(curve > 0, curve, np.inf), 0.0, last)
    off_u, off_v, slope_u, slope_v, _, _ = _at(locus, place, u, v)
    kelvin = np.exp(locus.start + locus.step * place)
    # above the locus: to the left of the way towards higher temperatures, where u falls
    duv = np.hypot(off_u, off_v) * np.sign(-off_v)
    inside = (kelvin >= LOWEST * 0.999) & (kelvin <= HIGHEST * 1.001) & (np.abs(duv) <= FARTHEST)
    return np.where(inside, kelvin, np.nan), np.where(inside, duv, np.nan)


def _at(locus: _Locus, place: Floats, u: Floats, v: Floats) -> tuple[Floats, Floats, Floats, Floats, Floats, Floats]:
    """Return, at places on the locus, its offset from points, its slope and its bend, each in u and v."""
    index = place.astype(np.intp)
    t = place - index
    u0, v0, u1, v1, u2, v2, u3, v3 = locus.pieces[index].T
    off_u, off_v = u0 + t * (u1 + t * (u2 + t * u3)) - u, v0 + t * (v1 + t * (v2 + t * v3)) - v
    slope_u, slope_v = u1 + t * (2 * u2 + 3 * t * u3), v1 + t * (2 * v2 + 3 * t * v3)
    return off_u, off_v, slope_u, slope_v, 2 * u2 + 6 * t * u3, 2 * v2 + 6 * t * v3


def cct_spread(xy: tuple[float, float], radius: float) -> tuple[float, float]:
    """Return by how much colour temperature in K and Duv may be off for a white known to `radius` in CIE 1976 u', v'.

    The largest deviation over a circle; NaN where a part of it has no colour temperature.
    """
    x, y = xy
    scale = 12 * y - 2 * x + 3
    turn = np.linspace(0, 2 * np.pi, 25)
    u, v = 4 * x / scale + radius * np.cos(turn), 9 * y / scale + radius * np.sin(turn)
    back = 6 * u - 16 * v + 12
    kelvin, duv = cct_duv(np.column_stack([9 * u / back, 4 * v / back]))
    centre, off = cct_duv(xy)
    return float(np.max(np.abs(kelvin - centre))), float(np.max(np.abs(duv - off)))


def mccamy(xy: npt.ArrayLike) -> Floats:
    """Return the colour temperature in K by McCamy's cubic (1992), for comparison: NaN outside 2,856 to 6,504 K.

    There it is within 2 K of the locus for black bodies; at 10,000 K it is 120 K low, at 20,000 K useless.
    """
    points = np.atleast_2d(np.asarray(xy, dtype=np.float64))
    n = (points[:, 0] - 0.3320) / (points[:, 1] - 0.1858)
    kelvin = ((-449.0 * n + 3525.0) * n - 6823.3) * n + 5520.33
    return np.where((kelvin >= 2856 * 0.999) & (kelvin <= 6504 * 1.001), kelvin, np.nan)


def hernandez_andres(xy: npt.ArrayLike) -> Floats:
    """Return the colour temperature in K after Hernandez-Andres, Lee and Romero (1999), for comparison.

    NaN below 3,000 K, where the formula does not hold (65 K low at illuminant A), and above 50,000 K.
    """
    points = np.atleast_2d(np.asarray(xy, dtype=np.float64))
    n = (points[:, 0] - 0.3366) / (points[:, 1] - 0.1735)
    kelvin = -949.86315 + 6253.80338 * np.exp(-n / 0.92159) + 28.70599 * np.exp(-n / 0.20039) + 0.00004 * np.exp(-n / 0.07125)
    return np.where((kelvin >= 3000) & (kelvin <= 50000), kelvin, np.nan)


def locus_line(points: int = 80) -> tuple[tuple[float, float], ...]:
    """Return the Planckian locus from 1,600 K to 20,000 K as CIE 1976 u', v' points, for drawing."""
    kelvin = 1 / np.linspace(1 / 1600, 1 / HIGHEST, points)
    uv = planckian_uv(kelvin)
    return tuple((float(u), float(1.5 * v)) for u, v in uv)
