"""The ambient sensor: its regression against a published condition and a general library, its gains against known truth."""

import warnings

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from daruma.catalogue.lamps import family_sensor, published_lamps
from daruma.catalogue.loader import Catalogue
from daruma.core.colour.coordinates import chromaticity_uv, chromaticity_xy, daylight_line, daylight_xy
from daruma.core.colour.lamps import Lamps
from daruma.core.colour.sensor import (
    LightSeen,
    SensorModel,
    counts_of,
    fit_gains,
    most_telling,
    regress,
    responsivity,
)
from daruma.core.colour.spectrum import observer_at

with warnings.catch_warnings():
    warnings.simplefilter("ignore")
    import colour


@pytest.fixture(scope="module")
def lamps() -> Lamps:
    return published_lamps()


@pytest.fixture(scope="module")
def sensor(catalogue: Catalogue) -> SensorModel:
    return family_sensor(catalogue.ambient_channels)


@pytest.mark.parametrize(
    ("name", "x", "y"),
    [
        ("A", 0.44758, 0.40745),
        ("D65", 0.31271, 0.32902),
        ("D50", 0.34567, 0.35850),
        ("FL2", 0.3721, 0.3751),
        ("FL11", 0.3805, 0.3769),
        ("LED-B3", 0.3756, 0.3723),
    ],
)
def test_the_shipped_lamps_have_their_published_chromaticity(lamps: Lamps, name: str, x: float, y: float) -> None:
    """CIE 15:2018 tables (from memory, a library agrees): the file keeps five digits at every 5 nm."""
    xyz = lamps.xyz(name, 250.0)
    assert xyz[1] == pytest.approx(250.0)
    assert chromaticity_xy(xyz) == pytest.approx([x, y], abs=1e-4)


def test_daylight_is_where_the_standard_has_it() -> None:
    """CIE 15: D65 at 6504 K and D50 at 5003 K (from memory); the formula itself gives D65's y as .3291, .3290 is the table's."""
    assert daylight_xy([6504, 5003])[0] == pytest.approx([0.3127, 0.3291], abs=1e-4)
    assert daylight_xy([6504, 5003])[1] == pytest.approx([0.3457, 0.3586], abs=1e-4)
    assert np.isnan(daylight_xy([3999, 25001])).all()
    line = np.array(daylight_line())
    assert line[[0, -1]] == pytest.approx(colour.xy_to_Luv_uv(daylight_xy([4000, 25000])), abs=1e-9)
    assert np.all(np.diff(line[:, 0]) < 0), "bluer towards higher temperatures"


@given(st.lists(st.tuples(*[st.floats(0.01, 100)] * 3), min_size=1, max_size=5))
def test_many_chromaticities_at_once_are_those_of_the_library(xyz: list[tuple[float, float, float]]) -> None:
    assert chromaticity_xy(xyz) == pytest.approx(colour.XYZ_to_xy(xyz), abs=1e-12)
    assert chromaticity_uv(xyz) == pytest.approx(colour.xy_to_Luv_uv(colour.XYZ_to_xy(xyz)), abs=1e-9)
    assert np.isnan(chromaticity_uv([0.0, 0.0, 0.0])).all()


def test_a_sensor_with_the_observers_channels_is_inverted_exactly(lamps: Lamps) -> None:
    """Luther's condition: channels that are the observer's times any regular matrix give the exact inverse, residual 0."""
    mix = np.array([[0.9, 0.2, 0.1], [0.3, 1.1, -0.2], [0.0, 0.15, 0.8]])
    xyz = np.random.default_rng(2).uniform(0.0, 1.0, (24, len(lamps.nanometres))) @ observer_at(lamps.nanometres)
    model = regress((), xyz @ mix.T, xyz)
    assert model.matrix == pytest.approx(np.linalg.inv(mix), abs=1e-7)
    assert model.worst_uv < 1e-9


