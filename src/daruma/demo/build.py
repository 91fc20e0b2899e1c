"""Build the demo's data folder from the scenario: the simulated world and a shop that has worked in it."""

import random
import tomllib
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from importlib.resources import files
from pathlib import Path
from typing import Any

from daruma.bench.keeping import keep_part
from daruma.bench.reading import PartReading
from daruma.catalogue.loader import Catalogue, load_catalogue
from daruma.core.acts import ActKind, ActState
from daruma.core.backup import named
from daruma.core.job import Job, Proof, Reading, Step, StepState, Ticket
from daruma.core.kinds.display.facts import GENUINE, GENUINE_CHIP, ChipPlace, DisplayFacts, NewPanel, OriginalState, PanelKind
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.model import Model
from daruma.core.parts import Function, Identity, PartKind, PartSelf, Version
from daruma.core.plan.case import Case
from daruma.core.plan.planner import make_plan
from daruma.core.plan.proofs import proven_by
from daruma.core.records import FieldRole, compose, decode, fields_to_write
from daruma.core.shelf import ShelfPart
from daruma.core.tri import Tri
from daruma.demo.marks import MADE, MADE_AS, WORLD
from daruma.demo.things import Maker
from daruma.link.devices import DeviceSelf
from daruma.standin.phone import readable_board
from daruma.standin.world import EAR, HOLDER, Panel, Phone, World, save_world
from daruma.store.shop import Shop

SOCKETS = ("s40", "s44", "s52", "s56", "s58", "s64")
_PROGRAMMER = DeviceSelf("programmer", "Stand-in programmer", "SP-0001", Version(1, 5))


def build(folder: Path, now: datetime) -> World:
    """Build world and store in a folder, as of a moment."""
    scenario = tomllib.loads((files("daruma.demo") / "scenario.toml").read_text(encoding="utf-8"))
    builder = Builder(Maker(random.Random(scenario["seed"])), load_catalogue(), Shop(folder), now)
    try:
        for entry in scenario["earlier"]:
            builder.earlier(entry)
        for entry in scenario["jobs"]:
            builder.job(entry)
        for entry in scenario["shelf"]:
            builder.spare(entry)
    finally:
        builder.shop.close()
    world = builder.world
    world.firmware, world.pace, world.seed = scenario["firmware"], scenario["pace"], scenario["seed"]
    save_world(world, folder / WORLD)
    (folder / MADE).write_text(MADE_AS, encoding="ascii")
    return world


