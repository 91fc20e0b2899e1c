"""What a kind of part is among the stand-ins: one value of this class in each kind's module."""

from collections.abc import Callable, Mapping
from typing import Any

from msgspec import Struct, field

from daruma.catalogue.loader import Catalogue
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.parts import Function, PartKind
from daruma.standin.errors import No
from daruma.standin.world import Phone, Thing, World


class Hand(Struct, frozen=True):
    """Hold what a hand act works with: the phone, and the dies of the new parts by their kinds."""

    world: World
    catalogue: Catalogue
    phone: Phone
    new: Mapping[str, str]

    @property
    def model(self) -> Model:
        """Return the phone's model."""
        return self.catalogue.models[self.phone.model]

    def new_die(self, kind: PartKind) -> str:
        """Return the die of the new part of a kind; empty where none is named."""
        return str(self.new.get(kind.value, ""))

    def clear_sockets(self) -> None:
        """Take whatever is there off the programmer."""
        for name in self.world.sockets:
            self.world.sockets[name] = None

    def plug(self, socket: str, part: Thing) -> None:
        """Put a part on a place of the programmer; it must be in no phone."""
        if any(part.die == phone.fitted.get(part.KIND.value) for phone in self.world.phones.values()):
            raise No("no", "the part is still in a phone")
        self.clear_sockets()
        self.world.sockets[socket] = part.die

    def must_be_free(self, part: Thing) -> None:
        """Refuse what cannot be done with a part on the programmer."""
        if part.die in self.world.sockets.values():
            raise No("no", "take the part off the socket first")


Act = Callable[[Hand], None]
Asked = Callable[[World, Phone, Model, Catalogue, Mapping[str, Any]], dict[str, Any]]
Tool = Callable[[World, Any, Mapping[str, Any]], dict[str, Any]]


def _says_no_more(_: Any) -> Mapping[str, Any]:
    return {}


def _readable(_: World, __: Any, ___: Model) -> bool:
    return True


def _counted(_: World, thing: Any, __: bytes, ___: Catalogue) -> None:
    thing.writes += 1


def _starts(_: World, __: Phone) -> str:
    return ""


def _no_entry(_: World, __: Phone, ___: Model) -> None:
    return None


class StandinRoom(Struct, frozen=True):
    """Hold what the stand-ins ask of a kind of part.

    `thing` is its class, `seen` what a phone finds of it: the identities that it carries, the conditions that hold. `says` is
    what a part tells of itself besides die, kind, maker, family and size. `readable` is whether the programmer reaches its
    memory, `written` counts a write and may refuse it; `sockets` are the programmer's places for it, `places` those of them
    that reach into a phone. `hands` are the acts on it, `slips` what is lost where one goes wrong for good. `starts` is why
    a phone does not start with it; `page` its entry on the parts page; `asked` is what can be asked of the phone about it,
    `tools` what the programmer can do with one on its place;
    `hidden` are functions whose switch the phone sees, but not whether they are right.
    """

    thing: type[Thing]
    seen: Callable[[World, Phone, Model], Seen]
    hands: Mapping[str, Act]
    sockets: tuple[str, ...] = ()
    says: Callable[[Any], Mapping[str, Any]] = _says_no_more
    readable: Callable[[World, Any, Model], bool] = _readable
    written: Callable[[World, Any, bytes, Catalogue], None] = _counted
    places: Mapping[str, Callable[[World], Thing | None]] = field(default_factory=dict)
    slips: Mapping[str, Act] = field(default_factory=dict)
    starts: Callable[[World, Phone], str] = _starts
    page: Callable[[World, Phone, Model], Mapping[str, Any] | None] = _no_entry
    asked: Mapping[str, Asked] = field(default_factory=dict)
    tools: Mapping[str, Tool] = field(default_factory=dict)
    hidden: frozenset[Function] = frozenset()
