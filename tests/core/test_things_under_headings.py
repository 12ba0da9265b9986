"""The same few labels are told of many kinds of things: the heading, the command or the label itself says of which."""

import unittest

from tests.core.readings import told

# Of each kind: what headings call it, and its labels, values and fields.
KINDS = {
    "display#1": ("Monitor|Display|Screen|Attached screen", "Name=Pellucid P24h=name|Maker=Pellucid=maker|Serial number=P24H-0091=serial"),
    "graphics#1": ("Graphics card|Video adapter|GPU", "Model=Lumenarc LX 550=name|Maker=Lumenarc=maker|Driver=31.0.15=driver_version"),
    "disk#1": ("Disk|Hard drive|Storage device", "Model=Basalt NV500=model|Serial number=BNV5K00=serial|Firmware=2.1.0=firmware"),
    "module#1": ("Memory module|Memory device", "Maker=Siskin=maker|Part number=SK08-D4=part|Serial number=5F22C0D4=serial"),
    "processor#1": ("Processor|CPU|Central processor", "Name=Kestrel K5-8420=name|Maker=Merrow Silicon=maker|Socket=LGA-S4=socket"),
    "board": ("Mainboard|Motherboard|Base board", "Maker=Fennimore=maker|Model=FB-M3=model|Serial number=MB0F33=serial|Version=A2=version"),
    "firmware": ("Firmware|BIOS", "Vendor=Loamgate=maker|Version=L52.1.18=version"),
    "adapter#1": ("Network adapter|Network card|Ethernet", "Name=Wickerlink GbE 210=name|MAC=00:1b:44:11:3a:b7=mac"),
    "sound#1": ("Sound card|Audio device", "Name=Chime Analog=name|Maker=Chime Audio=maker"),
    "os": ("Operating system|System software", "Name=Harbour OS 12=name|Version=12.0.4417=version|Build=4417=build"),
    "machine": ("System|Computer|Machine", "Maker=Corrane=maker|Model=Tallow 520=model|Serial number=CRN7K20466=serial"),
    "printer#1": ("Printer", "Name=Hall printer=name|Driver=Gullwing 4=driver|Port=10.20.1.90=port"),
    "account#1": ("Account|User account", "Name=icalloway=name|Full name=Ines Calloway=full_name"),
}  # fmt: skip
HEADED = {
    "underlined": lambda head, pairs: f"{head}\n{'-' * len(head)}\n{pairs}",
    "in brackets": lambda head, pairs: f"[{head}]\n{pairs}",
    "between signs": lambda head, pairs: f"=== {head} ===\n{pairs}",
    "apart": lambda head, pairs: f"{head}\n\n{pairs}",
    "marked": lambda head, pairs: f"## {head}\n\n{pairs}",
    "by a command": lambda head, pairs: f"nq-acc-07> show {head.lower()}\n{pairs}",
    "further down": lambda head, pairs: f"Report of 14 March 2025\n\n{head}\n{pairs}\nEnd of report\n",
}


def fields(text):
    return [line.split("=") for line in text.split("|")]


class UnderHeadings(unittest.TestCase):
    def test_labels_are_told_of_what_heads_them(self):
        for item, (heads, labels) in KINDS.items():
            wanted = {f"{item}.{field}": value for _, value, field in fields(labels)}
            for between in (": ", "   = "):
                pairs = "".join(f"{label}{between}{value}\n" for label, value, _ in fields(labels))
                for head in heads.split("|"):
                    for way, headed in HEADED.items():
                        with self.subTest(head, way=way, between=between):
                            found = told(headed(head, pairs))
                            self.assertEqual({key: str(found.get(key)) for key in wanted}, wanted)
                            others = {key.partition(".")[0] for key in found} - {item, "host"}
                            self.assertFalse(others, found)

    def test_labels_say_themselves_of_what_they_are_told(self):
        for item, (heads, labels) in KINDS.items():
            wanted = {f"{item}.{field}": value for _, value, field in fields(labels)}
            for head in heads.split("|")[:1]:
                with self.subTest(head):
                    found = told("".join(f"{head} {label.lower()}: {value}\n" for label, value, _ in fields(labels)))
                    self.assertEqual({key: str(found.get(key)) for key in wanted}, wanted)


