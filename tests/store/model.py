"""A model of the store, written from the rules of docs/reliability.md: sets of what is known in each place, and their unions.

It knows nothing of tables, chains, files or counters. What is kept is a row with a name of its own; a place (the store, the
marks beside it, those in the second place, each copy) holds a set of names. What any place that was looked at holds is known.
"""

from collections.abc import Iterator
from dataclasses import dataclass, field

Row = tuple[str, str]  # kind of row, its name


@dataclass
class Place:
    """Hold the rows that one place knows of, and of acts which are known never to have gone out."""

    rows: set[Row] = field(default_factory=set)
    unsent: set[str] = field(default_factory=set)
    purged: set[str] = field(default_factory=set)

    def copy(self) -> "Place":
        return Place(set(self.rows), set(self.unsent), set(self.purged))

    def take(self, other: "Place") -> None:
        self.rows |= other.rows
        self.unsent |= other.unsent
        self.purged |= other.purged

    def forget(self) -> None:
        self.__init__()  # type: ignore[misc]


@dataclass
class Store(Place):
    """Hold what the store itself has; besides, what it was told of, and which losses were accepted."""

    told: Place = field(default_factory=Place)
    accepted: set[Row] = field(default_factory=set)
    damaged: set[Row] = field(default_factory=set)
    gone: bool = False

    def snapshot(self) -> "Store":
        place = self.copy()
        return Store(place.rows, place.unsent, place.purged, self.told.copy(), set(self.accepted), set(self.damaged), self.gone)


@dataclass
class Model:
    """Hold a shop's places, and what each act was: its kind and what it was on."""

    acts: dict[str, tuple[str, str]] = field(default_factory=dict)
    store: Store = field(default_factory=Store)
    marks: Place = field(default_factory=Place)
    second: Place = field(default_factory=Place)
    copies: dict[str, Store] = field(default_factory=dict)
    replaced: list[Store] = field(default_factory=list)
    known: Place = field(default_factory=Place)
    hazy: set[str] = field(default_factory=set)

    def keep(self, *rows: Row) -> None:
        """What is kept is in the store, and remembered beside it and in the second place."""
        for place in (self.store, self.marks, self.second, self.known):
            place.rows |= set(rows)

    def begin(self, uid: str, kind: str, die: str) -> None:
        self.acts[uid] = kind, die
        self.keep(("acts", uid))

    def settle(self, uid: str, name: str, *, sent: bool) -> None:
        self.keep(("settlements", name))
        if not sent:
            for place in (self.store, self.marks, self.second, self.known):
                place.unsent.add(uid)

    def purge(self, *names: str) -> None:
        for place in (self.store, self.marks, self.second, self.known):
            place.purged |= set(names)

    def open(self, newest: str | None) -> None:
        """All places that remember are looked at; what one of them lacks it is told."""
        self._blur(self.store)
        self.known = Place()
        for place in (self.store, self.store.told, self.marks, self.second, *([self.copies[newest]] if newest else ())):
            self.known.take(place)
        if newest:
            # a copy was told of acts as well; what it does not tell of is what was purged since
            self.known.take(self.copies[newest].told)
        self._tell()

    def restore(self, name: str) -> None:
        """The copy takes the store's place, with all that the store still gave and all that any other place knows of."""
        old, new = self.store, self.copies[name].snapshot()
        others = [*self.copies.values(), *self.replaced]
        self._blur(new, *([] if old.gone else [old]), *others)
        self.known = Place()
        for store in (new, *([] if old.gone else [old]), *others):
            self.known.take(store)
            self.known.take(store.told)
        for place in (self.marks, self.second):
            self.known.take(place)
        if not old.gone:
            new.rows |= old.rows - old.damaged
            new.unsent |= {uid for uid in old.unsent if ("acts", uid) not in old.damaged}
            new.accepted |= old.accepted
            self.replaced.append(old)
        self.store = new
        self.marks.take(self.known)
        self._tell()

    def _tell(self) -> None:
        self.store.told.take(self.known)
        # of an act that it has the store goes by its own settlement
        self.store.told.unsent -= {name for kind, name in self.store.rows if kind == "acts"}
        self.store.purged |= self.known.purged
        self.marks.take(self.known)
        self.second.take(self.known)

    def counted(self, kind: str, die: str) -> set[str]:
        """Return the acts of a kind on a part that count: all but those that are known never to have gone out."""
        known = self.known.rows | self.store.told.rows
        of = {uid for uid, told in self.acts.items() if told == (kind, die) and ("acts", uid) in known}
        return {uid for uid in of if uid not in self._unsent(uid)}

    def _unsent(self, uid: str) -> set[str]:
        """Return what tells that an act was not sent: the store itself where it has the act."""
        whole = ("acts", uid) in self.store.rows - self.store.damaged
        return self.store.unsent if whole else self.known.unsent | self.store.told.unsent

    def _blur(self, *stores: Store) -> None:
        """Acts of which nothing but a damaged row tells may be taken for anything from here on."""
        told = self.marks.rows | self.second.rows
        for store in stores:
            told |= (store.rows - store.damaged) | (store.told.rows - store.rows)
        damaged: set[Row] = set().union(*(store.damaged for store in stores))
        self.hazy |= {uid for kind, uid in damaged - told if kind == "acts"}

    def missing(self) -> set[Row]:
        """Return what is known to have been kept and is not there, unless that was accepted."""
        return self.known.rows - self.store.rows - self.store.accepted

    def accept(self) -> None:
        self.store.accepted |= self.missing()

    def each_part(self) -> Iterator[tuple[str, str]]:
        yield from sorted(set(self.acts.values()))
