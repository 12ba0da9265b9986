"""Lines that an adapter begins with, in parts: what people, its maker and the kernel call it, and how it is.

::

    wlan0  "Office radio"                      UP
    2. Landing air (not connected)
    Wickerlink GbE 210 (eth1)   connected, 1 Gbit/s
"""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import dataclass, field

from yes_tally.core.catalogue import FACTS
from yes_tally.core.reading.clauses.field_forms import FORMS
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.spoken_of import MAY_BE_CARD
from yes_tally.core.reading.phrases import SUBJECTS, is_known
from yes_tally.core.reading.shapes.layout import LIST_MARK
from yes_tally.core.words import choice_named, flag_of

_LISTED = re.compile(rf"\s*{LIST_MARK}")
# ``Adapter ``, ``Network card 2: ``
_NOUN = re.compile(r"(?P<noun>[^\W\d_]+(?: [^\W\d_]+)?)(?: #?\d{1,2})?(?::| -| (?=[\"“„«\[(])|$)\s*")
_PART = re.compile(
    r"[\"“„«]\s?(?P<quoted>[^\"“”„«»]{1,40}?)\s?[\"”“»]|[(\[](?P<aside>[^()\[\]]{1,60})[)\]]|"
    r"(?P<plain>[^\s,;:()\[\]\"“„«|·](?:(?!\s{2}|, |; |: | [-–—|·] |,$|:$)[^()\[\]\"“„«])*)"
)
_BETWEEN = re.compile(r"[\s,;:|·]*(?:[-–—](?=\s)\s*)?")
_KERNEL_NAME = re.compile(r"[a-z]{2,8}\d{1,3}(?:[a-z]\d{1,2})*")
# ``Wickerlink GbE 210``, ``Halyard GE-1 Ethernet``
_MODEL = re.compile(r"(?=.*\d)[A-Z][^\s,\d]*(?: [^\s,]+)+")
_KINDS = FACTS["adapter.kind"].choices
_CALLED = re.compile(r"[^\W\d_][^,;:=]{1,40}")
_CALLED_ASIDE = re.compile(r"[A-Z][^,;:=]{1,40}")


@dataclass(slots=True)
class AdapterHead:
    """What the line says, each as its text and its column from 0; ``more``: what else it tells."""

    called: list[tuple[str, int]] = field(default_factory=list)
    models: list[tuple[str, int]] = field(default_factory=list)
    kernel: list[tuple[str, int]] = field(default_factory=list)
    state: list[tuple[str, int]] = field(default_factory=list)
    more: list[tuple[str, int]] = field(default_factory=list)
    quoted: bool = False

    def names(self, model: tuple[str, int] | None) -> Iterator[tuple[str, tuple[str, int]]]:
        """The facts that tell what the adapter is called; ``model``: what the line below says that its maker calls it."""
        made = model or next(iter(self.models), None)
        called, kernel = next(iter(self.called), None), next(iter(self.kernel), None)
        name = made or kernel or (None if self.quoted else called)
        connection = called or (kernel if made else None)
        if name and name is not model:
            yield "adapter.name", name
        if connection and connection is not name:
            yield "adapter.connection", connection


def adapter_head(text: str) -> AdapterHead | None:
    """The parts of a line that an adapter may begin with; ``None`` where it holds other parts, or one kind of name twice."""
    listed = _LISTED.match(text)
    at = listed.end() if listed else 0
    noun = _NOUN.match(text, at)
    if noun and _is_card(noun["noun"]):
        at = noun.end()
    head = AdapterHead()
    while at < len(text):
        between = _BETWEEN.match(text, at)
        at = between.end() if between else at
        part = _PART.match(text, at)
        if part is None:
            break
        _sort(head, part)
        at = part.end()
    once = (head.called, head.models, head.kernel, head.state)
    return head if at >= len(text.rstrip()) and all(len(parts) <= 1 for parts in once) and any(once) else None


def _sort(head: AdapterHead, part: re.Match[str]) -> None:
    """Put a part where it belongs by its form."""
    name = part.lastgroup or "plain"
    place = (part[name].strip(), part.start(name))
    text = place[0]
    if name == "quoted":
        head.quoted = True
        head.called.append(place)
    elif FORMS["adapter.connected"].fullmatch(text) or (name != "quoted" and flag_of(text) is not None):
        (head.state if not head.state else head.more).append(place)
    elif choice_named("kind", _KINDS, text):
        head.more.append(place)
    elif _KERNEL_NAME.fullmatch(text):
        head.kernel.append(place)
    elif _MODEL.fullmatch(text):
        head.models.append(place)
    elif not (head.called or is_known(text)) and (_CALLED if name == "plain" else _CALLED_ASIDE).fullmatch(text):
        head.called.append(place)
    else:
        head.more.append(place)


def _is_card(noun: str) -> bool:
    return MAY_BE_CARD.fullmatch(noun) is not None or SUBJECTS.get(words_of(noun)) == "adapter"
