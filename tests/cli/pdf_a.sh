#!/bin/sh
# Is this a PDF/A? pdf_a.sh FILE.pdf; says what is wrong, if anything. Apache PDFBox's Preflight knows level 1b (ISO
# 19005-1); what we write is of level 2b, which allows all that 1b does and more, and says so in its metadata. So a copy
# that says 1 is looked at: what is a valid 1b but for that number is a valid 2b.
set -eu
java=/usr/share/java
copy=$(mktemp --suffix .pdf)
trap 'rm -f "$copy"' EXIT
LC_ALL=C sed 's|<pdfaid:part>2<|<pdfaid:part>1<|' "$1" > "$copy"
jars=$java/preflight.jar
for jar in pdfbox2 fontbox2 xmpbox commons-logging javax.activation jaxb-api; do jars=$jars:$java/$jar.jar; done
java -cp "$jars" org.apache.pdfbox.preflight.Validator_A1b "$copy"
