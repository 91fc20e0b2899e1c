"""Lay the scenario's phones and parts out in a world: what the shop will find there is theirs, not the shop's."""

from dataclasses import dataclass, field
from typing import Any

from daruma.core.kinds.display.facts import GENUINE, GENUINE_CHIP, PanelKind
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind
from daruma.core.records import decode
from daruma.demo.things import Maker
from daruma.standin.world import EAR, HOLDER, Panel, Phone, World

SOCKETS = ("s40", "s44", "s52", "s56", "s58", "s64")


def _empty() -> World:
    return World({}, {}, {}, dict.fromkeys((*SOCKETS, EAR, HOLDER)), pace=0.0)


@dataclass(slots=True)
class Laying:
    """Make things in a world."""

    maker: Maker
    world: World = field(default_factory=_empty)

    def phone(
        self, model: Model, system: str, label: str, *, maker: str = "", answers: bool = True, flex_sound: bool = True
    ) -> Phone:
        """Bring a phone into the shop, with the panel and the flex that it left the factory with."""
        original = self.maker.panel(model, maker or model.makers[0], limit=self._limit(model), answers=answers)
        serial = decode(model.layout(PartKind.DISPLAY), bytes.fromhex(original.memory)).identity(Identity.DISPLAY_SERIAL)
        phone = self.maker.phone(model, system, label, original, serial or "")
        self.world.panels[original.die] = original
        self.world.phones[phone.imei] = phone
        self.world.flexes[phone.flex] = self.maker.flex(model, phone.board, phone.imei, sound=flex_sound)
        return phone

    def panel(self, model: Model, entry: dict[str, Any]) -> Panel:
        """Put a new panel on the bench, as its entry says."""
        panel = self.maker.panel(
            model,
            entry["maker"],
            limit=entry.get("limit") if model.write_limits and "limit" in entry else self._limit(model),
            blank=entry.get("blank", False),
            shift=entry.get("white_shift", 0.0),
        )
        kind = PanelKind(entry["kind"])
        panel.genuine, panel.chip_genuine = kind in GENUINE, kind in GENUINE_CHIP
        panel.bound_before = kind is not PanelKind.GENUINE_NEW
        panel.writes = entry.get("earlier_writes", 0)
        self.world.panels[panel.die] = panel
        return panel

    def fetched(self, phone: Phone) -> None:
        """Let a customer fetch a phone: nothing of it stays in the shop."""
        del self.world.phones[phone.imei], self.world.panels[phone.home_panel], self.world.flexes[phone.flex]
        self.at_rest()

    def at_rest(self) -> None:
        """Let the bench be as an evening leaves it: no phone on the cable, the light box dark."""
        self.world.cable, self.world.light, self.world.lux = None, "off", 0.0

    def _limit(self, model: Model) -> int | None:
        return self.maker.rng.choice(model.write_limits) if model.write_limits else None
