"""From a spectrum to tristimulus values, with the CIE 1931 observer (CIE 15)."""

from functools import cache

import numpy as np
import numpy.typing as npt

from daruma.core.colour.observer import CIE_1931_2_DEGREE

Floats = npt.NDArray[np.float64]

LUMINOUS_EFFICACY = 683.0  # lm/W, the value by which the SI defines the candela, rounded as CIE 15 uses it
LARGEST_STEP = 10.0  # nm: wider samples miss the lines of lamps (ours; CIE 15 asks for 1 nm, allows 5)


def spectrum_to_xyz(nanometres: npt.ArrayLike, power: npt.ArrayLike, efficacy: float = LUMINOUS_EFFICACY) -> Floats:
    """Return XYZ of spectra of shape (n,) or (m, n) over wavelengths of shape (n,), even steps of at most 10 nm.

    With power in W/m2/nm, Y is in lux; with W/m2/sr/nm, in cd/m2. Wavelengths outside 360 to 830 nm count nothing.
    Raises ValueError for uneven or wide steps.
    """
    places = np.asarray(nanometres, dtype=np.float64)
    values = np.asarray(power, dtype=np.float64)
    steps = np.diff(places)
    if places.ndim != 1 or len(places) < 3 or values.shape[-1] != len(places):
        raise ValueError("a spectrum has one power for each wavelength")
    if not np.allclose(steps, steps[0], atol=1e-6) or not 0 < steps[0] <= LARGEST_STEP:
        raise ValueError(f"wavelengths rise in even steps of at most {LARGEST_STEP:.0f} nm")
    return np.asarray(efficacy * float(steps[0]) * values @ observer_at(places), dtype=np.float64)


def observer_at(nanometres: npt.ArrayLike) -> Floats:
    """Return the observer's colour-matching functions at wavelengths, shape (n, 3), by a cubic spline; 0 outside."""
    places = np.asarray(nanometres, dtype=np.float64)
    table = np.asarray(CIE_1931_2_DEGREE)
    inside = (places >= table[0, 0]) & (places <= table[-1, 0])
    return np.where(inside[:, None], _spline()(np.clip(places, table[0, 0], table[-1, 0])), 0.0)


@cache
def _spline():  # type: ignore[no-untyped-def]
    from scipy.interpolate import CubicSpline  # slow to import

    table = np.asarray(CIE_1931_2_DEGREE)
    return CubicSpline(table[:, 0], table[:, 1:])
