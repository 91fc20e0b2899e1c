"""The rig: the devices on the bench, each behind its wire or not there."""

from collections.abc import Callable, Iterator, Mapping
from contextlib import contextmanager
from threading import Event

from msgspec import Struct, field

from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.core.parts import PartSelf, Version
from daruma.core.settings import THERMOCOUPLE, USB_METER
from daruma.link.devices import Colorimeter, DeviceSelf, Driver, PhoneLink, Programmer, Supply
from daruma.link.discovery import connect
from daruma.link.errors import DeviceGone, DeviceSilent, Refused
from daruma.link.port import TRIES, LinkHealth
from daruma.link.station import Station
from daruma.link.thermocouple import Thermocouple
from daruma.link.usb_meter import UsbMeter


class Rig(Struct):
    """Hold the wires by device kind, or a function that gives them; connects when first needed and again after a
    device was gone.

    Used by one thread at a time: one lane for all exchanges. `patience` scales every time-out, `settle` every wait until a
    screen stands still (stand-ins' screens do at once), `real` gives the kinds of devices that are known to be no stand-ins.
    `pretended` are the stand-ins that were used since a job was last kept: they took part in it. Once it is `left` it, and
    those beside it, answer nobody any more.
    """

    wires: Mapping[str, str] | Callable[[], Mapping[str, str]]
    patience: float = 1.0
    settle: float = 1.0
    real: Callable[[], frozenset[str]] = frozenset
    pretended: set[str] = field(default_factory=set)
    left: Event = field(default_factory=Event)
    _drivers: dict[str, Driver] = field(default_factory=dict)
    _seen: dict[str, LinkHealth] = field(default_factory=dict)
    _urls: dict[str, str] = field(default_factory=dict)
    _silent: set[str] = field(default_factory=set)  # what did not answer when it was asked last
    _glancing: bool = False

    def programmer(self) -> Programmer:
        """Return the programmer; raise LinkError where none answers."""
        driver = self._driver("programmer")
        assert isinstance(driver, Programmer)
        return driver

    def phone(self) -> PhoneLink:
        """Return the phone cable; raise LinkError where none answers."""
        driver = self._driver("phone")
        assert isinstance(driver, PhoneLink)
        return driver

    def meter(self) -> Colorimeter:
        """Return the colorimeter; raise LinkError where none answers."""
        driver = self._driver("colorimeter")
        assert isinstance(driver, Colorimeter)
        return driver

    def supply(self) -> Supply:
        """Return the supply; raise LinkError where none answers."""
        driver = self._driver("supply")
        assert isinstance(driver, Supply)
        return driver

    def station(self) -> Station:
        """Return the cell station; raise LinkError where none answers."""
        driver = self._driver("station")
        assert isinstance(driver, Station)
        return driver

    def usb_meter(self) -> UsbMeter:
        """Return the meter in the charging cable; raise LinkError where none answers."""
        driver = self._driver(USB_METER)
        assert isinstance(driver, UsbMeter)
        return driver

    def thermocouple(self) -> Thermocouple:
        """Return the thermocouple; raise LinkError where none answers."""
        driver = self._driver(THERMOCOUPLE)
        assert isinstance(driver, Thermocouple)
        return driver

    def beside(self) -> "Rig":
        """Return a rig over the same wires for another lane, which uses other devices."""
        return Rig(self.wires, self.patience, self.settle, self.real, left=self.left)

    def anew(self, kind: str) -> Driver:
        """Return the driver of a device, connected anew; raise LinkError where none answers."""
        self.drop(kind)
        with self.only_looking():
            return self._driver(kind)

    def is_real(self, kind: str) -> bool:
        """Return whether a device is known to be no stand-in."""
        return kind in self.real()

    @contextmanager
    def only_looking(self) -> Iterator[None]:
        """Let what is asked meanwhile be shown only: a stand-in that is looked at takes no part in a job."""
        before = frozenset(self.pretended)
        try:
            yield
        finally:
            self.pretended &= before

    @contextmanager
    def glancing(self) -> Iterator[None]:
        """Ask a device that was silent before once, not three times: there will be another look."""
        before, self._glancing = self._glancing, True
        try:
            yield
        finally:
            self._glancing = before

    def drop(self, kind: str) -> None:
        """Close a device's wire, so that the next use connects anew."""
        driver = self._drivers.pop(kind, None)
        if driver is not None:
            self._seen[kind] = driver.health
            driver.close()

    def close(self) -> None:
        """Close every wire."""
        for kind in tuple(self._drivers):
            self.drop(kind)

    def hang_up(self) -> None:
        """Close every wire for good, from whatever thread: who waits for an answer is told that the device is gone."""
        self.left.set()
        for driver in tuple(self._drivers.values()):
            driver.close()

    def _driver(self, kind: str) -> Driver:
        if self.left.is_set():
            raise DeviceGone(tr("The window is closing."), safe=tr("What is in the vault is safe."))
        wires = self.wires() if callable(self.wires) else self.wires
        if kind in self._drivers and (self._drivers[kind].health.dead or self._urls[kind] != wires.get(kind)):
            # dead for good, or another device was chosen: it needs a new wire
            self.drop(kind)
        if kind not in self._drivers:
            if kind not in wires:
                raise DeviceGone(
                    tr("No {kind} is set up.", kind=kind),
                    safe=tr("Nothing was changed."),
                    advice=tr("Assign one under Shop, Devices."),
                )
            if not wires[kind]:
                raise DeviceGone(
                    tr("The stand-in for the {kind} did not start.", kind=kind),
                    safe=tr("Nothing was changed."),
                    advice=tr(
                        "Another window may have the stand-ins, or the disk is full; or choose another device under Devices."
                    ),
                )
            driver = self._connected(kind, wires[kind])
            if kind in self._seen:
                driver.health.lately.extendleft(reversed(self._seen.pop(kind).lately))
            self._drivers[kind], self._urls[kind] = driver, wires[kind]
        if self._drivers[kind].simulated:
            self.pretended.add(kind)
        return self._drivers[kind]

    def _connected(self, kind: str, url: str) -> Driver:
        tries = 1 if self._glancing and kind in self._silent else TRIES
        try:
            driver = connect(kind, url, patience=self.patience, tries=tries)
        except DeviceSilent:
            self._silent.add(kind)
            raise
        self._silent.discard(kind)
        return driver

    def links(self) -> tuple["LinkState", ...]:
        """Return how each link that was ever used has done lately."""
        healths = {**self._seen, **{kind: driver.health for kind, driver in self._drivers.items()}}
        return tuple(LinkState.from_health(kind, health, kind in self._drivers) for kind, health in sorted(healths.items()))


