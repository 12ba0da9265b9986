"""Lines that each tell of one thing whole, in words, put in the form that all that reads such lines knows: what it is,
behind a colon, and what is said of it between commas. Every line stays as wide as it was, but for a blank behind a colon
that had none."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.meaning.decide import Context, decide
from yes_tally.core.reading.meaning.spoken_of import MAY_BE_CARD
from yes_tally.core.reading.phrases import is_known, names_item, subject_called
from yes_tally.core.reading.shapes.layout import MAX_LINE, marks_as_commas
from yes_tally.core.reading.text.decode import Line

# ``CPU0 -> ``, ``gpu1 = ``, ``Disk 0 is a ``
_HEAD = re.compile(
    r"(?P<head>\s*(?P<noun>[^\W\d_]{2,20}(?: [^\W\d_]{2,20}){0,2}?)[ .]?#?(?P<number>\d{1,2}|(?<= )[A-Z]\d{0,2}))"
    r"(?P<mark>\s*(?::|->|=>|→|⇒|=|»)|\s|\s+(?:is an?|ist eine?|est une?|es una?|é uma?|è una?|is een|to))\s(?=\s*\S)",
    re.I,
)
# ``1. ``, and ``Basalt NV1000: ``
_NUMBERED = re.compile(r"(?P<head>\s*(?:\[?\d{1,3}[.\])]|#\d{1,3})\s+)(?=\S)")
# No update's number: ``HU-24117: Winter roll-up``.
_NAMED = re.compile(r"(?P<name>(?![A-Z]{1,4}-?\d{4,8}:)(?=[^:]*\d)[^\W\d_][^:,;()\[\]]{2,60}?):\s(?=\s*\S)")
# ``Kestrel K5-8420 with 6 cores``
_NAME_WITH = re.compile(
    r"\s*(?:[-*•] )?(?P<name>[A-Z][\w-]*(?: [\w-]+){0,3}) (?:with|mit|avec|con|com|met|z) (?=\d[\d.,]* ?[^\W\d_])"
)
# ``Basalt NV1000 [931.51 GB, NVMe]``
_IN_BRACKETS = re.compile(r"(?P<name>[^\[\]()]*[^\s\[\]():=,;]) \[(?P<told>[^\[\]()]*, [^\[\]()]*)\]\s*$")
_WITH = re.compile(r" (?:with|mit|avec|con|com|met|z) (?=\S)")
_AND = re.compile(r" (?:and|und|et|y|e|en|i) (?=[^,]*$)")
_DASHES = re.compile(r" (?:--?|[–—]) ")
# What is said of a thing is parted by one of these.
_IN_PARTS = re.compile(r"[,;] | [|·/–—-]{1,2} ")
_FEWEST_PARTS = 2


def one_form(lines: Sequence[Line]) -> list[Line]:
    """The lines, those that tell of a thing whole in one form."""
    return [_changed(line) if _IN_PARTS.search(line.text, 0, MAX_LINE) else line for line in lines]


def _changed(line: Line) -> Line:
    if line.tabbed is not None or len(line.text) > MAX_LINE:
        return line
    text = _behind_colon(_in_round_brackets(line.text))
    return line if text == line.text else replace(line, text=text)


def _in_round_brackets(text: str) -> str:
    match = _IN_BRACKETS.match(text) if " [" in text else None
    if match is None:
        return text
    opens, closes = match.start("told") - 1, match.end("told")
    return f"{text[:opens]}({match['told']}){text[closes + 1 :]}"


# ``gfx0:Palefire FX 40, 8 GB``
_TIGHT = re.compile(r"(?P<noun>\s*[^\W\d_]{2,20}) ?#?(?P<number>\d{1,2}):(?=[A-Z])")


def _behind_colon(text: str) -> str:
    tight = _TIGHT.match(text)
    if tight and ", " in text and _is_thing(tight["noun"].strip(), tight["number"]):
        text = f"{text[: tight.end()]} {text[tight.end() :]}"
    if (match := _HEAD.match(text)) and _is_thing(match["noun"], match["number"]):
        told = _without_with(_without_marks(_named(text[match.end() :])))
        if not match["mark"].strip():
            return text[: match.end()] + told
        if told.count(", ") >= _FEWEST_PARTS - (match["mark"].strip() != ":"):
            return match["head"].ljust(match.end() - 2) + ": " + told
    elif match := _NUMBERED.match(text):
        return match["head"] + _without_with(_named(text[match.end() :]))
    elif (match := _NAME_WITH.match(text)) and not names_item(match["name"]) and text.rstrip()[-1] != ".":
        return _without_with(text)
    return text


def _is_thing(noun: str, number: str) -> bool:
    """Whether a noun and a number name a thing: ``CPU 0``, ``Slot A1``, ``Card 2``."""
    if subject_called(noun, number) or MAY_BE_CARD.fullmatch(noun):
        return True
    return any(guess.fact == "module.slot" for guess in decide(noun, Context("module"))[:1])


def _named(told: str) -> str:
    """``Basalt NV1000: 931.51 GB, NVMe``: with a comma behind the name."""
    match = _NAMED.match(told)
    if match is None or is_known(match["name"]) or told.count(", ") < _FEWEST_PARTS - 1:
        return told
    return f"{match['name']}, {told[match.end() :]}"


def _without_marks(told: str) -> str:
    """With commas for the marks that part what is said."""
    if ", " in told or "  " in told:
        return told
    return marks_as_commas(_DASHES.sub(_comma, told) if len(_DASHES.findall(told)) >= _FEWEST_PARTS else told)


def _without_with(told: str) -> str:
    """``Kestrel K5-8420 with 6 cores, 12 threads and socket P0``: with commas only."""
    match = _WITH.search(told)
    if match is None or "," in told[: match.start()]:
        return told
    return told[: match.start()] + _comma(match) + _AND.sub(_comma, told[match.end() :])


def _comma(match: re.Match[str]) -> str:
    return ",".ljust(len(match.group()))
