"""What a ticket says of a battery, and what a job has done with one."""

from enum import Enum
from typing import Any, ClassVar

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.cell.deciding import CellOrigin
from daruma.core.finishing import Origin
from daruma.core.job import Job
from daruma.core.part_work import PartTicket, PartWork
from daruma.core.parts import Identity, PartKind

KIND = PartKind.BATTERY
IDENTITIES = (Identity.GAUGE_SERIAL,)
MOST_CHUNKS = 4000  # of a log of a cell
# commands of the Smart Battery Data Specification 1.1 (from memory, checked against a published driver)
COMMANDS = {
    "battery_status": 0x16,
    "specification": 0x1A,
    "temperature": 0x08,
    "voltage": 0x09,
    "current": 0x0A,
    "state_of_charge": 0x0D,
    "full_charge_capacity": 0x10,
    "cycle_count": 0x17,
    "design_capacity": 0x18,
    "design_voltage": 0x19,
    "manufacture_date": 0x1B,
    "battery_mode": 0x03,
}
HEADS: dict[str, str] = {f"{name}_head": f"16{command:02X}17" for name, command in COMMANDS.items()}


class BatteryState(Enum):
    """Say how the battery in the phone is."""

    WORN = "worn"
    SWOLLEN = "swollen"
    FOREIGN = "foreign"
    SOUND = "sound"


class BatteryTicket(PartTicket, frozen=True):
    """Hold what intake writes down of the battery in the phone, and where the new cell comes from."""

    KIND: ClassVar[PartKind] = KIND

    state: BatteryState = BatteryState.WORN
    origin: CellOrigin = CellOrigin.NEW
    pack: Origin = Origin.NEW

    def nameless(self) -> "BatteryTicket":
        return BatteryTicket(state=self.state, origin=self.origin, pack=self.pack)


class LogChunk(Struct, frozen=True):
    """Hold some samples of a cell's test: number of the first, then t (s), V, A, degrees Celsius of each, one after the other."""

    first: int
    values: tuple[float, ...]


class GaugeSaid(Struct, frozen=True):
    """Hold what a gauge said: percent of health and cycles."""

    percent: int
    cycles: int


class BatteryWork(PartWork, frozen=True):
    """Hold what was done with the batteries of a job: the log of the cell's test and the room's temperature, seconds
    of it that are lost, what the original gauge said, which figures are wished and which were written, what two starts showed.

    `use` is the step for which the cell was measured, `cell` the die or label of the cell or pack it is in, as far as known,
    `when` the day and time of the newest samples.
    """

    KIND: ClassVar[PartKind] = KIND
    SERIES: ClassVar[tuple[str, ...]] = ("log",)

    log: tuple[LogChunk, ...] = ()
    room: float = 25.0
    lost: float = 0.0
    original: GaugeSaid | None = None
    wish: GaugeSaid | None = None
    written: GaugeSaid | None = None
    boots: tuple[str, ...] = ()
    use: str = ""
    cell: str = ""
    when: str = ""

    @property
    def _log(self) -> dict[str, Any]:
        return {"log": self.log, "room": self.room, "lost": self.lost}

    def unmeasured(self) -> "BatteryWork":
        return replace(self, log=(), lost=0.0)

    def nameless(self) -> "BatteryWork":
        return replace(BatteryWork(original=self.original, written=self.written, use=self.use, when=self.when), **self._log)


# what a measured cell is used by, bare or in its pack, and what takes a pack of which nothing was measured
USES, UNMEASURED = {"weld_cell": "cell", "fit_pack": "pack", "fit_unknown": "pack"}, "fit_genuine"


def use_in(job: Job) -> str:
    """Return the step of a job's way that fits the new cell or pack; empty where its way has none."""
    return next((step.action for step in job.steps if step.action in (*USES, UNMEASURED)), "")


def measured(job: Job) -> BatteryWork:
    """Return the work on a job's battery with a log only where that is of the cell which its way fits.

    A cell that was measured for another step, or is in a pack with another die, says nothing of this one.
    """
    work, use = job.of(BatteryWork), use_in(job)
    other = work.use not in ("", use) or use == UNMEASURED
    another = use == "fit_pack" and bool(work.cell and work.die) and work.cell != work.die
    return work.unmeasured() if other or another else work