class LinkState(Struct, frozen=True):
    """Hold how a link is: whether the device answers, how many of its last exchanges failed, the last trouble."""

    kind: str
    answers: bool
    failed: int
    of: int
    trouble: str

    @classmethod
    def from_health(cls, kind: str, health: LinkHealth, connected: bool) -> "LinkState":
        """Return the state behind a health."""
        failed = health.lately.count(False)
        seen = len(health.lately) if failed else 0
        return cls(kind, connected and not health.dead, failed, seen, health.trouble if failed else "")

    @property
    def words(self) -> str:
        """Return the state in a few words."""
        if not self.answers:
            return tr("{kind}: no link. {trouble}", kind=self.kind, trouble=self.trouble).strip()
        if not self.failed:
            return tr("{kind}: link sound", kind=self.kind)
        return tr("{kind}: {failed} of the last {of} exchanges failed", kind=self.kind, failed=self.failed, of=self.of)


class BenchState(Struct, frozen=True):
    """Hold what the foot of the window shows: the programmer, its sockets, the phone."""

    programmer: DeviceSelf | None
    sockets: Mapping[str, PartSelf | None]
    phone_on: bool | None
    phone_label: str = ""
    phone_imei: str = ""
    trouble: str = ""
    links: tuple[LinkState, ...] = ()

    @property
    def firmware(self) -> Version | None:
        """Return the programmer's firmware."""
        return self.programmer.firmware if self.programmer else None


def look(rig: Rig) -> BenchState:
    """Ask every device how it is; a missing device is a state, not an error."""
    try:
        programmer = rig.programmer()
        said, sockets = programmer.hello(), programmer.sockets()
    except Trouble as trouble:
        rig.drop("programmer")
        return BenchState(None, {}, *_phone(rig), trouble=trouble.what, links=rig.links())
    return BenchState(said, sockets, *_phone(rig), links=rig.links())


def _phone(rig: Rig) -> tuple[bool | None, str, str]:
    try:
        state = rig.phone().state()
    except Refused:
        return False, "", ""
    except Trouble:
        rig.drop("phone")
        return None, "", ""
    return True, state.label, state.imei
