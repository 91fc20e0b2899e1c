"""Acts that are known to have been and of which no row tells: kept by identity, counted for their kind and what they were on."""

from collections.abc import Iterable, Iterator, Mapping

from sqlalchemy import Connection, select, text

from daruma.core.acts import ActKind, ActState
from daruma.store.act_notes import ActNote, Notes, joined
from daruma.store.digests import ACT, is_whole, row_digest
from daruma.store.schema import lost_acts

LONGEST = 64  # characters of what a damaged row says
MOST_TOLD = 10_000  # writes of one part that a total is believed
ANY_KIND = ""  # of an act of which it cannot be told what it was: it counts as whatever is asked for

_UIDS = text("SELECT uid FROM acts NOT INDEXED")
_EACH = text(
    f"SELECT {', '.join(ACT)}, sha256, NOT EXISTS (SELECT 1 FROM settlements s WHERE s.act = acts.number AND s.state = :unsent) "
    "AS sent FROM acts NOT INDEXED"
)
_BEGUN = text("SELECT uid, kind, die FROM acts WHERE number > :after")
_UNSENT = text(
    "SELECT uid, kind, die FROM acts WHERE number IN (SELECT act FROM settlements WHERE number > :after AND state = :unsent)"
)
_LOST = select(lost_acts.c.uid, lost_acts.c.kind, lost_acts.c.die, lost_acts.c.sent)
_KEEP = text(
    "INSERT INTO lost_acts VALUES (:uid, :kind, :die, :sent) "
    "ON CONFLICT (uid) DO UPDATE SET sent = min(lost_acts.sent, excluded.sent)"
)
_KINDS = frozenset(kind.value for kind in ActKind)
_NOT_SENT = {"unsent": ActState.NOT_SENT.value}


def notes_since(connection: Connection, acts: int, settlements: int) -> tuple[ActNote, ...]:
    """Return notes of what was begun and what was found never sent behind earlier numbers."""
    begun = connection.execute(_BEGUN, {"after": acts})
    unsent = connection.execute(_UNSENT, {"after": settlements, **_NOT_SENT})
    return (*_notes((*row, True) for row in begun), *_notes((*row, False) for row in unsent))


def notes_of(connection: Connection) -> Iterator[ActNote]:
    """Yield a note of every act that a store has, and of every one that it knows to have lost."""
    for row in connection.execute(_EACH, _NOT_SENT).mappings():
        plain = dict(row)
        if is_whole(ACT, plain, plain["sha256"]):
            yield ActNote(plain["uid"], plain["kind"], plain["die"], bool(plain["sent"]))
        else:
            yield damaged_note(str(plain["uid"]), str(plain["kind"]), str(plain["die"]))
    yield from _notes(connection.execute(_LOST))


def damaged_note(uid: str, kind: str, die: str) -> ActNote:
    """Return a note of an act whose row is damaged: what of it makes no sense may have been anything."""
    return ActNote(uid[:LONGEST], kind if kind in _KINDS else ANY_KIND, die[:LONGEST])


def lost_on(connection: Connection, die: str) -> Notes:
    """Return the lost acts on a part or phone."""
    return joined(_notes(connection.execute(_LOST.where(lost_acts.c.die == die))))


def _notes(rows: Iterable[Iterable[object]]) -> Iterator[ActNote]:
    for uid, kind, die, sent in rows:
        yield ActNote(str(uid), str(kind), str(die), bool(sent))


def keep_lost(connection: Connection, notes: Notes) -> int:
    """Remember those of some noted acts of which no row tells; return how many of them no row told before either."""
    there = set(connection.execute(_UIDS).scalars())
    rows = [
        {"uid": note.uid, "kind": note.kind, "die": note.die, "sent": int(note.sent)}
        for note in notes.values()
        if note.uid not in there
    ]
    if not rows:
        return 0
    known = set(connection.execute(select(lost_acts.c.uid)).scalars())
    connection.execute(_KEEP, rows)
    return len({row["uid"] for row in rows} - known)


def keep_totals(connection: Connection, totals: Mapping[str, int]) -> None:
    """Remember writes of which an earlier version told no more than how many each part has had."""
    kind, known = ActKind.WRITE.value, dict[str, int]()
    if not totals:
        return
    for note in notes_of(connection):
        if note.kind == kind and note.sent:
            known[note.die] = known.get(note.die, 0) + 1
    lost = [
        ActNote(row_digest(("what",), {"what": f"lost write {place} of {die}"}), kind, die)
        for die, times in totals.items()
        for place in range(known.get(die, 0), min(times, MOST_TOLD))
    ]
    keep_lost(connection, joined(lost))
