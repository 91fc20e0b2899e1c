"""Shots: how long a session takes, and what is wrong with readings."""

import pytest

from daruma.core.colour.shots import Shot, brightness_shots, doubt_of, is_dark, minutes, panel_shots, white_shots

SHOT = Shot("white", "White", (1.0, 1.0, 1.0), "off", 0.0, 0.5, 3)


def grey(*luminances: float) -> list[tuple[float, float, float]]:
    return [(value, value, value) for value in luminances]


def test_a_session_takes_its_waits_and_its_readings() -> None:
    """A reading takes about a second, a field that is mirrored is read twice more, without the light and with it."""
    assert minutes([SHOT]) == pytest.approx((0.5 + 3) / 60)
    assert minutes(white_shots(["warm", "cool"], 5)) == pytest.approx(2 * (4 + 5 + 2) / 60)
    assert panel_shots()[0].rgb == panel_shots()[-1].rgb == (1.0, 1.0, 1.0), "white first and last, for the drift"
    assert minutes(panel_shots()) == pytest.approx(18 * 3.5 / 60)
    assert [shot.lux for shot in brightness_shots() if shot.falling] == [800.0, 50.0, 2.0]
    assert minutes(brightness_shots()) == pytest.approx(9 * (6 + 3) / 60, abs=9 * 2 / 60)


@pytest.mark.parametrize(
    ("luminances", "words"),
    [
        ((100.0,), ""),
        ((99.5, 100.0, 100.5), ""),
        ((99.0, 100.0, 101.0), "scatter by 1.0 %"),
        ((0.4, 0.4), "No light"),
        ((1.0, 1.02), ""),
    ],
)
def test_readings_that_scatter_are_named(luminances: tuple[float, ...], words: str) -> None:
    """By the sample standard deviation; one reading tells nothing, and the dark scatters more than its share."""
    said = doubt_of(SHOT, grey(*luminances))
    assert words in said if words else not said


def test_black_may_be_dark() -> None:
    black = Shot("grey 0.00", "Grey 0 %", (0.0, 0.0, 0.0), "off", 0.0, 0.5, 3)
    assert not is_dark(black, grey(0.01, 0.01))
    assert is_dark(SHOT, grey(0.01, 0.01))
