"""Lay the scenario's phones and parts out in a world: what the shop will find there is theirs, not the shop's."""

from msgspec import Struct, field

from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.demo.kinds import rooms
from daruma.demo.kinds.room import Entry
from daruma.demo.maker import Maker
from daruma.standin.kinds import rooms as standins
from daruma.standin.world import Phone, Thing, World


def _empty() -> World:
    return World(dict.fromkeys(socket for room in standins() for socket in room.sockets))


class Laying(Struct):
    """Make things in a world."""

    maker: Maker
    world: World = field(default_factory=_empty)

    def phone(self, model: Model, system: str, label: str, entry: Entry) -> Phone:
        """Bring a phone into the shop, with the parts that it left the factory with."""
        phone = self.maker.phone(model, system, label)
        for room in rooms():
            part = room.own(self.maker, model, phone, entry)
            self.world.put(part)
            phone.home[room.kind.value] = part.die
            phone.fit(room.kind, part.die)
        self.world.phones[phone.imei] = phone
        return phone

    def age(self, phone: Phone, entry: Entry) -> None:
        """Let happen to a phone's parts what brings it here."""
        for room in rooms():
            room.aged(self.world.find(phone.home[room.kind.value]), entry)
        if "start" in entry:
            phone.start, phone.ails = entry["start"]["how"], phone.home[entry["start"]["ails"]]

    def new_parts(self, model: Model, entry: Entry) -> dict[PartKind, Thing]:
        """Put the new parts of an entry on the bench."""
        made = {room.kind: room.new(self.maker, model, entry) for room in rooms()}
        found = {kind: part for kind, part in made.items() if part is not None}
        self.world.put(*found.values())
        return found

    def fetched(self, phone: Phone) -> None:
        """Let a customer fetch a phone: nothing of it stays in the shop."""
        del self.world.phones[phone.imei]
        for kind, die in phone.home.items():
            del self.world.parts[kind][die]
        self.at_rest()

    def at_rest(self) -> None:
        """Let the bench be as an evening leaves it: no phone on the cable, the light box dark."""
        self.world.cable, self.world.light, self.world.lux = None, "off", 0.0
