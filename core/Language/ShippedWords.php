<?php

declare(strict_types=1);

namespace Ikat\Core\Language;

/**
 * What every shop says of itself, as Ikat writes it, in the languages Ikat speaks: words of cart and checkout, of fields and of what went
 * wrong. The merchant can say each otherwise; the translations are the authors' own.
 */
final class ShippedWords
{
    /** The order of the translations of each. */
    private const LANGUAGES = ['de', 'fr', 'es'];

    /** @var array<string, array{string, string, string}> original => German, French, Spanish */
    private const WORDS = [
        'Add to cart' => ['In den Warenkorb', 'Ajouter au panier', 'Añadir al carrito'],
        'Order it straight away' => ['Gleich bestellen', 'Commander tout de suite', 'Pedir ahora mismo'],
        'Save for later' => ['Für später merken', 'Garder pour plus tard', 'Guardar para después'],
        'Sold out' => ['Ausverkauft', 'Épuisé', 'Agotado'],
        'Choose' => ['Auswählen', 'Choisir', 'Elegir'],
        'You save :saved' => ['Sie sparen :saved', 'Vous économisez :saved', 'Ahorra :saved'],
        'How it is sent' => ['So wird es verschickt', 'Comment c’est envoyé', 'Cómo se envía'],
        'free from :sum' => ['kostenlos ab :sum', 'gratuit dès :sum', 'gratis desde :sum'],
        'Look closer: :name, :number' => [
            'Näher ansehen: :name, :number', 'Voir de plus près : :name, :number', 'Ver de cerca: :name, :number',
        ],
        'Picture :number of :name' => ['Bild :number von :name', 'Image :number de :name', 'Imagen :number de :name'],
        'The picture before' => ['Das Bild davor', 'L’image précédente', 'La imagen anterior'],
        'The next picture' => ['Das nächste Bild', 'L’image suivante', 'La imagen siguiente'],
        'Close the picture' => ['Bild schließen', 'Fermer l’image', 'Cerrar la imagen'],
        'A film of :size' => ['Ein Film von :size', 'Un film de :size', 'Una película de :size'],
        'A film on :host, shown there' => [
            'Ein Film auf :host, dort gezeigt', 'Un film sur :host, montré là-bas', 'Una película en :host, se ve allí',
        ],
        'from' => ['ab', 'dès', 'desde'],
        'Your cart' => ['Ihr Warenkorb', 'Votre panier', 'Su carrito'],
        'Nothing in your cart yet.' => ['Noch nichts im Warenkorb.', 'Votre panier est encore vide.', 'Aún no hay nada en su carrito.'],
        'Look around' => ['Umsehen', 'Faire un tour', 'Echar un vistazo'],
        'Item' => ['Artikel', 'Article', 'Artículo'],
        'Price' => ['Preis', 'Prix', 'Precio'],
        'Quantity' => ['Anzahl', 'Quantité', 'Cantidad'],
        'Amount' => ['Betrag', 'Montant', 'Importe'],
        'Change' => ['Ändern', 'Modifier', 'Cambiar'],
        'Remove' => ['Entfernen', 'Retirer', 'Quitar'],
        'Promotion code' => ['Gutscheincode', 'Code promo', 'Código promocional'],
        'Use' => ['Einlösen', 'Utiliser', 'Usar'],
        'Go to checkout' => ['Zur Kasse', 'Passer commande', 'Tramitar el pedido'],
        'Subtotal' => ['Zwischensumme', 'Sous-total', 'Subtotal'],
        'Total' => ['Gesamt', 'Total', 'Total'],
        'free' => ['kostenlos', 'gratuit', 'gratis'],
        'Tax' => ['Steuer', 'Taxe', 'Impuesto'],
        'of which tax' => ['darin Steuer', 'dont taxe', 'impuesto incluido'],
        'With it, for nothing:' => ['Kostenlos dazu:', 'Offert avec :', 'De regalo:'],
        'Your details' => ['Ihre Angaben', 'Vos coordonnées', 'Sus datos'],
        'Name' => ['Name', 'Nom', 'Nombre'],
        'E-mail' => ['E-Mail', 'E-mail', 'Correo electrónico'],
        'Street and number' => ['Straße und Hausnummer', 'Rue et numéro', 'Calle y número'],
        'Town' => ['Ort', 'Ville', 'Población'],
        'Postcode' => ['Postleitzahl', 'Code postal', 'Código postal'],
        'Next: delivery' => ['Weiter: Lieferung', 'Suite : livraison', 'Siguiente: envío'],
        'Delivery' => ['Lieferung', 'Livraison', 'Envío'],
        'How should we send it?' => ['Wie sollen wir es senden?', 'Comment l’envoyer ?', '¿Cómo lo enviamos?'],
        'Next: payment' => ['Weiter: Zahlung', 'Suite : paiement', 'Siguiente: pago'],
        'Change your details' => ['Angaben ändern', 'Modifier vos coordonnées', 'Cambiar sus datos'],
        'Payment' => ['Zahlung', 'Paiement', 'Pago'],
        'Pay now' => ['Jetzt bezahlen', 'Payer maintenant', 'Pagar ahora'],
        'Change the delivery' => ['Lieferung ändern', 'Modifier la livraison', 'Cambiar el envío'],
        'Thank you, your order is in' => [
            'Danke, Ihre Bestellung ist da',
            'Merci, votre commande est passée',
            'Gracias, su pedido ha llegado',
        ],
        'Order' => ['Bestellung', 'Commande', 'Pedido'],
        'Going to' => ['Geht an', 'Destination', 'Se envía a'],
        'Back to the shop' => ['Zurück zum Laden', 'Retour à la boutique', 'Volver a la tienda'],
        'No picture yet' => ['Noch kein Bild', 'Pas encore d’image', 'Aún sin imagen'],
        'Nothing here fits.' => ['Hier passt nichts.', 'Rien ne correspond ici.', 'Aquí no hay nada que encaje.'],
        'Sold out for now.' => ['Zurzeit ausverkauft.', 'Épuisé pour le moment.', 'Agotado por ahora.'],
        'More like this' => ['Ähnliches', 'Dans le même esprit', 'Más como este'],
        'There is nothing here' => ['Hier ist nichts', 'Il n’y a rien ici', 'Aquí no hay nada'],
        'The page you asked for is not in this shop. It may have been moved.' => [
            'Diese Seite gibt es in diesem Laden nicht. Vielleicht ist sie umgezogen.',
            'Cette page n’existe pas dans cette boutique. Elle a peut-être été déplacée.',
            'Esa página no está en esta tienda. Puede que se haya movido.',
        ],
        'Write a word or two.' => ['Schreiben Sie ein oder zwei Wörter.', 'Écrivez un mot ou deux.', 'Escriba una o dos palabras.'],
        'Nothing found. Try one word, or a shorter one.' => [
            'Nichts gefunden. Versuchen Sie ein einziges oder ein kürzeres Wort.', 'Rien trouvé. Essayez un seul mot, ou un plus court.',
            'No se ha encontrado nada. Pruebe con una sola palabra o una más corta.',
        ],
        'Nothing saved yet. What you save on a product’s page waits here.' => [
            'Noch nichts gemerkt. Was Sie auf der Seite eines Produkts merken, wartet hier.',
            'Rien de gardé. Ce que vous gardez depuis la page d’un produit vous attend ici.',
            'Aún no ha guardado nada. Lo que guarde en la página de un producto le espera aquí.',
        ],
        'Home' => ['Startseite', 'Accueil', 'Inicio'],
        'Menu' => ['Menü', 'Menu', 'Menú'],
        'Main menu' => ['Hauptmenü', 'Menu principal', 'Menú principal'],
        'Second menu' => ['Zweites Menü', 'Menu secondaire', 'Segundo menú'],
        'More of :name' => ['Mehr von :name', 'Plus de :name', 'Más de :name'],
        'Skip to the content' => ['Zum Inhalt springen', 'Aller au contenu', 'Ir al contenido'],
        'Announcement' => ['Ankündigung', 'Annonce', 'Aviso'],
        'Pause the messages' => ['Meldungen anhalten', 'Arrêter les messages', 'Detener los mensajes'],
        'Close the announcement' => ['Ankündigung schließen', 'Fermer l’annonce', 'Cerrar el aviso'],
        'Contact' => ['Kontakt', 'Contact', 'Contacto'],
        'Cart' => ['Warenkorb', 'Panier', 'Carrito'],
        'Cart, :count item' => ['Warenkorb, :count Artikel', 'Panier, :count article', 'Carrito, :count artículo'],
        'Cart, :count items' => ['Warenkorb, :count Artikel', 'Panier, :count articles', 'Carrito, :count artículos'],
        'Saved items' => ['Merkliste', 'Favoris', 'Guardados'],
        'Your orders' => ['Ihre Bestellungen', 'Vos commandes', 'Sus pedidos'],
        'Search' => ['Suche', 'Recherche', 'Buscar'],
        'Search the shop' => ['Im Laden suchen', 'Chercher dans la boutique', 'Buscar en la tienda'],
        'Search for it' => ['Danach suchen', 'Le chercher', 'Buscarlo'],
        'What are you looking for?' => ['Was suchen Sie?', 'Que cherchez-vous ?', '¿Qué busca?'],
        ':count found for “:asked”' => [
            ':count gefunden für „:asked“',
            ':count trouvés pour « :asked »',
            ':count encontrados para «:asked»',
        ],
        'Products found' => ['Gefundene Produkte', 'Produits trouvés', 'Productos encontrados'],
        'Country' => ['Land', 'Pays', 'País'],
        'Language' => ['Sprache', 'Langue', 'Idioma'],
        'Go' => ['Los', 'OK', 'Ir'],
        'Links' => ['Verweise', 'Liens', 'Enlaces'],
        'Policies' => ['Rechtliches', 'Mentions légales', 'Condiciones'],
        'Summary' => ['Übersicht', 'Récapitulatif', 'Resumen'],
        'Side cart' => ['Seitlicher Warenkorb', 'Panier latéral', 'Carrito lateral'],
        'Close the side cart' => ['Warenkorb schließen', 'Fermer le panier', 'Cerrar el carrito'],
        ':code takes :amount off.' => [':code zieht :amount ab.', ':code enlève :amount.', ':code descuenta :amount.'],
        'You are here' => ['Sie sind hier', 'Vous êtes ici', 'Está aquí'],
        'Within :name' => ['Innerhalb von :name', 'Dans :name', 'Dentro de :name'],
        'In stock' => ['Auf Lager', 'En stock', 'En existencia'],
        'Reduced' => ['Reduziert', 'En promotion', 'Rebajado'],
        'Show' => ['Anzeigen', 'Afficher', 'Mostrar'],
        ':count product' => [':count Produkt', ':count produit', ':count producto'],
        ':count products' => [':count Produkte', ':count produits', ':count productos'],
        'Show all: :name' => ['Alle anzeigen: :name', 'Tout afficher : :name', 'Mostrar todo: :name'],
        'Products' => ['Produkte', 'Produits', 'Productos'],
        'Pages' => ['Seiten', 'Pages', 'Páginas'],
        'Earlier' => ['Zurück', 'Précédents', 'Anteriores'],
        'More' => ['Mehr', 'Suite', 'Más'],
        'Page' => ['Seite', 'Page', 'Página'],
        'Page :page of :last' => ['Seite :page von :last', 'Page :page sur :last', 'Página :page de :last'],
        'As we arranged them' => ['Wie von uns angeordnet', 'Notre ordre', 'Nuestro orden'],
        'From the cheapest up' => ['Günstigste zuerst', 'Du moins cher au plus cher', 'De menor a mayor precio'],
        'From the dearest down' => ['Teuerste zuerst', 'Du plus cher au moins cher', 'De mayor a menor precio'],
        'Picked by us' => ['Unsere Auswahl', 'Notre choix', 'Nuestra selección'],
        'Bought most often' => ['Am häufigsten gekauft', 'Les plus achetés', 'Los más comprados'],
        'Latest additions' => ['Neueste zuerst', 'Dernières nouveautés', 'Últimas novedades'],
        'Pictures of :name' => ['Bilder von :name', 'Images de :name', 'Imágenes de :name'],
        ':name, a short film without sound' => [
            ':name, kurzer Film ohne Ton',
            ':name, court film sans son',
            ':name, película corta sin sonido',
        ],
        'Now' => ['Jetzt', 'Maintenant', 'Ahora'],
        'Before' => ['Vorher', 'Avant', 'Antes'],
        'Rated' => ['Bewertet mit', 'Noté', 'Valorado con'],
        'New' => ['Neu', 'Nouveau', 'Nuevo'],
        'Save :percent%' => [':percent % gespart', 'Économisez :percent %', 'Ahorre :percent %'],
        'Save :amount' => [':amount gespart', 'Économisez :amount', 'Ahorre :amount'],
        'Only :count left' => ['Nur noch :count', 'Plus que :count', 'Solo quedan :count'],
        'On to :name' => ['Weiter zu :name', 'Vers : :name', 'Ir a :name'],
        'Nothing is on this shelf just now.' => [
            'In diesem Regal liegt gerade nichts.',
            'Il n’y a rien sur cette étagère pour le moment.',
            'Ahora mismo no hay nada en este estante.',
        ],
        ':count product waits here, on this device.' => [
            ':count Produkt wartet hier, auf diesem Gerät.', ':count produit vous attend ici, sur cet appareil.',
            ':count producto espera aquí, en este dispositivo.',
        ],
        ':count products wait here, on this device.' => [
            ':count Produkte warten hier, auf diesem Gerät.', ':count produits vous attendent ici, sur cet appareil.',
            ':count productos esperan aquí, en este dispositivo.',
        ],
        'Find your order' => ['Bestellung finden', 'Retrouver votre commande', 'Encontrar su pedido'],
        'There is no account to keep. Your order’s number and the address it was placed with open it.' => [
            'Sie brauchen kein Konto. Die Nummer der Bestellung und die Adresse, mit der sie aufgegeben wurde, öffnen sie.',
            'Pas de compte à gérer. Le numéro de la commande et l’adresse donnée l’ouvrent.',
            'No hace falta cuenta. El número del pedido y la dirección con que se hizo lo abren.',
        ],
        'Order number' => ['Bestellnummer', 'Numéro de commande', 'Número de pedido'],
        'Show the order' => ['Bestellung anzeigen', 'Afficher la commande', 'Mostrar el pedido'],
        'Order received' => ['Bestellung erhalten', 'Commande reçue', 'Pedido recibido'],
        'A confirmation goes to :email.' => [
            'Eine Bestätigung geht an :email.', 'Une confirmation part à :email.', 'Se envía una confirmación a :email.',
        ],
        'One line needs another look.' => [
            'Bitte prüfen Sie eine Zeile noch einmal.', 'Une ligne est à revoir.', 'Hay una línea que revisar.',
        ],
        ':count lines need another look.' => [
            'Bitte prüfen Sie :count Zeilen noch einmal.', ':count lignes sont à revoir.', 'Hay :count líneas que revisar.',
        ],
        'Please fill this in.' => ['Bitte füllen Sie das aus.', 'Merci de remplir ce champ.', 'Rellene este campo, por favor.'],
        'Write an address such as ada@example.org.' => [
            'Schreiben Sie eine Adresse wie ada@example.org.', 'Écrivez une adresse comme ada@example.org.',
            'Escriba una dirección como ada@example.org.',
        ],
        'Please use at most :max characters.' => [
            'Bitte höchstens :max Zeichen.', ':max caractères au plus, s’il vous plaît.', 'Como máximo :max caracteres, por favor.',
        ],
        'Locked' => ['Geschlossen', 'Fermé', 'Cerrado'],
        'Password' => ['Passwort', 'Mot de passe', 'Contraseña'],
        'Not found' => ['Nicht gefunden', 'Introuvable', 'No encontrado'],
        'To the shop' => ['Zum Laden', 'Vers la boutique', 'A la tienda'],
        'Letters' => ['Briefe', 'Lettres', 'Cartas'],
        'Thank you' => ['Danke', 'Merci', 'Gracias'],
        'A letter is on its way to :email: say yes in it, and the next ones will come.' => [
            'Ein Brief ist unterwegs an :email: Sagen Sie darin ja, dann kommen die nächsten.',
            'Une lettre est en route vers :email : dites-y oui, et les suivantes viendront.',
            'Una carta va de camino a :email: diga en ella que sí y llegarán las siguientes.',
        ],
        'One more try' => ['Noch ein Versuch', 'Encore un essai', 'Un intento más'],
        '“:email” is not an e-mail address. Write one such as ada@example.org.' => [
            '„:email“ ist keine E-Mail-Adresse. Schreiben Sie eine wie ada@example.org.',
            '« :email » n’est pas une adresse e-mail. Écrivez-en une comme ada@example.org.',
            '«:email» no es una dirección de correo. Escriba una como ada@example.org.',
        ],
        'Sign me up' => ['Anmelden', 'M’inscrire', 'Suscribirme'],
        'This link leads no further' => [
            'Dieser Link führt nicht weiter',
            'Ce lien ne mène plus nulle part',
            'Este enlace no lleva más lejos',
        ],
        'It is too old, or the address has been taken off the list. Give it again where you gave it first.' => [
            'Er ist zu alt, oder die Adresse wurde von der Liste genommen. Geben Sie sie dort noch einmal an, wo Sie sie zuerst '
                .'angegeben haben.',
            'Il est trop ancien, ou l’adresse a été retirée de la liste. Redonnez-la là où vous l’aviez donnée.',
            'Es demasiado antiguo o la dirección se ha quitado de la lista. Désela otra vez donde la dio primero.',
        ],
        'You are off the list' => ['Sie sind von der Liste', 'Vous n’êtes plus sur la liste', 'Ya no está en la lista'],
        'The address is forgotten. No letter will come.' => [
            'Die Adresse ist vergessen. Es kommt kein Brief.', 'L’adresse est oubliée. Aucune lettre ne viendra.',
            'La dirección queda olvidada. No llegará ninguna carta.',
        ],
        'Letters will come to :email.' => ['Briefe kommen an :email.', 'Les lettres viendront à :email.', 'Las cartas llegarán a :email.'],
        'Take me off the list again' => ['Wieder von der Liste nehmen', 'Me retirer de la liste', 'Quitarme de la lista'],
        'Is :email your address?' => ['Ist :email Ihre Adresse?', 'Est-ce que :email est votre adresse ?', '¿Es :email su dirección?'],
        'Is this your address?' => ['Ist das Ihre Adresse?', 'Est-ce votre adresse ?', '¿Es esta su dirección?'],
        'Somebody gave it to :name to receive letters. None is sent before you say yes.' => [
            'Jemand hat sie :name gegeben, um Briefe zu bekommen. Keiner wird gesendet, bevor Sie ja sagen.',
            'Quelqu’un l’a donnée à :name pour recevoir des lettres. Aucune ne part avant votre oui.',
            'Alguien se la dio a :name para recibir cartas. No se envía ninguna antes de que diga que sí.',
        ],
        'If it was not you, do nothing: the address is forgotten after thirty days.' => [
            'Waren Sie es nicht, tun Sie nichts: Nach dreißig Tagen ist die Adresse vergessen.',
            'Si ce n’était pas vous, ne faites rien : l’adresse est oubliée après trente jours.',
            'Si no fue usted, no haga nada: la dirección se olvida a los treinta días.',
        ],
        'Yes, write to me' => ['Ja, schreiben Sie mir', 'Oui, écrivez-moi', 'Sí, escríbame'],
        'No, forget it' => ['Nein, vergessen Sie sie', 'Non, oubliez-la', 'No, olvídela'],
        'This shop uses a practice till. No money moves; you say what the till should do.' => [
            'Dieser Laden hat eine Übungskasse. Es fließt kein Geld; Sie sagen, was die Kasse tun soll.',
            'Cette boutique a une caisse d’exercice. Aucun argent ne circule ; vous dites ce que la caisse doit faire.',
            'Esta tienda usa una caja de práctica. No se mueve dinero; usted dice qué debe hacer la caja.',
        ],
        'The till should' => ['Die Kasse soll', 'La caisse doit', 'La caja debe'],
        'accept the card' => ['die Karte annehmen', 'accepter la carte', 'aceptar la tarjeta'],
        'decline the card' => ['die Karte ablehnen', 'refuser la carte', 'rechazar la tarjeta'],
        'not answer in time' => ['nicht rechtzeitig antworten', 'ne pas répondre à temps', 'no responder a tiempo'],
        'The card was declined. Nothing was taken. Try another card.' => [
            'Die Karte wurde abgelehnt. Es wurde nichts abgebucht. Versuchen Sie eine andere.',
            'La carte a été refusée. Rien n’a été prélevé. Essayez-en une autre.',
            'La tarjeta fue rechazada. No se ha cobrado nada. Pruebe con otra.',
        ],
        'The till did not answer in time. Nothing was taken and your order is still here. Try again.' => [
            'Die Kasse hat nicht rechtzeitig geantwortet. Es wurde nichts abgebucht, und Ihre Bestellung ist noch da. Versuchen '
                .'Sie es noch einmal.',
            'La caisse n’a pas répondu à temps. Rien n’a été prélevé et votre commande est toujours là. Réessayez.',
            'La caja no respondió a tiempo. No se ha cobrado nada y su pedido sigue aquí. Inténtelo de nuevo.',
        ],
        'That is not made just now. Choose it another way; everything in your cart is still here.' => [
            'Das wird gerade nicht gemacht. Wählen Sie es anders; alles in Ihrem Warenkorb ist noch da.',
            'Cela n’est pas fabriqué en ce moment. Choisissez autrement ; tout votre panier est toujours là.',
            'Eso no se hace ahora mismo. Elíjalo de otra forma; todo lo de su carrito sigue aquí.',
        ],
        'That product cannot be bought just now. Everything else in your cart is still here.' => [
            'Dieses Produkt ist gerade nicht zu kaufen. Alles andere in Ihrem Warenkorb ist noch da.',
            'Ce produit n’est pas en vente en ce moment. Le reste de votre panier est toujours là.',
            'Ese producto no se puede comprar ahora mismo. Lo demás de su carrito sigue aquí.',
        ],
        'There is no order with that number and address. Both stand in the letter we sent you.' => [
            'Es gibt keine Bestellung mit dieser Nummer und Adresse. Beide stehen in dem Brief, den wir Ihnen gesandt haben.',
            'Il n’y a pas de commande avec ce numéro et cette adresse. Les deux figurent dans notre lettre.',
            'No hay ningún pedido con ese número y esa dirección. Ambos están en la carta que le enviamos.',
        ],
        'That is not the password. Check capital letters and try again.' => [
            'Das ist nicht das Passwort. Prüfen Sie die Großbuchstaben und versuchen Sie es noch einmal.',
            'Ce n’est pas le mot de passe. Vérifiez les majuscules et réessayez.',
            'Esa no es la contraseña. Compruebe las mayúsculas e inténtelo de nuevo.',
        ],
        'We have no way to send this there just now. Change where it goes, or send less at once.' => [
            'Dorthin können wir das gerade nicht senden. Ändern Sie das Ziel, oder senden Sie weniger auf einmal.',
            'Nous ne pouvons pas l’y envoyer en ce moment. Changez la destination, ou envoyez moins à la fois.',
            'Ahora mismo no podemos enviarlo allí. Cambie el destino o envíe menos de una vez.',
        ],
        'Choose how it should travel.' => ['Wählen Sie, wie es reisen soll.', 'Choisissez comment l’envoyer.', 'Elija cómo debe viajar.'],
        'A cart holds :most different products. Take one out, or order these first.' => [
            'Ein Warenkorb fasst :most verschiedene Produkte. Nehmen Sie eines heraus, oder bestellen Sie diese zuerst.',
            'Un panier contient :most produits différents. Retirez-en un, ou commandez d’abord ceux-ci.',
            'Un carrito admite :most productos distintos. Saque uno o pida antes estos.',
        ],
        'This code has not begun yet.' => [
            'Dieser Code gilt noch nicht.',
            'Ce code n’a pas encore commencé.',
            'Este código aún no ha empezado.',
        ],
        'This code has ended.' => ['Dieser Code ist abgelaufen.', 'Ce code est terminé.', 'Este código ha terminado.'],
        'This code needs a larger order. Add something and it will count.' => [
            'Dieser Code braucht eine größere Bestellung. Legen Sie etwas dazu, dann zählt er.',
            'Ce code demande une commande plus grande. Ajoutez quelque chose et il comptera.',
            'Este código necesita un pedido mayor. Añada algo y contará.',
        ],
        'This code has been used as often as it can be.' => [
            'Dieser Code wurde so oft benutzt, wie es geht.', 'Ce code a été utilisé autant de fois que possible.',
            'Este código ya se ha usado todas las veces posibles.',
        ],
        'This code is for other things than those in your cart.' => [
            'Dieser Code gilt für anderes als das, was im Warenkorb liegt.',
            'Ce code vaut pour autre chose que ce qui est dans votre panier.',
            'Este código es para cosas distintas de las de su carrito.',
        ],
        '“:code” is not one of our codes. Check the spelling; your cart is unchanged.' => [
            '„:code“ ist keiner unserer Codes. Prüfen Sie die Schreibweise; Ihr Warenkorb ist unverändert.',
            '« :code » n’est pas un de nos codes. Vérifiez l’orthographe ; votre panier est inchangé.',
            '«:code» no es uno de nuestros códigos. Revise cómo está escrito; su carrito no ha cambiado.',
        ],
        'This is not open to you' => ['Das ist Ihnen nicht zugänglich', 'Ceci ne vous est pas ouvert', 'Esto no está abierto para usted'],
        'Go back to the shop; nothing was changed.' => [
            'Gehen Sie zurück zum Laden; nichts wurde geändert.', 'Revenez à la boutique ; rien n’a été changé.',
            'Vuelva a la tienda; no se ha cambiado nada.',
        ],
        'There is nothing at this address' => [
            'Unter dieser Adresse ist nichts',
            'Il n’y a rien à cette adresse',
            'No hay nada en esta dirección',
        ],
        'The page you asked for may have been moved. Check the address, or go back to where you came from.' => [
            'Die Seite ist vielleicht umgezogen. Prüfen Sie die Adresse, oder gehen Sie dahin zurück, woher Sie kamen.',
            'La page a peut-être été déplacée. Vérifiez l’adresse, ou revenez d’où vous venez.',
            'Puede que la página se haya movido. Revise la dirección o vuelva al lugar de donde vino.',
        ],
        'That did not work' => ['Das hat nicht geklappt', 'Cela n’a pas marché', 'Eso no ha funcionado'],
        'Go back to the shop and try once more. Your cart is as it was.' => [
            'Gehen Sie zurück zum Laden und versuchen Sie es noch einmal. Ihr Warenkorb ist, wie er war.',
            'Revenez à la boutique et réessayez. Votre panier est comme avant.',
            'Vuelva a la tienda e inténtelo otra vez. Su carrito está como estaba.',
        ],
        'That is too much at once' => ['Das ist zu viel auf einmal', 'C’est trop à la fois', 'Es demasiado de una vez'],
        'Send less and try once more.' => [
            'Senden Sie weniger und versuchen Sie es noch einmal.', 'Envoyez moins et réessayez.', 'Envíe menos e inténtelo otra vez.',
        ],
        'This form was not sent from the shop' => [
            'Dieses Formular kam nicht aus dem Laden',
            'Ce formulaire ne vient pas de la boutique',
            'Este formulario no se envió desde la tienda',
        ],
        'Open the page again and send it from there. Your cart is as it was.' => [
            'Öffnen Sie die Seite noch einmal und senden Sie es von dort. Ihr Warenkorb ist, wie er war.',
            'Rouvrez la page et envoyez-le de là. Votre panier est comme avant.',
            'Abra la página otra vez y envíelo desde allí. Su carrito está como estaba.',
        ],
        'That could not be read' => ['Das war nicht zu lesen', 'Cela n’a pas pu être lu', 'Eso no se pudo leer'],
        'Go back, look at what you wrote, and send it once more. Your cart is as it was.' => [
            'Gehen Sie zurück, sehen Sie nach, was Sie geschrieben haben, und senden Sie es noch einmal. Ihr Warenkorb ist, wie er war.',
            'Revenez en arrière, relisez ce que vous avez écrit et renvoyez-le. Votre panier est comme avant.',
            'Vuelva atrás, mire lo que escribió y envíelo otra vez. Su carrito está como estaba.',
        ],
        'Too many tries' => ['Zu viele Versuche', 'Trop d’essais', 'Demasiados intentos'],
        'Wait a minute, then try again. Your cart is as it was.' => [
            'Warten Sie eine Minute und versuchen Sie es dann noch einmal. Ihr Warenkorb ist, wie er war.',
            'Attendez une minute, puis réessayez. Votre panier est comme avant.',
            'Espere un minuto e inténtelo de nuevo. Su carrito está como estaba.',
        ],
        'Something went wrong on our side' => [
            'Bei uns ist etwas schiefgegangen', 'Quelque chose n’a pas marché chez nous', 'Algo ha fallado por nuestra parte',
        ],
        'Nothing was taken and your cart is as it was. Try again in a moment.' => [
            'Es wurde nichts abgebucht, und Ihr Warenkorb ist, wie er war. Versuchen Sie es gleich noch einmal.',
            'Rien n’a été prélevé et votre panier est comme avant. Réessayez dans un moment.',
            'No se ha cobrado nada y su carrito está como estaba. Inténtelo dentro de un momento.',
        ],
        'The shop cannot be reached just now' => [
            'Der Laden ist gerade nicht zu erreichen',
            'La boutique est injoignable pour le moment',
            'No se puede llegar a la tienda ahora mismo',
        ],
        'It will be back in a moment. Your cart is as it was; try again soon.' => [
            'Er ist gleich wieder da. Ihr Warenkorb ist, wie er war; versuchen Sie es bald noch einmal.',
            'Elle revient dans un moment. Votre panier est comme avant ; réessayez bientôt.',
            'Volverá en un momento. Su carrito está como estaba; inténtelo pronto.',
        ],
        'Card' => ['Karte', 'Carte', 'Tarjeta'],
        'Bank transfer' => ['Überweisung', 'Virement', 'Transferencia'],
        'Cash on collection' => ['Bar bei Abholung', 'Espèces au retrait', 'Efectivo al recoger'],
        'Gift card' => ['Geschenkkarte', 'Carte cadeau', 'Tarjeta regalo'],
        'Dressed with Ikat' => ['Eingekleidet mit Ikat', 'Habillé avec Ikat', 'Vestido con Ikat'],
        'Product' => ['Produkt', 'Produit', 'Producto'],
    ];

    /** @return list<string> every phrase that ships */
    public static function all(): array
    {
        return array_keys(self::WORDS);
    }

    /** @return array<string, string> original => in that language; empty for one that does not ship */
    public static function in(string $language): array
    {
        $at = array_search($language, self::LANGUAGES, true);

        return $at === false ? [] : array_map(static fn(array $said): string => $said[$at], self::WORDS);
    }
}