def test_leaving_one_out_is_what_it_says(lamps: Lamps, sensor: SensorModel) -> None:
    """The closed form against doing it: fit without a lamp, predict that lamp."""
    power = lamps.at(100.0)
    counts, xyz = counts_of(sensor.channels, lamps.nanometres, power), np.array([lamps.xyz(n, 100.0) for n in lamps.names])
    a = counts / np.sqrt(np.mean(counts**2))

    def left_out(penalty: float) -> np.ndarray:
        """Return each lamp as the others predict it."""
        seen = []
        for i in range(len(a)):
            kept = np.delete(a, i, axis=0)
            matrix = np.linalg.solve(kept.T @ kept + penalty * np.eye(a.shape[1]), kept.T @ np.delete(xyz, i, axis=0))
            seen.append(a[i] @ matrix)
        return np.array(seen)

    seen = left_out(sensor.penalty)
    off = np.linalg.norm(chromaticity_uv(seen) - chromaticity_uv(xyz), axis=1)
    assert sensor.rms_uv == pytest.approx(float(np.sqrt(np.mean(np.square(off)))), rel=1e-6)
    assert sensor.worst_uv == pytest.approx(max(off), rel=1e-6)
    assert sensor.rms_lux == pytest.approx(float(np.sqrt(np.mean(np.square(seen[:, 1] / xyz[:, 1] - 1)))), rel=1e-6)
    near = {factor: np.sum((left_out(factor * sensor.penalty) - xyz) ** 2) for factor in (0.1, 0.3, 1.0, 3.0, 10.0)}
    assert min(near, key=near.__getitem__) in (0.3, 1.0, 3.0), "the penalty is the one that predicts best, to its steps"
    assert sensor.rms_uv < 0.003, "good enough for a white within 0.0055"
    assert sensor.rms_lux < 0.01


def test_responsivities(sensor: SensorModel) -> None:
    channel = sensor.channels[3]
    places = np.array([channel.peak, channel.peak + channel.width / 2])
    assert responsivity((channel,), places)[0] == pytest.approx([1.0, 0.5])


def seen(lamps: Lamps, sensor: SensorModel, unit: np.ndarray, noise: float = 0.0) -> list[LightSeen]:
    """Return the bench's lights as a sensor with its own channels counts them."""
    rng, found = np.random.default_rng(6), []
    for name, lamp in (("warm", "A"), ("neutral", "LED-B3"), ("cool", "D65")):
        counts = counts_of(sensor.channels, lamps.nanometres, lamps.spectrum(lamp, 400.0)) * unit
        found.append(LightSeen(name, counts * (1 + rng.normal(0, noise, len(unit))), lamps.xyz(lamp, 400.0)))
    return found


def test_gains_that_fit_and_gains_that_do_not(lamps: Lamps, sensor: SensorModel) -> None:
    rng, sound, better = np.random.default_rng(1), [], []
    for _ in range(40):
        unit = 1 + rng.normal(0, 0.03, len(sensor.channels))
        lights = seen(lamps, sensor, unit, 0.001)
        sound.append(fit_gains(sensor, 1 / unit, lights).worst.off_uv)
        stale = fit_gains(sensor, np.ones(len(unit)), lights)
        after = fit_gains(sensor, stale.gains, lights)
        better.append((stale.worst.off_uv, after.worst.off_uv))
        assert np.all(stale.uncertainty <= 0.03 + 1e-12)
    assert max(sound) < 0.003
    assert np.median([before for before, _ in better]) > 0.002
    assert np.mean([after < before for before, after in better]) > 0.9, "what is offered in their place fits better"
    with pytest.raises(ValueError, match="at least one light"):
        fit_gains(sensor, np.ones(8), [])


def test_the_light_that_tells_most_tells_most(lamps: Lamps, sensor: SensorModel) -> None:
    """Checked by doing it: of all lights offered, measuring the named one leaves least unknown of all published lamps."""
    lights = seen(lamps, sensor, np.ones(len(sensor.channels)))
    first = fit_gains(sensor, np.ones(len(sensor.channels)), lights[:1])
    name, share = most_telling(sensor, first.covariance, lights, lamps)
    assert name != "warm", "the same light once more tells less"
    assert 0.05 < share < 1.0
    power = lamps.at(100.0)
    published = counts_of(sensor.channels, lamps.nanometres, power)

    def left(fit_lights: list[LightSeen]) -> float:
        unknown = fit_gains(sensor, np.ones(8), fit_lights).covariance
        draws = np.random.default_rng(3).multivariate_normal(np.ones(8), unknown, 4000)
        judged = np.array([sensor.xyz(published, gains) / sensor.xyz(published) for gains in draws])
        return float(np.mean(judged.var(axis=0)))

    after = {light.light: left([lights[0], light]) for light in lights}
    assert after[name] <= 1.05 * min(after.values())
    assert after[name] < left(lights[:1])
    with pytest.raises(ValueError, match="offers no light"):
        most_telling(sensor, first.covariance, [], lamps)
