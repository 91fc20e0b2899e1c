"""Parts, the identities they carry and the functions that rest on them."""

from enum import Enum

from msgspec import Struct

from daruma.core.language import inner, tr


class PartKind(Enum):
    """Name a carrier of identities."""

    BOARD = "board"
    DISPLAY = "display"
    TOUCH_CHIP = "touch_chip"
    SENSOR_FLEX = "sensor_flex"
    FACE_MODULE = "face_module"
    FRONT_CAMERA = "front_camera"
    REAR_CAMERA = "rear_camera"
    BATTERY = "battery"
    MOTOR = "motor"


class Identity(Enum):
    """Name a value that ties a part to a board."""

    DISPLAY_SERIAL = "display_serial"
    COVER_CODE = "cover_code"
    TOUCH_CHIP_ID = "touch_chip_id"
    FLEX_ID = "flex_id"
    AMBIENT_CODE = "ambient_code"
    IR_CAMERA_SERIAL = "ir_camera_serial"
    FLOOD_SERIAL = "flood_serial"
    PROJECTOR_SERIAL = "projector_serial"
    FRONT_CAMERA_SERIAL = "front_camera_serial"
    REAR_CAMERA_SERIAL = "rear_camera_serial"
    GAUGE_SERIAL = "gauge_serial"
    MOTOR_SERIAL = "motor_serial"


CARRIER = {
    Identity.DISPLAY_SERIAL: PartKind.DISPLAY,
    Identity.COVER_CODE: PartKind.DISPLAY,
    Identity.TOUCH_CHIP_ID: PartKind.TOUCH_CHIP,
    Identity.FLEX_ID: PartKind.SENSOR_FLEX,
    Identity.AMBIENT_CODE: PartKind.SENSOR_FLEX,
    Identity.IR_CAMERA_SERIAL: PartKind.FACE_MODULE,
    Identity.FLOOD_SERIAL: PartKind.FACE_MODULE,
    Identity.PROJECTOR_SERIAL: PartKind.FACE_MODULE,
    Identity.FRONT_CAMERA_SERIAL: PartKind.FRONT_CAMERA,
    Identity.REAR_CAMERA_SERIAL: PartKind.REAR_CAMERA,
    Identity.GAUGE_SERIAL: PartKind.BATTERY,
    Identity.MOTOR_SERIAL: PartKind.MOTOR,
}

IDENTITY_LABEL = {
    Identity.DISPLAY_SERIAL: tr("Display serial"),
    Identity.COVER_CODE: tr("Cover code"),
    Identity.TOUCH_CHIP_ID: tr("Touch chip id"),
    Identity.FLEX_ID: tr("Sensor flex id"),
    Identity.AMBIENT_CODE: tr("Ambient code"),
    Identity.IR_CAMERA_SERIAL: tr("Infrared camera serial"),
    Identity.FLOOD_SERIAL: tr("Flood light serial"),
    Identity.PROJECTOR_SERIAL: tr("Dot projector serial"),
    Identity.FRONT_CAMERA_SERIAL: tr("Front camera serial"),
    Identity.REAR_CAMERA_SERIAL: tr("Rear camera serial"),
    Identity.GAUGE_SERIAL: tr("Gauge serial"),
    Identity.MOTOR_SERIAL: tr("Motor serial"),
}

PART_LABEL = {
    PartKind.BOARD: tr("Board"),
    PartKind.DISPLAY: tr("Display panel"),
    PartKind.TOUCH_CHIP: tr("Touch chip"),
    PartKind.SENSOR_FLEX: tr("Front sensor flex"),
    PartKind.FACE_MODULE: tr("Face module"),
    PartKind.FRONT_CAMERA: tr("Front camera"),
    PartKind.REAR_CAMERA: tr("Rear camera"),
    PartKind.BATTERY: tr("Battery"),
    PartKind.MOTOR: tr("Haptic motor"),
}


PART_NOUN = {
    PartKind.BOARD: tr("board"),
    PartKind.DISPLAY: tr("panel"),
    PartKind.TOUCH_CHIP: tr("chip"),
    PartKind.SENSOR_FLEX: tr("flex"),
    PartKind.FACE_MODULE: tr("module"),
    PartKind.FRONT_CAMERA: tr("camera"),
    PartKind.REAR_CAMERA: tr("camera"),
    PartKind.BATTERY: tr("battery"),
    PartKind.MOTOR: tr("motor"),
}  # in one word, where the rest is told by what stands around it


class PartStatus(Enum):
    """Repeat the words of the phone's parts page."""

    GENUINE = "genuine"
    USED = "used"
    UNKNOWN = "unknown"
    UNFINISHED = "unfinished"
    LOCKED = "locked"


class Function(Enum):
    """Name what a phone does for its owner that part data decides."""

    AMBIENT_WHITE = "ambient_white"
    AUTO_BRIGHTNESS = "auto_brightness"
    NO_DISPLAY_NOTICE = "no_display_notice"
    TOUCH = "touch"
    FACE_UNLOCK = "face_unlock"
    BATTERY_RUNS = "battery_runs"
    BATTERY_HEALTH = "battery_health"
    NO_BATTERY_NOTICE = "no_battery_notice"
    FRONT_CAMERA = "front_camera"
    REAR_CAMERA_FINISHED = "rear_camera_finished"
    HAPTICS = "haptics"


class Version(Struct, frozen=True, order=True):
    """Hold a dotted version of the phone's system software or a firmware."""

    major: int
    minor: int = 0

    @classmethod
    def parse(cls, text: str) -> "Version":
        """Read "5.3" or "5"; raise ValueError for anything else."""
        head, _, tail = text.strip().partition(".")
        if not (head.isascii() and head.isdigit() and (not tail or (tail.isascii() and tail.isdigit()))):
            raise ValueError(f"{text!r} is not a version such as 5.3")
        return cls(int(head), int(tail or 0))

    def __str__(self) -> str:
        return f"{self.major}.{self.minor}"


class PartSelf(Struct, frozen=True):
    """Hold what a part on a socket says of itself: how it is recognised before and after an act."""

    die: str
    kind: PartKind
    maker: str
    family: str
    memory_size: int
    chip: str | None = None

    def name(self) -> str:
        """Return the short name used in sentences."""
        return f"{inner(PART_LABEL[self.kind])} {self.die[-6:]}"
