"""Build the demo's data folder from the scenario: the simulated world, and a shop that has worked in it."""

import random
import tomllib
from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from datetime import datetime
from importlib.resources import files
from pathlib import Path
from tempfile import TemporaryDirectory

from daruma.bench.rig import Rig
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import load_catalogue
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import PartKind
from daruma.core.settings import Settings
from daruma.demo.hands import connect_hands
from daruma.demo.kinds import rooms
from daruma.demo.kinds.room import Entry
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.demo.marks import MADE, SECOND, SET, WORLD, made_as
from daruma.demo.technician import Clock, Technician
from daruma.standin.file import save_world
from daruma.standin.server import Bench
from daruma.standin.world import Thing, World
from daruma.store.settings import save_settings
from daruma.store.shop import Shop

RECORDED_FASTER = 300.0  # than life: what the technician recorded on the cable


def build(folder: Path, now: datetime, report: Callable[[float, str], None] = lambda *_: None) -> World:
    """Build world and store in a folder, as of a moment; `report` is told the share that is done (0 to 1) and of what."""
    scenario = tomllib.loads((files("daruma.demo") / "scenario.toml").read_text(encoding="utf-8"))
    second = folder / SECOND
    second.mkdir(parents=True)
    laying, shop = Laying(Maker(random.Random(scenario["seed"]))), Shop(folder, second)
    world = laying.world
    world.firmware, world.seed = scenario["firmware"], scenario["seed"]
    world.usb_speed = RECORDED_FASTER
    try:
        with at_work(laying, shop, Clock(now)) as technician:
            scene = Scene(laying, technician)
            for entry in scenario["earlier"]:
                scene.earlier(entry)
            jobs = scenario["jobs"]
            for number, entry in enumerate(jobs):
                report(number / len(jobs), tr("making the demo, ticket {number} of {count}", number=number + 1, count=len(jobs)))
                scene.job(entry)
            for entry in scenario["shelf"]:
                scene.spare(entry)
            scene.end()
    finally:
        shop.close()
    world.pace, world.station_speed, world.usb_speed = scenario["pace"], scenario["station_speed"], 1.0
    world.heat_speed, world.sweep_speed = scenario["heat_speed"], scenario["sweep_speed"]
    world.hour = now.hour + now.minute / 60
    world.events.clear()
    save_world(world, folder / WORLD)
    save_settings(folder, Settings(SET))
    (folder / MADE).write_text(made_as(), encoding="ascii")
    return world


@contextmanager
def at_work(laying: Laying, shop: Shop, clock: Clock, patience: float = 1.0) -> Iterator[Technician]:
    """Give a technician at a bench of stand-ins over a world, for as long as the block lasts; `patience` scales time-outs."""
    catalogue = load_catalogue()
    bench = Bench(laying.world, catalogue, mortal=False)
    with TemporaryDirectory(prefix="daruma") as folder:
        wires = bench.serve(Path(folder))
        hands = connect_hands(wires.pop("hands"))
        rig = Rig(wires, patience, settle=0.0)
        try:
            workshop = Workshop(rig, shop, catalogue, hands)
            yield Technician(workshop, hands, clock)
            workshop.metering.close()
            workshop.heating.close()
        finally:
            rig.close()
            hands.close()
            bench.stop()


class Scene:
    """Lay out what each of the scenario's entries needs, and let the technician work."""

    def __init__(self, laying: Laying, technician: Technician) -> None:
        self._laying = laying
        self._technician = technician
        self._shop = technician.workshop.shop
        self._models = technician.workshop.catalogue.models
        self._waiting: str | None = None

    def earlier(self, entry: Entry) -> None:
        """Keep a backup of a phone that was here before."""
        model = self._models[entry["model"]]
        phone = self._laying.phone(model, entry["system"], f"{model.name}, an earlier customer", {})
        self._technician.keep(model, phone, entry["days"])
        self._laying.fetched(phone)

    def job(self, entry: Entry) -> None:
        """Take a phone in and work on it until where the scenario says."""
        model = self._models[entry["model"]]
        phone = self._laying.phone(model, entry["system"], model.name, entry)
        if entry.get("earlier_backup"):
            self._technician.keep(model, phone, 60)
        self._laying.age(phone, entry)
        parts = self._laying.new_parts(model, entry)
        self._shelve(parts, model, entry)
        job = self._technician.job(entry, model, phone, parts)
        self._shelve(parts, model, entry, job.ref)
        phone.on = phone.on and not job.closed
        self._laying.at_rest()
        if entry["until"] == "ticket":
            self._waiting = phone.imei

    def spare(self, entry: Entry) -> None:
        """Put a spare part on the shelf."""
        model = self._models[entry["model"]]
        self._shelve(self._laying.new_parts(model, entry), model, entry)

    def end(self) -> None:
        """Leave the phone that nobody has read yet on the cable."""
        self._laying.world.cable = self._waiting

    def _shelve(self, parts: Mapping[PartKind, Thing], model: Model, entry: Entry, used_in: str = "") -> None:
        for room in (room for room in rooms() if room.kind in parts):
            part = room.shelved(parts[room.kind], model, entry, used_in)
            if part is not None:
                self._shop.shelf.save(part)
