"""A simulated sweep: a person turns with the phone to the left and to the right, its gyroscope and its frames see the turning.

Rates of turning are the truth; the gyroscope adds bias and noise, the camera sees points that stand still move against them.
"""

from __future__ import annotations

import random
from functools import lru_cache
from math import ceil, cos, floor, pi, sin

from msgspec import Struct

from daruma.core.optics.sweep import FASTEST, NEEDED, RATE, SECTORS, STILL, Seen, SweepChunk, Taken, packed_frame, packed_gyro

FRAMES = 30.0  # a second
LASTS = 600.0  # seconds after which nobody turns any more
_SWING, _PERIOD = 190.0, 220.0  # degrees to each side, seconds to the left and back
_GYRO_NOISE, _TRACK_NOISE = 0.003, 0.08  # rad/s, px
_TRACKS = 12
_WIDTH, _HEIGHT = 640, 480  # px of a frame
_BARE = (14, 15)  # sectors with a bare wall


class Rig(Struct, frozen=True):
    """Hold how a module really stands in its phone: rotation vector beside facing (degrees), delay (s), camera (fx, fy, cx, cy,
    k1, k2, p1, p2, k3), the gyroscope's bias (rad/s); `dark` says that the room is, `pace` how hasty the person is.
    """

    turn: tuple[float, float, float]
    late: float
    lens: tuple[float, ...]
    bias: tuple[float, float, float]
    seed: str
    dark: bool = False
    pace: float = 1.0


def rates(t: float, pace: float = 1.0) -> tuple[float, float, float]:
    """Return the true rates of turning at a time, rad/s, in the gyroscope's axes: nodding, turning, tilting."""
    if t < 1.5 * STILL:
        return 0.0, 0.0, 0.0
    at = t - 1.5 * STILL
    turn = _SWING * 2 * pi * pace / _PERIOD * cos(2 * pi * pace * at / _PERIOD)
    # now and then a hasty jerk to one side and back
    jerk = at % 37.0
    turn += 150.0 * sin(2 * pi * (jerk - 35.8) / 1.2) if jerk > 35.8 else 0.0
    nod = 14 * sin(2 * pi * at / 3.1) + 6 * sin(2 * pi * at / 1.3)
    tilt = 9 * sin(2 * pi * at / 4.3 + 1)
    return nod * pi / 180, turn * pi / 180, tilt * pi / 180


def heading(t: float, pace: float = 1.0) -> float:
    """Return the true heading at a time, degrees."""
    at = max(0.0, t - 1.5 * STILL)
    jerk = at % 37.0
    hasty = 150.0 * 0.6 / pi * (1 - cos(2 * pi * (jerk - 35.8) / 1.2)) if jerk > 35.8 else 0.0
    return _SWING * sin(2 * pi * pace * at / _PERIOD) + hasty


def taken(rig: Rig, number: int) -> Taken:
    """Return how the phone takes a frame."""
    t = number / FRAMES
    if rig.dark:
        return Taken.DARK
    if abs(rates(t, rig.pace)[1]) * 180 / pi > FASTEST:
        return Taken.FAST
    if 20 < t % 130 < 23:
        return Taken.NEAR
    chance = random.Random(f"{rig.seed}/taken {number}").random()
    if _sector(rig, number) in _BARE and chance < 0.6:
        return Taken.BARE
    return Taken.USED


def _sector(rig: Rig, number: int) -> int:
    return floor(heading(number / FRAMES, rig.pace) % 360 / 10) % SECTORS


def progress(rig: Rig, seconds: float) -> float:
    """Return the phone's own progress after so many seconds, 0 to 1."""
    covered = _covered(rig, floor(min(LASTS, seconds)))
    return sum(min(NEEDED, count) for count in covered) / (NEEDED * SECTORS)


@lru_cache(maxsize=64)
def _covered(rig: Rig, seconds: int) -> tuple[int, ...]:
    """Return the frames used by sector, second by second on what was there before."""
    counts = list(_covered(rig, seconds - 1)) if seconds > 1 and seconds % 50 else [0] * SECTORS
    first = (seconds - 1) * int(FRAMES) if seconds > 1 and seconds % 50 else 0
    for number in range(first, seconds * int(FRAMES)):
        if taken(rig, number) is Taken.USED:
            counts[_sector(rig, number)] += 1
    return tuple(counts)


def chunk(rig: Rig, start: float, end: float) -> SweepChunk:
    """Return gyroscope and frames between two times."""
    first, last = ceil(start * RATE), ceil(end * RATE)
    gyro = [_gyro(rig, number) for number in range(first, last)]
    frames = _frames(rig, range(ceil(start * FRAMES), ceil(end * FRAMES)))
    return SweepChunk(first, packed_gyro(gyro), b"".join(map(packed_frame, frames)))


def _gyro(rig: Rig, number: int) -> tuple[float, float, float]:
    rng = random.Random(f"{rig.seed}/gyro {number}")
    true = zip(rates(number / RATE, rig.pace), rig.bias, strict=True)
    x, y, z = (rate + bias + rng.gauss(0, _GYRO_NOISE) for rate, bias in true)
    return x, y, z


def _frames(rig: Rig, numbers: range) -> list[Seen]:
    """Return frames; the tracks of all of them are worked out at once."""
    how = [taken(rig, number) for number in numbers]
    used = [number for number, each in zip(numbers, how, strict=True) if each is Taken.USED and number]
    tracks = dict(zip(used, _tracks(rig, used), strict=True)) if used else {}
    return [Seen(number / FRAMES, each, tracks.get(number, ())) for number, each in zip(numbers, how, strict=True)]


def _tracks(rig: Rig, numbers: list[int]) -> list[tuple[tuple[float, float, float, float], ...]]:
    import numpy as np
    from scipy.spatial.transform import Rotation

    from daruma.core.optics.lens import Camera
    from daruma.core.optics.rear import FACING

    camera, step = Camera(*rig.lens), 1 / FRAMES
    facing = Rotation.from_rotvec(np.radians(rig.turn)).as_matrix() @ FACING
    # a camera that is late stamps what it saw before
    times = [[number / FRAMES - rig.late - step * (1 - (i + 0.5) / 4) for i in range(4)] for number in numbers]
    gyro = np.array([np.mean([rates(t, rig.pace) for t in each], axis=0) for each in times])
    moved = Rotation.from_rotvec(gyro @ facing * step).as_matrix()
    # a generator for each frame: it is the same whatever else is asked for with it
    seed = int.from_bytes(rig.seed.encode()[-6:], "big")
    drawn = [np.random.default_rng([seed, number]) for number in numbers]
    before = np.array([rng.uniform((60, 60), (_WIDTH - 60, _HEIGHT - 60), (_TRACKS, 2)) for rng in drawn])
    noise = np.array([rng.normal(0, _TRACK_NOISE, (2, _TRACKS, 2)) for rng in drawn])
    tangents = camera.straightened(before.reshape(-1, 2))
    rays = np.column_stack((tangents, np.ones(len(tangents)))).reshape(len(numbers), _TRACKS, 3) @ moved
    now = camera.seen(rays.reshape(-1, 3)).reshape(before.shape)
    found = np.concatenate((before + noise[:, 0], now + noise[:, 1]), axis=2)
    return [tuple((u0, v0, u1, v1) for u0, v0, u1, v1 in frame) for frame in found.tolist()]
