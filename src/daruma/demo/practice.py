"""The stand-ins' world of a shop of one's own: some phones with something broken, and parts for them, to try the bench with."""

import random
import tomllib
from importlib.resources import files
from pathlib import Path

from daruma.catalogue.loader import load_catalogue
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.standin.file import save_world


def make_practice(world: Path) -> None:
    """Make the world's file."""
    told = tomllib.loads((files("daruma.demo") / "practice.toml").read_text(encoding="utf-8"))
    models = load_catalogue().models
    laying = Laying(Maker(random.Random(told["seed"])))
    for entry in told["phones"]:
        model = models[entry["model"]]
        phone = laying.phone(model, entry["system"], model.name, entry)
        laying.age(phone, entry)
        laying.new_parts(model, entry)
    made = laying.world
    made.firmware, made.seed, made.pace = told["firmware"], told["seed"], told["pace"]
    made.station_speed, made.heat_speed, made.sweep_speed = told["station_speed"], told["heat_speed"], told["sweep_speed"]
    made.cable = next(iter(made.phones))
    made.events.clear()
    world.parent.mkdir(parents=True, exist_ok=True)
    save_world(made, world)
