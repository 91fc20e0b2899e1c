"""A sweep of the rear camera: what came of gyroscope and frames, and how well each direction of the ring is covered.

The ring has 36 sectors of 10 degrees. Headings are the gyroscope's turning about the upright axis, its bias taken from the first
second, in which the phone is held still.
"""

import struct
from collections import Counter
from collections.abc import Iterable, Iterator, Mapping
from enum import Enum
from math import degrees, floor

from msgspec import Struct, field

from daruma.core.language import tr, word

SECTORS = 36
NEEDED = 10  # frames that cover a sector (ours)
RATE = 200.0  # samples a second of the gyroscope
STILL = 1.0  # seconds at the start that the bias is taken from
GYRO_COUNTS = 4096.0  # of 1 rad/s
TRACK_COUNTS = 50.0  # of 1 px
FASTEST = 60.0  # degrees a second: frames blur beyond it
EASY = 25.0  # degrees a second that are advised
MOST_TRACKS = 64
_UPRIGHT = 1  # the gyroscope's axis that points up while the phone is held upright
_GYRO = struct.Struct(">3h")
_HEAD = struct.Struct(">IBB")  # tenths of a millisecond, how it was taken, tracks
_TRACK = struct.Struct(">4h")


class Taken(Enum):
    """Say how the phone has taken a frame: for use, or why it refused it."""

    USED = "used"
    DARK = "too dark"
    FAST = "turned too fast"
    BARE = "nothing to see"
    NEAR = "too near"


TAKEN = tuple(Taken)
REMEDY = {
    Taken.DARK: tr("more light"),
    Taken.FAST: tr("turn more slowly"),
    Taken.BARE: tr("several large objects are needed in this direction"),
    Taken.NEAR: tr("step back: what is there is too near"),
}


class SweepChunk(Struct, frozen=True):
    """Hold a piece of a sweep as it came over the wire: number of its first gyroscope sample, samples, frames."""

    first: int
    gyro: bytes
    frames: bytes = b""


class Seen(Struct, frozen=True):
    """Hold one frame: seconds, how it was taken, its tracks: where points were (u, v) in the frame before and are now, px."""

    t: float
    taken: Taken
    tracks: tuple[tuple[float, float, float, float], ...] = ()


def gyro_in(chunk: SweepChunk) -> Iterator[tuple[float, float, float]]:
    """Yield the gyroscope's samples of a chunk, rad/s."""
    for x, y, z in _GYRO.iter_unpack(chunk.gyro):
        yield x / GYRO_COUNTS, y / GYRO_COUNTS, z / GYRO_COUNTS


def frames_in(chunk: SweepChunk) -> Iterator[Seen]:
    """Yield the frames of a chunk; raise ValueError where its bytes are none."""
    at = 0
    while at < len(chunk.frames):
        if at + _HEAD.size > len(chunk.frames):
            raise ValueError("a frame ends too soon")
        tenths, how, count = _HEAD.unpack_from(chunk.frames, at)
        at += _HEAD.size
        if how >= len(TAKEN) or count > MOST_TRACKS or at + count * _TRACK.size > len(chunk.frames):
            raise ValueError("no frame of a sweep")
        tracks = _TRACK.iter_unpack(chunk.frames[at : at + count * _TRACK.size])
        at += count * _TRACK.size
        yield Seen(tenths / 1e4, TAKEN[how], tuple(_px(*track) for track in tracks))


def _px(u0: int, v0: int, u1: int, v1: int) -> tuple[float, float, float, float]:
    return u0 / TRACK_COUNTS, v0 / TRACK_COUNTS, u1 / TRACK_COUNTS, v1 / TRACK_COUNTS


def packed_gyro(samples: Iterable[tuple[float, float, float]]) -> bytes:
    """Return samples (rad/s) as bytes."""
    return b"".join(_GYRO.pack(*(max(-32767, min(32767, round(v * GYRO_COUNTS))) for v in sample)) for sample in samples)


