# Makes org.eyelid.Eyelid.metainfo.xml: cmake -DOUT=FILE -DPROJECT_VERSION=1.2 -DEYELID_LICENSE=ID [-DEYELID_PICTURES_AT=https://…]
# -P metainfo.cmake. Software centres fetch pictures from the web, so they are told of them only by whoever publishes them.
set(SCREENSHOTS "")
if(EYELID_PICTURES_AT)
  set(CAPTIONS
    "review-light=The reviewing desk: captures, the sheet, findings with their reasons, and what still stands in the way"
    "check-failed=A check that failed: what can still be read is listed and outlined"
    "release=How a release is made, with the full name of every file"
    "cases=Cases, by the day they were worked on")
  set(kind " type=\"default\"")
  foreach(caption IN LISTS CAPTIONS)
    string(REGEX MATCH "^([^=]+)=(.*)$" _ "${caption}")
    string(APPEND SCREENSHOTS "\n    <screenshot${kind}>\n      <caption>${CMAKE_MATCH_2}</caption>\n"
           "      <image type=\"source\">${EYELID_PICTURES_AT}/${CMAKE_MATCH_1}.png</image>\n    </screenshot>")
    set(kind "")
  endforeach()
  set(SCREENSHOTS "\n  <screenshots>${SCREENSHOTS}\n  </screenshots>")
endif()
configure_file(${CMAKE_CURRENT_LIST_DIR}/org.eyelid.Eyelid.metainfo.xml.in ${OUT} @ONLY)
