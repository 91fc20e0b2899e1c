"""Camera and gyroscope aligned: the rotation between them, the time by which the camera is late, the gyroscope's bias.

Both see the same turning. Rotation and offset are found by least squares over angular velocities, started from the correlation
of their amounts and from Wahba's problem solved by singular values (Wahba 1965, Markley 1988); the camera's samples are
compared with the gyroscope's, interpolated at their own times.
"""

from __future__ import annotations

from typing import cast

import numpy as np
import numpy.typing as npt
from msgspec import Struct
from scipy.interpolate import CubicSpline
from scipy.signal import correlate, correlation_lags, savgol_filter
from scipy.spatial.transform import Rotation

Floats = npt.NDArray[np.float64]
WIDEST = 0.5  # seconds: offsets are looked for up to this
_GRID = 200.0  # samples a second of the first search
_WINDOW = 0.06  # seconds of the gyroscope's signal that are smoothed together
_KNOT = 0.01  # seconds between the knots of the smoothed curve
_STEPS = 30
_CUT_AFTER, _OUTLIES = 4, 6.0  # steps after which samples are left out, spreads that they then lie off
_SETTLED = 1e-7  # rad, s
_OFFSET_METHOD = 1.5e-4  # s: standard uncertainty of smoothing and interpolation (on turnings made with a known offset)


class Turning(Struct, frozen=True):
    """Hold angular velocities (n, 3), rad/s, at times (n), s, rising."""

    t: Floats
    w: Floats


class Alignment(Struct, frozen=True):
    """Hold the rotation from camera to gyroscope (3x3), the time by which the camera is late (s), the gyroscope's bias (rad/s).

    The rotation's standard uncertainty is in degrees, about its least sure axis; `rms` is that of the residuals, rad/s.
    """

    rotation: Floats
    rotation_u_deg: float
    offset: float
    offset_u: float
    bias: Floats
    bias_u: Floats
    rms: float


def wahba(one: Floats, other: Floats, weights: Floats | None = None) -> Floats:
    """Return the rotation R that brings vectors (n, 3) of one frame nearest to those of another: other = R one.

    Source: Markley 1988, "Attitude determination using vector observations and the singular value decomposition".
    """
    weighted = other if weights is None else other * weights[:, None]
    u, _, v = np.linalg.svd(weighted.T @ one)
    return cast(Floats, u @ np.diag([1.0, 1.0, np.linalg.det(u) * np.linalg.det(v)]) @ v)


def align(gyro: Turning, camera: Turning) -> Alignment:
    """Return how camera and gyroscope stand to each other; camera time minus gyroscope time is the offset.

    Raises ValueError where there is too little in common: fewer than ten seconds' worth of samples or no turning about two axes.
    """
    for name, each in (("gyroscope", gyro), ("camera", camera)):
        if len(each.t) < 30:
            raise ValueError(f"the {name} has {len(each.t)} samples, 30 at least are needed")
        if not (np.diff(each.t) > 0).all():
            raise ValueError(f"the {name}'s times do not rise")
    spline = _smooth(gyro)
    slope = spline.derivative()
    offset, bias = _first_offset(gyro, camera), np.zeros(3)
    at, seen = _overlap(gyro, camera, offset)
    turned = spline(at)
    rotation = wahba(seen - seen.mean(axis=0), turned - turned.mean(axis=0))
    for number in range(_STEPS):
        at, seen = _overlap(gyro, camera, offset)
        step, covariance, rms = _step(spline(at), slope(at), seen, rotation, bias, cut=number >= _CUT_AFTER)
        rotation = Rotation.from_rotvec(step[:3]).as_matrix() @ rotation
        offset, bias = offset + step[3], bias + step[4:]
        if number > _CUT_AFTER and np.abs(step[:3]).max() < _SETTLED and abs(step[3]) < _SETTLED:
            break
    _refuse_one_axis(seen)
    sure = np.sqrt(np.diag(covariance))
    turn_u = float(np.degrees(np.sqrt(np.linalg.eigvalsh(covariance[:3, :3])[-1])))
    return Alignment(rotation, turn_u, float(offset), float(np.hypot(sure[3], _OFFSET_METHOD)), bias, sure[4:], rms)


