// Whose account this is.
#pragma once

#include <QString>

namespace eyelid {

/// The person's name as the system knows it, else the login; empty where it knows neither.
QString accountName();

} // namespace eyelid
