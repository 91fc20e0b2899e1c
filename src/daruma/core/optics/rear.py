"""How a rear camera is found: its rotation and delay against the gyroscope and its lens, against what its own record says."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from enum import Enum
from itertools import chain, pairwise
from typing import cast

import numpy as np
from msgspec import Struct
from scipy.spatial.transform import Rotation

from daruma.core.language import tr
from daruma.core.optics.align import Alignment, Turning, align
from daruma.core.optics.lens import Camera, Floats, ViewFit, board_fits, rms_of_all
from daruma.core.optics.sweep import RATE, SweepChunk, Taken, frames_in, gyro_in
from daruma.core.records import Record

ROTATION, OFFSET, RMS = 0.3, 4.0, 0.5  # degrees, ms, px: proven within these (RMS: ours)
FACING = np.diag([1.0, -1.0, -1.0])  # from a camera that looks away from the screen to the gyroscope's axes
COLUMNS, ROWS, SQUARE = 9, 6, 24.0  # inner corners of the chessboard, mm
LEAST_TRACKS = 4
LONGEST_STEP = 0.05  # seconds: more lies between two frames only where one between them was lost
_SURE = 1.96


class RearFinding(Enum):
    """Say how a rear camera is found."""

    ALIGNED = "stands as its record says"
    ROTATED = "is turned against its record"
    LATE = "is later or earlier than its record says"
    LENS = "bends the picture otherwise than its record says"
    UNSURE = "is not surely as its record says"
    UNMEASURED = "was not measured"


class RearRecord(Struct, frozen=True):
    """Hold what a module says of itself: rotation to the gyroscope (3x3), delay (s), camera."""

    rotation: Floats
    offset: float
    camera: Camera


def record_in(record: Record) -> RearRecord | None:
    """Return what a module's record says; None where it is not whole."""
    values = record.values
    turn, late, matrix, bent = (values.get(name) for name in ("gyro_angle", "camera_delay", "lens_matrix", "lens_bend"))
    if not (isinstance(turn, tuple) and isinstance(late, float) and isinstance(matrix, tuple) and isinstance(bent, tuple)):
        return None
    rotation = Rotation.from_rotvec(np.radians(np.array(turn, dtype=float))).as_matrix() @ FACING
    fx, fy, cx, cy = (float(v) for v in matrix)
    k1, k2, p1, p2, k3 = (float(v) for v in bent)
    return RearRecord(cast(Floats, rotation), late / 1000, Camera(fx, fy, cx, cy, k1, k2, p1, p2, k3))


def gyro_of(chunks: Sequence[SweepChunk]) -> Turning:
    """Return the gyroscope's samples of a sweep."""
    values = np.array(list(chain.from_iterable(gyro_in(chunk) for chunk in chunks)), dtype=float).reshape(-1, 3)
    first = chunks[0].first if chunks else 0
    return Turning((first + np.arange(len(values))) / RATE, values)


def camera_of(chunks: Sequence[SweepChunk], camera: Camera) -> Turning:
    """Return the camera's turning by the tracks of its frames: the rotation between two frames over the time between them.

    Each frame's rays, its distortion taken out, are brought nearest to those of the frame before (Wahba's problem, all at once).
    """
    frames = [frame for chunk in chunks for frame in frames_in(chunk)]
    used = [
        (before.t, frame)
        for before, frame in pairwise(frames)
        if frame.taken is Taken.USED and len(frame.tracks) >= LEAST_TRACKS and 0 < frame.t - before.t < LONGEST_STEP
    ]
    if not used:
        return Turning(np.zeros(0), np.zeros((0, 3)))
    flat = np.array([track for _, frame in used for track in frame.tracks])
    sizes = [len(frame.tracks) for _, frame in used]
    starts = np.concatenate(([0], np.cumsum(sizes)[:-1]))
    one, other = (_rays(camera, flat[:, at : at + 2]) for at in (0, 2))
    # rays of what stands still turn against the camera: before = R now
    sums = np.add.reduceat(one[:, :, None] * other[:, None, :], starts, axis=0)
    u, _, v = np.linalg.svd(sums)
    sign = np.sign(np.linalg.det(u) * np.linalg.det(v))
    u[:, :, 2] *= sign[:, None]
    turned = Rotation.from_matrix(u @ v).as_rotvec()
    times = np.array([(before, frame.t) for before, frame in used])
    gaps = times[:, 1] - times[:, 0]
    return Turning(times.mean(axis=1), turned / gaps[:, None])


def _rays(camera: Camera, seen: Floats) -> Floats:
    tangents = camera.straightened(seen)
    rays = np.column_stack((tangents, np.ones(len(tangents))))
    return cast(Floats, rays / np.linalg.norm(rays, axis=1)[:, None])


def board() -> Floats:
    """Return the corners of the chessboard (n, 3), mm."""
    return np.array([(SQUARE * x, SQUARE * y, 0.0) for y in range(ROWS) for x in range(COLUMNS)])


class RearSheet(Struct, frozen=True):
    """Hold what was found of a rear camera; None where it was not measured. `turned` is in degrees, `late` in ms, with
    their standard uncertainties.
    """

    finding: RearFinding
    why: str
    aligned: Alignment | None = None
    turned: tuple[float, float] | None = None
    late: tuple[float, float] | None = None
    fits: tuple[ViewFit, ...] = ()
    rms: float | None = None


def judged(chunks: Sequence[SweepChunk], views: Mapping[str, Floats], record: RearRecord | None) -> RearSheet:
    """Return how a rear camera is found by its sweep and by where it saw the corners of a chessboard (n, 2), px."""
    if record is None or not chunks or not views:
        return RearSheet(RearFinding.UNMEASURED, tr("sweep, chessboard and the module's own record are needed"))
    try:
        aligned = align(gyro_of(chunks), camera_of(chunks, record.camera))
        fits = board_fits(record.camera, {view: (board(), seen) for view, seen in views.items()})
    except ValueError as error:
        return RearSheet(RearFinding.UNMEASURED, str(error))
    angle = float(np.degrees(Rotation.from_matrix(aligned.rotation @ record.rotation.T).magnitude()))
    turned, late = (angle, aligned.rotation_u_deg), (1000 * (aligned.offset - record.offset), 1000 * aligned.offset_u)
    rms = rms_of_all(fits)
    finding = _finding(turned, late, rms)
    return RearSheet(finding, _WHY[finding], aligned, turned, late, fits, rms)


_WHY = {
    RearFinding.ALIGNED: tr(
        "rotation within {rotation:g}°, delay within {offset:g} ms, lens within {rms:g} px",
        rotation=ROTATION,
        offset=OFFSET,
        rms=RMS,
    ),
    RearFinding.ROTATED: tr("the module sits askew or its frame is bent: seat it again, then sweep anew"),
    RearFinding.LATE: tr("its frames come at other times than its record says: another module's record is on it"),
    RearFinding.LENS: tr("another lens than that of the record: another module's record is on it, or the lens was hurt"),
    RearFinding.UNSURE: tr("what was measured is not sure enough: sweep once more, more slowly and about a second axis as well"),
}


def _finding(turned: tuple[float, float], late: tuple[float, float], rms: float) -> RearFinding:
    if rms > RMS:
        return RearFinding.LENS
    if turned[0] - _SURE * turned[1] > ROTATION:
        return RearFinding.ROTATED
    if abs(late[0]) - _SURE * late[1] > OFFSET:
        return RearFinding.LATE
    sure = turned[0] + _SURE * turned[1] <= ROTATION and abs(late[0]) + _SURE * late[1] <= OFFSET
    return RearFinding.ALIGNED if sure else RearFinding.UNSURE
