import type { AuditEntry } from '../api/types'

/** What stands in the audit trail, in plain words. */
export const KINDS: Record<AuditEntry['kind'], string> = {
  SIGNED_IN: 'signed in',
  SIGN_IN_REFUSED: 'sign-in refused',
  PASSWORD_CHANGED: 'password changed',
  MEMBER_INVITED: 'member invited',
  MEMBER_REMOVED: 'member removed',
  ROLE_CHANGED: 'role changed',
  PASSWORD_LINK_MADE: 'password link made',
  ACCESS_GIVEN: 'guest access given',
  ACCESS_TAKEN_BACK: 'guest access removed',
  TOKEN_MADE: 'access token made',
  TOKEN_REVOKED: 'access token revoked',
  MAIL_SERVER_CHANGED: 'mail server changed',
  RECORDER_SET_UP: 'recorder set up',
  RECORDER_REMOVED: 'recorder removed',
  NETWORK_ALLOWED: 'network allowed',
  NETWORK_CLOSED: 'network removed',
  EXCERPT_MADE: 'excerpt made',
  EXCERPT_OPENED: 'excerpt opened',
  EXCERPT_REVOKED: 'excerpt revoked',
  CIRCULATED: 'circulated',
  EXPORTED: 'exported',
  FILING_TAKEN_BACK: 'filing taken back',
  FOLIO_DELETED: 'folio deleted',
  BACKUP_ORDERED: 'backup ordered',
}
