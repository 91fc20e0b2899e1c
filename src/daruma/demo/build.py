"""Build the demo's data folder from the scenario: the simulated world, and a shop that has worked in it."""

import random
import tomllib
from collections.abc import Iterator
from contextlib import contextmanager
from datetime import datetime
from importlib.resources import files
from pathlib import Path
from tempfile import TemporaryDirectory
from typing import Any

from daruma.bench.rig import Rig
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import load_catalogue
from daruma.core.kinds.display.facts import PanelKind
from daruma.core.model import Model
from daruma.core.shelf import ShelfPart
from daruma.demo.hands import connect_hands
from daruma.demo.laying import Laying
from daruma.demo.marks import MADE, MADE_AS, WORLD
from daruma.demo.technician import Clock, Technician
from daruma.demo.things import Maker
from daruma.standin.server import Bench
from daruma.standin.world import Panel, World, save_world
from daruma.store.shop import Shop


def build(folder: Path, now: datetime) -> World:
    """Build world and store in a folder, as of a moment."""
    scenario = tomllib.loads((files("daruma.demo") / "scenario.toml").read_text(encoding="utf-8"))
    laying, shop = Laying(Maker(random.Random(scenario["seed"]))), Shop(folder)
    world = laying.world
    world.firmware, world.seed = scenario["firmware"], scenario["seed"]
    try:
        with at_work(laying, shop, Clock(now)) as technician:
            scene = Scene(laying, technician)
            for entry in scenario["earlier"]:
                scene.earlier(entry)
            for entry in scenario["jobs"]:
                scene.job(entry)
            for entry in scenario["shelf"]:
                scene.spare(entry)
            scene.end()
    finally:
        shop.close()
    world.pace = scenario["pace"]
    world.events.clear()
    save_world(world, folder / WORLD)
    (folder / MADE).write_text(MADE_AS, encoding="ascii")
    return world


@contextmanager
def at_work(laying: Laying, shop: Shop, clock: Clock) -> Iterator[Technician]:
    """Give a technician at a bench of stand-ins over a world, for as long as the block lasts."""
    catalogue = load_catalogue()
    bench = Bench(laying.world, catalogue, mortal=False)
    with TemporaryDirectory(prefix="daruma") as folder:
        wires = bench.serve(Path(folder))
        hands = connect_hands(wires.pop("hands"))
        rig = Rig(wires, settle=0.0)
        try:
            yield Technician(Workshop(rig, shop, catalogue, hands), hands, clock)
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

    def earlier(self, entry: dict[str, Any]) -> None:
        """Keep a backup of a phone that was here before."""
        model = self._models[entry["model"]]
        phone = self._laying.phone(model, entry["system"], f"{model.name}, an earlier customer")
        self._technician.keep(model, phone, entry["days"])
        self._laying.fetched(phone)

    def job(self, entry: dict[str, Any]) -> None:
        """Take a phone in and work on it until where the scenario says."""
        model, of_original = self._models[entry["model"]], entry.get("original", {})
        phone = self._laying.phone(
            model, entry["system"], model.name, maker=of_original.get("maker", ""), flex_sound="flex" not in entry
        )
        if entry.get("earlier_backup"):
            self._technician.keep(model, phone, 60)
        self._laying.world.panels[phone.home_panel].answers = of_original.get("answers", True)
        panel = self._laying.panel(model, entry["panel"]) if "panel" in entry else None
        if panel is not None:
            self._shelve(panel, model, entry["panel"])
        job = self._technician.job(entry, model, phone, panel)
        if panel is not None:
            self._shelve(panel, model, entry["panel"], job.ref)
        phone.on = phone.on and not job.closed
        self._laying.at_rest()
        if entry["until"] == "ticket":
            self._waiting = phone.imei

    def end(self) -> None:
        """Leave the phone that nobody has read yet on the cable."""
        self._laying.world.cable = self._waiting

    def spare(self, entry: dict[str, Any]) -> None:
        """Put a spare panel on the shelf."""
        model = self._models[entry["model"]]
        self._shelve(self._laying.panel(model, entry), model, entry)

    def _shelve(self, panel: Panel, model: Model, entry: dict[str, Any], used_in: str = "") -> None:
        kind, writes, note = PanelKind(entry["kind"]), entry.get("earlier_writes", 0), entry.get("note", "")
        self._shop.shelf.save(
            ShelfPart(panel.die, model.key, panel.maker, kind, entry["source"], entry["price"], writes, note, used_in)
        )
