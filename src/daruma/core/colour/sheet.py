"""The panel sheet: what the measured fields say of a panel, the record that would make it right, and how its flex fits."""

from collections.abc import Callable, Sequence

import numpy as np
from msgspec import Struct

from daruma.core.colour.chromaticity import XYZ, mean_xyz, xyz_to_xy
from daruma.core.colour.coordinates import chromaticity_uv
from daruma.core.colour.drive import shown
from daruma.core.colour.lamps import Lamps
from daruma.core.colour.panel import PanelModel, PanelReadings, characterise
from daruma.core.colour.sensor import GainFit, LightSeen, SensorModel, counts_of, fit_gains, most_telling
from daruma.core.colour.shots import Taken
from daruma.core.colour.tuning import Instrument, Tuning, tune
from daruma.core.display import Calibration
from daruma.core.measured import LightRead, Measured
from daruma.core.model import Model

LEAST_GREYS = 5
UV_TO_RELATIVE = 2.0  # relative error of X, Y or Z that moves a white by so much of its u'v' (about, near daylight)


class PanelSheet(Struct, frozen=True):
    """Hold a panel's characterisation, its tuning, the temperatures of white and the primaries' chromaticities.

    `uv` is the expanded uncertainty (k = 2) of its chromaticities in u'v', `spread` what that makes of temperature and Duv,
    `luminance_uncertainty` the relative one of luminances. `shift` is by how much the tuned record moves the model's own
    white, in u'v'.
    """

    panel: PanelModel
    tuning: Tuning
    white_xy: tuple[float, float]
    white_luminance: float
    primaries_xy: tuple[tuple[float, float], ...]
    kelvin: float
    duv: float
    uv: float
    spread: tuple[float, float]
    luminance_uncertainty: float
    shift: tuple[float, float]
    doubts: tuple[str, ...]

    def moved(self, uv: tuple[float, float]) -> tuple[float, float]:
        """Return where the tuned record should bring a white that was measured at u', v'."""
        return uv[0] + self.shift[0], uv[1] + self.shift[1]


class SensorSheet(Struct, frozen=True):
    """Hold how the flex's stored gains fit, and which light of the bench would tell more: its name and the share of what
    is unknown that it would take away.
    """

    fit: GainFit
    stored: tuple[float, ...]
    next_light: str
    next_share: float


def panel_readings(fields: Sequence[Taken]) -> PanelReadings | None:
    """Return a session's fields as readings of a panel; None while one is missing."""
    means = {taken.key: mean_xyz(list(taken.readings)) for taken in fields if taken.readings}
    if any(key not in means for key in ("white", "red", "green", "blue")):
        return None
    greys = tuple((float(key.removeprefix("grey ")), xyz) for key, xyz in means.items() if key.startswith("grey "))
    if len(greys) < LEAST_GREYS:
        return None
    return PanelReadings(means["red"], means["green"], means["blue"], means["white"], greys, means.get("white again"))


def panel_sheet(
    measured: Measured,
    model: Model,
    rounded: Callable[[Calibration], Calibration],
    *,
    current: Calibration | None,
    curves: int,
) -> PanelSheet | None:
    """Return the sheet of a measured panel; None while fields are missing. Raises ValueError for impossible ones."""
    readings = panel_readings(measured.fields)
    if readings is None:
        return None
    from daruma.core.colour.temperature import cct_duv, cct_spread

    panel = characterise(readings)
    instrument = Instrument(UV_TO_RELATIVE * measured.uv, _scatter(measured.fields))
    tuning = tune(readings, model.display, model.white.native_xy, instrument, rounded, current=current, curves=curves)
    white = xyz_to_xy(readings.white)
    kelvin, duv = cct_duv(white)
    bad = [f"{taken.key}: {taken.doubt}" for taken in measured.fields if taken.doubt]
    return PanelSheet(
        panel,
        tuning,
        white,
        readings.white[1],
        tuple(xyz_to_xy(_lit(xyz)) for xyz in (readings.red, readings.green, readings.blue)),
        float(kelvin[0]),
        float(duv[0]),
        2 * measured.uv,
        cct_spread(white, 2 * measured.uv),
        2 * measured.luminance,
        _shift(panel, model, tuning, current),
        (*bad, *(finding.sentence for finding in panel.findings)),
    )


def _shift(panel: PanelModel, model: Model, tuning: Tuning, current: Calibration | None) -> tuple[float, float]:
    if current is None:
        return 0.0, 0.0
    level, native = np.ones(1), model.white.native_xy
    seen = [shown(panel, calibration, model.display, native, level)[0] for calibration in (current, tuning.calibration)]
    before, after = chromaticity_uv(np.array(seen))
    return float(after[0] - before[0]), float(after[1] - before[1])


def sensor_sheet(
    lights: Sequence[LightRead], sensor: SensorModel, lamps: Lamps, bench: Sequence[tuple[str, str]]
) -> SensorSheet | None:
    """Return how a flex's stored gains fit the lights it was seen under; None without one.

    `bench` are the lights that the bench can offer: name, and the published lamp that is most like it.
    """
    sound = [light for light in lights if len(light.counts) == len(sensor.channels) and min(light.gains) > 0]
    if not sound:
        return None
    stored = np.asarray(sound[-1].gains) / 1000
    seen = [LightSeen(light.light, np.asarray(light.counts), np.asarray(light.xyz)) for light in sound]
    fit = fit_gains(sensor, stored, seen)
    offered = []
    for name, lamp in bench:
        spectrum = lamps.spectrum(lamp, float(sound[0].xyz[1]))
        counts = counts_of(sensor.channels, lamps.nanometres, spectrum) / fit.gains
        offered.append(LightSeen(name, counts, lamps.xyz(lamp, float(sound[0].xyz[1]))))
    name, share = most_telling(sensor, fit.covariance, offered, lamps)
    return SensorSheet(fit, tuple(float(gain) for gain in stored), name, share)


def _scatter(fields: Sequence[Taken]) -> float:
    """Return the relative standard uncertainty of a field's mean, pooled over the bright ones (JCGM 100:2008, 4.2.4)."""
    shares, freedom = 0.0, 0
    for taken in fields:
        values = np.array(taken.readings)
        if len(values) > 1 and values.mean(axis=0).min() > 5.0:
            shares += float(np.sum((values / values.mean(axis=0) - 1) ** 2)) / 3
            freedom += len(values) - 1
    repeats = max((len(taken.readings) for taken in fields), default=1)
    return float(np.sqrt(shares / freedom / repeats)) if freedom else 0.002


def _lit(xyz: XYZ) -> XYZ:
    return xyz if sum(xyz) > 0 else (1e-9, 1e-9, 1e-9)
