"""The simulated phone: it decides by itself which functions it shows."""

from collections.abc import Callable, Mapping
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.model import Model
from daruma.core.pairing import evaluate_all
from daruma.core.parts import Version
from daruma.core.tri import Tri
from daruma.standin.errors import No
from daruma.standin.facts import facts, readable_board
from daruma.standin.kinds import rooms
from daruma.standin.kinds.room import Asked
from daruma.standin.world import Phone, World

Handler = Callable[[Mapping[str, Any]], dict[str, Any]]


class PhoneSim:
    """Answer as the phone on the cable."""

    def __init__(self, world: World, catalogue: Catalogue) -> None:
        self._world = world
        self._catalogue = catalogue

    def handlers(self) -> dict[str, Handler]:
        """Return what can be asked."""
        return {
            "hello": self._hello,
            "phone.state": self._state,
            "phone.trust": self._trust,
            "phone.functions": self._functions,
            "phone.parts": self._parts,
            "phone.unbind": self._unbind,
            **{op: self._of_part(asked) for room in rooms() for op, asked in room.asked.items()},
        }

    def _of_part(self, asked: Asked) -> Handler:
        return lambda args: asked(self._world, *self._phone(trusted=True), self._catalogue, args)

    def _phone(self, trusted: bool = False) -> tuple[Phone, Model]:
        phone = self._world.phone_on_cable()
        if phone is None:
            raise No("off")
        if trusted and not phone.trusted:
            raise No("trust")
        return phone, self._catalogue.models[phone.model]

    def _hello(self, _: Mapping[str, Any]) -> dict[str, Any]:
        return {"kind": "phone", "name": "Phone cable", "serial": "SC-0001", "firmware": "1.0"}

    def _state(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone()
        return {
            "label": phone.label,
            "model": phone.model,
            "imei": phone.imei,
            "system": phone.system,
            "trusted": phone.trusted,
            "board": readable_board(phone, model) if phone.trusted else {},
        }

    def _trust(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, _model = self._phone()
        phone.asked = True
        return {"asked": True}

    def _functions(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone(trusted=True)
        shown = {function: verdict.holds for function, verdict in evaluate_all(facts(self._world, phone, model)).items()}
        hidden = {function for room in rooms() for function in room.hidden if shown.get(function) is Tri.YES}
        shown |= dict.fromkeys(hidden, Tri.UNKNOWN)
        return {"functions": {function.value: holds.value for function, holds in shown.items()}}

    def _unbind(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone(trusted=True)
        window = model.unbind_on_phone
        if window is None or not window[0] <= Version.parse(phone.system) <= window[1]:
            raise No("no", f"this phone cannot be unbound with {phone.system}")
        if self._world.faults.take("unbind_fails"):
            raise No("no", "the phone did not unbind")
        phone.unbound = True
        self._world.happened("unbind", phone.imei, phone.system)
        return {}

    def _parts(self, _: Mapping[str, Any]) -> dict[str, Any]:
        phone, model = self._phone(trusted=True)
        entries = (room.page(self._world, phone, model) for room in rooms())
        return {"parts": [dict(entry) for entry in entries if entry is not None]}
