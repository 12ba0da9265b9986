"""Words without a label that say by themselves what they are (``connected``, ``1 Gbit/s``)."""

from __future__ import annotations

import re
from functools import lru_cache
from typing import TYPE_CHECKING

from yes_tally.core.catalogue import FACTS, FIELDS, FactKind
from yes_tally.core.quantity import exactly
from yes_tally.core.reading.meaning.decide import Context, Guess, decide
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.meaning.questions import asked_for
from yes_tally.core.reading.shapes.layout import MAX_LABEL, Entry
from yes_tally.core.reading.values.text_forms import PERMANENT
from yes_tally.core.reading.values.understand import understand
from yes_tally.core.words import choice_named, flag_of

if TYPE_CHECKING:
    from yes_tally.core.reading.drafts import Item
    from yes_tally.core.reading.interpret import Interpreter

# What stands alone in a head line and explains itself.
_BARE: dict[str, tuple[str, bool | str]] = {
    "connected": ("adapter.connected", True), "not connected": ("adapter.connected", False),
    "disconnected": ("adapter.connected", False), "lower up": ("adapter.connected", True),
    "no carrier": ("adapter.connected", False), "wired": ("adapter.kind", "wired"),
    "wireless": ("adapter.kind", "wireless"), "bluetooth": ("adapter.kind", "bluetooth"),
    "virtual": ("adapter.kind", "virtual"), "loopback": ("adapter.kind", "loopback"),
}  # fmt: skip
_BARE_MEASURES = ("adapter.speed",)
# Addresses of an adapter, by their form.
_BARE_ADDRESSES = (
    ("adapter.ipv4", re.compile(r"\d{1,3}(?:\.\d{1,3}){3}(?:/\d{1,2})?")),
    ("adapter.ipv6", re.compile(r"(?=.*::|(?:[0-9a-f]+:){7})[0-9a-f:]{6,39}(?:%\w+)?(?:/\d{1,3})?", re.I)),
    ("adapter.mac", re.compile(r"[0-9a-f]{2}(?:[:-][0-9a-f]{2}){5}", re.I)),
)
# Labels whose yes is the fact's no, and the moments that they deny.
_DENIED = {
    "account.enabled": "disabled|deactivated|locked out|deaktiviert|gesperrt|desactive|desactivado|desativado|disattivato|disabilitato|uitgeschakeld|wylaczone",
    "task.enabled": "disabled|deactivated|deaktiviert|desactivee|desactivada|desativada|disattivata|disabilitata|uitgeschakeld|wylaczone",
    "adapter.connected": "disconnected|unplugged|media disconnected",
    "account.password_expires_at": "never expires|password never expires|kennwort lauft nie ab|mot de passe n'expire jamais|la contrasena nunca caduca|"
    "contrasena nunca caduca|a palavra-passe nunca expira|senha nunca expira|la password non scade mai|wachtwoord verloopt nooit|haslo nigdy nie wygasa",
}  # fmt: skip


# Of these a no says as much as a yes: ``Activated: no``.
_OPPOSITE = {"active": "inactive"}


def told_by_itself(interpreter: Interpreter, entry: Entry, shape: str, context: Context, item: Item | None) -> None:
    """Read a word or a measure that needs no label, of the group that is spoken of."""
    word, before = " ".join(words_of(entry.printed)), len(interpreter.drafts)
    fact, value = _BARE.get(word, ("", ""))
    if fact.partition(".")[0] == context.group:
        kind = FACTS[fact].kind
        said = f"“{entry.printed}” says it by itself"
        interpreter.add(fact, item, entry, exactly(kind, value), shape, 0.85, said)
        return
    if context.group == "adapter":
        _adapters_word(interpreter, entry, shape, item)
        for address, form in _BARE_ADDRESSES:
            if form.fullmatch(entry.printed):
                guess = Guess(address, 0.82, "its form says what it is of an adapter")
                interpreter.place(entry, shape, (guess,), item)
    for measure in _BARE_MEASURES:
        if measure.startswith(f"{context.group}."):
            known = understand(FACTS[measure], entry.printed, interpreter.locale)
            if known:
                interpreter.add(measure, item, entry, known, shape, 0.85, "its unit says what it is")
    is_flag = item and len(interpreter.drafts) == before and len(entry.printed) <= MAX_LABEL
    for guess in decide(entry.printed, context)[:1] if is_flag else ():
        if guess.phrase and FACTS[guess.fact].kind == "flag" and guess.fact.startswith(f"{context.group}."):
            # ``[default printer]``
            interpreter.add(guess.fact, item, entry, exactly("flag", True), shape, 0.8, "it is said of it in brackets")


# ``connected at 1 Gbit/s``
_AT_SPEED = re.compile(
    r"(?P<state>[^\W\d_]+(?: [^\W\d_]+)?) (?:at|to|with|mit|à|a|au|com|con|met|z|op|na) (?=[\d\"'«„“])", re.I
)


