"""The ambient sensor: from channel counts to XYZ and lux, how well stored gains still fit, which light tells more.

A sensor's channels are not the observer's, so no matrix is right for every light. The one used here is a ridge
regression (Hoerl and Kennard 1970) over published illuminants and lamps; its penalty is chosen by leaving one lamp out
at a time (the closed form of Allen's PRESS). A flex's stored gains bring its own channels to those of the family.
"""

from collections.abc import Sequence

import numpy as np
import numpy.typing as npt
from msgspec import Struct

from daruma.core.colour.coordinates import chromaticity_uv
from daruma.core.colour.lamps import Lamps
from daruma.core.colour.spectrum import spectrum_to_xyz

Floats = npt.NDArray[np.float64]

PENALTIES = np.concatenate([[0.0], np.logspace(-9, 0, 37)])  # of the mean square of the counts
LUX = 100.0  # illuminance at which every lamp counts alike in the regression
GAIN_SPREAD = 0.03  # standard deviation of a gain around the stored one before anything is measured (ours)
LIGHT_ERROR = 0.005  # relative standard uncertainty of a measured light, model error included (ours)


class Channel(Struct, frozen=True):
    """Hold one channel's responsivity: a Gaussian around `peak` with full width at half maximum `width`, in nm."""

    peak: float
    width: float


class SensorModel(Struct, frozen=True):
    """Hold what a family's sensor makes of its counts: XYZ = matrix · counts.

    `matrix` has shape (3, channels); `penalty` is the ridge chosen. The residuals are those of lamps that were left
    out: root mean square and largest distance in u'v', root mean square of the relative error of lux.
    """

    channels: tuple[Channel, ...]
    matrix: Floats
    penalty: float
    rms_uv: float
    worst_uv: float
    rms_lux: float

    def xyz(self, counts: npt.ArrayLike, gains: npt.ArrayLike = 1.0) -> Floats:
        """Return XYZ (Y in lux) of counts of shape (n, channels) or (channels,), each channel times its gain."""
        scaled = np.asarray(counts, dtype=np.float64) * np.asarray(gains, dtype=np.float64)
        return np.asarray(scaled @ self.matrix.T, dtype=np.float64)


def responsivity(channels: Sequence[Channel], nanometres: Floats) -> Floats:
    """Return the channels' responsivities at wavelengths, shape (channels, n), largest value 1."""
    peaks = np.array([channel.peak for channel in channels])[:, None]
    sigmas = np.array([channel.width for channel in channels])[:, None] / (2 * np.sqrt(2 * np.log(2)))
    return np.asarray(np.exp(-0.5 * ((nanometres - peaks) / sigmas) ** 2), dtype=np.float64)


def counts_of(channels: Sequence[Channel], nanometres: Floats, power: Floats) -> Floats:
    """Return the counts of a nominal sensor for spectra of shape (n,) or (m, n) in W/m2/nm; one count is 1 mW/m2."""
    return np.asarray(1000 * (nanometres[1] - nanometres[0]) * power @ responsivity(channels, nanometres).T, dtype=np.float64)


def fit_sensor(channels: Sequence[Channel], lamps: Lamps) -> SensorModel:
    """Return the regression from counts to XYZ over published lamps, all at the same illuminance."""
    power = lamps.at(LUX)
    return regress(tuple(channels), counts_of(channels, lamps.nanometres, power), spectrum_to_xyz(lamps.nanometres, power))


def regress(channels: tuple[Channel, ...], counts: Floats, xyz: Floats) -> SensorModel:
    """Return the ridge regression from counts of shape (n, channels) to XYZ of shape (n, 3).

    The penalty with the smallest error of lamps left out is taken; the left-out errors need no second fit:
    e / (1 - h), with h the leverages.
    """
    scale = float(np.sqrt(np.mean(counts**2)))
    u, s, vt = np.linalg.svd(counts / scale, full_matrices=False)
    projected = u.T @ xyz
    best: tuple[float, float, Floats] | None = None
    for penalty in PENALTIES * len(counts):
        shrink = s**2 / (s**2 + penalty)
        leverage = np.einsum("ij,j,ij->i", u, shrink, u)
        out = (xyz - u @ (shrink[:, None] * projected)) / (1 - leverage)[:, None]
        press = float(np.sum(out**2))
        if best is None or press < best[0]:
            best = press, float(penalty), xyz - out
    assert best is not None
    _, penalty, left_out = best
    matrix = (vt.T @ ((s / (s**2 + penalty))[:, None] * projected)).T / scale
    off = np.linalg.norm(chromaticity_uv(left_out) - chromaticity_uv(xyz), axis=1)
    lux = left_out[:, 1] / xyz[:, 1] - 1
    return SensorModel(
        channels, matrix, penalty, float(np.sqrt(np.mean(off**2))), float(off.max()), float(np.sqrt(np.mean(lux**2)))
    )


