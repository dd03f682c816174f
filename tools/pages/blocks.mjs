// What layouts are built of. `s(kind, text)` marks what is sensitive.
export const esc = t => String(t).replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');
export const s = (kind, text) => `<s-n k="${kind}">${esc(text)}</s-n>`;
export const table = (v, head, rows) => `<table class="${v.pick(['rules', 'bare', 'grid', 'zebra'])}">${head ? `<tr>${head.map(h => `<th>${h}</th>`).join('')}</tr>` : ''}${rows.map(r => `<tr>${r.map(c => `<td>${c}</td>`).join('')}</tr>`).join('')}</table>`;
export const form = (v, pairs) => v.pick([
  () => `<dl class=side>${pairs.map(([l, x]) => `<dt>${l}${v.colon}</dt><dd>${x}</dd>`).join('')}</dl>`,
  () => `<div class=stack>${pairs.map(([l, x]) => `<div><small>${l}</small><br>${x}</div>`).join('')}</div>`,
  () => `<div>${pairs.map(([l, x]) => `<p class=tight><b>${l}:</b> ${x}</p>`).join('')}</div>`,
  () => `<div class=fields>${pairs.map(([l, x]) => `<label>${l}</label><div class=box>${x}</div>`).join('')}</div>`])();
export const cards = (v, items) => `<div class="cards c${v.int(2, 4)}">${items.map(i => `<div class=card>${i.join('<br>')}</div>`).join('')}</div>`;
export const shell = (v, title, body) => {
  const items = v.some(['Dashboard', 'Overview', 'Customers', 'Orders', 'Reports', 'Calendar', 'Billing', 'Inbox', 'Settings', 'Team', 'Projects', 'Analytics', 'Documents', 'Help', 'Invoices', 'Products'], v.int(4, 7)).map(x => v.chance(0.15) ? v.jargon() : x);
  const who = v.chance(0.4) ? s('person', v.full(v.person(), 'gf')) : '';
  return v.pick([
    () => `<header><b>${esc(v.firm())}</b> ${items.map(i => `<span>${i}</span>`).join('')} ${who}</header><main><h2>${title}</h2>${body}</main>`,
    () => `<div class=with><aside>${items.map(i => `<div>${i}</div>`).join('')}</aside><main><h2>${title}</h2>${body}</main></div>`,
    () => `<main><h3>${title}</h3>${body}</main>`])();
};
export const T = (v, en, de, fr, es) => ({ en, de: de ?? en, fr: fr ?? en, es: es ?? en })[v.language];
export const L = {
  name: v => T(v, v.pick(['Name', 'Full name', 'Customer', 'Contact', 'Client', 'Employee', 'Patient', 'Account holder', 'Tenant', 'Member', 'Applicant']), v.pick(['Name', 'Kunde', 'Ansprechpartner', 'Patient', 'Mitarbeiter', 'Versicherter']), v.pick(['Nom', 'Client', 'Nom et prénom', 'Salarié', 'Titulaire']), v.pick(['Nombre', 'Cliente', 'Titular', 'Paciente', 'Empleado'])),
  phone: v => T(v, v.pick(['Phone', 'Phone #', 'Mobile', 'Telephone', 'Tel.', 'Cell', 'Contact number', 'Home phone', 'Phone number', 'Call']), v.pick(['Telefon', 'Mobil', 'Tel.', 'Rufnummer']), v.pick(['Téléphone', 'Tél.', 'Portable', 'Mobile']), v.pick(['Teléfono', 'Móvil', 'Tel.'])),
  mail: v => T(v, v.pick(['E-mail', 'Email', 'Email address', 'Mail']), 'E-Mail', v.pick(['E-mail', 'Courriel']), 'Correo'),
  address: v => T(v, v.pick(['Address', 'Billing address', 'Shipping address', 'Home address', 'Ship to', 'Deliver to', 'Residence']), v.pick(['Adresse', 'Anschrift', 'Lieferadresse']), v.pick(['Adresse', 'Adresse de livraison', 'Domicile']), v.pick(['Dirección', 'Domicilio'])),
  birth: v => T(v, v.pick(['Date of birth', 'DOB', 'Born', 'Birthday', 'Birth date']), v.pick(['Geburtsdatum', 'Geboren am', 'geb.']), v.pick(['Date de naissance', 'Né(e) le']), v.pick(['Fecha de nacimiento', 'Nacimiento'])),
  account: v => T(v, v.pick(['Account', 'Account number', 'Account no.', 'Bank account', 'A/C', 'Acct #', 'Account #']), v.pick(['Kontonummer', 'Konto']), v.pick(['N° de compte', 'Compte bancaire']), v.pick(['Cuenta', 'N.º de cuenta'])),
  passport: v => T(v, v.pick(['Passport', 'Passport no.', 'Passport number', 'Travel document', 'Licence no.', 'Driving licence', "Driver's license", 'ID card', 'Passport #']), v.pick(['Reisepass', 'Passnummer', 'Führerschein', 'Ausweisnummer']), v.pick(['Passeport', 'N° de passeport', 'Permis de conduire']), v.pick(['Pasaporte', 'N.º de pasaporte', 'Permiso de conducir'])),
  user: v => T(v, v.pick(['User name', 'Username', 'Login', 'User ID', 'User', 'Sign-in name', 'Account name']), v.pick(['Benutzername', 'Benutzer', 'Anmeldename']), v.pick(['Identifiant', "Nom d'utilisateur", 'Utilisateur']), v.pick(['Usuario', 'Nombre de usuario'])),
  secret: v => T(v, v.pick(['Password', 'API key', 'Access token', 'Secret', 'Client secret', 'Recovery code', 'Wi-Fi key', 'PIN', 'Passphrase', 'License key', 'Code', 'Access code', 'Voucher code', 'Key', 'Unlock code']), v.pick(['Passwort', 'Kennwort', 'API-Schlüssel', 'Zugangscode', 'Code', 'TAN']), v.pick(['Mot de passe', "Clé d'API", "Code d'accès", 'Code']), v.pick(['Contraseña', 'Clave de API', 'Clave', 'Código'])),
};
// Pairs of label and value of one person, as forms have them, with things between that are nobody's.
export const personal = (v, p, n) => v.some([
  [L.name(v), s('person', v.full(p))], [L.phone(v), s('phone', v.phone())], [L.mail(v), s('email', v.mail(p))],
  [L.address(v), v.addressLines().map(l => s('address', l)).join(v.pick(['<br>', ', ']))], [L.birth(v), s('dob', v.birth())],
  [L.account(v), s('account', v.account())], [L.passport(v), s('passport', v.passport())], [L.user(v), s('username', v.login(p))],
  [L.secret(v), s('secret', v.secret())], ['IBAN', s('iban', v.iban())], [T(v, 'Card number', 'Kartennummer', 'N° de carte', 'Tarjeta'), s('card', v.card())],
  [T(v, v.pick(['Registration', 'Number plate', 'Licence plate', 'Vehicle reg.']), 'Kennzeichen', 'Immatriculation', 'Matrícula'), s('plate', v.plate())],
], n);
export const nobodys = (v, n) => v.some([
  [T(v, 'Order', 'Bestellung', 'Commande', 'Pedido'), v.order()], [T(v, 'Status', 'Status', 'État', 'Estado'), v.status()], [T(v, 'Department', 'Abteilung', 'Service', 'Departamento'), v.department()],
  [T(v, 'Product', 'Produkt', 'Produit', 'Producto'), v.product()], [T(v, 'Version', 'Version', 'Version', 'Versión'), v.version()], [T(v, 'Amount', 'Betrag', 'Montant', 'Importe'), v.price()],
  [T(v, 'Company', 'Firma', 'Société', 'Empresa'), esc(v.firm())], [T(v, 'Created', 'Erstellt', 'Créé le', 'Creado'), v.date()], [T(v, 'Position', 'Position', 'Fonction', 'Cargo'), v.job()],
  [T(v, 'File', 'Datei', 'Fichier', 'Archivo'), v.file()], [T(v, 'Vehicle', 'Fahrzeug', 'Véhicule', 'Vehículo'), v.car()], [T(v, 'Month', 'Monat', 'Mois', 'Mes'), v.month()],
], n);
export const mixed = (v, ...lists) => v.some(lists.flat(), 99);
export const avatar = (v, p) => `<span class=av>${p.g[0]}${p.f[0]}</span> `;
export const rowsOf = (v, n, row) => Array.from({ length: n }, () => row(v.person()));
export const columns = (v, n) => v.some([
  [L.name(v), p => s('person', v.full(p, v.nameForm))], [L.phone(v), () => s('phone', v.phone())], [L.mail(v), p => s('email', v.mail(p))],
  [L.user(v), p => s('username', v.login(p))], [T(v, 'City', 'Ort', 'Ville', 'Ciudad'), () => s('address', v.city())], [L.account(v), () => s('account', v.account())],
  [T(v, 'Status', 'Status', 'État', 'Estado'), () => v.status()], [T(v, 'Order', 'Auftrag', 'Commande', 'Pedido'), () => v.order()], [T(v, 'Item', 'Artikel', 'Article', 'Artículo'), () => v.product()],
  [T(v, 'Total', 'Summe', 'Total', 'Total'), () => v.price()], [T(v, 'Date', 'Datum', 'Date', 'Fecha'), () => v.date()], [T(v, 'Role', 'Rolle', 'Rôle', 'Función'), () => v.job()],
  [L.birth(v), () => s('dob', v.birth())], [T(v, 'Company', 'Firma', 'Société', 'Empresa'), () => esc(v.firm())], [T(v, 'Street', 'Straße', 'Rue', 'Calle'), () => s('address', v.street())],
], n);
// Short hands for rows, cells and lines of pages.
export const name = (v, p, form = 'gf') => s('person', v.full(p, form));
export const people = (v, a, b, make) => Array.from({ length: v.int(a, b) }, (_, i) => make(v.person(), i));
export const clock = v => `${v.int(8, 19)}:${v.pick(['00', '05', '20', '35', '50'])}`;
export const small = text => `<small>${text}</small>`;
export const cells = list => `<tr>${list.map(c => `<td>${c}</td>`).join('')}</tr>`;
export const heads = list => `<tr>${list.map(c => `<th>${c}</th>`).join('')}</tr>`;
export const line = text => `<div style="padding:5px 0">${text}</div>`;
export const gap = n => '&nbsp;'.repeat(n);
export const born = v => v.pick([`${v.int(1930, 2004)}-0${v.int(1, 9)}-${v.int(10, 28)}`, `${v.int(1, 28)}.${v.int(1, 12)}.${v.int(1930, 2004)}`, `${v.int(10, 28)}/0${v.int(1, 9)}/${v.int(1930, 2004)}`]);