def _smooth(gyro: Turning) -> CubicSpline:
    """Return the gyroscope's signal as a curve, its noise lowered without a shift in time (Savitzky and Golay 1964).

    What noise is left in the slope would pull the offset with it.
    """
    step = float(np.median(np.diff(gyro.t)))
    grid = np.arange(gyro.t[0], gyro.t[-1] + step / 2, step)
    even = np.column_stack([np.interp(grid, gyro.t, gyro.w[:, axis]) for axis in range(3)])
    window = 2 * max(2, round(_WINDOW / step / 2)) + 1
    if window < len(grid):
        even = savgol_filter(even, window, 3, axis=0)
    # what is left after the smoothing is slow: no more knots than that needs
    every = max(1, round(_KNOT / step))
    return CubicSpline(grid[::every], even[::every], axis=0)


def _first_offset(gyro: Turning, camera: Turning) -> float:
    """Return the offset at which the amounts of turning agree best, to the grid."""
    start, end = max(gyro.t[0], camera.t[0]), min(gyro.t[-1], camera.t[-1])
    if end - start < 2 * WIDEST:
        raise ValueError("camera and gyroscope have less than a second in common")
    grid = np.arange(start, end, 1 / _GRID)
    amounts = []
    for each in (gyro, camera):
        amount = np.linalg.norm(each.w - np.median(each.w, axis=0), axis=1)
        even = np.interp(grid, each.t, amount)
        amounts.append(even - even.mean())
    scores = correlate(amounts[1], amounts[0], mode="full", method="fft")
    lags = correlation_lags(len(grid), len(grid)) / _GRID
    near = np.abs(lags) <= WIDEST
    return float(lags[near][int(np.argmax(scores[near]))])


def _overlap(gyro: Turning, camera: Turning, offset: float) -> tuple[Floats, Floats]:
    """Return the gyroscope's times of the camera's samples, and what the camera saw then."""
    at = camera.t - offset
    inside = (at >= gyro.t[0]) & (at <= gyro.t[-1])
    if inside.sum() < 30:
        raise ValueError("camera and gyroscope have too little time in common")
    return at[inside], camera.w[inside]


def _step(
    turned: Floats, slope: Floats, seen: Floats, rotation: Floats, bias: Floats, *, cut: bool
) -> tuple[Floats, Floats, float]:
    """Return the next step of turn, offset and bias, their covariance, and the RMS of what is left.

    With `cut`, samples far off the others are left out. gyro(t - offset) = R camera(t) + bias: a small turn d of R adds
    d x (R w), a later camera takes the gyroscope's slope away.
    """
    mapped = seen @ rotation.T
    left = turned - mapped - bias
    count = len(seen)
    rows = np.zeros((count, 3, 7))
    rows[:, 0, 1], rows[:, 0, 2] = mapped[:, 2], -mapped[:, 1]
    rows[:, 1, 0], rows[:, 1, 2] = -mapped[:, 2], mapped[:, 0]
    rows[:, 2, 0], rows[:, 2, 1] = mapped[:, 1], -mapped[:, 0]
    rows[:, :, 3] = slope
    rows[:, :, 4:] = np.eye(3)
    system = rows.reshape(-1, 7)
    values = left.reshape(-1)
    spread = 1.4826 * float(np.median(np.abs(values))) or 1e-12
    weight = np.sqrt(np.minimum(1.0, 3 * spread / np.maximum(np.abs(values), 1e-15)))
    if cut:
        # a jerk that the smoothing has rounded off says nothing of the offset: the whole sample is left out
        weight *= np.repeat(np.abs(left).max(axis=1) < _OUTLIES * spread, 3)
    weighted = system * weight[:, None]
    inverse = np.linalg.pinv(weighted.T @ weighted)
    solved = inverse @ (weighted.T @ (values * weight))
    after = (values - system @ solved) * weight
    variance = float(after @ after) / max(1, len(values) - 7)
    covariance = inverse * variance
    return solved, cast(Floats, covariance), float(np.sqrt(np.mean((values - system @ solved) ** 2)))


def _refuse_one_axis(seen: Floats) -> None:
    strengths = np.linalg.svd(seen - seen.mean(axis=0), compute_uv=False)
    if strengths[1] < 0.02 * strengths[0]:
        raise ValueError("the phone was turned about one axis only: turn it about a second one as well")
