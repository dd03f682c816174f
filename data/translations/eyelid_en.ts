<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB" sourcelanguage="en_GB">
<context>
    <name>eyelid</name>
    <message numerus="yes">
        <source>Check passed: %n picture(s), all clean</source>
        <translation>
            <numerusform>Check passed: %n picture, clean</numerusform>
            <numerusform>Check passed: %n pictures, all clean</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Check failed: %n of %1 picture(s) still show(s) something</source>
        <translation>
            <numerusform>Check failed: %n of %1 pictures still shows something</numerusform>
            <numerusform>Check failed: %n of %1 pictures still show something</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n place(s)</source>
        <translation>
            <numerusform>%n place</numerusform>
            <numerusform>%n places</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n place(s) look like text but could not be read</source>
        <translation>
            <numerusform>%n place looks like text but could not be read</numerusform>
            <numerusform>%n places look like text but could not be read</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n capture(s) not read</source>
        <translation>
            <numerusform>%n capture not read</numerusform>
            <numerusform>%n captures not read</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>All %n join(s) are settled</source>
        <translation>
            <numerusform>The one join is settled</numerusform>
            <numerusform>All %n joins are settled</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of %1 joins is/are not sure</source>
        <translation>
            <numerusform>One of %1 joins is not sure</numerusform>
            <numerusform>%n of %1 joins are not sure</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n page(s)</source>
        <translation>
            <numerusform>One page</numerusform>
            <numerusform>%n pages</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Scrolling: %n picture(s)</source>
        <translation>
            <numerusform>Scrolling: %n picture</numerusform>
            <numerusform>Scrolling: %n pictures</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n word(s): %1</source>
        <translation>
            <numerusform>One word: %1</numerusform>
            <numerusform>%n words: %1</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n leak(s)</source>
        <translation>
            <numerusform>%n leak</numerusform>
            <numerusform>%n leaks</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>covering %n finding(s)</source>
        <translation>
            <numerusform>covering %n finding</numerusform>
            <numerusform>covering %n findings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>keeping %n finding(s)</source>
        <translation>
            <numerusform>keeping %n finding</numerusform>
            <numerusform>keeping %n findings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>opening %n finding(s)</source>
        <translation>
            <numerusform>opening %n finding</numerusform>
            <numerusform>opening %n findings</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>covering %n area(s)</source>
        <translation>
            <numerusform>covering %n area</numerusform>
            <numerusform>covering %n areas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: the check found %n leak(s).</source>
        <translation>
            <numerusform>Nothing was released: the check found %n leak.</numerusform>
            <numerusform>Nothing was released: the check found %n leaks.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n capture(s)</source>
        <translation>
            <numerusform>%n capture</numerusform>
            <numerusform>%n captures</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n not read</source>
        <translation>
            <numerusform>%n not read</numerusform>
            <numerusform>%n not read</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n open</source>
        <translation>
            <numerusform>%n open</numerusform>
            <numerusform>%n open</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>gone for good in %n day(s)</source>
        <translation>
            <numerusform>gone for good in %n day</numerusform>
            <numerusform>gone for good in %n days</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>destroyed in %n day(s)</source>
        <translation>
            <numerusform>destroyed in %n day</numerusform>
            <numerusform>destroyed in %n days</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n case(s) had their day and were destroyed, as was agreed.</source>
        <translation>
            <numerusform>%n case had its day and was destroyed, as was agreed.</numerusform>
            <numerusform>%n cases had their day and were destroyed, as was agreed.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n case(s) are due to be destroyed. Releases, their logs and checksums stay.</source>
        <translation>
            <numerusform>%n case is due to be destroyed. Releases, their logs and checksums stay.</numerusform>
            <numerusform>%n cases are due to be destroyed. Releases, their logs and checksums stay.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Destroy %n case(s)?</source>
        <translation>
            <numerusform>Destroy %n case?</numerusform>
            <numerusform>Destroy %n cases?</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>At least %n signs; five words of different things are easy to remember.</source>
        <translation>
            <numerusform>At least %n sign; five words of different things are easy to remember.</numerusform>
            <numerusform>At least %n signs; five words of different things are easy to remember.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>taking in %n capture(s)</source>
        <translation>
            <numerusform>taking in %n capture</numerusform>
            <numerusform>taking in %n captures</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: %n finding(s) are open (case decide).</source>
        <translation>
            <numerusform>Nothing was released: %n finding is open (case decide).</numerusform>
            <numerusform>Nothing was released: %n findings are open (case decide).</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Nothing was released: %n capture(s) could not be read.</source>
        <translation>
            <numerusform>Nothing was released: %n capture could not be read.</numerusform>
            <numerusform>Nothing was released: %n captures could not be read.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n question(s) to a colleague</source>
        <translation>
            <numerusform>%n question to a colleague</numerusform>
            <numerusform>%n questions to a colleague</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Cover %n</source>
        <translation>
            <numerusform>Cover %n</numerusform>
            <numerusform>Cover %n</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Keep %n</source>
        <translation>
            <numerusform>Keep %n</numerusform>
            <numerusform>Keep %n</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n word(s) unsure</source>
        <translation>
            <numerusform>%n word unsure</numerusform>
            <numerusform>%n words unsure</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n place(s) not readable</source>
        <translation>
            <numerusform>%n place not readable</numerusform>
            <numerusform>%n places not readable</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; not looked for: %n kind(s)</source>
        <translation>
            <numerusform>%1; not looked for: %n kind</numerusform>
            <numerusform>%1; not looked for: %n kinds</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: lies over %n open finding(s) and hides none of them.</source>
        <translation>
            <numerusform>%1: lies over an open finding and does not hide it.</numerusform>
            <numerusform>%1: lies over %n open findings and hides none of them.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n part(s), each a capture of its own; this one stays.</source>
        <translation>
            <numerusform>One part: nothing is cut.</numerusform>
            <numerusform>%n parts, each a capture of its own; this one stays.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>copying %n mark(s)</source>
        <translation>
            <numerusform>copying a mark</numerusform>
            <numerusform>copying %n marks</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>removing %n mark(s)</source>
        <translation>
            <numerusform>removing a mark</numerusform>
            <numerusform>removing %n marks</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>putting %n capture(s) together</source>
        <translation>
            <numerusform>putting %n capture together</numerusform>
            <numerusform>putting %n captures together</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1: lies over %n kept finding(s) and hides none of them.</source>
        <translation>
            <numerusform>%1: lies over a kept finding and does not hide it.</numerusform>
            <numerusform>%1: lies over %n kept findings and hides none of them.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n file(s)</source>
        <translation>
            <numerusform>%n file</numerusform>
            <numerusform>%n files</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of these files are there already; choose another folder, or what is to be done with them.</source>
        <translation>
            <numerusform>One of these files is there already; choose another folder, or what is to be done with it.</numerusform>
            <numerusform>%n of these files are there already; choose another folder, or what is to be done with them.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n of these files are there already and will be replaced, once the new ones stand.</source>
        <translation>
            <numerusform>One of these files is there already and will be replaced, once the new ones stand.</numerusform>
            <numerusform>%n of these files are there already and will be replaced, once the new ones stand.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n file(s) will be written</source>
        <translation>
            <numerusform>%n file will be written</numerusform>
            <numerusform>%n files will be written</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Not intact: %n file(s) are not what was released.</source>
        <translation>
            <numerusform>Not intact: one file is not what was released.</numerusform>
            <numerusform>Not intact: %n files are not what was released.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>It is taken back from the clipboard in %n second(s).</source>
        <translation>
            <numerusform>It is taken back from the clipboard in one second.</numerusform>
            <numerusform>It is taken back from the clipboard in %n seconds.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n a page</source>
        <translation>
            <numerusform>%n a page</numerusform>
            <numerusform>%n a page</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n on a page of A4</source>
        <translation>
            <numerusform>%n on a page of A4</numerusform>
            <numerusform>%n on a page of A4</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n covered</source>
        <translation>
            <numerusform>%n covered</numerusform>
            <numerusform>%n covered</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n kept</source>
        <translation>
            <numerusform>%n kept</numerusform>
            <numerusform>%n kept</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n settled</source>
        <translation>
            <numerusform>%n settled</numerusform>
            <numerusform>%n settled</numerusform>
        </translation>
    </message>
</context>
</TS>
