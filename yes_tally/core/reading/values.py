"""From a printed text to the value of a fact: one small parser a kind, one table of exceptions."""

from __future__ import annotations

import ipaddress
import re
from collections.abc import Callable
from functools import lru_cache

from yes_tally.core import quantity
from yes_tally.core.catalogue import BINARY_SIZES, CHOICE_CODES, FACTS, NOMINAL_SIZES, SOLD_SIZES, FactKind
from yes_tally.core.moment import moment
from yes_tally.core.quantity import Locale, Value, exactly
from yes_tally.core.reading.asides import DATED_BY
from yes_tally.core.reading.text_forms import TEXT_FORMS
from yes_tally.core.words import COUNT_WORDS, choice_named, choice_of, flag_of, is_placeholder, plain

MAX_TEXT = 300
_MAC = re.compile(
    r"(?<![\w:])(?:[0-9a-f]{2}([:-]))(?:[0-9a-f]{2}\1){4}[0-9a-f]{2}(?![\w:])|(?<!\w)(?:[0-9a-f]{4}\.){2}[0-9a-f]{4}(?!\w)",
    re.I,
)
_BARE_MAC = re.compile(r"(?=.*[a-f])[0-9a-f]{12}", re.I)
_UUID = re.compile(r"\{?([0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12})\}?", re.I)
_IP = re.compile(r"(?<![\w.:])(?:\d{1,3}(?:\.\d{1,3}){3}|[0-9a-f]*(?::[0-9a-f]*){2,7}(?:%\w+)?)(?![\w:])", re.I)

_PC_MEMORY = frozenset({"memory.installed", "memory.usable", "memory.available", "memory.limit", "module.size"})
_LEAST_MEMORY = 512 * 2**20
_DAY = re.compile(r"(?:19|20)\d\d[-./]\d{1,2}[-./]\d{1,2}(?!\d|\.)|\d{1,2}[-./]\d{1,2}[-./](?:19|20)\d\d(?!\d|\.)")
_DRIVE = re.compile(r"[A-Za-z]:\\$")
# What says whether, and not which or what; only what a person or a program names may be called so.
_SAID_OF_FLAGS = frozenset({"true", "false", "yes", "no"})
_ANY_WORD = frozenset({"variable.value", "process.name", "event.text", "task.last_result", "volume.label"})


def understand(fact: FactKind, printed: str, locale: Locale, unit: str = "") -> Value | None:
    """What ``printed`` says of ``fact``, or ``None`` when it cannot be a value of it.

    ``unit`` is the unit that the label gave. A placeholder is never a value.
    """
    text = printed.strip()
    if not text or len(text) > 4 * MAX_TEXT:
        return None
    return _understood(fact.name, text, locale, unit)


# The PCs of an office print the same makers, sizes and words over and over.
@lru_cache(maxsize=32768)
def _understood(name: str, text: str, locale: Locale, unit: str) -> Value | None:
    fact = FACTS[name]
    return _KINDS[fact.kind](fact, text, locale, unit)


# What a file system's name looks like where nothing says that it is one.
FILE_SYSTEM = r"[A-Z]{2,6}\d{1,2}|[A-Z]{0,5}(?:FS|FAT)\d{0,2}|[a-z]{2,6}\d?fs\d?|(?:ex|x)?fat\d*|ex[A-Z]{2,4}|ext\d"
# What kernels call a memory's file system is a kind of volume too.
_FILE_SYSTEM = re.compile(r"fs\d?$|fat|ext\d", re.I)
# A clock, a rate or a size is the name of nothing.
_A_MEASURE = re.compile(r"\d[\d.,]* ?(?:MT/s|[KMG]Hz|[KMGT]i?B|[KMGT]bit/s|m?Wh|%)", re.I)


# What no version is.
_NO_VERSION = frozenset({"driver.name", "software.name", "task.name", "printer.name"})
_VERSION_FIRST = re.compile(r"v?\d+(?:\.\d+)+(?:\s|,|\(|$)")
# What is called so stands in quotes; they are no part of it.
_AS_PRINTED = frozenset({"variable.value", "event.text"})
_QUOTED = re.compile(r"«([^«»]+)»|“([^“”]+)”|„([^„“”]+)[“”]|‘([^‘’]+)’")


# Nothing of these is called ``on`` or ``nein``.
_NEVER_A_SWITCH = frozenset(("firewall.profile", "process.name", "adapter.name", "disk.model", "display.name"))


