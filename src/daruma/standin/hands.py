"""The technician's hands and the owner's finger, for a bench without either."""

import hashlib
import random
from collections.abc import Callable, Mapping
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.parts import PartKind
from daruma.standin.errors import No
from daruma.standin.faults import read_fault, told
from daruma.standin.world import HOLDER, Flex, Panel, Phone, World

ON_PHONE = frozenset(
    {
        "power_off",
        "power_on",
        "confirm_trust",
        "trust_again",
        "take_out_original",
        "take_out_new",
        "original_on_socket",
        "clear_socket",
        "lift_chip",
        "lift_memory",
        "unbind_memory",
        "refit_memory",
        "new_flex_on_socket",
        "swap_flex",
    }
)
ON_NEW = frozenset({"new_on_socket", "clear_new_chip", "solder_chip", "fit_new", "connect_new"})
STAYS = frozenset({"fit_new", "connect_new"})  # what is done with the original where no new panel is in hand

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
        panel = self._world.panels.get(str(args.get("die")))
        if panel is not None:
            return {"writes": panel.writes, "memory": panel.memory, "chip": panel.chip, "digest": _digest(panel.memory)}
        flex = self._world.flexes.get(str(args.get("die")))
        return {"memory": flex.memory, "digest": _digest(flex.memory)} if flex else {}

    def _do(self, args: Mapping[str, Any]) -> dict[str, Any]:
        phone = self._phone(args)
        original = self._world.panels[phone.home_panel]
        new = self._world.panels.get(str(args["new"].get(PartKind.DISPLAY.value)))
        act = str(args["act"])
        if self._world.faults.take("slip"):
            self._slip(act, phone, original, new)
        if act in ON_PHONE:
            getattr(self, f"_{act}")(phone, original)
        elif act in ON_NEW:
            panel = new or (original if act in STAYS else None)
            if panel is None:
                raise No("no", "there is no such new panel on the bench")
            getattr(self, f"_{act}")(phone, panel)
        else:
            raise No("unknown")
        return {}

    def _slip(self, act: str, phone: Phone, original: Panel, new: Panel | None) -> None:
        """Let an act go wrong for good: what it was done on is lost."""
        match act:
            case "lift_chip":
                original.chip = None
            case "solder_chip":
                self._world.loose_chip = None
            case "clear_new_chip" | "fit_new" if new is not None:
                new.chip, new.answers, new.memory = None, False, "ff" * (len(new.memory) // 2)
            case "lift_memory" | "refit_memory":
                phone.memory_lifted, phone.unbound, phone.on = True, False, False
            case "swap_flex":
                self._world.flexes.pop(f"N{phone.imei}", None)
        raise No("no", "it slipped: what was worked on is lost")

    def _power_off(self, phone: Phone, _: Panel) -> None:
        phone.on, phone.shows = False, None

    def _power_on(self, phone: Phone, _: Panel) -> None:
        if phone.panel is None:
            raise No("no", "no display is fitted")
        if phone.memory_lifted:
            raise No("no", "the memory is off the board")
        phone.on = True
        self._world.cable = phone.imei

    def _confirm_trust(self, phone: Phone, _: Panel) -> None:
        if not (phone.on and phone.asked):
            raise No("no", "the phone has not asked")
        phone.trusted = True

    def _take_out_original(self, phone: Phone, original: Panel) -> None:
        if phone.panel == original.die:
            phone.panel = None

    def _take_out_new(self, phone: Phone, _: Panel) -> None:
        phone.panel = None

    def _connect_new(self, phone: Phone, new: Panel) -> None:
        self._free(new)
        phone.panel = new.die

    def _trust_again(self, phone: Phone, _: Panel) -> None:
        panel = self._world.panels.get(phone.panel or "")
        if panel is None or panel.chip is None:
            raise No("no", "the screen does not answer to a finger")
        phone.asked = phone.trusted = True

    def _lift_memory(self, phone: Phone, _: Panel) -> None:
        if phone.on:
            raise No("no", "the phone is on")
        phone.memory_lifted = True

    def _unbind_memory(self, phone: Phone, _: Panel) -> None:
        if not phone.memory_lifted:
            raise No("no", "the memory is on the board")
        phone.unbound = True

    def _refit_memory(self, phone: Phone, _: Panel) -> None:
        phone.memory_lifted = False

    def _new_flex_on_socket(self, phone: Phone, _: Panel) -> None:
        self._clear_socket()
        size = self._catalogue.models[phone.model].layout(PartKind.SENSOR_FLEX).size
        die = f"N{phone.imei}"
        if die not in self._world.flexes:
            maker = random.Random(f"{self._world.seed}/{die}")
            channels = [1 + maker.gauss(0, 0.03) for _ in range(8)]
            self._world.flexes[die] = Flex(die, phone.model, "ff" * size, channels=channels)
        self._world.sockets[HOLDER] = die

    def _swap_flex(self, phone: Phone, _: Panel) -> None:
        if phone.on:
            raise No("no", "the phone is on")
        self._clear_socket()
        phone.flex = f"N{phone.imei}"

    def _original_on_socket(self, phone: Phone, original: Panel) -> None:
        self._plug(phone, original)

    def _new_on_socket(self, phone: Phone, new: Panel) -> None:
        self._plug(phone, new)

    def _plug(self, phone: Phone, panel: Panel) -> None:
        if any(p.panel == panel.die for p in self._world.phones.values()):
            raise No("no", "the panel is still in a phone")
        self._clear_socket(phone, panel)
        self._world.sockets[self._catalogue.models[phone.model].socket] = panel.die

    def _clear_socket(self, *_: object) -> None:
        for name in self._world.sockets:
            self._world.sockets[name] = None

    def _free(self, panel: Panel) -> None:
        if panel.die in self._world.sockets.values():
            raise No("no", "take the panel off the socket first")

    def _lift_chip(self, _: Phone, original: Panel) -> None:
        if original.die in self._world.sockets.values():
            self._clear_socket()
        if original.chip is not None:
            self._world.loose_chip, original.chip = original.chip, None

    def _clear_new_chip(self, _: Phone, new: Panel) -> None:
        self._free(new)
        new.chip = None

    def _solder_chip(self, _: Phone, new: Panel) -> None:
        self._free(new)
        if new.chip is not None and self._world.loose_chip is not None:
            raise No("no", "a chip is in the way")
        if self._world.loose_chip is not None:
            new.chip, self._world.loose_chip = self._world.loose_chip, None
            new.chip_genuine = True

    def _fit_new(self, phone: Phone, new: Panel) -> None:
        self._free(new)
        phone.panel = new.die
