"""Correlated colour temperature and distance from the Planckian locus, 1,000 to 20,000 K.

The nearest point of the locus is sought in the CIE 1960 u, v diagram, as CIE 15 defines correlated colour
temperature, on a finely divided locus after Ohno (2014, Leukos 10:1, "Practical Use and Calculation of CCT and
Duv"); the table is computed from Planck's law and the CIE 1931 observer.
"""

from functools import cache

import numpy as np
import numpy.typing as npt

from daruma.core.colour.observer import CIE_1931_2_DEGREE

Floats = npt.NDArray[np.float64]

SECOND_RADIATION_CONSTANT = 1.4388e-2  # m K, as CIE 15 uses it for colour temperature
LOWEST, HIGHEST = 1000.0, 20000.0  # K
_STEP = 1.001  # ratio of neighbouring temperatures in the table


def planckian_uv(kelvin: npt.ArrayLike) -> Floats:
    """Return CIE 1960 u, v of black bodies; shape (n,) in K gives (n, 2)."""
    observer = np.asarray(CIE_1931_2_DEGREE)
    metres = observer[:, 0] * 1e-9
    temperature = np.atleast_1d(np.asarray(kelvin, dtype=float))
    radiance = metres**-5 / np.expm1(SECOND_RADIATION_CONSTANT / (metres * temperature[:, None]))
    x, y, z = (radiance @ observer[:, 1:]).T
    scale = x + 15 * y + 3 * z
    return np.column_stack([4 * x / scale, 6 * y / scale])


@cache
def _locus() -> tuple[Floats, Floats]:
    count = int(np.ceil(np.log(HIGHEST * 1.02 / (LOWEST * 0.98)) / np.log(_STEP)))
    kelvin = LOWEST * 0.98 * np.power(_STEP, np.arange(count + 1, dtype=np.float64))
    return kelvin, planckian_uv(kelvin)


def cct_duv(xy: npt.ArrayLike) -> tuple[Floats, Floats]:
    """Return correlated colour temperature in K and Duv for CIE 1931 x, y of shape (n, 2) or (2,).

    Duv is positive above the locus. Both are NaN outside 1,000 to 20,000 K.
    """
    points = np.atleast_2d(np.asarray(xy, dtype=float))
    scale = -2 * points[:, 0] + 12 * points[:, 1] + 3
    uv = np.column_stack([4 * points[:, 0] / scale, 6 * points[:, 1] / scale])
    kelvin, locus = _locus()
    nearest = np.array([np.argmin(((locus - point) ** 2).sum(axis=1)) for point in uv])
    nearest = np.clip(nearest, 1, len(kelvin) - 2)
    start, end = locus[nearest - 1], locus[nearest + 1]
    chord = end - start
    share = np.sum((uv - start) * chord, axis=1) / np.sum(chord**2, axis=1)
    temperature = kelvin[nearest - 1] * (kelvin[nearest + 1] / kelvin[nearest - 1]) ** share
    offset = uv - (start + share[:, None] * chord)
    duv = np.sign(offset[:, 1]) * np.hypot(offset[:, 0], offset[:, 1])
    inside = (temperature >= LOWEST * 0.999) & (temperature <= HIGHEST * 1.001)
    return np.where(inside, temperature, np.nan), np.where(inside, duv, np.nan)


def locus_line(points: int = 80) -> tuple[tuple[float, float], ...]:
    """Return the Planckian locus from 1,600 K to 20,000 K as CIE 1976 u', v' points, for drawing."""
    kelvin = 1 / np.linspace(1 / 1600, 1 / HIGHEST, points)
    uv = planckian_uv(kelvin)
    return tuple((float(u), float(1.5 * v)) for u, v in uv)
