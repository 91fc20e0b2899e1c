"""Compare a store with all that remembers it: marks in its folder and in the second place, its newest copy, what it was told
before.
"""

from pathlib import Path

from msgspec import Struct
from sqlalchemy import Connection

from daruma.store.act_notes import joined as joined_notes
from daruma.store.copy_memory import memory_of_copies
from daruma.store.facts import facts_of
from daruma.store.losses import Missing
from daruma.store.lost_acts import keep_lost, keep_totals
from daruma.store.mark_lines import Memory, Purge, together
from daruma.store.marks import Marks
from daruma.store.progress import Progress, beyond, joined, lacking, progress_of, raise_to, summed
from daruma.store.purging import known_purges


class Comparison(Struct, frozen=True):
    """Hold what is known of a store: its identity, all that others tell together, how far it has come itself, how many rows it
    was accepted that are missing, and which purges it does not know yet.
    """

    store: str = ""
    known: Memory = Memory()
    here: Progress = {}
    accepted: Progress = {}
    purges: frozenset[Purge] = frozenset()

    @property
    def missing(self) -> Missing:
        """Return of how many rows others tell that the store has not, unless that was accepted."""
        held = summed(self.here, self.accepted)
        return Missing(lacking(self.known.progress, held), self.known.progress, held)

    @property
    def memory(self) -> Memory:
        """Return all that is known of the store as marks are to tell it."""
        every = together((self.known, Memory(self.store, self.here)), self.store) or Memory()
        return Memory(self.store, every.progress, every.purges)


def look(connection: Connection, marks: Marks) -> Comparison:
    """Compare a store with its marks and change neither."""
    store = facts_of(connection).get("store", "")
    here, told = progress_of(connection), Memory(store, progress_of(connection, "told"))
    known = together((*filter(None, (marks.read(store),)), told), store) or Memory()
    return Comparison(store, known, here, progress_of(connection, "accepted"))


def take_up(connection: Connection, marks: Marks, folder: Path, *, is_new: bool) -> Comparison:
    """Compare a store and let it remember what others know and it does not: that rows are missing, and acts, which count on.

    A store that was just made takes up the acts of the other shops which the second place remembers.
    """
    seen = look(connection, marks)
    copies = memory_of_copies(folder, seen.here, newest_only=True)
    known = together((seen.known, *copies.memory_of(seen.store)), seen.store) or Memory()
    missing = {session: known.progress[session] for session in beyond(known.progress, seen.here)}
    news = beyond(missing, joined(seen.here, progress_of(connection, "told")))
    raise_to(connection, missing, "told")
    if is_new and (strange := marks.strange_notes(seen.store)):
        keep_lost(connection, strange)
    if news or copies.notes:
        keep_lost(connection, joined_notes(marks.notes(seen.store).values(), copies.notes.values()))
        keep_totals(connection, known.writes)
    mine = known_purges(connection)
    purges = known.purges | copies.purges
    everything = Memory(seen.store, known.progress, purges | mine)
    return Comparison(seen.store, everything, seen.here, seen.accepted, purges - mine)


def accept(connection: Connection, seen: Comparison) -> Comparison:
    """Accept that what is missing is missing."""
    accepted = summed(seen.accepted, beyond(seen.known.progress, summed(seen.here, seen.accepted)))
    raise_to(connection, accepted, "accepted")
    return Comparison(seen.store, seen.known, seen.here, accepted)
