"""Worlds drawn at random: a phone of any model in any state, its parts, a shop that knows more or less, and its ticket."""

import random
from dataclasses import dataclass, replace
from datetime import UTC, datetime
from pathlib import Path
from typing import Any

from daruma.catalogue.loader import Catalogue
from daruma.core.job import Job
from daruma.core.kinds import promisable
from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.kinds.sensor_flex import FlexState
from daruma.core.model import Model
from daruma.core.parts import Version
from daruma.demo.build import Builder
from daruma.demo.marks import MADE, MADE_AS, WORLD
from daruma.demo.things import Maker
from daruma.standin.world import Panel, Phone, save_world
from daruma.store.shop import Shop

NOW = datetime(2026, 11, 23, 12, 0, tzinfo=UTC)
SYSTEMS = tuple(map(Version.parse, ("3.0", "3.6", "4.1", "4.6", "5.0", "5.2", "5.3", "5.4")))
BLANK = frozenset({PanelKind.GENUINE_NEW, PanelKind.AFTERMARKET})  # what usually comes with nothing set


@dataclass(frozen=True)
class Drawn:
    """Hold what was drawn: what the ticket may say because it is so, and what the shop and the bench have."""

    model: Model
    system: Version
    original: OriginalState
    answers: bool
    chip: ChipPlace
    kind: PanelKind
    makers: tuple[str, str]
    takes_other_makers: bool
    flex: FlexState
    trusted: bool
    backed_up: bool
    paper: bool

    @property
    def is_of_another_maker(self) -> bool:
        return self.makers[0] != self.makers[1]


def draw(catalogue: Catalogue, rng: random.Random) -> Drawn:
    """Draw a phone and its parts; what the ticket says of them is true."""
    model = rng.choice(tuple(catalogue.models.values()))
    systems = [v for v in SYSTEMS if model.first_system <= v <= model.last_system] or [model.first_system]
    original = rng.choice(tuple(OriginalState))
    chip = rng.choice((ChipPlace.ON_ORIGINAL, ChipPlace.ON_ORIGINAL, ChipPlace.LOST, ChipPlace.MOVED))
    if original is OriginalState.MISSING and chip is ChipPlace.ON_ORIGINAL:
        chip = ChipPlace.LOST
    # what the programmer cannot read yet gives no way to be walked
    readable = [maker for maker in model.makers if maker not in model.unreadable_makers]
    makers = rng.choice(readable), rng.choice(readable)
    return Drawn(
        model,
        rng.choice(systems),
        original,
        original in (OriginalState.ANSWERS, OriginalState.UNTRIED),
        chip,
        rng.choice(tuple(PanelKind)),
        makers,
        rng.random() < 0.6,
        rng.choice((FlexState.SOUND, FlexState.SOUND, FlexState.WORN)),
        rng.random() < 0.7,
        rng.random() < 0.25,
        rng.random() < 0.3,
    )


def lay_out(folder: Path, drawn: Drawn, catalogue: Catalogue, rng: random.Random) -> int:
    """Make a data folder with the world that was drawn and its one open ticket; return the job's number."""
    model, builder = drawn.model, Builder(Maker(rng), catalogue, Shop(folder), NOW)
    try:
        for maker in dict.fromkeys(drawn.makers):
            # the shop knows complete records of other phones of the model
            phone, whole = builder._phone(model, str(drawn.system), "an earlier customer", maker, True)
            del builder.world.phones[phone.imei], builder.world.panels[whole.die]
            builder._keep(model, whole, Job(0, "", replace(Job(0, "").ticket, imei=phone.imei)), builder.when(-9000))
        builder.job(_entry(drawn))
        job = next(job for job in builder.shop.jobs.all() if not job.closed)
        number = _finish(builder, drawn, job)
    finally:
        builder.shop.close()
    builder.world.firmware, builder.world.pace, builder.world.seed = "9.0", 0.0, 1
    save_world(builder.world, folder / WORLD)
    (folder / MADE).write_text(MADE_AS, encoding="ascii")
    return number


def _entry(drawn: Drawn) -> dict[str, Any]:
    panel = {"maker": drawn.makers[1], "kind": drawn.kind.value, "source": "a test", "price": 70.0}
    return {
        "model": drawn.model.key,
        "system": str(drawn.system),
        "opened": 0.0,
        "until": "intake",
        "complaint": "",
        "promised": [f.value for f in promisable() if f in drawn.model.functions],
        "original": {"maker": drawn.makers[0], "answers": drawn.answers},
        "panel": {**panel, "blank": drawn.kind in BLANK},
        "earlier_backup": drawn.backed_up,
        **({"flex": drawn.flex.value} if drawn.flex is not FlexState.SOUND else {}),
    }


def _finish(builder: Builder, drawn: Drawn, job: Job) -> int:
    phone = builder.world.phones[job.ticket.imei]
    original, panel = builder.world.panels[phone.home_panel], builder.world.panels[job.ticket.panel_die]
    _chip(drawn, phone, original, panel)
    panel.takes_other_makers = drawn.takes_other_makers
    phone.trusted = drawn.trusted
    paper = phone.board["display_serial"] if drawn.paper else ""
    ticket = replace(
        job.ticket, original=drawn.original, chip=drawn.chip, flex=drawn.flex, panel_maker=drawn.makers[1], paper_serial=paper
    )
    plain = {key: job.phone[key] for key in ("model", "imei", "system")}
    job = replace(job, ticket=ticket, phone=job.phone if drawn.trusted else plain)
    builder.shop.jobs.save(job, builder.when(1))
    return job.number


def _chip(drawn: Drawn, phone: Phone, original: Panel, panel: Panel) -> None:
    if drawn.chip is not ChipPlace.ON_ORIGINAL:
        original.chip = None
    if drawn.chip is ChipPlace.MOVED:
        panel.chip, panel.chip_genuine = phone.board["touch_chip_id"], True
