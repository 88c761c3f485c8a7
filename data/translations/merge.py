"""Merges the texts found in the sources (first file) into the translation files (the others)."""
import sys
import xml.etree.ElementTree as xml


def key(message):
    return (message.find("source").text, message.findtext("comment") or "")


def forms(language):
    return 2 if language.split("_")[0] in ("en", "de", "es") else 3


def main(found, targets):
    texts = sorted({key(m) for m in xml.parse(found).iter("message")})
    for path in targets:
        old = {}
        tree = xml.parse(path)
        language = tree.getroot().get("language")
        english = language.startswith("en")
        for m in tree.iter("message"):
            old.setdefault(key(m), m.find("translation"))
        root = xml.Element("TS", version="2.1", language=language)
        context = xml.SubElement(root, "context")
        xml.SubElement(context, "name")
        missing = 0
        for source, note in texts:
            plural = "%n" in source
            if english and not plural:
                continue
            message = xml.SubElement(context, "message", {"numerus": "yes"} if plural else {})
            xml.SubElement(message, "source").text = source
            if note:
                xml.SubElement(message, "comment").text = note
            was = old.get((source, note))
            if was is not None and was.get("type") not in ("unfinished", "vanished", "obsolete"):
                message.append(was)
            elif english:
                translation = xml.SubElement(message, "translation")
                for ending in ("", "s"):
                    xml.SubElement(translation, "numerusform").text = source.replace("(s)", ending)
            else:
                missing += 1
                translation = xml.SubElement(message, "translation", type="unfinished")
                if plural:
                    for _ in range(forms(language)):
                        xml.SubElement(translation, "numerusform")
        xml.indent(root, " ")
        with open(path, "wb") as out:
            out.write(b'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n')
            xml.ElementTree(root).write(out, encoding="utf-8")
            out.write(b"\n")
        print(f"{path}: {missing} of {len(texts)} texts are not translated yet")


if __name__ == "__main__":
    main(sys.argv[1], sys.argv[2:])
