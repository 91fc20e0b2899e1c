"""The sweep ring and what a sweep proves: packing, guidance, and the truth of random modules."""

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.spatial.transform import Rotation
from tests.conftest import seeds
from tests.core.optics.standins import Asked

from daruma.catalogue.loader import Catalogue
from daruma.core.optics.align import align
from daruma.core.optics.lens import Camera
from daruma.core.optics.rear import FACING, RearFinding, RearRecord, camera_of, gyro_of, judged
from daruma.core.optics.sweep import (
    NEEDED,
    RATE,
    SECTORS,
    TAKEN,
    Ring,
    RingState,
    Seen,
    SweepChunk,
    Taken,
    frames_in,
    gyro_in,
    packed_frame,
    packed_gyro,
)

LONG = 60.0


def turned(rate: float, seconds: float, taken: Taken = Taken.USED) -> SweepChunk:
    """A chunk after the first second in which the phone turns to the left so many degrees a second, 30 frames a second."""
    count = round(seconds * RATE)
    gyro = packed_gyro([(0.0, np.radians(rate), 0.0)] * count)
    frames = b"".join(packed_frame(Seen(1 + i / 30, taken)) for i in range(round(seconds * 30)))
    return SweepChunk(round(RATE), gyro, frames)


def still(seconds: float = 1.0) -> SweepChunk:
    return SweepChunk(0, packed_gyro([(0.0, 0.0, 0.0)] * round(seconds * RATE)))


@given(
    st.lists(st.tuples(*[st.floats(-7, 7)] * 3), max_size=20),
    st.floats(0, 4000),
    st.sampled_from(TAKEN),
    st.lists(st.tuples(*[st.floats(-600, 600)] * 4), max_size=60),
)
def test_what_is_packed_comes_back(
    samples: list[tuple[float, float, float]], t: float, how: Taken, tracks: list[tuple[float, float, float, float]]
) -> None:
    chunk = SweepChunk(0, packed_gyro(samples), packed_frame(Seen(t, how, tuple(tracks))))
    assert np.array(list(gyro_in(chunk))) == pytest.approx(np.array(samples), abs=2e-4)
    (frame,) = frames_in(chunk)
    assert (frame.taken, frame.t) == (how, pytest.approx(t, abs=1e-4))
    assert np.array(frame.tracks) == pytest.approx(np.array(tracks), abs=0.011)


@given(st.binary(max_size=300))
def test_any_bytes_are_frames_or_refused(raw: bytes) -> None:
    chunk = SweepChunk(0, b"", raw)
    try:
        found = list(frames_in(chunk))
    except ValueError:
        return
    assert b"".join(map(packed_frame, found)) == raw


def test_the_ring_fills_where_the_phone_has_looked() -> None:
    ring = Ring()
    ring.add(still())
    ring.add(turned(20.0, 9.0))
    state = ring.state(0.4, done=False)
    assert state.heading == pytest.approx(180, abs=1)
    assert state.speed == pytest.approx(20, abs=1)
    assert len(state.missing) == SECTORS - 18
    assert all(14 <= count <= 16 for count in state.covered[1:17]), "half a second in each, whatever came in one piece"
    assert state.left is not None


def test_the_bias_of_the_first_second_is_no_turning() -> None:
    ring = Ring()
    ring.add(SweepChunk(0, packed_gyro([(0.0, 0.05, 0.0)] * round(60 * RATE))))
    assert ring.state(0, done=False).heading % 360 == pytest.approx(0, abs=1.0) or ring.state(0, done=False).heading > 359


@pytest.mark.parametrize(
    ("covered", "heading", "words"),
    [
        ({5}, 0.0, "Turn 55° to the left"),
        ({30}, 0.0, "Turn 55° to the right"),
        ({0}, 3.0, "Stay"),
        (set(), 3.0, "Every direction is covered"),
    ],
)
def test_which_way_to_turn(covered: set[int], heading: float, words: str) -> None:
    counts = tuple(0 if sector in covered else NEEDED for sector in range(SECTORS))
    assert words in RingState(covered=counts, heading=heading).advice()


@pytest.mark.parametrize("taken", [each for each in Taken if each is not Taken.USED])
def test_why_frames_are_refused_is_said_with_its_remedy(taken: Taken) -> None:
    ring = Ring()
    ring.add(still())
    ring.add(turned(10.0, 1.0, taken))
    state = ring.state(0.0, done=False)
    assert state.refused[taken] == 30
    assert taken.value in state.advice()
    assert sum(state.covered) == 0


def record_of(at: Asked, turn: float = 0.0, late: float = 0.0, fx: float = 0.0) -> RearRecord:
    rotation = Rotation.from_rotvec(np.radians(np.add(at.rear.turn, [turn, 0, 0]))).as_matrix() @ FACING
    lens = list(at.rear.lens)
    lens[0] += fx
    return RearRecord(rotation, at.rear.late + late / 1000, Camera(*lens))


@pytest.mark.parametrize("tried", seeds(2, 500))
def test_random_modules_are_found_as_they_stand(tried: range, catalogue: Catalogue) -> None:
    """Random modules: rotation, delay and bias lie within three uncertainties, what stands askew is never proven."""
    beyond = false = proven = 0
    for seed in tried:
        at = Asked(catalogue, seed)
        chunks, views = at.swept(LONG), at.views()
        record = record_of(at)
        found = align(gyro_of(chunks), camera_of(chunks, record.camera))
        off = np.degrees(Rotation.from_matrix(found.rotation @ record.rotation.T).magnitude())
        beyond += off > 3.76 * found.rotation_u_deg
        beyond += abs(found.offset - at.rear.late) > 3 * found.offset_u
        proven += judged(chunks, views, record).finding is RearFinding.ALIGNED
        askew = (record_of(at, turn=0.6), record_of(at, late=8.0), record_of(at, fx=30.0))
        wanted = (RearFinding.ROTATED, RearFinding.LATE, RearFinding.LENS)
        false += sum(judged(chunks, views, each).finding is not finding for each, finding in zip(askew, wanted, strict=True))
    assert beyond <= max(1, 0.01 * 2 * len(tried))
    assert false == 0, "what stands askew is found as that"
    assert proven >= 0.95 * len(tried)


def test_nothing_measured_nothing_proven(catalogue: Catalogue) -> None:
    at = Asked(catalogue, 3)
    assert judged([], {}, record_of(at)).finding is RearFinding.UNMEASURED
    assert judged(at.swept(2.0), at.views(), record_of(at)).finding is RearFinding.UNSURE
    assert judged(at.swept(2.0), at.views(), None).finding is RearFinding.UNMEASURED