def _text(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    if is_placeholder(text) or len(text) > MAX_TEXT:
        return None
    if _A_MEASURE.fullmatch(text) and fact.name not in _ANY_WORD:
        return None
    if fact.name in _NO_VERSION and _VERSION_FIRST.match(text):
        return None
    if fact.name in _NEVER_A_SWITCH and flag_of(text) is not None:
        return None
    if (
        fact.name == "volume.filesystem"
        and not _FILE_SYSTEM.search(text)
        and choice_named("kind", FACTS["volume.kind"].choices, text)
    ):
        return None
    form = TEXT_FORMS.get(fact.name)
    if form:
        match = form.match(text)
        if match is None:
            return None
        text = ((match["keep"] if "keep" in form.groupindex else None) or match.group()).strip()
    if text.casefold() in _SAID_OF_FLAGS and fact.name not in _ANY_WORD:
        return None
    if fact.name == "volume.mount" and _DRIVE.match(text):
        text = text[:2]
    if fact.name not in _AS_PRINTED and (quoted := _QUOTED.fullmatch(text)):
        text = next(filter(None, quoted.groups())).strip()
    if '""' in text:
        text = text.replace('""', '"')  # a mark within quotes is written twice (RFC 4180, section 2, 7)
    return exactly("text", text) if text and not is_placeholder(text) else None


# ``3.8 GB usable of 4.0 GB``: the whole is what is said last.
_PART_OF = re.compile(
    r"[\d.,]+ ?[KMGT]i?[BO] [^\W\d_]+ (?:of|out of|von|sur|de|di|van|z) (?P<whole>[\d.,]+ ?[KMGT]i?[BO])|"
    r"[\d.,]+(?: ?[KMGT]i?[BO])? (?:of|out of|von|sur|de|di|van|z) (?P<all>[\d.,]+ ?[KMGT]i?[BO])\b",
    re.I,
)


def _size(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    part = _PART_OF.match(text) if fact.name == "memory.installed" else None
    text = (part["whole"] or part["all"]) if part else text
    if fact.name == "memory.installed" and (sum_of := _SUM.search(text)):
        text = sum_of["all"]
    times = _TIMES.match(text) if fact.name == "memory.installed" else None
    text = text[times.end() :] if times else text
    binary, nominal = fact.name in BINARY_SIZES, fact.name in NOMINAL_SIZES
    value = quantity.size(text, locale, binary=binary, nominal=nominal, unit=unit)
    if value and fact.name in _PC_MEMORY and 0 < float(value.high) < _LEAST_MEMORY:  # type: ignore[arg-type]
        # So little, and marked: the mark before three digits was no decimal mark after all.
        other = locale._replace(decimal_comma=not locale.decimal_comma)
        value = quantity.size(text, other, binary=binary, nominal=nominal, unit=unit) or value
    if value is None and not unit and fact.group == "memory":
        value = quantity.memory_by_plausibility(text, locale)
    if value is None and not unit:
        value = quantity.bare_bytes(text, locale)
    if value and times:
        value = quantity.times(value, int(times["times"]))
    return quantity.as_sold(value) if value and fact.name in SOLD_SIZES else value


# ``2 x 8 GiB``, ``2 x 8 GB = 16 GB``
_TIMES = re.compile(r"(?P<times>\d{1,2}) ?[x×] ?(?=\d+ ?[GM]i?[BO]\b)", re.I)
_SUM = re.compile(r"[x×] ?\d.*= ?(?P<all>\d[\d.,]* ?[GM]i?[BO])\b", re.I)


def _clock(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    # CIM_Processor counts MaxClockSpeed and CurrentClockSpeed in MHz (CIM schema, Device); no PC runs at such hertz.
    bare = not unit and _BARE_MHZ.fullmatch(text)
    return quantity.clock(text, locale, "MHz" if bare else unit)


_BARE_MHZ = re.compile(r"[1-9]\d{2,3}")


def _rate(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    if _BARE_BITS.fullmatch(text):
        unit = unit or "bit/s"
    elif medium := _MEDIUM.match(text):
        text = f"{medium['mbit']} Mbit/s"
    return quantity.rate(text, locale, unit)


# CIM_NetworkPort counts Speed in bits a second (CIM schema, Device).
_BARE_BITS = re.compile(r"[1-9]\d*0{6,}")
# ``1000BASE-T``: the rate is in the name (IEEE 802.3, 1.2.3)
_MEDIUM = re.compile(r"(?P<mbit>10{1,3}|2500|5000|10000)BASE-?[A-Z]", re.I)


def _count(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    printed = f"{text} Wh" if unit.casefold() == "wh" else text
    if fact.group == "battery" and (hours := _WATT_HOURS.fullmatch(printed)):
        return quantity.count(str(round(float(hours[1].replace(",", ".")) * 1000)))
    if _NUMBERS_WHAT_FOLLOWS.match(text) or _SHARE_OF_ALL.match(text):
        return None
    if fact.name in _NEVER_NONE and _NONE.match(text):
        return None
    # "2 of 4 in use": there are four.
    if fact.name == "processor.width" and not _WIDTH.match(text):
        return None
    of_all = _OF_SLOTS.match(text) if fact.name == "memory.slots" else None
    left = _STILL.match(text)
    if fact.name == "graphics.refresh" and (hertz := _HERTZ.match(text)):
        return quantity.count(str(round(float(hertz[1].replace(",", ".")))))
    if fact.name in ("module.speed", "module.running_speed") and (named := _WITH_SPEED.match(text)):
        text = named.group().rpartition("-")[2]
    if text.isalpha() and (count := COUNT_WORDS.get(plain(text))):
        return quantity.count(str(count))
    return quantity.count(of_all["all"] if of_all else left["left"] if left else text)


# A processor works on so many bits; an address may have others.
_HERTZ = re.compile(r"(\d{2,3}[.,]\d{1,3}) ?Hz\b", re.I)
_WATT_HOURS = re.compile(r"(\d{1,3}(?:[.,]\d{1,2})?) ?Wh\b.*", re.I)
_WIDTH = re.compile(r"(?:8|16|32|64|128)\b")
# ``reply 2: 1 ms``: the number says which one.
_NUMBERS_WHAT_FOLLOWS = re.compile(r"\d+:\s")
_SHARE_OF_ALL = re.compile(r"[\d.,]+ ?%")
# What a PC has at least one of.
_NEVER_NONE = frozenset({"processor.cores", "processor.threads", "processor.width", "memory.slots"})
_NONE = re.compile(r"0+\b(?![.,]\d)")
# "three are left", in the order of other languages.
_STILL = re.compile(
    r"(?:still|only|noch|quedan|restan|restam|reste(?:nt)?|il reste|restano|rimangono|rimasti|nog|pozosta\w+|zosta\w+)\s+(?P<left>\d{1,6})$",
    re.I,
)
_OF_SLOTS = re.compile(r"\d{1,3}\s*(?:of|von|de|sur|di|van|z|/)\s*(?P<all>\d{1,3})\b", re.I)


def _share(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    return quantity.share(text, locale)


# Makers of firmware begin their versions with letters: ``Loamgate M3.0.9 of 07/03/2022``.
_PREFIXED = re.compile(r"(?<![\w.-])[A-Z]{1,4}-?\d+(?:\.\w+)+")
# ``Tavelin F12``, ``version F12``
_BEHIND_MAKER = re.compile(
    r"(?:(?:[A-Z][\w&-]*[a-z]|version|ver\.?|rev\.?|release),? ){1,4}(?P<code>[A-Z]{1,3}\d{1,4}[A-Za-z]?)$"
)
# ``M3.0.9 (07-03-2022)``: of when it is, not which.
_DAY_ASIDE = re.compile(
    r"\s*\([^()]*(?:19|20)\d\d[^()]*\).*|"
    rf"(?:,|,? (?:{DATED_BY})(?: [^\W\d_]+)?) (?=\d{{1,4}}[-./]\d{{1,2}}[-./]\d{{2,4}}).*"
)


def _version(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    if is_placeholder(text) or _DAY.match(text):
        return None
    if fact.name == "os.kernel" and "." not in text:
        return None
    text = _DAY_ASIDE.sub("", text)
    if fact.name == "firmware.version":
        if prefixed := _PREFIXED.search(text):
            return exactly("version", prefixed.group())
        if behind := _BEHIND_MAKER.match(text):
            return exactly("version", behind["code"])
    return quantity.version(text)


def _moment(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    return moment(text, locale)


def _span(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    return quantity.span(f"{text} {unit}" if unit and text[-1:].isdigit() else text, locale)


_STATE_WORD = re.compile(r"[^\W\d_]+(?=,? (?:(?:at|with|mit|à|a|con|com|met|z)\b|\d|\())")


_LOCKED = re.compile(
    r"(?:locked(?: out)?|blocked|gesperrt|bloqu[ée]e?|verrouill[ée]e?|bloquead[oa]|bloccat[oa]|geblokkeerd|vergrendeld|zablokowan[yea])",
    re.I,
)
_RIGHTS = re.compile(
    r"(?:(?P<all>(?:local )?(?:adm\w*|amministrat\w+|beheerder\w*|verwalter\w*))|(?:standard |limited )?(?:user|guest|benutzer|gast|utilisateur|invit\w+|usuario|utente|ospite|gebruiker|utilizador|convidado|uzytkownik|użytkownik|gość)s?)\s*$",
    re.I,
)
_PARTED = re.compile(
    r"\b(?:disconnected|unplugged|getrennt|d[ée]connect[ée]e?|d[ée]branch[ée]e?|desconectad[oa]s?|desligad[oa]s?|desenchufad[oa]|scollegat[oa]|disconness[oa]|losgekoppeld|"
    r"verbroken|roz[łl][ąa]czon\w+|od[łl][ąa]czon\w+|nie po[dł][łl]?[ąa]czon\w+|no (?:cable|link)|pas (?:branch[ée]e?|connect[ée]e?)|niet (?:verbonden|aangesloten)|sin conexi[óo]n|link down)\b",
    re.I,
)
_HOW_ADDRESSED = re.compile(
    r"(?:(?:by |via |per |par |por |da |door |przez )?(?P<yes>dhcp|auto\w*)|static|manual\w*|fixed|fest|fixe|fij[oa]|fix[oa]|statico|statisch|vast|statyczn\w+)(?![\w-])",
    re.I,
)


# What is said of a signature.
_SIGNATURE = re.compile(
    r"(?:(?P<good>good|valid|ok|verified|trusted|present|g[uü]ltig|valide|v[aá]lid[ao]|geldig|prawid[łl]ow\w|wa[żz]n\w)|"
    r"missing|none|invalid|bad|absent|broken|unverified|untrusted|revoked|expired|fehlt|ung[uü]ltig|absente?|assente|manquante?|falta|ausente|inv[aá]lida|"
    r"mancante|non valida|ontbreekt|ongeldig|brak|niewa[żz]n\w|nieprawid[łl]ow\w)\b",
    re.I,
)


# ``UEFI with secure boot``
_WITH_OR_WITHOUT = {
    **dict.fromkeys("with mit avec con com met z".split(), True),
    **dict.fromkeys("without ohne sans sin sem senza zonder bez".split(), False),
}
# Who signs has a name of several words.
_SIGNER = re.compile(r"[A-Z][\w&.'-]+(?: [\w&.'-]+){1,5}")


def _flag(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    # "connected at 1 Gbit/s", "up, full duplex": the first word says it.
    if fact.name == "adapter.dhcp" and (how := _HOW_ADDRESSED.match(text)):
        return exactly("flag", bool(how["yes"]))
    if fact.name == "account.admin" and (right := _RIGHTS.match(text)):
        return exactly("flag", bool(right["all"]))
    if fact.name == "account.enabled" and _LOCKED.fullmatch(text):
        return exactly("flag", False)
    if fact.name == "driver.signed" and (signature := _SIGNATURE.match(text)):
        return exactly("flag", bool(signature["good"]))
    if fact.name == "firmware.secure_boot" and (beside := _WITH_OR_WITHOUT.get(text.casefold())) is not None:
        return exactly("flag", beside)
    if fact.name == "adapter.connected" and _PARTED.search(text):
        return exactly("flag", False)
    first = _STATE_WORD.match(text) if fact.name == "adapter.connected" else None
    value = flag_of(first.group() if first else text)
    if value is None and fact.name == "driver.signed" and _SIGNER.fullmatch(text):
        return exactly("flag", True)  # ``Signed by   Harbour Hardware Signing``
    return None if value is None else exactly("flag", value)


# ``DDR4-3200``: a type, and the speed in its name (JESD79).
_WITH_SPEED = re.compile(r"\b(DDR\d?)-\d{3,5}\b", re.I)


def _choice(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    codes = CHOICE_CODES.get(fact.name)
    if fact.name == "module.type":
        text = _WITH_SPEED.sub(r"\1", text)
    if codes and text.isascii() and text.isdigit():
        word = codes.get(int(text)) if len(text) < 4 else None
    else:
        word = choice_of(fact.field, fact.choices, text) if len(text) <= MAX_TEXT else None
    return exactly("choice", word) if word and word != "unknown" else None


def _mac(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    match = _MAC.search(text) or _BARE_MAC.fullmatch(text)
    if match is None or is_placeholder(match.group()):
        return None
    digits = re.sub(r"[^0-9a-f]", "", match.group().casefold())
    if len(set(digits)) == 1:
        return None
    return exactly("mac", ":".join(digits[i : i + 2] for i in range(0, 12, 2)))


def _uuid(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    match = _UUID.search(text)
    if match is None or len(set(match[1]) - {"-"}) <= 2:
        return None
    return exactly("uuid", match[1].casefold())


def addresses(text: str, unspecified: bool = False) -> list[str]:
    """Every IP address in ``text``, in its normal form; the unspecified address only where asked for."""
    found = []
    for match in _IP.finditer(text[: 4 * MAX_TEXT]):
        try:
            address = ipaddress.ip_address(match.group())
        except ValueError:
            continue
        if unspecified or not address.is_unspecified:
            found.append(str(address))
    return found


_PREFIX = re.compile(r"/?[1-9]\d?")


def _ip(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    if fact.name == "route.destination" and text.casefold() in ("default", "0/0", "defecto", "standard", "défaut"):
        return exactly("ip", "0.0.0.0")
    if fact.field == "mask" and _PREFIX.fullmatch(text):
        mask = mask_of(f"/{text.removeprefix('/')}")
        return exactly("ip", mask) if mask else None
    found = addresses(text, unspecified=fact.name in ("route.destination", "route.mask"))
    return exactly("ip", found[0]) if found else None


_ADDRESS_LISTS = {"adapter.ipv4": 4, "adapter.ipv6": 6, "adapter.dns": 0, "lookup.address": 0}


_MASKED = re.compile(r"\s*/\s*255(?:\.\d{1,3}){3}")


def _list(fact: FactKind, text: str, locale: Locale, unit: str) -> Value | None:
    if fact.name in _ADDRESS_LISTS:
        version = _ADDRESS_LISTS[fact.name]
        own = _MASKED.sub("", _IN_BRACKETS.sub("", text)) if version else text
        parts = [a for a in addresses(own) if not version or (":" in a) == (version == 6)]
    else:
        parts = [part.strip(" *\"'{}[]") for part in re.split(r"[,;|]|\s{2,}", text)]
        if fact.name == "account.groups" and len(parts) == 1 and _TWO_GROUPS.fullmatch(parts[0]):
            parts = _AND.split(parts[0])
        parts = [part for part in parts if not is_placeholder(part)]
    return Value("list", tuple(parts), tuple(parts), tuple(parts)) if parts else None


_IN_BRACKETS = re.compile(r" ?\([^()]*\)?")
_AND = re.compile(r" (?:and|und|et|y|e|en|i|&) ")
# ``Administrators and Users``
_TWO_GROUPS = re.compile(rf"[A-Z][\w-]*{_AND.pattern}[A-Z][\w-]*")


_KINDS: dict[str, Callable[[FactKind, str, Locale, str], Value | None]] = {
    "text": _text, "size": _size, "clock": _clock, "rate": _rate, "count": _count, "share": _share,
    "version": _version, "moment": _moment, "span": _span, "flag": _flag, "choice": _choice, "mac": _mac,
    "ip": _ip, "uuid": _uuid, "list": _list,
}  # fmt: skip


def mask_of(prefix: str) -> str | None:
    """The dotted mask of ``/24`` (RFC 4632), or the text itself when it is an address already."""
    if prefix.startswith("/"):
        length = int(prefix[1:])
        return str(ipaddress.ip_network(f"0.0.0.0/{length}").netmask) if length <= 32 else None
    return prefix


_GIB = 2**30
# What modules of sold sizes add up to, in GiB: at most three sizes of a row.
_ADDED_UP = frozenset({n << k for n in (1, 3, 5, 7) for k in range(12)})


_TOTAL = re.compile(r"total|totaal|gesamt|in all|razem|w sumie|[lł][aą]cznie|calkowit")


def memory_told(fact: str, phrase: str, value: Value) -> str:
    """A "total" memory that modules can add up to is what is installed; any other is what the system sees."""
    if fact != "memory.usable" or not _TOTAL.search(phrase) or not isinstance(value.value, (int, float)):
        return fact
    whole, rest = divmod(value.value, _GIB)
    return "memory.installed" if rest == 0 and int(whole) in _ADDED_UP else fact
