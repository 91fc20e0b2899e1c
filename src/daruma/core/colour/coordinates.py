"""Chromaticities of many samples at once, and the daylight locus (CIE 15)."""

import numpy as np
import numpy.typing as npt

Floats = npt.NDArray[np.float64]

COLDEST_DAYLIGHT, HOTTEST_DAYLIGHT = 4000.0, 25000.0  # K, the limits of the CIE's formula


def chromaticity_xy(xyz: npt.ArrayLike) -> Floats:
    """Return CIE 1931 x, y of XYZ of shape (n, 3) or (3,); NaN where the sum is not positive."""
    values = np.asarray(xyz, dtype=np.float64)
    total = values.sum(axis=-1, keepdims=True)
    return np.asarray(values[..., :2] / np.where(total > 0, total, np.nan), dtype=np.float64)


def chromaticity_uv(xyz: npt.ArrayLike) -> Floats:
    """Return CIE 1976 u', v' of XYZ of shape (n, 3) or (3,); NaN where the sum is not positive."""
    values = np.asarray(xyz, dtype=np.float64)
    scale = values @ np.array([1.0, 15.0, 3.0])
    scale = np.where(scale > 0, scale, np.nan)
    return np.stack([4 * values[..., 0] / scale, 9 * values[..., 1] / scale], axis=-1)


def daylight_xy(kelvin: npt.ArrayLike) -> Floats:
    """Return x, y of the CIE daylight of colour temperatures of shape (n,) in K; NaN outside 4,000 to 25,000 K.

    Formula of CIE 15 (Judd, MacAdam and Wyszecki 1964).
    """
    t = np.atleast_1d(np.asarray(kelvin, dtype=np.float64))
    warm = ((-4.6070e9 / t + 2.9678e6) / t + 0.09911e3) / t + 0.244063
    cold = ((-2.0064e9 / t + 1.9018e6) / t + 0.24748e3) / t + 0.237040
    x = np.where(t <= 7000, warm, cold)
    x = np.where((t >= COLDEST_DAYLIGHT) & (t <= HOTTEST_DAYLIGHT), x, np.nan)
    return np.column_stack([x, -3.000 * x**2 + 2.870 * x - 0.275])


def daylight_line(points: int = 60) -> tuple[tuple[float, float], ...]:
    """Return the daylight locus from 4,000 to 25,000 K as CIE 1976 u', v' points, for drawing."""
    kelvin = 1 / np.linspace(1 / COLDEST_DAYLIGHT, 1 / HOTTEST_DAYLIGHT, points)
    x, y = daylight_xy(np.clip(kelvin, COLDEST_DAYLIGHT, HOTTEST_DAYLIGHT)).T
    scale = 12 * y - 2 * x + 3
    return tuple((float(u), float(v)) for u, v in zip(4 * x / scale, 9 * y / scale, strict=True))