DISKS = {"model": ("Basalt NV500", "Shale 1T"), "size": ("500 GB", "1 TB")}
WHICH = {
    "before": ("Disk {n} model: {}", "Disk {n} size: {}"),
    "before, with a dash": ("Disco {n} - modello = {}", "Disco {n} - dimensione = {}"),
    "behind": ("Modell von Datenträger {n} ..... {}", "Größe von Datenträger {n} ...... {}"),
    "in brackets": ("Modèle (disque {n})    {}", "Taille (disque {n})    {}"),
    "in a column": ("Drive {n} model,{}", "Drive {n} size,{}"),
}


class WhichOfThem(unittest.TestCase):
    def test_labels_say_in_words_of_which_thing_they_are(self):
        for way, labels in WHICH.items():
            head = "Property,Value\n" if way == "in a column" else ""
            lines = [
                label.format(values[n], n=n)
                for n in range(2)
                for label, values in zip(labels, DISKS.values(), strict=True)
            ]
            for turned in (lines, sorted(lines)):
                with self.subTest(way, lines=turned):
                    found = told(head + "".join(f"{line}\n" for line in turned))
                    self.assertEqual([found.get(f"disk#{n}.model") for n in (1, 2)], list(DISKS["model"]))
                    self.assertEqual([found.get(f"disk#{n}.number") for n in (1, 2)], ["0", "1"])
                    self.assertIsNotNone(found.get("disk#2.size"))
                    self.assertEqual(len(found), 6)

    def test_a_number_that_belongs_to_the_label_is_none(self):
        found = told("Boot order 1: disk\nCache L2 size: 6 MB\nCache L3 size: 12 MB\nCores: 6\n")
        self.assertEqual(found["processor#1.cores"], 6)
        self.assertFalse([key for key in found if key.startswith("disk")])

    def test_rows_right_under_what_they_are(self):
        for title in ("Disks", "Disks:", "Festplatten", "Disques", "Dischi"):
            for mark in ("", "* ", "- ", "1. "):
                row = f"{mark}Basalt NV1000 (931.5 GB), NVMe, serial BNV1-22\n"
                other = f"{mark.replace('1', '2')}Shoal HD4 (3726 GB), SATA, serial SH4-00\n"
                with self.subTest(title, mark=mark):
                    found = told(f"{title}\n{row}{other}")
                    self.assertEqual([found.get(f"disk#{n}.model") for n in (1, 2)], ["Basalt NV1000", "Shoal HD4"])
                    self.assertEqual([found.get(f"disk#{n}.bus") for n in (1, 2)], ["NVMe", "SATA"])
                    self.assertEqual(found.get("disk#2.serial"), "SH4-00")

    def test_partitions_below_what_is_said_of_their_disk(self):
        rows = "   #   type         size         offset\n   1   boot         100 MB       1024 KB\n   2   data         930 GB       101 MB\n"
        for head in (
            'Disk 0 "Basalt NV1000" (GPT, online)', "Disk 0 (Basalt NV1000, GPT)", "Disk 0: Basalt NV1000, GPT", 'Disk 0 "Basalt NV1000"',
        ):  # fmt: skip
            with self.subTest(head):
                found = told(f"{head}\n{rows}")
                self.assertEqual((found["disk#1.number"], found["disk#1.model"]), ("0", "Basalt NV1000"))
                self.assertEqual([found[f"partition#{n}.start"] for n in (1, 2)], [2**20, 101 * 2**20])
                self.assertNotIn("disk#2.number", found)

    def test_a_kind_before_a_cards_name(self):
        for kind, meant in (
            ("wired", "wired"),
            ("bekabeld", "wired"),
            ("drahtlos", "wireless"),
            ("sans fil", "wireless"),
        ):
            with self.subTest(kind):
                found = told(
                    f'gp-01> network\n{kind}: Wickerlink GbE 210 ("Office wire")\n    mac    3c:5a:b4:22:01:9f\n    status  connected\n'
                )
                said = [found.get(f"adapter#1.{field}") for field in ("kind", "name", "connection", "mac")]
                self.assertEqual(said, [meant, "Wickerlink GbE 210", "Office wire", "3c:5a:b4:22:01:9f"])

    def test_a_person_beside_a_name_and_what_is_said_behind_dashes(self):
        found = told(
            "gp-01> accounts\nmreed (Maya Reed) -- enabled, administrator\n    last seen  2025-03-04 08:02\nguest -- disabled\n    last seen  never\n"
        )
        self.assertEqual(
            [found.get(f"account#1.{field}") for field in ("name", "full_name", "enabled", "admin")],
            ["mreed", "Maya Reed", True, True],
        )
        self.assertEqual((found["account#2.name"], found["account#2.enabled"]), ("guest", False))

    def test_programs_over_what_is_said_of_them(self):
        found = told(
            "gp-01> apps\nQuillpad 7.2.1\n    by Marrow & Finch, installed 11 Feb 2024\nPilot Remote Help\n    publisher unknown, install date unknown\n"
        )
        self.assertEqual((found["software#1.name"], found["software#1.version"]), ("Quillpad", "7.2.1"))
        self.assertEqual(found["software#2.name"], "Pilot Remote Help")
        self.assertFalse([key for key in found if key.startswith("software#2.") and not key.endswith("name")])

    def test_cards_between_dashes(self):
        for dash in ("—", "–", "--", "-"):
            text = f"gp-01> network\n(1) Office wire {dash} Wickerlink GbE 210 {dash} wired {dash} connected at 1 Gbit/s\n    MAC 3c:5a:b4:31:00:17, IPv4 10.30.4.17/24, gateway 10.30.4.1\n"
            with self.subTest(dash):
                found = told(text)
                said = [
                    found.get(f"adapter#1.{field}")
                    for field in ("connection", "name", "kind", "connected", "speed", "mac")
                ]
                self.assertEqual(said, ["Office wire", "Wickerlink GbE 210", "wired", True, 10**9, "3c:5a:b4:31:00:17"])

    def test_disks_by_number_over_their_clauses(self):
        found = told(
            "Disk 0\n  Basalt NV1000, serial BNV1-22-9931\n  1,000.2 GB, NVMe SSD, GPT\nDisk 1\n  Shoal HD4, serial SH4-0077-K99\n  4,000.8 GB, SATA HDD, GPT\nDisk 2\n  no medium\n"
        )
        self.assertEqual([found.get(f"disk#{n}.number") for n in (1, 2, 3)], ["0", "1", "2"])
        self.assertEqual([found.get(f"disk#{n}.model") for n in (1, 2, 3)], ["Basalt NV1000", "Shoal HD4", None])

    def test_things_numbered_on_one_line(self):
        found = told("disk0: Basalt NV2000 1.8 TB nvme; disk1: Shoal HD8 7.3 TB hdd\n")
        self.assertEqual([found.get(f"disk#{n}.model") for n in (1, 2)], ["Basalt NV2000", "Shoal HD8"])
        self.assertEqual([found.get(f"disk#{n}.number") for n in (1, 2)], ["0", "1"])


