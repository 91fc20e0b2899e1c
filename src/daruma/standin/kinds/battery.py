"""The simulated battery: a gauge with registers, a cell, a data flex on new packs."""

import random
from collections.abc import Mapping
from typing import Any, ClassVar

from daruma.catalogue.loader import Catalogue
from daruma.core.errors import RecordError
from daruma.core.kinds.battery.work import HEADS
from daruma.core.known import Seen
from daruma.core.model import Model
from daruma.core.pairing import Condition, evaluate
from daruma.core.parts import Function, Identity, PartKind, PartStatus
from daruma.core.records import FieldValue, Layout, Record, decode, encode
from daruma.core.tri import Tri
from daruma.standin.cell import Cell
from daruma.standin.errors import No
from daruma.standin.facts import facts
from daruma.standin.finishing import due, finished, from_stock, waiting
from daruma.standin.kinds.room import Hand, StandinRoom
from daruma.standin.world import Phone, Thing, World

KIND = PartKind.BATTERY
HOLDER = "battery"  # the programmer's place for a new pack's data flex
SOUND = 0.8  # of the design capacity: below it a phone calls the cell worn


class Pack(Thing):
    """Simulate a battery: what its cell really is, and how its gauge or data flex stands.

    `gauge` says that it has a maker's own gauge board; a pack without one has a data flex, `activated` so often, `folded`
    right or wrong. `boots` counts starts since it was fitted.
    """

    KIND: ClassVar[PartKind] = KIND

    mah: float = 3000.0
    rated: float = 3000.0
    chemistry: str = "blend"
    state: float = 0.4
    ohm: float = 0.045
    slow_ohm: float = 0.03
    hot: float = 0.0
    gauge: bool = True
    known: bool = True
    activated: int = 0
    folded: str = ""
    boots: int = 0

    def cell(self) -> Cell:
        """Return its cell, as it is now."""
        return Cell(self.mah, self.state, self.ohm, self.slow_ohm, celsius=23.0, seed=sum(self.die.encode()), hot=self.hot)

    @property
    def answers_phone(self) -> bool:
        """Return whether a phone hears a gauge: an activated data flex that is folded right, or a gauge of its own."""
        return self.known and (self.gauge or (self.activated == 1 and self.folded == "right"))


def registers(layout: Layout, serial: str, rated: float, full: float, cycles: int, date: str) -> str:
    """Return a gauge's memory as hexadecimal digits."""
    words: dict[str, FieldValue] = {
        "battery_status": 0x00C0,
        "specification": 0x0031,
        "temperature": 2981,
        "voltage": 3874,
        "current": 0,
        "state_of_charge": 62,
        "full_charge_capacity": round(full),
        "cycle_count": cycles,
        "design_capacity": round(rated),
        "design_voltage": 3870,
        "manufacture_date": date,
        "battery_mode": 0x0001,
    }
    signed: dict[str, FieldValue] = {"signature": layout.field("signature").constant, Identity.GAUGE_SERIAL.value: serial}
    return encode(layout, {**signed, **HEADS, **words}).hex()


def record_of(pack: Pack | None, model: Model) -> Record | None:
    """Return what a gauge or data flex carries; None where nothing can be read."""
    try:
        return decode(model.layout(KIND), bytes.fromhex(pack.memory)) if pack else None
    except RecordError:
        return None


def seen(world: World, phone: Phone, model: Model) -> Seen:
    """Return what the phone finds of its battery."""
    pack = world.fitted(phone, Pack)
    record = record_of(pack, model)
    answers = pack is not None and pack.answers_phone
    return Seen(
        {Identity.GAUGE_SERIAL: record.identity(Identity.GAUGE_SERIAL) if record and answers else None},
        {
            Condition.CELL_SOUND: pack is not None and pack.mah >= SOUND * pack.rated,
            Condition.GAUGE_ANSWERS: answers,
            Condition.BATTERY_FINISHED: pack is not None and phone.status.get(f"{KIND.value} finished") == pack.die,
        },
    )


# -- what the phone says


def _gauge(world: World, phone: Phone, _: Model, __: Catalogue, ___: Mapping[str, Any]) -> dict[str, Any]:
    pack = world.fitted(phone, Pack)
    heard = pack is not None and pack.answers_phone
    image = bytes.fromhex(pack.memory) if pack is not None and heard else b""
    return {
        "image": image,
        "expected": phone.board[Identity.GAUGE_SERIAL.value],
        "answers": heard,
        "die": pack.die if pack is not None and heard else "",
    }


