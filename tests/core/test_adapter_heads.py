"""Adapters whose first lines tell in parts what they are called and how they are, over deeper lines."""

from __future__ import annotations

import unittest
from itertools import product

from tests.core.readings import told

_CARDS = (
    ("wlan0", "Office radio", "Halyard AX Wireless 160", "02:4f:6c:11:90:a2", "10.20.4.61"),
    ("eth0", "Dock", "Halyard GE-1 Ethernet", "02:4f:6c:11:90:a3", "10.20.7.61"),
)
_HEADS = (
    '{kernel}  "{called}"           UP', '{kernel}: "{called}", up', "{kernel} ({called})   connected", "{called} [{kernel}]   up",
    "{called}     up", "* {called} - up", 'Adapter "{called}": up', '"{called}"  connected', "[{called}] up",
)  # fmt: skip
_DETAILS = (
    ("hw address {mac}", "{ip}/24 from 10.20.4.1", "way out 10.20.4.1", "names from 10.20.0.5 and 10.20.0.6"),
    ("MAC {mac}", "address {ip}, mask 255.255.255.0", "gateway 10.20.4.1", "DNS 10.20.0.5, 10.20.0.6"),
    ("{mac}", "{ip} / 255.255.255.0, gateway 10.20.4.1, DNS 10.20.0.5 and 10.20.0.6"),
    ("hardware address: {mac}", "ip address: {ip}", "default gateway: 10.20.4.1", "name servers: 10.20.0.5, 10.20.0.6"),
)
_MODELS = ("{model}", "model {model}", "{model}, 1 Gbit/s")


class AdapterHeads(unittest.TestCase):
    def test_each_name_is_told_as_what_it_is(self) -> None:
        for head, details, model, apart in product(_HEADS, _DETAILS, _MODELS, ("", "\n")):
            lines = ["nq-a % adapters", ""]
            for kernel, called, made, mac, ip in _CARDS:
                lines.append(head.format(kernel=kernel, called=called))
                lines += [f"    {line.format(model=made, mac=mac, ip=ip)}" for line in (model, *details)]
                lines += [apart] if apart else []
            with self.subTest(head=head, details=details[0], model=model, apart=bool(apart)):
                found = told("\n".join(lines))
                for number, (_, called, made, mac, _ip) in enumerate(_CARDS, 1):
                    expected = {
                        "connection": called, "name": made, "mac": mac, "connected": True, "gateway": "10.20.4.1"
                    }  # fmt: skip
                    self.assertEqual(
                        {field: found.get(f"adapter#{number}.{field}") for field in expected}, expected, found
                    )
                self.assertFalse([key for key in found if key.startswith("adapter#3")], found)

    def test_a_model_and_what_the_kernel_calls_it(self) -> None:
        found = told(
            "nq-a % adapters\nWickerlink GbE 210 (eth1)  down\n    MAC 02:4f:6c:11:90:a4\n    gateway 10.20.4.1\n"
        )
        self.assertEqual(found.get("adapter#1.name"), "Wickerlink GbE 210")
        self.assertEqual(found.get("adapter#1.connected"), False)

    def test_other_things_are_no_adapters(self) -> None:
        found = told('nq-a % disks\nDock   "Basalt NV1000"   up\n    serial BNV1K0044127\n    10.20.1.1\n')
        self.assertFalse([key for key in found if key.startswith("adapter")], found)


if __name__ == "__main__":
    unittest.main()