@dataclass(slots=True)
class Builder:
    """Carry what the scenario's entries share."""

    maker: Maker
    catalogue: Catalogue
    shop: Shop
    now: datetime
    world: World = None  # type: ignore[assignment]

    def __post_init__(self) -> None:
        self.world = World({}, {}, {}, dict.fromkeys((*SOCKETS, EAR, HOLDER)))

    def when(self, minutes: float) -> str:
        """Return a moment so many minutes from now as ISO 8601."""
        return (self.now + timedelta(minutes=minutes)).isoformat(timespec="seconds")

    def earlier(self, entry: dict[str, Any]) -> None:
        """Keep a backup of a phone that was here before."""
        model = self.catalogue.models[entry["model"]]
        phone, original = self._phone(model, entry["system"], f"{model.name}, an earlier customer", model.makers[0], True)
        del self.world.phones[phone.imei], self.world.panels[original.die]
        job = Job(0, "", Ticket(imei=phone.imei))
        self._keep(model, original, job, self.when(-1440 * entry["days"]))

    def spare(self, entry: dict[str, Any]) -> None:
        """Put a spare panel on the shelf."""
        model = self.catalogue.models[entry["model"]]
        panel = self.maker.panel(model, entry["maker"], limit=self._limit(model, None))
        panel.writes = entry["earlier_writes"]
        self.world.panels[panel.die] = panel
        self.shop.shelf.save(
            ShelfPart(
                panel.die,
                model.key,
                panel.maker,
                PanelKind(entry["kind"]),
                entry["source"],
                entry["price"],
                panel.writes,
                entry["note"],
            )
        )

    def job(self, entry: dict[str, Any]) -> None:
        """Make a job, its phone and its new panel, and take both to where the scenario says."""
        model = self.catalogue.models[entry["model"]]
        of_original = entry.get("original", {})
        phone, original = self._phone(
            model,
            entry["system"],
            model.name,
            of_original.get("maker", model.makers[0]),
            of_original.get("answers", True),
            flex_sound="flex" not in entry,
        )
        if entry["panel"].get("stays"):
            job = self._ticketed(self.shop.jobs.open_new(self.when(entry["opened"])), entry, model, phone, original)
            ticket = replace(job.ticket, display_stays=True, panel_die="", panel_maker="", flex=FlexState(entry["flex"]))
            self.shop.jobs.save(replace(job, ticket=ticket), self.when(entry["opened"]))
            return
        panel = self._new_panel(model, entry["panel"])
        job = self._ticketed(self.shop.jobs.open_new(self.when(entry["opened"])), entry, model, phone, panel)
        part = entry["panel"]
        self.shop.shelf.save(
            ShelfPart(panel.die, model.key, panel.maker, PanelKind(part["kind"]), part["source"], part["price"], 0, "", job.ref)
        )
        if entry.get("earlier_backup"):
            self._keep(model, original, replace(job, number=0, uid=""), self.when(-1440 * 60))
        self.shop.jobs.save(self._advanced(job, entry, model, phone, original, panel), self.when(entry["opened"]))

    def _phone(
        self, model: Model, system: str, label: str, maker: str, answers: bool, flex_sound: bool = True
    ) -> tuple[Phone, Panel]:
        original = self.maker.panel(model, maker, limit=self._limit(model, None), answers=answers)
        serial = decode(model.layout(PartKind.DISPLAY), bytes.fromhex(original.memory)).identity(Identity.DISPLAY_SERIAL)
        phone = self.maker.phone(model, system, label, original, serial or "")
        self.world.panels[original.die] = original
        self.world.phones[phone.imei] = phone
        self.world.flexes[phone.flex] = self.maker.flex(model, phone.board, phone.imei, sound=flex_sound)
        return phone, original

    def _new_panel(self, model: Model, entry: dict[str, Any]) -> Panel:
        panel = self.maker.panel(
            model,
            entry["maker"],
            limit=self._limit(model, entry.get("limit")),
            blank=entry.get("blank", False),
            shift=entry.get("white_shift", 0.0),
        )
        kind = PanelKind(entry["kind"])
        panel.genuine = kind in GENUINE
        panel.chip_genuine = kind in GENUINE_CHIP
        panel.bound_before = kind is not PanelKind.GENUINE_NEW
        self.world.panels[panel.die] = panel
        return panel

    def _limit(self, model: Model, wanted: int | None) -> int | None:
        return (wanted or self.maker.rng.choice(model.write_limits)) if model.write_limits else None

    def _ticketed(self, job: Job, entry: dict[str, Any], model: Model, phone: Phone, panel: Panel) -> Job:
        fresh = entry["until"] == "ticket"
        answers = entry.get("original", {}).get("answers", True)
        ticket = Ticket(
            model=model.key,
            imei="" if fresh else phone.imei,
            system="" if fresh else phone.system,
            complaint=entry["complaint"],
            original=OriginalState.UNTRIED if answers else OriginalState.DAMAGED,
            chip=ChipPlace.ON_ORIGINAL,
            panel_kind=PanelKind(entry["panel"]["kind"]),
            panel_maker=panel.maker,
            panel_source=entry["panel"]["source"],
            panel_die=panel.die,
            promised=tuple(Function(name) for name in entry["promised"]),
            before={} if fresh else {Function(name): Tri.UNKNOWN for name in entry["promised"]},
        )
        job = replace(job, ticket=ticket)
        if fresh:
            self.world.cable = phone.imei
            return job
        phone.trusted = phone.asked = True
        board = readable_board(phone, model)
        return replace(job, phone={"model": model.key, "imei": phone.imei, "system": phone.system, **board})

    def _advanced(self, job: Job, entry: dict[str, Any], model: Model, phone: Phone, original: Panel, panel: Panel) -> Job:
        until = entry["until"]
        if until in ("ticket", "intake"):
            return job
        ticket = job.ticket
        case = Case(
            model,
            Version.parse(phone.system),
            ticket.promised,
            {
                PartKind.DISPLAY: DisplayFacts(
                    ticket.original, ticket.chip, (NewPanel(ticket.panel_kind, panel.maker, price=entry["panel"]["price"]),)
                )
            },
            rules=self.catalogue.rules,
        )
        routes = make_plan(case, self.catalogue.figures).routes
        route = next((r for r in routes if until in {action.key for action in r.actions}), routes[0])
        job = replace(job, way=route.way, steps=tuple(Step(action.key) for action in route.actions))
        closing = until == "closed"
        minute = entry["opened"] + 12.0
        for index, action in enumerate(route.actions):
            if proven_by(action.key) is not None:
                break
            minute += action.figures.attended + action.figures.waiting
            job = self._done(job, index, action.key, model, (phone, original, panel), self.when(minute))
            if action.key == until:
                break
        if closing:
            job = self._proven(job, model, phone, self.when(minute + 6))
            job = replace(job, closed=self.when(minute + 15))
            phone.on = False
        return job

    def _done(self, job: Job, index: int, key: str, model: Model, things: tuple[Phone, Panel, Panel], when: str) -> Job:
        phone, original, panel = things
        note = ""
        match key:
            case "open_phone":
                phone.on, phone.panel = False, None
            case "read_original":
                backup = self._keep(model, original, job, when)
                job, note = replace(job, backup=backup), f"kept as {named(backup)}"
            case "read_new":
                job = replace(job, target=_said(panel), target_image=panel.memory)
            case "write_new":
                self._write(job, model, original, panel, when)
                job, note = replace(job, target_image=panel.memory), "read-back is equal"
            case "lift_chip":
                original.chip = None
            case "clear_new_chip":
                panel.chip = None
            case "solder_chip":
                panel.chip = phone.board["touch_chip_id"]
            case "fit":
                phone.panel, phone.on = panel.die, True
        return job.with_step(index, StepState.DONE, note, when).with_outcome(key, True)

    def _write(self, job: Job, model: Model, original: Panel, panel: Panel, when: str) -> None:
        layout = model.layout(PartKind.DISPLAY)
        target, source = decode(layout, bytes.fromhex(panel.memory)), decode(layout, bytes.fromhex(original.memory))
        act = self.shop.journal.intend(
            ActKind.WRITE, job=job.uid, die=panel.die, backup=job.backup, digest="", started=when, evidence=()
        )
        panel.memory = compose(target, source, fields_to_write(target, source)).hex()
        panel.writes += 1
        self.shop.journal.settle(act, ActState.DONE, "read-back is equal", when)

    def _keep(self, model: Model, panel: Panel, job: Job, when: str) -> str:
        record = decode(model.layout(PartKind.DISPLAY), bytes.fromhex(panel.memory))
        assert record.complete(FieldRole.IDENTITY)
        return keep_part(self.shop.vault, PartReading(_said(panel), record), job, _PROGRAMMER, when).ref

    def _proven(self, job: Job, model: Model, phone: Phone, when: str) -> Job:
        from daruma.bench.kinds.display.proving import prove_white
        from daruma.core.colour.shots import WHITE_LUX, WHITE_REPEATS
        from daruma.standin.lightbox import UNCERTAINTY_UV, LightBoxSim

        box, readings = LightBoxSim(self.world, self.catalogue).handlers(), []
        self.world.cable = phone.imei
        for light in ("warm", "cool"):
            box["light.set"]({"light": light, "lux": WHITE_LUX})
            for _ in range(WHITE_REPEATS):
                screen, ambient = box["meter.screen"]({})["xyz"], box["meter.ambient"]({})["xyz"]
                readings.append(
                    Reading(light, tuple(screen), tuple(ambient), when, "Stand-in colorimeter SM-0001", UNCERTAINTY_UV)
                )
        self.world.cable, self.world.light, self.world.lux = None, "off", 0.0
        job = job.with_proof(prove_white(model, readings, when)[0])
        for function in job.ticket.promised:
            if function is not Function.AMBIENT_WHITE:
                job = job.with_proof(Proof(function, True, _SAID[function], (), (), when))
        steps = tuple(
            replace(step, state=StepState.DONE, when=when) if step.state is StepState.OPEN else step for step in job.steps
        )
        return replace(job, steps=steps, readings=tuple(readings))


_SAID = {
    Function.AUTO_BRIGHTNESS: "105 cd/m² at 20 lx, 730 cd/m² at 2000 lx: the screen follows the room.",
    Function.NO_DISPLAY_NOTICE: "The parts page says genuine for the display, no notice.",
    Function.TOUCH: "The phone's touch test passes.",
}


def _said(panel: Panel) -> PartSelf:
    return PartSelf(panel.die, PartKind.DISPLAY, panel.maker, panel.family, len(panel.memory) // 2, panel.chip)
