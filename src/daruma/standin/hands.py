"""The technician's hands and the owner's finger, for a bench without either."""

import hashlib
from collections.abc import Callable, Mapping
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.standin.errors import No
from daruma.standin.faults import read_fault, told
from daruma.standin.finishing import begin, diagnose, over
from daruma.standin.kinds import room, rooms
from daruma.standin.kinds.room import Hand
from daruma.standin.world import Phone, World

Handler = Callable[[Mapping[str, Any]], dict[str, Any]]


def _digest(memory: str) -> str:
    return hashlib.sha256(bytes.fromhex(memory)).hexdigest()


class HandsSim:
    """Carry out hand acts on the simulated things. An act that makes no sense is refused and changes nothing."""

    def __init__(self, world: World, catalogue: Catalogue) -> None:
        self._world = world
        self._catalogue = catalogue

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": lambda _: {"kind": "hands", "name": "Stand-in hands", "serial": "SH-0001", "firmware": "1.0"},
            "hands.do": self._do,
            "hands.cable": self._cable,
            "hands.replug": self._replug,
            "hands.heat": self._heat,
            "hands.fault": self._fault,
            "hands.script": self._script,
            "hands.calm": self._calm,
            "hands.faults": lambda _: {"faults": told(self._world.faults.armed), "played": self._world.faults.played},
            "hands.events": lambda args: {"events": self._world.events[int(args.get("after", 0)) :][:100]},
            "hands.look": self._look,
            "hands.box": self._box,
        }

    def _phone(self, args: Mapping[str, Any]) -> Phone:
        for phone in self._world.phones.values():
            if phone.imei == args.get("imei"):
                return phone
        raise No("no", "that phone is not in the shop")

    def _cable(self, args: Mapping[str, Any]) -> dict[str, Any]:
        if not args.get("imei"):
            return self._unread(str(args.get("model", "")))
        phone = self._phone(args)
        self._world.cable = phone.imei
        return {"label": phone.label}

    def _replug(self, args: Mapping[str, Any]) -> dict[str, Any]:
        self._world.plugs += 1
        return self._cable(args)

    def _heat(self, args: Mapping[str, Any]) -> dict[str, Any]:
        self._phone(args)
        self._world.heating = str(args["step"])
        self._world.heatings += 1
        return {}

    def _unread(self, model: str) -> dict[str, Any]:
        """Put a phone of a model on the cable that was not asked for trust yet; leave the cable where there is none."""
        there = self._world.phone_on_cable()
        if there is None or there.model != model or there.asked:
            found = next((p for p in self._world.phones.values() if p.model == model and p.on and not p.asked), None)
            self._world.cable = found.imei if found is not None else self._world.cable
        return {}

    def _fault(self, args: Mapping[str, Any]) -> dict[str, Any]:
        name, how = read_fault(args)
        self._world.faults.arm(name, **how)
        return {}

    def _script(self, args: Mapping[str, Any]) -> dict[str, Any]:
        script = [read_fault(said) for said in args["faults"]]
        for name, how in script:
            self._world.faults.arm(name, **how)
        return {}

    def _calm(self, _: Mapping[str, Any]) -> dict[str, Any]:
        self._world.faults.armed.clear()
        return {}

    def _box(self, args: Mapping[str, Any]) -> dict[str, Any]:
        """Let the room's light into the box, or the colorimeter drift."""
        self._world.stray = float(args.get("stray", self._world.stray))
        self._world.drift = float(args.get("drift", self._world.drift))
        return {}

    def _look(self, args: Mapping[str, Any]) -> dict[str, Any]:
        part = self._world.find(str(args.get("die")))
        if part is None:
            return {}
        return {"writes": part.writes, "memory": part.memory, "digest": _digest(part.memory), **room(part.KIND).says(part)}

    def _do(self, args: Mapping[str, Any]) -> dict[str, Any]:
        hand = Hand(self._world, self._catalogue, self._phone(args), args["new"])
        act = str(args["act"])
        if self._world.faults.take("slip"):
            SLIPS.get(act, _nothing_lost)(hand)
            for each in rooms():
                each.slips.get(act, _nothing_lost)(hand)
            raise No("no", "it slipped: what was worked on is lost")
        deed = next((each.hands[act] for each in rooms() if act in each.hands), HANDS.get(act))
        if deed is None:
            raise No("unknown")
        deed(hand)
        return {}


def _power_off(hand: Hand) -> None:
    hand.phone.on, hand.phone.shows = False, None
    over(hand.phone)


def _power_on(hand: Hand) -> None:
    fault = next(filter(None, (each.starts(hand.world, hand.phone) for each in rooms())), "")
    if fault or hand.phone.memory_lifted:
        raise No("no", fault or "the memory is off the board")
    hand.phone.on = True
    hand.world.cable = hand.phone.imei
    hand.world.plugs += 1


def _confirm_trust(hand: Hand) -> None:
    if not (hand.phone.on and hand.phone.asked):
        raise No("no", "the phone has not asked")
    hand.phone.trusted = True


def _lift_memory(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")
    hand.phone.memory_lifted = True


def _unbind_memory(hand: Hand) -> None:
    if not hand.phone.memory_lifted:
        raise No("no", "the memory is on the board")
    hand.phone.unbound = True


def _refit_memory(hand: Hand) -> None:
    hand.phone.memory_lifted = False


def _break_board(hand: Hand) -> None:
    hand.phone.memory_lifted, hand.phone.unbound, hand.phone.on = True, False, False


def _nothing_lost(_: Hand) -> None:
    return


HANDS = {
    "power_off": _power_off,
    "power_on": _power_on,
    "confirm_trust": _confirm_trust,
    "clear_socket": Hand.clear_sockets,
    "lift_memory": _lift_memory,
    "unbind_memory": _unbind_memory,
    "refit_memory": _refit_memory,
    "begin_finishing": begin,
    "diagnostic_mode": diagnose,
}
SLIPS = {"lift_memory": _break_board, "refit_memory": _break_board}
