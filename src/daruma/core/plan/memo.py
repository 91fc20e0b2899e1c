"""Values of states, each kept once for all states that differ only in misses that do not matter to it.

A state with more misses is never worth more: whatever is done from it could be done from the other one as well. So the
value found for a state holds for every state with the same values and more misses, as long as the best that follows makes
no use of the actions whose misses differ.
"""

from dataclasses import dataclass, field
from typing import Generic, TypeVar

P = TypeVar("P")


# a state's value, what is best there, the misses it has, and the counters that what follows makes use of
Entry = tuple[float, P | None, int, int]
_HELD = (float("-inf"), None, 0, 0)


@dataclass
class Memo(Generic[P]):
    """Keep values; `uncounted` are the bits of a state that count no misses."""

    uncounted: int
    _exact: dict[int, Entry[P]] = field(default_factory=dict)
    _alike: dict[int, list[Entry[P]]] = field(default_factory=dict)
    _kept: int = 0

    def find(self, state: int) -> Entry[P] | None:
        """Return what is known of a state; None where nothing is."""
        known = self._exact.get(state)
        if known is not None:
            return known
        misses = state & ~self.uncounted
        for entry in self._alike.get(state & self.uncounted, ()):
            _, _, its, used = entry
            if not its & ~misses and not (misses ^ its) & used:
                self._exact[state] = entry
                return entry
        return None

    def keep(self, state: int, value: float, pick: P | None, used: int) -> Entry[P]:
        """Keep what was found for a state, and return it."""
        entry = value, pick, state & ~self.uncounted, used
        self._exact[state] = entry
        self._alike.setdefault(state & self.uncounted, []).append(entry)
        self._kept += 1
        return entry

    def hold(self, state: int) -> None:
        """Mark a state as being worked on: one that led back to itself would be seen as worthless."""
        self._exact[state] = _HELD

    def __len__(self) -> int:
        # counted as they come: a plan on view may be gone on with while another thread asks how large it is
        return self._kept
