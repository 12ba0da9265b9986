"""The sentence that says which printer is the default: ``The default printer is Hall left on port USB001.``"""

from __future__ import annotations

import re
from typing import TYPE_CHECKING

from yes_tally.core.quantity import exactly
from yes_tally.core.reading.meaning.decide import Guess
from yes_tally.core.reading.shapes.layout import Entry
from yes_tally.core.reading.text.decode import Line

if TYPE_CHECKING:
    from yes_tally.core.reading.interpret import Interpreter

_DEFAULT_PRINTER = (
    r"(?:default printer|standarddrucker|imprimante par d[ée]faut|impresora (?:predeterminada|por defecto)|impressora (?:predefinida|padr[ãa]o|por omiss[ãa]o)|"
    r"stampante predefinita|standaardprinter|(?:domy[śs]ln[ąa] drukark[ąa]|drukark[ąa] domy[śs]ln[ąa]))"
)
_OF_WHOM = r"(?: (?:of|on|for|dieses|von|auf|de|du|del|di|da|do|van|op|tego)\b[^,.:;]{2,30}?)?"
_ON = r"(?:on|at|an|auf|am|über|sur|en|no|na|em|su|sulla|alla|op|aan|w|pod)"
_PORT = r"(?:ip|port|anschluss|puerto|porta|poort|le port|la porta|el puerto|a porta|porcie)"
_DRIVER = r"(?:with )?(?:the )?(?:driver|treiber|pilote|controlador|stuurprogramma|sterownik)"
_SAID = re.compile(
    rf"\W*(?:[^\W\d_]{{1,5}}[ '’])?(?P<which>{_DEFAULT_PRINTER}){_OF_WHOM} (?:is|ist|est|es|è|é|jest(?: to)?|to) [\"“„«]?\s?(?P<name>(?-i:[^\W_a-z])[^\"“”„«»,;]{{1,50}}?)\s?[\"”“»]?"
    rf"(?:,? {_ON} (?:{_PORT} )?(?P<port>(?:[\w:\\-]|\.(?=\w))*\d(?:[\w:\\-]|\.(?=\w))*))?(?:,? {_DRIVER} (?P<driver>[^,;]{{2,50}}?))?\s*[.!]?\s*$",
    re.I,
)


def default_printer(interpreter: Interpreter, line: Line, sentence: str, at: int) -> bool:
    """Read a sentence (from the column ``at``, counted from 0) as one that names the default printer. Whether it is one."""
    match = _SAID.match(sentence)
    if match is None:
        return False
    item = interpreter.new_item("printer")
    for fact in ("name", "port", "driver"):
        if match[fact]:
            place = Entry("", match[fact], line.number, at + match.start(fact) + 1)
            interpreter.place(place, "sentences", (Guess(f"printer.{fact}", 0.85, "a sentence says so"),), item)
    which = Entry("", match["which"], line.number, at + match.start("which") + 1)
    interpreter.add("printer.default", item, which, exactly("flag", True), "sentences", 0.85, "a sentence says so")
    return True
