"""What is seen of a face module: tests of its lines, dots on a card, unlocks; and what these prove."""

from collections.abc import Mapping, Sequence

from msgspec import Struct

from daruma.core.language import tr
from daruma.core.records import FieldValue, Record

BLOCKS = tuple(f"dot_map_{number}" for number in range(1, 7))  # fields of the memory that hold the dot map
CLAIM = 0.8  # of unlocks that go well: what the shop claims (ours)
MOST_TRIES = 25  # unlocks that somebody would try (ours)
_SURE = 0.95


_STATES = {
    "normal": tr("normal"),
    "abnormal": tr("abnormal"),
    "open": tr("open"),
    "closed": tr("closed"),
    "intact": tr("intact"),
    "fused": tr("fused"),
    "silent": tr("silent"),
}


def said_state(state: str) -> str:
    """Return how a line, a link chip or a switch is called that says of itself how it is."""
    return _STATES.get(state, state)


class LineTest(Struct, frozen=True):
    """Hold one test of a module on the programmer: ohms of its lines by name, the link chip, the power switch, its counter.

    `through` says that it was tested through an extension flex; `counter` is how often it was activated; `own_supply` that the
    adapter brings the supply for that along; `die` says which part was on the place.
    """

    lines: tuple[tuple[str, float, str], ...]
    link: str
    switch: str
    counter: int
    revision: int
    repaired: bool
    through: bool = False
    when: str = ""
    own_supply: bool = False
    die: str = ""

    @property
    def normal(self) -> bool:
        """Return whether every line reads normal."""
        return bool(self.lines) and all(state == "normal" for _, _, state in self.lines)

    @property
    def activated(self) -> bool:
        """Return whether the power switch is open."""
        return self.switch == "open"

    @property
    def hopeless(self) -> str:
        """Return why no extension flex can save it; empty where one can."""
        if self.repaired:
            return tr("the module was repaired before")
        if self.lines and all(state == "open" for _, _, state in self.lines):
            return tr("every line reads open: its flex is torn")
        if self.lines and all(state == "abnormal" for _, _, state in self.lines):
            return tr("every line leaks: dry it with the battery disconnected, then test again")
        return "" if self.link in ("fused", "intact") else tr("its link chip reads {link}", link=said_state(self.link))


class DotFrame(Struct, frozen=True):
    """Hold the centroids that the phone's infrared camera saw of a card in one frame: u, v one after the other, px.

    `card` tells the cards apart; `distance` is how far away it was held, mm, where that was measured (0: not).
    """

    card: int
    distance: float
    points: tuple[float, ...]


def map_of(record: Record) -> tuple[float, ...]:
    """Return the dot map of a record: x, y of each dot one after the other, tangents; empty where a block is damaged."""
    values: Mapping[str, FieldValue] = record.values
    blocks = [values[name] for name in BLOCKS if name in values and record.sound(name)]
    if len(blocks) != len(BLOCKS):
        return ()
    return tuple(float(value) for block in blocks if isinstance(block, tuple) for value in block)


def unlock_bounds(unlocked: int, tried: int) -> tuple[float, float]:
    """Return what the true share of unlocks is above, and below, each with 95 % probability: Jeffreys' interval."""
    from scipy.stats import beta  # slow to import, and needed only where something was tried

    if not tried:
        return 0.0, 1.0
    a, b = unlocked + 0.5, tried - unlocked + 0.5
    return float(beta.ppf(1 - _SURE, a, b)), float(beta.ppf(_SURE, a, b))


def tries_left(unlocked: int, tried: int, claim: float = CLAIM) -> int:
    """Return how many more unlocks, if all go well, would show the claim; 0 where it is shown, -1 where it cannot be any more."""
    if unlock_bounds(unlocked, tried)[1] < claim:
        return -1
    for more in range(MOST_TRIES + 1):
        if unlock_bounds(unlocked + more, tried + more)[0] >= claim:
            return more
    return -1


def frames_by_card(frames: Sequence[DotFrame]) -> dict[int, list[DotFrame]]:
    """Return frames gathered by the cards that they are of."""
    found: dict[int, list[DotFrame]] = {}
    for frame in frames:
        found.setdefault(frame.card, []).append(frame)
    return found
