"""What every use case works with: rig, shop and catalogue, and what a job has seen so far."""

from collections.abc import Callable, Mapping
from functools import cached_property
from typing import TYPE_CHECKING, Protocol

from msgspec.structs import replace

from daruma.bench import reading
from daruma.bench.context import Context
from daruma.bench.decoded import Decoded
from daruma.bench.rig import Rig
from daruma.catalogue.loader import Catalogue
from daruma.core.errors import Trouble
from daruma.core.job import Job
from daruma.core.known import Known, KnownPart
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.part_work import PartWork
from daruma.core.parts import PartKind
from daruma.core.records import decode
from daruma.core.settings import THERMOCOUPLE, USB_METER, Settings
from daruma.core.tri import Tri
from daruma.link.devices import Driver
from daruma.link.errors import LinkError
from daruma.store.settings import Loaded, load_settings, save_settings
from daruma.store.shop import Shop

if TYPE_CHECKING:
    from daruma.bench.heating import Heating
    from daruma.bench.metering import Metering


class HandsLike(Protocol):
    """What can stand in for hands, where there are none."""

    def do(self, act: str, imei: str, new: Mapping[str, str]) -> None:
        """Carry out a hand act; `new` are the dies of the new parts by their kinds."""

    def plug_phone(self, imei: str, model: str = "") -> None:
        """Put a phone on the cable: of a ticket without an IMEI, one of its model that nobody has read yet."""

    def replug(self, imei: str) -> None:
        """Unplug a phone and plug it in again."""

    def heat(self, imei: str, step: str) -> None:
        """Bring the hot air to a phone for a step, or take it away."""


class Doing:
    """Carry rig, shop and catalogue into a use case; used by one lane at a time for anything that touches the rig."""

    def __init__(self, rig: Rig, shop: Shop, catalogue: Catalogue, hands: HandsLike | None = None) -> None:
        self.rig = rig
        self.shop = shop
        self.catalogue = catalogue
        self.hands = hands

    @cached_property
    def decoded(self) -> Decoded:
        """Return the backups that were fetched and decoded."""
        return Decoded(self.shop.vault)

    @cached_property
    def metering(self) -> "Metering":
        """Return the meter in the charging cable; it needs the slow libraries, so it is made when first asked for."""
        from daruma.bench.metering import Metering

        return Metering(self.rig.beside(), self.shop)

    @cached_property
    def heating(self) -> "Heating":
        """Return the thermocouple; made when first asked for, as the meter is."""
        from daruma.bench.heating import Heating

        return Heating(self.rig.beside(), self.shop)

    def close_metering(self) -> None:
        """Close the meter's wire where it was used, and keep what is not kept yet."""
        if "metering" in vars(self):
            self.metering.close()

    def close_heating(self) -> None:
        """Close the thermocouple's wire where it was used."""
        if "heating" in vars(self):
            self.heating.close()

    def anew(self, kind: str) -> Driver:
        """Return the driver of a device, connected anew over the rig that works with it; raise LinkError where none answers."""
        if kind == USB_METER:
            return self.metering.anew()
        return self.heating.anew() if kind == THERMOCOUPLE else self.rig.anew(kind)

    @property
    def acting(self) -> HandsLike | None:
        """Return what acts for the technician's hands, None where they are their own: on a real phone they always are."""
        return None if self.rig.is_real("phone") else self.hands

    def model(self, job: Job) -> Model:
        """Return the job's model; raise Trouble where the catalogue has none."""
        try:
            return self.catalogue.models[job.ticket.model]
        except KeyError as error:
            raise Trouble(
                tr("The catalogue has no model {model}.", model=job.ticket.model or tr("(none chosen)")),
                safe=tr("The ticket is kept."),
                advice=tr("Choose a model in the ticket, or add its file to the shop's catalogue folder."),
            ) from error

    def settings(self) -> Settings:
        """Return what the shop has set; raise Trouble where what the planner weighs cannot be used: a wish must not be missed."""
        loaded = self.loaded()
        if loaded.weighed is not None:
            raise loaded.weighed
        return loaded.settings

    def loaded(self) -> Loaded:
        """Return what the shop has set, and what of its file cannot be used."""
        return load_settings(self.shop.folder)

    def set(self, changes: Mapping[str, object]) -> Settings:
        """Keep what the shop sets, beside what was set meanwhile by another window or by hand; return all of it."""
        settings = self.loaded().settings.having(changes)
        save_settings(self.shop.folder, settings)
        return settings

    def save(self, job: Job, context: Context) -> Job:
        """Keep a job as it stands; return it as it is kept, with what other windows changed meanwhile."""
        kept = self.shop.jobs.save(job.with_standins(self.rig.pretended), context.now())
        self.rig.pretended.clear()  # only now: what could not be kept is kept with the next try
        return kept

    def save_ticket(self, job: Job, context: Context) -> Job:
        """Keep what was typed into a job's ticket."""
        return self.shop.jobs.save_ticket(job, context.now())

    def read_phone(self, job: Job, context: Context) -> tuple[Job, reading.PhoneReading]:
        """Read the phone on the cable into the ticket; what the user typed and the phone contradicts is left to see."""
        if job.ticket.imei or job.ticket.model:
            self.by_hand(lambda hands: hands.plug_phone(job.ticket.imei, job.ticket.model))
        said = reading.read_phone(self.rig, context)
        ticket = replace(job.ticket, model=said.state.model, imei=said.state.imei, system=str(said.state.system))
        before = {**said.functions, **{f: v for f, v in job.ticket.before.items() if v is not Tri.UNKNOWN}}
        if said.functions:
            ticket = replace(ticket, before=before)
        return self.save(replace(job, ticket=ticket, phone=said.as_texts()), context), said

    def known(self, job: Job) -> Known:
        """Return the records that a job has seen of its parts, from vault and job."""
        model = self.model(job)
        return Known({kind: self._known_part(model, kind, work) for kind, work in job.parts.items()})

    def _known_part(self, model: Model, kind: PartKind, work: PartWork) -> KnownPart:
        source = chip = None
        own = False
        if work.source:
            backup, source = self.decoded.of(work.source, model)
            own = bool(backup.content.die) and backup.content.die == work.die
            chip = backup.content.chip or None
        target = decode(model.layout(kind), bytes.fromhex(work.image), loose=True) if work.image else None
        return KnownPart(source, chip, target, work.target, own)

    def right_phone(self, job: Job) -> None:
        """Make sure that the job's phone is on the cable; raise LinkError for another one."""
        self.by_hand(lambda hands: hands.plug_phone(job.ticket.imei))
        state = self.rig.phone().state()
        if state.imei != job.ticket.imei:
            raise LinkError(
                tr(
                    "Another phone is on the cable: IMEI ends in {imei}, the ticket's in {ticket}.",
                    imei=state.imei[-4:],
                    ticket=job.ticket.imei[-4:],
                ),
                safe=tr("Nothing was done."),
                advice=tr("Put this job's phone on the cable."),
            )

    def by_hand(self, act: Callable[[HandsLike], None]) -> None:
        """Let the stand-in hands act, where there are any; a technician's own hands need no telling."""
        if self.acting is not None:
            act(self.acting)
