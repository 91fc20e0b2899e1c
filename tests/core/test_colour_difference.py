"""Adaptation and colour difference against published matrices and pairs, and two general colour libraries."""

import csv
import io
import warnings

import numpy as np
import pytest
from coloraide import Color
from hypothesis import given
from hypothesis import strategies as st

from daruma.core.colour.adaptation import Method, adapt, adaptation_matrix
from daruma.core.colour.difference import delta_e_2000, xyz_to_lab

with warnings.catch_warnings():
    warnings.simplefilter("ignore")
    import colour

D65, D50, A = (0.95047, 1.0, 1.08883), (0.96422, 1.0, 0.82521), (1.0985, 1.0, 0.35585)

# Sharma, Wu and Dalal (2005), table 1, pairs 1 to 12 and 18 to 24: L1, a1, b1, L2, a2, b2, dE00. The paper was not
# opened; the values are from memory and agree with two libraries to 5e-5.
PAIRS = """50,2.6772,-79.7751,50,0,-82.7485,2.0425
50,3.1571,-77.2803,50,0,-82.7485,2.8615
50,2.8361,-74.02,50,0,-82.7485,3.4412
50,-1.3802,-84.2814,50,0,-82.7485,1
50,-1.1848,-84.8006,50,0,-82.7485,1
50,-0.9009,-85.5211,50,0,-82.7485,1
50,0,0,50,-1,2,2.3669
50,-1,2,50,0,0,2.3669
50,2.49,-0.001,50,-2.49,0.0009,7.1792
50,2.49,-0.001,50,-2.49,0.001,7.1792
50,2.49,-0.001,50,-2.49,0.0011,7.2195
50,2.49,-0.001,50,-2.49,0.0012,7.2195"""


def test_published_pairs() -> None:
    rows = np.array([[float(cell) for cell in row] for row in csv.reader(io.StringIO(PAIRS))])
    assert delta_e_2000(rows[:, :3], rows[:, 3:6]) == pytest.approx(rows[:, 6], abs=1e-4)
    assert delta_e_2000(rows[:, 3:6], rows[:, :3]) == pytest.approx(rows[:, 6], abs=1e-4), "the difference is symmetric"


def test_opposite_hues_are_decided_here_and_not_by_rounding() -> None:
    """Hues 180 degrees apart are a tie of the formula: the same answer on every platform and from both sides."""
    left, right = (50.0, 2.5, 0.0), (50.0, -2.5, 0.0)
    for nudge in (0.0, 1e-13, -1e-13):
        assert delta_e_2000(left, (50.0, -2.5, nudge)) == pytest.approx(delta_e_2000(left, right), abs=1e-9)


LAB = st.tuples(st.floats(0, 100), st.floats(-100, 100), st.floats(-100, 100))


@given(st.lists(st.tuples(LAB, LAB), min_size=1, max_size=8))
def test_differences_as_two_libraries_have_them(pairs: list[tuple[tuple[float, ...], tuple[float, ...]]]) -> None:
    left, right = np.array([p[0] for p in pairs]), np.array([p[1] for p in pairs])
    ours = delta_e_2000(left, right)
    theirs = colour.difference.delta_E_CIE2000(left, right)
    for (a, b), mine, other in zip(pairs, ours, theirs, strict=True):
        hues = np.degrees(np.arctan2([a[2], b[2]], [a[1], b[1]]))
        if abs(abs(hues[0] - hues[1]) - 180) > 1e-3:
            assert mine == pytest.approx(other, abs=1e-6)
    a, b = Color("lab-d65", list(left[0])), Color("lab-d65", list(right[0]))
    if abs(ours[0] - theirs[0]) < 1e-6:
        assert ours[0] == pytest.approx(a.delta_e(b, method="2000"), abs=1e-4)


def test_a_million_pairs_are_the_same_as_a_few() -> None:
    rng = np.random.default_rng(1)
    left, right = rng.uniform((0, -90, -90), (100, 90, 90), (70_000, 3)), rng.uniform((0, -90, -90), (100, 90, 90), (70_000, 3))
    whole = delta_e_2000(left, right)
    assert whole[65_530:65_545] == pytest.approx(delta_e_2000(left[65_530:65_545], right[65_530:65_545]), abs=1e-12)
    assert delta_e_2000(left[0], right[0]).shape == ()
    assert delta_e_2000(left[:6].reshape(2, 3, 3), right[0]).shape == (2, 3)


def test_published_bradford_matrix() -> None:
    """Bradford D65 to D50 as Lindbloom's pages print it (from memory, agrees with a library)."""
    expected = [
        [1.0478112, 0.0228866, -0.0501270],
        [0.0295424, 0.9904844, -0.0170491],
        [-0.0092345, 0.0150436, 0.7521316],
    ]
    assert adaptation_matrix(D65, D50, Method.BRADFORD) == pytest.approx(np.array(expected), abs=1e-6)


def test_cat16_worked_adaptation() -> None:
    """CAT16 after Li et al. (2017): XYZ (.3, .4, .2) from illuminant A to D65 (two libraries agree)."""
    assert adapt((0.3, 0.4, 0.2), A, D65, Method.CAT16) == pytest.approx((0.2628144, 0.4029112, 0.5980901), abs=1e-6)


@given(st.tuples(*[st.floats(0.05, 1.2)] * 3), st.floats(0, 1), st.sampled_from(Method))
def test_adaptation_as_it_should_behave(xyz: tuple[float, float, float], degree: float, method: Method) -> None:
    full = adapt(xyz, A, D65, method)
    assert adapt(full, D65, A, method) == pytest.approx(xyz, abs=1e-9), "there and back"
    assert adapt(A, A, D65, method) == pytest.approx(D65, abs=1e-9), "white goes to white"
    assert adapt(xyz, A, D65, method, 0.0) == pytest.approx(xyz, abs=1e-12), "no adaptation changes nothing"
    part = adapt(xyz, A, D65, method, degree)
    assert part == pytest.approx(degree * full + (1 - degree) * np.array(xyz), abs=1e-9), "in part is in between"


@pytest.mark.parametrize("degree", [-0.1, 1.1])
def test_degrees_and_whites_that_make_no_sense(degree: float) -> None:
    with pytest.raises(ValueError, match="degree"):
        adaptation_matrix(D65, D50, Method.CAT16, degree)
    with pytest.raises(ValueError, match="white"):
        adaptation_matrix((1.0, 0.0, 1.0), D50, Method.CAT16)
    for pair in (((5.0, 1.0, 0.0), D50), (D50, (5.0, 1.0, 0.0))):
        with pytest.raises(ValueError, match="no eye could adapt"):
            adaptation_matrix(*pair, Method.BRADFORD)


def test_lab_as_a_library_has_it() -> None:
    rng = np.random.default_rng(3)
    xyz = rng.uniform(0, 1, (200, 3)) ** 3
    expected = colour.XYZ_to_Lab(xyz, colour.XYZ_to_xy(np.array(D65)))
    assert xyz_to_lab(xyz, D65) == pytest.approx(expected, abs=1e-9)
