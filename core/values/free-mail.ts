/* Where anybody may have an e-mail address for nothing: services with endings of many countries, and single domains. */

const SERVICES = /^(?:gmail|googlemail|outlook|hotmail|live|msn|yahoo|ymail|rocketmail|aol|gmx|yandex|proton|protonmail|tutanota|zoho|zohomail|fastmail|icloud)\.(?:[a-z]{2,4}|com?\.[a-z]{2})$/;
const DOMAINS = new Set(
  ('me.com mac.com hey.com usa.com mail.com email.com inbox.com inbox.lv pm.me tuta.com tuta.io hushmail.com mailfence.com lycos.com excite.com juno.com netzero.net ' +
  'btinternet.com sky.com talktalk.net ntlworld.com blueyonder.co.uk virginmedia.com eircom.net comcast.net verizon.net att.net sbcglobal.net bellsouth.net cox.net charter.net earthlink.net shaw.ca rogers.com sympatico.ca bigpond.com bigpond.net.au optusnet.com.au ' +
  'web.de freenet.de arcor.de t-online.de online.de mailbox.org posteo.de posteo.net email.de mail.de laposte.net orange.fr wanadoo.fr free.fr sfr.fr neuf.fr libero.it virgilio.it tiscali.it alice.it tin.it inwind.it ' +
  'wp.pl o2.pl onet.pl interia.pl op.pl gazeta.pl seznam.cz centrum.cz email.cz azet.sk sapo.pt terra.es terra.com.br uol.com.br bol.com.br ig.com.br bluewin.ch hispeed.ch telenet.be skynet.be ziggo.nl kpnmail.nl planet.nl hetnet.nl xs4all.nl chello.at aon.at a1.net telia.com spray.se abv.bg freemail.hu citromail.hu ' +
  'ukr.net i.ua mail.ru bk.ru list.ru inbox.ru rambler.ru ya.ru naver.com daum.net hanmail.net qq.com 163.com 126.com sina.com rediffmail.com').split(' '),
);

/** Is the domain of an address one of a free mail service? Capitals do not count. */
export const isFreeMail = (domain: string): boolean => SERVICES.test(domain.toLowerCase()) || DOMAINS.has(domain.toLowerCase());
