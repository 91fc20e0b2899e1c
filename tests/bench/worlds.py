"""Worlds drawn at random: a phone of any model in any state, its parts, a shop that knows more or less, and its ticket."""

import random
from dataclasses import dataclass
from datetime import UTC, datetime
from pathlib import Path

from msgspec.structs import replace

from daruma.bench.keeping import keep_part
from daruma.bench.reading import PartReading
from daruma.catalogue.loader import Catalogue
from daruma.core.job import PLAIN_FACTS, Job, Ticket
from daruma.core.kinds import promisable
from daruma.core.kinds.display.facts import ChipPlace, OriginalState, PanelKind
from daruma.core.kinds.display.work import DisplayTicket
from daruma.core.kinds.sensor_flex import FlexState, FlexTicket
from daruma.core.model import Model
from daruma.core.parts import PartKind, PartSelf, Version
from daruma.core.records import decode
from daruma.core.shelf import ShelfPart
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.demo.marks import MADE, WORLD, made_as
from daruma.link.devices import DeviceSelf
from daruma.standin.facts import readable_board
from daruma.standin.file import save_world
from daruma.standin.kinds.display.panel import Panel
from daruma.standin.world import Phone
from daruma.store.shop import Shop
from tests.shops import empty_shop

NOW, EARLIER = (datetime(2026, 11, day, 12, 0, tzinfo=UTC).isoformat(timespec="seconds") for day in (23, 16))
PROGRAMMER = DeviceSelf("programmer", "Stand-in programmer", "SP-0001", Version(9, 0))
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


def lay_out(folder: Path, drawn: Drawn, rng: random.Random) -> int:
    """Make a data folder with the world that was drawn and its one open ticket; return the job's number."""
    laying, shop, model = Laying(Maker(rng)), empty_shop(folder), drawn.model
    try:
        for maker in dict.fromkeys(drawn.makers):
            # the shop knows complete records of other phones of the model
            other = laying.phone(model, str(drawn.system), "an earlier customer", {"original": {"maker": maker}})
            keep(shop, model, laying.world.home(other, Panel), other)
            laying.fetched(other)
        flex = {} if drawn.flex is FlexState.SOUND else {"flex": drawn.flex.value}
        phone = laying.phone(model, str(drawn.system), model.name, {"original": {"maker": drawn.makers[0]}, **flex})
        original = laying.world.home(phone, Panel)
        original.answers = drawn.answers
        told = {"maker": drawn.makers[1], "kind": drawn.kind.value, "blank": drawn.kind in BLANK}
        panel = laying.new_parts(model, {"panel": told})[PartKind.DISPLAY]
        assert isinstance(panel, Panel)
        panel.takes_other_makers = drawn.takes_other_makers
        if drawn.backed_up:
            keep(shop, model, original, phone)
        job = taken_in(shop, drawn, phone, panel)
        _chip(drawn, phone, original, panel)
    finally:
        shop.close()
    laying.world.firmware, laying.world.seed = "9.0", 1
    save_world(laying.world, folder / WORLD)
    (folder / MADE).write_text(made_as(), encoding="ascii")
    return job.number


def keep(shop: Shop, model: Model, panel: Panel, phone: Phone) -> None:
    """Let the shop have a backup of a panel from before."""
    record = decode(model.layout(PartKind.DISPLAY), bytes.fromhex(panel.memory))
    part = PartSelf(panel.die, PartKind.DISPLAY, panel.maker, panel.family, len(record.image), panel.chip)
    keep_part(shop.vault, PartReading(part, record), Job(0, "", Ticket(imei=phone.imei)), PROGRAMMER, EARLIER)


def taken_in(shop: Shop, drawn: Drawn, phone: Phone, panel: Panel) -> Job:
    """Return the job with all that the ticket can say, the phone read as far as its owner has it."""
    model = drawn.model
    paper = phone.board["display_serial"] if drawn.paper else ""
    ticket = Ticket(model.key, phone.imei, phone.system, promised=tuple(f for f in promisable() if f in model.functions))
    ticket = ticket.having(
        DisplayTicket(panel.die, drawn.original, drawn.chip, drawn.kind, panel.maker, "a test", paper_serial=paper),
        FlexTicket(state=drawn.flex),
    )
    said = {"model": model.key, "imei": phone.imei, "system": phone.system, **readable_board(phone, model)}
    phone.trusted = drawn.trusted
    phone.asked = True
    said = said if drawn.trusted else dict(list(said.items())[:PLAIN_FACTS])
    job = shop.jobs.save(replace(shop.jobs.open_new(NOW), ticket=ticket, phone=said), NOW)
    shop.shelf.save(ShelfPart(panel.die, model.key, panel.maker, drawn.kind.value, "a test", 70.0, used_in=job.ref))
    return job


def _chip(drawn: Drawn, phone: Phone, original: Panel, panel: Panel) -> None:
    if drawn.chip is not ChipPlace.ON_ORIGINAL:
        original.chip = None
    if drawn.chip is ChipPlace.MOVED:
        panel.chip, panel.chip_genuine = phone.board["touch_chip_id"], True
