"""Spectra to XYZ: published illuminants, a measured lamp, and a general colour library."""

import csv
import warnings
from pathlib import Path

import numpy as np
import pytest

from daruma.core.colour.chromaticity import xyz_to_xy
from daruma.core.colour.observer import CIE_1931_2_DEGREE
from daruma.core.colour.spectrum import observer_at, spectrum_to_xyz
from daruma.core.colour.temperature import cct_duv

with warnings.catch_warnings():
    warnings.simplefilter("ignore")
    import colour

LAMP = Path(__file__).parents[1] / "data" / "led_lamp.csv"


@pytest.mark.parametrize(
    ("name", "xy", "kelvin"),
    [
        ("A", (0.44758, 0.40745), 2855.5),
        ("D65", (0.31271, 0.32902), None),
        ("FL2", (0.3721, 0.3751), None),
        ("FL11", (0.3805, 0.3769), None),
        ("LED-B1", None, 2733),
        ("LED-B3", (0.3756, 0.3723), 4103),
        ("LED-B5", None, 6598),
        ("HP2", None, 2506),
        ("HP5", None, 4039),
    ],
)
def test_published_illuminants(name: str, xy: tuple[float, float] | None, kelvin: float | None) -> None:
    """CIE 15:2018 tables (values from memory, two libraries agree): chromaticity and colour temperature from the spectrum."""
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")
        sd = colour.SDS_ILLUMINANTS[name]
    found = xyz_to_xy(tuple(spectrum_to_xyz(sd.wavelengths, sd.values)))
    if xy is not None:
        assert found == pytest.approx(xy, abs=1e-4)
    if kelvin is not None:
        assert cct_duv(found)[0][0] == pytest.approx(kelvin, abs=1.5)


def test_a_measured_lamp() -> None:
    """The file's own meter and a library say: XYZ 682.471, 695.155, 631.636 (lux); 5198 K; Duv -.00062."""
    with LAMP.open(newline="") as file:
        rows = [(float(row["nm"]), float(row["mW/m2/nm"])) for row in csv.DictReader(file)]
    nm, power = np.array(rows).T
    xyz = spectrum_to_xyz(nm, power / 1000)
    assert xyz == pytest.approx([682.471, 695.155, 631.636], rel=5e-5)
    kelvin, duv = cct_duv(xyz_to_xy(tuple(xyz)))
    assert kelvin[0] == pytest.approx(5198, abs=3)
    assert duv[0] == pytest.approx(-0.00062, abs=3e-5)


def test_many_at_once_and_what_is_refused() -> None:
    nm = np.arange(380, 781, 5)
    power = np.random.default_rng(2).uniform(0, 1, (7, len(nm)))
    whole = spectrum_to_xyz(nm, power)
    assert whole.shape == (7, 3)
    assert whole[3] == pytest.approx(spectrum_to_xyz(nm, power[3]))
    table = np.array(CIE_1931_2_DEGREE)
    assert observer_at(table[:, 0]) == pytest.approx(table[:, 1:], abs=1e-12), "the first and the last wavelength among them"
    assert not observer_at([359.0, 831.0]).any()
    assert spectrum_to_xyz([900.0, 905.0, 910.0], [1, 1, 1]) == pytest.approx([0, 0, 0])
    for places, values in (
        ([400, 405, 411], [1, 1, 1]),
        ([400, 420, 440], [1, 1, 1]),
        ([400, 405, 410], [1, 1]),
        ([3, 2, 1], [1, 1, 1]),
    ):
        with pytest.raises(ValueError, match=r"wavelength"):
            spectrum_to_xyz(places, values)