if __name__ == "__main__":
    unittest.main()


class NamesOfPeople(unittest.TestCase):
    def test_what_heads_a_card_that_is_named_below_is_its_connection(self):
        card = "  card: Wickerlink GbE 210\n  state: connected, 1 Gbit/s\n"
        for heading in ("Quay LAN", "[Landing air]", '"Kade lucht"', "=== Molo ==="):
            with self.subTest(heading):
                found = told(f"gp-1> cards\n\n{heading}\n{card}")
                self.assertEqual(found["adapter#1.connection"], heading.strip('[]"= '))

    def test_a_chapter_is_no_connection(self):
        card = "  card: Wickerlink GbE 210\n  state: connected, 1 Gbit/s\n"
        for heading in ("[General]", "Status", "Adapter 1", "Network card", "IPv4 settings"):
            with self.subTest(heading):
                self.assertNotIn("adapter#1.connection", told(f"gp-1> cards\n\n{heading}\n{card}"))

    def test_a_socket_over_a_word_that_says_it_is_empty(self):
        found = told("gp-1> memory\nsocket: A1\n  size: 8 GB\n  type: DDR4\n\nsocket: A2\n  empty\n")
        self.assertEqual((found["module#1.slot"], found["module#2.slot"]), ("A1", "A2"))
        self.assertNotIn("module#2.size", found)

    def test_how_full_a_battery_is_is_not_its_health(self):
        found = told("gp-1> bateria\nBateria 1: Morvan MB-56\n  Estado: a carregar, 64 %\n  Saúde: 84 %\n")
        self.assertEqual(found["battery#1.health"], 0.84)

    def test_a_command_may_name_what_has_the_columns(self):
        rows = "tcp;0.0.0.0:135;0.0.0.0:0;LISTEN;912\ntcp;10.20.5.31:50212;10.20.0.12:7443;ESTABLISHED;3312\n"
        for command in ("ports", "net ports", "tasks ports"):
            with self.subTest(command):
                self.assertEqual(told(f"nq-2# {command}\n{rows}")["connection#2.pid"], "3312")