def _boot(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    """Start anew: the first time after a new pack was fitted the phone still has the old one's data."""
    pack = world.fitted(phone, Pack)
    if pack is None:
        raise No("no", "no battery")
    pack.boots += 1
    record = record_of(pack, model)
    shown = evaluate(facts(world, phone, model), Function.BATTERY_HEALTH).holds is Tri.YES
    first = pack.boots < 2 and not pack.gauge
    if first or not shown or record is None:
        return {"unknown": True, "percent": None, "cycles": None}
    full, design, cycles = (record.values[name] for name in ("full_charge_capacity", "design_capacity", "cycle_count"))
    assert isinstance(full, int) and isinstance(design, int) and isinstance(cycles, int)
    return {"unknown": False, "percent": int(100 * full / design + 1e-9), "cycles": cycles}


def _finish(world: World, phone: Phone, model: Model, _: Catalogue, __: Mapping[str, Any]) -> dict[str, Any]:
    pack = world.fitted(phone, Pack)
    due(world, phone, model, KIND)
    used, locked = from_stock(phone, model, KIND)
    if pack is None or not pack.gauge or not pack.known:
        raise No("no", "the battery is not a genuine one")
    if locked:
        raise No("no", "the part is locked")
    phone.status[f"{KIND.value} finished"] = pack.die
    return finished(world, phone, KIND, bound_before=used)


def page(world: World, phone: Phone, model: Model) -> Mapping[str, Any] | None:
    """Return the battery's entry on the parts page."""
    if Function.NO_BATTERY_NOTICE not in model.functions:
        return None
    clear = evaluate(facts(world, phone, model), Function.NO_BATTERY_NOTICE).holds is Tri.YES
    status = PartStatus(phone.status.get(KIND.value, PartStatus.GENUINE.value)) if clear else waiting(phone, model, KIND)
    return {"part": KIND.value, "status": status.value, "notice": not clear}


# -- on the programmer


def _flex_state(_: World, part: Pack, __: Mapping[str, Any]) -> dict[str, Any]:
    return {"activations": part.activated, "protects": part.folded == "wrong"}


def _activate(world: World, part: Pack, _: Mapping[str, Any]) -> dict[str, Any]:
    if part.gauge:
        raise No("no", "this is no data flex")
    world.happened("enable", part.die, "begun")
    if world.faults.take("voltage_dip", "flex.activate"):
        return {}
    part.activated += 1
    return {}


# -- hands


def _new(hand: Hand, start: str, **more: Any) -> Pack:
    packs, die = hand.world.of(Pack), f"{start}{hand.phone.imei}"
    if die not in packs:
        old = hand.world.home(hand.phone, Pack)
        rng = random.Random(f"{hand.world.seed}/{die}")
        memory = "ff" * hand.model.layout(KIND).size
        share = rng.uniform(0.94, 1.0)
        made = {"memory": memory, "mah": old.rated * share, "rated": old.rated, "chemistry": old.chemistry, **more}
        packs[die] = Pack(die, "", hand.phone.model, state=rng.uniform(0.3, 0.55), **made)
    return packs[die]


def _to_station(hand: Hand) -> None:
    hand.world.on_station = _new(hand, "P", gauge=False).die


def _on_holder(hand: Hand) -> None:
    pack = _new(hand, "P", gauge=False)
    if hand.world.on_station == pack.die:
        hand.world.on_station = None
    hand.plug(HOLDER, pack)


def _must_be_off(hand: Hand) -> None:
    if hand.phone.on:
        raise No("no", "the phone is on")


def _weld(hand: Hand) -> None:
    _must_be_off(hand)
    own, cell = hand.world.home(hand.phone, Pack), _new(hand, "P", gauge=False)
    own.mah, own.state, own.ohm, own.slow_ohm, own.hot = cell.mah, cell.state, cell.ohm, cell.slow_ohm, cell.hot
    own.boots = 0
    if hand.world.on_station == cell.die:
        hand.world.on_station = None
    hand.world.of(Pack).pop(cell.die)


def _fold(hand: Hand) -> None:
    pack = _new(hand, "P", gauge=False)
    pack.folded = "wrong" if hand.world.faults.take("folded_wrong") else "right"


def _fit(hand: Hand, pack: Pack) -> None:
    _must_be_off(hand)
    hand.clear_sockets()
    if hand.world.on_station == pack.die:
        hand.world.on_station = None
    pack.boots = 0
    hand.phone.fit(KIND, pack.die)


def _fit_genuine(hand: Hand) -> None:
    serial = f"{sum(hand.phone.imei.encode()):012X}"
    rated = hand.world.home(hand.phone, Pack).rated
    _fit(hand, _new(hand, "G", memory=registers(hand.model.layout(KIND), serial, rated, rated, 0, "2026-06-01")))


def _fit_unknown(hand: Hand) -> None:
    _fit(hand, _new(hand, "P", gauge=False))


def _ruin(hand: Hand) -> None:
    hand.world.home(hand.phone, Pack).known = False


ROOM = StandinRoom(
    Pack,
    seen=seen,
    hands={
        "cell_to_station": _to_station,
        "new_pack_on_holder": _on_holder,
        "weld_cell": _weld,
        "fold_pack": _fold,
        "fit_pack": lambda hand: _fit(hand, _new(hand, "P", gauge=False)),
        "fit_genuine": _fit_genuine,
        "fit_unknown": _fit_unknown,
    },
    sockets=(HOLDER,),
    slips={"weld_cell": _ruin},
    page=page,
    asked={"phone.gauge": _gauge, "phone.boot": _boot, "phone.finish_battery": _finish},
    tools={"flex.state": _flex_state, "flex.activate": _activate},
)
