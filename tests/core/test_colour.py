"""Colour against published values and two general colour libraries.

Expected values are from the papers and tables named at each check; the papers themselves were not opened, the values
are from memory and agree with the libraries.
"""

import warnings

import numpy as np
import pytest
from coloraide import Color
from hypothesis import given
from hypothesis import strategies as st

from daruma.core.colour.chromaticity import mean_xyz, uv_to_xy, xy_to_uv, xy_to_xyz, xyz_to_uv, xyz_to_xy
from daruma.core.colour.temperature import cct_duv, cct_spread, hernandez_andres, locus_line, mccamy, planckian_uv

with warnings.catch_warnings():
    warnings.simplefilter("ignore")
    import colour


def test_illuminants_from_their_spectra() -> None:
    """CIE 15:2018 tables: A, D65, D50, FL2, FL11, LED-B3 chromaticities, 2 degree observer."""
    expected = {
        "A": (0.44758, 0.40745),
        "D65": (0.31271, 0.32902),
        "D50": (0.34567, 0.35850),
        "FL2": (0.3721, 0.3751),
        "FL11": (0.3805, 0.3769),
        "LED-B3": (0.3756, 0.3723),
    }
    cmfs = colour.MSDS_CMFS["CIE 1931 2 Degree Standard Observer"]
    for name, xy in expected.items():
        with warnings.catch_warnings():
            warnings.simplefilter("ignore")
            xyz = colour.sd_to_XYZ(colour.SDS_ILLUMINANTS[name], cmfs)
        assert xyz_to_xy(tuple(xyz)) == pytest.approx(xy, abs=1e-4)


def test_d65_temperature_as_two_libraries_have_it() -> None:
    """Ohno (2014) at x, y .3127, .3290: 6504.3 K, Duv .00321 (colour-science and coloraide agree)."""
    kelvin, duv = cct_duv((0.3127, 0.3290))
    assert kelvin[0] == pytest.approx(6504.3, abs=1.0)
    assert duv[0] == pytest.approx(0.00321, abs=3e-5)


@pytest.mark.parametrize("kelvin", [2000.0, 2856.0, 4000.0, 10000.0])
def test_planckian_radiators_have_their_own_temperature(kelvin: float) -> None:
    """Identity: a black body's colour temperature is its temperature, Duv 0; chromaticity from the 1 nm observer."""
    cmfs = colour.MSDS_CMFS["CIE 1931 2 Degree Standard Observer"]
    sd = colour.sd_blackbody(kelvin, cmfs.shape)
    xyz = colour.sd_to_XYZ(sd, cmfs, method="Integration")
    found, duv = cct_duv(xyz_to_xy(tuple(xyz)))
    assert found[0] == pytest.approx(kelvin, abs=1.0)
    assert duv[0] == pytest.approx(0.0, abs=1e-5)


@pytest.mark.parametrize(
    ("xy", "kelvin", "duv"), [((0.4578, 0.4101), 2725, 0.000), ((0.4073, 0.3917), 3465, 0.000), ((0.3447, 0.3553), 5028, 0.002)]
)
def test_bin_centres(xy: tuple[float, float], kelvin: float, duv: float) -> None:
    """ANSI C78.377 bin centres (x, y and CCT from memory; Duv agrees with the rounded table)."""
    found, off = cct_duv(xy)
    assert found[0] == pytest.approx(kelvin, abs=2.5)
    assert off[0] == pytest.approx(duv, abs=5e-4)


@pytest.mark.parametrize(("name", "kelvin"), [("LED-B1", 2733), ("LED-B3", 4103), ("LED-B5", 6598), ("HP2", 2506), ("HP5", 4039)])
def test_lamps(name: str, kelvin: float) -> None:
    """CIE 15:2018 colour temperatures of LED and high pressure lamps, spectra as carried by colour-science."""
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")
        xyz = colour.sd_to_XYZ(colour.SDS_ILLUMINANTS[name], colour.MSDS_CMFS["CIE 1931 2 Degree Standard Observer"])
    assert cct_duv(xyz_to_xy(tuple(xyz)))[0][0] == pytest.approx(kelvin, abs=1.5)


def test_a_real_meter_file() -> None:
    """A spectrometer's own figures for an LED lamp (file shipped in colour-science): 5198 K, Duv -.00062."""
    xyz = (682.470886, 695.154907, 631.635071)
    assert xyz_to_xy(xyz) == pytest.approx((0.339663, 0.345975), abs=5e-6)
    assert xyz_to_uv(xyz) == pytest.approx((0.209915, 0.481087), abs=5e-6)
    kelvin, duv = cct_duv(xyz_to_xy(xyz))
    assert kelvin[0] == pytest.approx(5199.4, abs=3)
    assert duv[0] == pytest.approx(-0.00062, abs=3e-5)


@given(st.floats(1500, 15000), st.floats(-0.015, 0.015))
def test_against_a_general_library(kelvin: float, duv: float) -> None:
    """coloraide's Ohno over random temperatures and distances from the locus."""
    base = planckian_uv([kelvin, kelvin * 1.0001])
    along = base[1] - base[0]
    normal = np.array([along[1], -along[0]]) / np.hypot(*along)
    normal *= np.sign(normal[1])
    u, v = base[0] + duv * normal
    x, y = 3 * u / (2 * u - 8 * v + 4), 2 * v / (2 * u - 8 * v + 4)
    found, off = cct_duv((x, y))
    theirs = Color("xyz-d65", list(xy_to_xyz((x, y)))).cct(method="ohno-2013")
    assert found[0] == pytest.approx(theirs[0], rel=1.5e-3)
    assert off[0] == pytest.approx(theirs[1], abs=5e-5)
    assert off[0] == pytest.approx(duv, abs=2e-5)


