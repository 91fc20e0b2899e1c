"""Write bytes to a part under the journal: where they go, what every write's interlocks look at, what was written before."""

import hashlib

from msgspec import Struct

from daruma.bench.acting import Found, Intent, Sent
from daruma.bench.context import Context
from daruma.bench.decoded import Decoded
from daruma.bench.reading import PartReading, read_image
from daruma.bench.rig import BenchState, Rig
from daruma.core.acts import ActKind
from daruma.core.backup import Backup
from daruma.core.budget import WriteBudget
from daruma.core.errors import Trouble
from daruma.core.interlocks import BackupEvidence, Interlock
from daruma.core.job import Job
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import PartKind, PartSelf
from daruma.core.records import Record, decode
from daruma.link.errors import LinkError, Refused
from daruma.store.shop import Shop

Source = tuple[Record | None, Backup | None]
SPENT = "spent"  # what a part answers that takes no more writes


class Place(Struct, frozen=True):
    """Hold where bytes go: the rig, the socket, the part that is to be there, the bytes, and those that it carries."""

    rig: Rig
    model: Model
    kind: PartKind
    socket: str
    part: PartSelf
    image: bytes
    before: bytes

    def send(self, context: Context, sent: Sent) -> None:
        """Send the bytes; raise Refused or LinkError, the latter with the wire dropped."""
        report = context.unstoppable(0.0, 0.6, "writing")
        programmer = self.rig.programmer()
        try:
            programmer.write_memory(self.socket, self.image, self.model.key, report, die=self.part.die, sending=sent.now)
        except Refused:
            raise
        except LinkError:
            self.rig.drop("programmer")
            raise

    def look_back(self, context: Context) -> Found[PartReading]:
        """Read what the part carries now; raise Trouble where another part is there."""
        report = context.unstoppable(0.6, 1.0, tr("reading back"))
        try:
            part, image = read_image(self.rig, self.model, self.kind, self.socket, report)
        except LinkError:
            self.rig.drop("programmer")
            raise
        if part.die != self.part.die:
            raise Trouble(tr("{part} is on the socket now, the act was on {part_2}.", part=part.name(), part_2=self.part.name()))
        record = decode(self.model.layout(self.kind), image, loose=True)
        return Found(image == self.image, digest(image), PartReading(part, record), untouched=image == self.before)

    def intent(self, job: Job, backup: str, locks: tuple[Interlock, ...], advice: str, safe: str) -> Intent:
        """Return the intent to write the bytes from a backup."""
        digests = {"digest": digest(self.image), "before": digest(self.before)}
        return Intent(ActKind.WRITE, job, self.part.die, locks, backup, **digests, safe=safe, advice=advice)


class WritePlan(Struct, frozen=True):
    """Hold what would be written: the part, the bytes, the fields taken from the source."""

    part: PartSelf
    current: Record
    source: Record
    image: bytes
    fields: tuple[str, ...]

    @property
    def after(self) -> Record:
        """Return the record as it will be."""
        return decode(self.current.layout, self.image, loose=True)


def digest(image: bytes) -> str:
    """Return the SHA-256 of bytes, in hexadecimal."""
    return hashlib.sha256(image).hexdigest()


def is_doubtful(shop: Shop, part: PartSelf | None) -> bool:
    """Return whether an act on a part was never settled."""
    return part is not None and any(each.die == part.die for each in shop.journal.in_doubt())


def budget_of(shop: Shop, limits: tuple[int, ...], die: str) -> WriteBudget:
    """Return a part's write budget from the journal and what the shelf knows of its past."""
    known = next((part for part in shop.shelf.all() if die and part.die == die), None)
    earlier, arrived = (known.earlier_writes, known.arrived) if known is not None and known.earlier_writes else (0, "")
    acts = shop.journal.acts_on(die) if die else ()
    spent = any(each.answer == SPENT for each in acts)
    counted = shop.journal.writes(die) if die else 0
    return WriteBudget(limits, counted + earlier, spent, arrived)


def evidence_of(backup: Backup | None) -> BackupEvidence | None:
    """Return what interlocks look at of a backup."""
    if backup is None:
        return None
    return BackupEvidence(backup.name, backup.content.imei, backup.content.model, backup.arrived)


def source_of(shop: Shop, model: Model, ref: str, kind: PartKind, known: Decoded | None = None) -> Source:
    """Return a job's source and the backup behind it; nothing where it does not verify or is of another kind.

    `known` is what was decoded before: enough to look at, not to write from.
    """
    if not ref:
        return None, None
    try:
        backup, record = (known or Decoded(shop.vault)).of(ref, model)
    except Trouble:
        return None, None
    return (record, backup) if record.layout.part is kind else (None, None)


def has_double(bench: BenchState, part: PartSelf | None, socket: str) -> bool:
    """Return whether another part on the bench calls itself as this one does."""
    return part is not None and any(
        other is not None and other.die == part.die for name, other in bench.sockets.items() if name != socket
    )
