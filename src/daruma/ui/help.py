"""What each view is for, and the words that the program uses in a sense of its own."""

FOR = {
    "intake": "Write down the phone, what is wrong, and what you promise. Read the phone on the cable to fill in most of it. "
    "What you promise decides which parts come on the table.",
    "plan": "See every way that is still open, part by part, with its time, cost, risk and chance; why the others are closed; "
    "and what would be worth knowing first. Choose a way: it becomes the run sheet.",
    "bench": "Do the run sheet step by step. What the devices do is done here; what your hands do is ticked. "
    "What cannot be taken back is held, and only when every interlock is lit.",
    "proof": "Measure what was promised. A function is proven when its measurement says so with its uncertainty; "
    "then its second eye is painted.",
    "hand_over": "One page for the customer and one for the file, printed or saved; then the job is closed.",
    "vault": "Backups of what parts carried. Nothing in here is ever changed; each is known by the digest of its bytes.",
    "jobs": "Every job ever opened here. Search by number, model or part of an IMEI and open one again.",
    "shelf": "Spare parts with where they came from and what they have been through. Scan a serial into the form to add one; "
    "scan a label anywhere to find it again.",
    "copies": "Copies of the whole store, made each night. Verify one, restore one, and purge what is kept too long.",
    "catalogue": "The models that the planner knows. Copy one into the shop's own folder to change it.",
    "set_up": "Who you are, where backups go, which devices and tools you have, and what things are worth to you.",
    "words": "Words that the program uses in a sense of its own.",
    "keys": "Every key, and what it does.",
}

GLOSSARY = (
    ("Act", "Something done to a part, a phone or the programmer that cannot be undone. Each is written down before it is sent."),
    ("Backup", "What a part carried when it was read: bytes, fields, part, phone, time and programmer, under a digest."),
    ("Board", "The phone's main board. It remembers which parts it expects; only the board itself can say what those are."),
    ("Closed way", "A way that cannot be gone, with the one reason that closes it and what would open it."),
    ("Die", "The number that a part's own chip says of itself. A part is known by it, before, during and after."),
    ("Doubt", "An act of which nobody knows yet whether it happened. It is settled by looking at the part."),
    ("Eye", "The left one is painted when a function is promised, the right one when it is proven."),
    ("Finishing", "What the phone does itself, with the maker's service, to take a part as its own."),
    ("Identity", "A serial or code by which a board knows a part."),
    ("Interlock", "A condition that must hold, with evidence, before an act can be held."),
    ("Knot", "A step that cannot be untied: after it there is no way back."),
    ("Maker's record", "The bytes in a part's memory: identities, calibration, checks; laid out as the model says."),
    ("Practice", "Work in which a stand-in took part. Its proofs say nothing of a real phone and are printed so."),
    ("Promise", "A function that the shop says will work when the phone is handed over."),
    ("Proof", "A measurement with its uncertainty that shows a promise is kept, taken on the parts as they are now."),
    ("Run sheet", "The steps of the way that was chosen, in their order."),
    (
        "Second place",
        "A folder on another disk that remembers how far the store has come and keeps what must not be lost.",
    ),
    ("Stand-in", "A simulated device or phone behind a real wire."),
    ("Thread", "The tie between an identity that the board expects and the part that carries it: whole, broken or not known."),
    ("Way", "An ordered list of steps from how things are to what was promised."),
    ("Write budget", "How often a part may still be written before its memory takes no more, and how sure that is."),
)