def test_outside_the_range_is_said() -> None:
    kelvin, duv = cct_duv([(0.7, 0.29), (0.23, 0.23)])
    assert np.isnan(kelvin).all()
    assert np.isnan(duv).all()


def test_many_at_once() -> None:
    points = np.column_stack([np.linspace(0.30, 0.45, 500), np.linspace(0.31, 0.41, 500)])
    together = cct_duv(points)[0]
    one_by_one = np.array([cct_duv(point)[0][0] for point in points])
    assert np.allclose(together, one_by_one, rtol=0, atol=1e-9, equal_nan=True)


@given(st.floats(0.15, 0.6), st.floats(0.15, 0.6))
def test_uv_and_back(x: float, y: float) -> None:
    assert uv_to_xy(xy_to_uv((x, y))) == pytest.approx((x, y), abs=1e-12)
    assert xy_to_uv((x, y)) == pytest.approx(tuple(colour.xy_to_Luv_uv((x, y))), abs=1e-12)


def test_a_dark_reading_is_refused() -> None:
    with pytest.raises(ValueError, match="dark"):
        xyz_to_xy((0.0, 0.0, 0.0))


def test_mean_and_locus() -> None:
    assert mean_xyz([(1, 2, 3), (3, 4, 5)]) == (2, 3, 4)
    line = locus_line()
    assert line[0][0] > line[-1][0], "warm end first"


def test_mccamy_s_cubic_and_its_limits() -> None:
    """McCamy (1992): x, y (.3127, .3290), (.44758, .40745), (.3457, .3585) give 6505.08, 2857.13, 5001.01 K."""
    points = [(0.3127, 0.3290), (0.44758, 0.40745), (0.3457, 0.3585)]
    assert mccamy(points) == pytest.approx([6505.08, 2857.13, 5001.01], abs=0.01)
    far = [xyz_to_xy(xy_to_xyz(uv_to_xy((u, 1.5 * v)))) for u, v in planckian_uv([1500.0, 10000.0, 20000.0])]
    assert np.isnan(mccamy(far)).all(), "out of its range it says so"


def test_hernandez_andres_and_its_limits() -> None:
    """Hernandez-Andres et al. (1999): (.3127, .3290), (.3457, .3585) give 6500.742, 5001.357 K; A is out of range."""
    assert hernandez_andres([(0.3127, 0.3290), (0.3457, 0.3585)]) == pytest.approx([6500.742, 5001.357], abs=0.01)
    assert np.isnan(hernandez_andres((0.44758, 0.40745))).all()


def test_every_temperature_and_distance_is_found_again() -> None:
    """Identity: a point set off the locus at a right angle has that temperature and that Duv, from 1,000 to 20,000 K."""
    kelvin = np.geomspace(1001, 19990, 400)
    near = planckian_uv(np.column_stack([kelvin * 0.99999, kelvin, kelvin * 1.00001]).ravel()).reshape(-1, 3, 2)
    way = near[:, 2] - near[:, 0]
    normal = np.column_stack([way[:, 1], -way[:, 0]]) / np.hypot(*way.T)[:, None]
    for duv in (-0.02, -0.005, 0.0, 0.005, 0.02):
        uv = near[:, 1] + duv * normal
        xy = [uv_to_xy((u, 1.5 * v)) for u, v in uv]
        found, off = cct_duv(xy)
        assert found == pytest.approx(kelvin, rel=2e-6)
        assert off == pytest.approx(np.full(400, duv), abs=2e-7)


def test_points_too_far_from_the_locus_have_no_temperature() -> None:
    kelvin, duv = cct_duv([(0.3, 0.6), (0.15, 0.06), (0.64, 0.33)])
    assert np.isnan(kelvin).all()
    assert np.isnan(duv).all()


@pytest.mark.parametrize("kelvin", [2000.0, 4000.0, 6500.0, 12000.0])
def test_how_far_a_temperature_may_be_off(kelvin: float) -> None:
    """Simulated: of points scattered over the circle none is farther off than stated, some nearly are."""
    uv = planckian_uv([kelvin])[0]
    xy = uv_to_xy((float(uv[0]), float(1.5 * uv[1])))
    rng = np.random.default_rng(1)
    turn, size = rng.uniform(0, 2 * np.pi, 4000), 0.002 * np.sqrt(rng.uniform(0, 1, 4000))
    us, vs = uv[0] + size * np.cos(turn), 1.5 * uv[1] + size * np.sin(turn)
    points = [uv_to_xy((float(u), float(v))) for u, v in zip(us, vs, strict=True)]
    found, duv = cct_duv(points)
    spread = cct_spread(xy, 0.002)
    assert 0.9 * spread[0] < np.max(np.abs(found - kelvin)) <= 1.01 * spread[0]
    assert 0.9 * spread[1] < np.max(np.abs(duv)) <= 1.01 * spread[1]