class LightSeen(Struct, frozen=True):
    """Hold one light as the sensor counts it, shape (channels,), and as the instrument measures it, XYZ with Y in lux."""

    light: str
    counts: Floats
    xyz: Floats


class LightFit(Struct, frozen=True):
    """Hold how far a light is misjudged with the stored gains: distance in u'v' and relative error of lux."""

    light: str
    off_uv: float
    off_lux: float


class GainFit(Struct, frozen=True):
    """Hold how well stored gains fit: per light, and the gains that would fit best with their standard uncertainties.

    `covariance` (channels, channels) is what is still unknown of the gains.
    """

    lights: tuple[LightFit, ...]
    gains: Floats
    uncertainty: Floats
    covariance: Floats

    @property
    def worst(self) -> LightFit:
        """Return the light that is misjudged most."""
        return max(self.lights, key=lambda light: light.off_uv)


def fit_gains(model: SensorModel, stored: npt.ArrayLike, lights: Sequence[LightSeen]) -> GainFit:
    """Return how well stored gains of shape (channels,) fit measured lights, and better ones.

    Bayesian linear regression with the stored gains as what is believed before: with few lights they change little
    where nothing speaks against them. Raises ValueError without a light.
    """
    gains = np.asarray(stored, dtype=np.float64)
    if not lights:
        raise ValueError("measure at least one light")
    seen = tuple(_light_fit(model, gains, light) for light in lights)
    precision = np.eye(len(gains)) / (GAIN_SPREAD * gains) ** 2
    pull = np.zeros(len(gains))
    for light in lights:
        design, wanted = _equations(model, light.counts, light.xyz)
        precision += design.T @ design
        pull += design.T @ (wanted - design @ gains)
    covariance = np.asarray(np.linalg.inv(precision), dtype=np.float64)
    return GainFit(seen, gains + covariance @ pull, np.sqrt(np.diag(covariance)), covariance)


def most_telling(model: SensorModel, covariance: Floats, offered: Sequence[LightSeen], lamps: Lamps) -> tuple[str, float]:
    """Return the light that would tell most and the share of the remaining uncertainty that it would take away.

    The uncertainty is the variance of XYZ over all published lamps that what is unknown of the gains leaves
    (V-optimal design, Fedorov 1972). `offered` are the bench's lights as the sensor should count them.
    """
    if not offered:
        raise ValueError("the bench offers no light")
    power = lamps.at(LUX)
    counts, xyz = counts_of(model.channels, lamps.nanometres, power), spectrum_to_xyz(lamps.nanometres, power)
    judged = [_equations(model, c, x)[0] for c, x in zip(counts, xyz, strict=True)]

    def left(cov: Floats) -> float:
        return float(sum(np.trace(design @ cov @ design.T) for design in judged))

    before = left(covariance)
    precision = np.linalg.inv(covariance)
    after = {}
    for light in offered:
        design, _ = _equations(model, light.counts, light.xyz)
        after[light.light] = left(np.asarray(np.linalg.inv(precision + design.T @ design), dtype=np.float64))
    best = min(after, key=lambda name: after[name])
    return best, 1 - after[best] / before if before > 0 else 0.0


def _equations(model: SensorModel, counts: Floats, xyz: Floats) -> tuple[Floats, Floats]:
    """Return XYZ as equations in the gains, each in units of its own uncertainty."""
    sigma = LIGHT_ERROR * np.asarray(xyz, dtype=np.float64)
    return model.matrix * np.asarray(counts, dtype=np.float64) / sigma[:, None], np.asarray(xyz, dtype=np.float64) / sigma


def _light_fit(model: SensorModel, gains: Floats, light: LightSeen) -> LightFit:
    judged = model.xyz(light.counts, gains)
    off = float(np.linalg.norm(chromaticity_uv(judged) - chromaticity_uv(light.xyz)))
    return LightFit(light.light, off, float(judged[1] / light.xyz[1] - 1))
