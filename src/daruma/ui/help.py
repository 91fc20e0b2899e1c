"""What each view is for, and the words that the program uses in a sense of its own."""

from daruma.core.language import tr

FOR = {
    "intake": tr(
        "Write down the phone, what is wrong, and what you promise. Read the phone on the cable to "
        "fill in most of it. What you promise decides which parts come on the table."
    ),
    "plan": tr(
        "See every way that is still open, part by part, with its time, cost, risk and chance; why "
        "the others are closed; and what would be worth knowing first. Choose a way: it becomes the "
        "run sheet."
    ),
    "bench": tr(
        "Do the run sheet step by step. What the devices do is done here; what your hands do is "
        "ticked. What cannot be taken back is held, and only when every interlock is lit."
    ),
    "proof": tr(
        "Measure what was promised. A function is proven when its measurement says so with its "
        "uncertainty; then its second eye is painted."
    ),
    "hand_over": tr("One page for the customer and one for the file, printed or saved; then the job is closed."),
    "vault": tr("Backups of what parts carried. Nothing in here is ever changed; each is known by the digest of its bytes."),
    "jobs": tr("Every job ever opened here. Search by number, model or part of an IMEI and open one again."),
    "shelf": tr(
        "Spare parts with where they came from and what they have been through. Scan a serial into "
        "the form to add one; scan a label anywhere to find it again."
    ),
    "copies": tr("Copies of the whole store, made each night. Verify one, restore one, and purge what is kept too long."),
    "catalogue": tr("The models that the planner knows. Copy one into the shop's own folder to change it."),
    "set_up": tr("Who you are, where backups go, which devices and tools you have, and what things are worth to you."),
    "words": tr("Words that the program uses in a sense of its own."),
    "keys": tr("Every key, and what it does."),
}

GLOSSARY = (
    (
        tr("Act"),
        tr("Something done to a part, a phone or the programmer that cannot be undone. Each is written down before it is sent."),
    ),
    (tr("Backup"), tr("What a part carried when it was read: bytes, fields, part, phone, time and programmer, under a digest.")),
    (
        tr("Board"),
        tr("The phone's main board. It remembers which parts it expects; only the board itself can say what those are."),
    ),
    (tr("Closed way"), tr("A way that cannot be gone, with the one reason that closes it and what would open it.")),
    (tr("Die"), tr("The number that a part's own chip says of itself. A part is known by it, before, during and after.")),
    (tr("Doubt"), tr("An act of which nobody knows yet whether it happened. It is settled by looking at the part.")),
    (tr("Eye"), tr("The left one is painted when a function is promised, the right one when it is proven.")),
    (tr("Finishing"), tr("What the phone does itself, with the maker's service, to take a part as its own.")),
    (tr("Identity"), tr("A serial or code by which a board knows a part.")),
    (tr("Interlock"), tr("A condition that must hold, with evidence, before an act can be held.")),
    (tr("Knot"), tr("A step that cannot be untied: after it there is no way back.")),
    (tr("Maker's record"), tr("The bytes in a part's memory: identities, calibration, checks; laid out as the model says.")),
    (tr("Practice"), tr("Work in which a stand-in took part. Its proofs say nothing of a real phone and are printed so.")),
    (tr("Promise"), tr("A function that the shop says will work when the phone is handed over.")),
    (tr("Proof"), tr("A measurement with its uncertainty that shows a promise is kept, taken on the parts as they are now.")),
    (tr("Run sheet"), tr("The steps of the way that was chosen, in their order.")),
    (
        tr("Second place"),
        tr("A folder on another disk that remembers how far the store has come and keeps what must not be lost."),
    ),
    (tr("Stand-in"), tr("A simulated device or phone behind a real wire.")),
    (
        tr("Thread"),
        tr("The tie between an identity that the board expects and the part that carries it: whole, broken or not known."),
    ),
    (tr("Way"), tr("An ordered list of steps from how things are to what was promised.")),
    (tr("Write budget"), tr("How often a part may still be written before its memory takes no more, and how sure that is.")),
)