def _adapters_word(interpreter: Interpreter, entry: Entry, shape: str, item: Item | None) -> None:
    """``kabelgebunden``, ``niepołączona``: an adapter's kind, or whether it is connected, in any language."""
    kind = choice_named("kind", FACTS["adapter.kind"].choices, entry.printed)
    at_speed = _AT_SPEED.match(entry.printed)
    connected = flag_of(at_speed["state"] if at_speed else entry.printed) if not entry.printed[:1].isdigit() else None
    said = f"“{entry.printed}” says it by itself"
    if kind:
        interpreter.add("adapter.kind", item, entry, exactly("choice", kind), shape, 0.8, said)
    elif connected is not None:
        interpreter.add("adapter.connected", item, entry, exactly("flag", connected), shape, 0.8, said)


def choice_by_flag(interpreter: Interpreter, entry: Entry, shape: str, context: Context, item: Item | None) -> bool:
    """``UEFI: yes`` of a firmware, ``wireless: yes`` of an adapter: the label is one of a choice, a yes takes it."""
    said_yes = flag_of(entry.printed)
    if said_yes is None and not context.item:
        said_yes = _BITS.get(entry.printed)
    if said_yes is None:
        return False
    label = asked_for(entry.label)
    # Among facts of the PC itself this is said so too: ``Activated: yes``.
    alone = () if context.item else (FACTS["licence.state"],)
    for fact in (*(FIELDS[context.group] if context.group else ()), *alone):
        choice = choice_named(fact.field, fact.choices, label) if fact.kind == "choice" else None
        if choice and not said_yes:
            # ``no, 12 days of grace are left``: what follows says more than the no.
            more = understand(fact, entry.printed.partition(" ")[2], interpreter.locale)
            choice = str(more.value) if more else _OPPOSITE.get(choice)
        if choice:
            said = f"“{entry.label}” is one of what it may be"
            interpreter.add(fact.name, item, entry, exactly("choice", choice), shape, 0.85, said)
            interpreter.asides(fact.name, item, entry, shape, 0.85)
            return True
    return False


def health_ahead(interpreter: Interpreter, entry: Entry, shape: str, item: Item | None) -> bool:
    """``caution: 8 sectors moved`` of a disk, or on its line: how it is stands before the colon, and why behind it."""
    if item is None and interpreter.numbered_line == entry.line:
        item = interpreter.numbered
    fact = FACTS.get(f"{item.group}.health") if item else None
    why = " " in entry.printed
    health = choice_named("health", fact.choices, entry.label) if fact and why else None
    if fact is None or health is None:
        return False
    at = Entry("", entry.label, entry.line, max(1, entry.column - len(entry.label) - 2))
    interpreter.add(fact.name, item, at, exactly("choice", health), shape, 0.8, "it says so before it says why")
    return True


# Of what a PC has one of, no count is beside such a label.
_BITS = {"0": False, "1": True}


def never_ends(interpreter: Interpreter, entry: Entry, shape: str, guess: Guess, item: Item | None) -> bool:
    """``Licence expires: no, it is permanent``: what does not end never does. Whether it is said so."""
    first, _, more = entry.printed.partition(", ")
    if not guess.fact.endswith("expires_at") or flag_of(first) is not False:
        return False
    interpreter.add(guess.fact, item, entry, exactly("moment", "never"), shape, guess.confidence, guess.why)
    if guess.fact == "licence.expires_at" and _PERMANENT.search(more):
        said = "what stands beside the no says so"
        interpreter.add("licence.permanent", item, entry, exactly("flag", True), shape, 0.85, said)
    return True


_PERMANENT = re.compile(rf"\b(?:{PERMANENT})\b", re.I)


def said_the_other_way(interpreter: Interpreter, entry: Entry, shape: str, context: Context, item: Item | None) -> bool:
    """``Disabled: no`` of an account, ``Password never expires: yes``: the label denies what the fact asks."""
    denied = _denials().get(context.group or "")
    fact = denied.get(words_of(entry.label)) if denied else None
    said = flag_of(entry.printed) if fact else None
    if fact is None or said is None:
        return False
    if fact.kind == "moment" and not said:
        return True  # when it does is not said
    value = exactly("flag", not said) if fact.kind == "flag" else exactly("moment", "never")
    interpreter.add(fact.name, item, entry, value, shape, 0.9, f"“{entry.label}” says the contrary of {fact.name}")
    return True


@lru_cache(maxsize=1)
def _denials() -> dict[str, dict[tuple[str, ...], FactKind]]:
    """Group to the labels that deny one of its facts."""
    found: dict[str, dict[tuple[str, ...], FactKind]] = {}
    for name, labels in _DENIED.items():
        own = found.setdefault(FACTS[name].group, {})
        own.update((words_of(label), FACTS[name]) for label in labels.split("|"))
    return found