def packed_frame(frame: Seen) -> bytes:
    """Return a frame as bytes."""
    tracks = (_TRACK.pack(*(max(-32767, min(32767, round(v * TRACK_COUNTS))) for v in track)) for track in frame.tracks)
    return _HEAD.pack(round(frame.t * 1e4), TAKEN.index(frame.taken), len(frame.tracks)) + b"".join(tracks)


class RingState(Struct, frozen=True):
    """Hold how a sweep stands: seconds, heading (degrees, 0 to 360), turning (degrees a second, to the left positive).

    Then frames by sector, those refused by their reasons, how the latest was taken, the phone's own progress (0 to 1) and
    whether it is done.
    """

    seconds: float = 0.0
    heading: float = 0.0
    speed: float = 0.0
    covered: tuple[int, ...] = (0,) * SECTORS
    refused: Mapping[Taken, int] = field(default_factory=dict)
    latest: Taken = Taken.USED
    progress: float = 0.0
    done: bool = False

    @property
    def missing(self) -> tuple[int, ...]:
        """Return the sectors that are not covered yet."""
        return tuple(i for i, count in enumerate(self.covered) if count < NEEDED)

    @property
    def share(self) -> float:
        """Return how much of the ring is covered."""
        return sum(min(NEEDED, count) for count in self.covered) / (NEEDED * SECTORS)

    @property
    def left(self) -> float | None:
        """Return the seconds that it should still take, by what it took so far; None where nothing tells yet."""
        return self.seconds * (1 - self.share) / self.share if self.share > 0.03 else None

    def nearest(self) -> float | None:
        """Return by how many degrees to turn (to the left positive) to the nearest sector that is missing."""
        if not self.missing:
            return None
        ways = ((10 * sector + 5 - self.heading + 180) % 360 - 180 for sector in self.missing)
        return min(ways, key=abs)

    def advice(self) -> str:
        """Return in one sentence what to do next."""
        if self.done:
            return tr("The sweep is done.")
        if self.latest in REMEDY:
            return tr("Frames are refused, {latest}: {remedy}.", latest=word(self.latest), remedy=REMEDY[self.latest])
        way = self.nearest()
        if way is None:
            return tr("Every direction is covered: hold still until the phone is done.")
        if abs(way) < 6:
            return tr("Stay: this direction is coming in.")
        pace = tr("about {degrees:.0f}° a second", degrees=EASY) if abs(self.speed) < FASTEST else tr("more slowly")
        return tr(
            "Turn {degrees:.0f}° to the {side}, {pace}.", degrees=abs(way), side=tr("left") if way > 0 else tr("right"), pace=pace
        )


class Ring:
    """Follow a sweep while its chunks come in."""

    def __init__(self) -> None:
        self._samples = 0
        self._still = [0.0, 0]
        self._heading = 0.0
        self._recent = 0.0
        self._covered = [0] * SECTORS
        self._refused: Counter[Taken] = Counter()
        self._latest = Taken.USED

    def add(self, chunk: SweepChunk) -> None:
        """Take in the next chunk: each frame belongs to where the phone looked when it was taken."""
        frames = list(frames_in(chunk))
        frames.reverse()
        for number, sample in enumerate(gyro_in(chunk), start=chunk.first):
            while frames and frames[-1].t <= number / RATE:
                self._take(frames.pop())
            self._samples += 1
            rate = sample[_UPRIGHT]
            if self._samples <= STILL * RATE:
                self._still[0] += rate
                self._still[1] += 1
                continue
            turned = degrees(rate - self._still[0] / max(1, self._still[1]))
            self._heading += turned / RATE
            self._recent += (turned - self._recent) / (0.15 * RATE)
        while frames:
            self._take(frames.pop())

    def _take(self, frame: Seen) -> None:
        self._latest = frame.taken
        if frame.taken is Taken.USED:
            self._covered[floor(self._heading % 360 / 10) % SECTORS] += 1
        else:
            self._refused[frame.taken] += 1

    def state(self, progress: float, *, done: bool) -> RingState:
        """Return how the sweep stands."""
        return RingState(
            self._samples / RATE,
            self._heading % 360,
            self._recent,
            tuple(self._covered),
            dict(self._refused),
            self._latest,
            progress,
            done,
        )
