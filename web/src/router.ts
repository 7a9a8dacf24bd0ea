import { createRouter, createWebHistory } from 'vue-router'
import { onSignedOut } from './api/client'
import { useSession } from './signin/session'

export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (to, _from, saved) => saved ?? (to.hash ? undefined : { top: 0 }),
  routes: [
    {
      path: '/sign-in',
      component: () => import('./signin/SignInPage.vue'),
      meta: { open: true, title: 'Sign in' },
    },
    {
      path: '/',
      component: () => import('./day/DaySheetPage.vue'),
      meta: { tab: 'day', title: 'Day sheet' },
    },
    {
      path: '/day/:date(\\d{4}-\\d{2}-\\d{2})',
      component: () => import('./day/DaySheetPage.vue'),
      meta: { tab: 'day', title: 'Day sheet' },
    },
    {
      path: '/meeting/new',
      component: () => import('./meeting/NewMeetingPage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'day', title: 'A new meeting' },
    },
    {
      path: '/meeting/:id',
      component: () => import('./meeting/MeetingPage.vue'),
      meta: { tab: 'day', title: 'Meeting' },
    },
    {
      path: '/meeting/:id/notes',
      component: () => import('./capture/CapturePage.vue'),
      meta: { tab: 'day', title: 'Notes' },
    },
    {
      path: '/tray',
      component: () => import('./tray/TrayPage.vue'),
      meta: { tab: 'tray', title: 'In-tray' },
    },
    {
      path: '/tray/:source',
      component: () => import('./tray/PlacePage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'tray', title: 'Place a source' },
    },
    {
      path: '/minutes/:id',
      component: () => import('./spread/SpreadPage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'tray', title: 'Spread' },
    },
    {
      path: '/ledger',
      component: () => import('./ledger/LedgerPage.vue'),
      meta: { tab: 'ledger', title: 'Ledger' },
    },
    {
      path: '/registers/:register(actions|decisions|questions|risks)',
      component: () => import('./registers/RegistersPage.vue'),
      meta: { tab: 'registers', title: 'Registers' },
    },
    {
      path: '/folio/:number(\\d+)',
      component: () => import('./folio/NumberedPage.vue'),
      meta: { tab: 'ledger', title: 'Folio' },
    },
    {
      path: '/folio/:number(\\d+)/source',
      component: () => import('./folio/FolioSourcePage.vue'),
      meta: { tab: 'ledger', title: 'Folio and source' },
    },
    {
      path: '/folio/:number(\\d+)/amend',
      component: () => import('./spread/AmendPage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'ledger', title: 'Amend a folio' },
    },
    {
      path: '/folio/:number(\\d+)/circulate',
      component: () => import('./post/CirculatePage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'ledger', title: 'Circulate minutes' },
    },
    {
      path: '/folio/:number(\\d+)/excerpt',
      component: () => import('./excerpt/MakeExcerptPage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'ledger', title: 'Make an excerpt' },
    },
    {
      path: '/welcome/:key',
      component: () => import('./guests/WelcomePage.vue'),
      meta: { open: true, title: 'Choose a password' },
    },
    {
      path: '/let-in',
      component: () => import('./guests/LetInPage.vue'),
      meta: { open: true, guest: true, title: 'Minutes you are let into' },
    },
    {
      path: '/let-in/:number(\\d+)',
      component: () => import('./guests/GuestFolioPage.vue'),
      meta: { open: true, guest: true, title: 'Folio' },
    },
    {
      path: '/members',
      component: () => import('./members/MembersPage.vue'),
      meta: { title: 'Members' },
    },
    {
      path: '/account',
      component: () => import('./account/AccountPage.vue'),
      meta: { title: 'Your account' },
    },
    {
      path: '/audit',
      component: () => import('./audit/AuditPage.vue'),
      meta: { needs: 'ADMINISTERS', title: 'Audit trail' },
    },
    {
      path: '/backups',
      component: () => import('./backups/BackupsPage.vue'),
      meta: { needs: 'ADMINISTERS', title: 'Backups' },
    },
    {
      path: '/networks',
      component: () => import('./networks/NetworksPage.vue'),
      meta: { title: 'Networks' },
    },
    {
      path: '/access',
      component: () => import('./guests/AccessPage.vue'),
      meta: { needs: 'TAKES_PART', title: 'Access' },
    },
    {
      path: '/excerpt/:token',
      component: () => import('./excerpt/ExcerptPage.vue'),
      meta: { open: true, title: 'An excerpt of minutes' },
    },
    {
      path: '/labels',
      component: () => import('./ledger/LabelsPage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'ledger', title: 'Collections, projects and tags' },
    },
    {
      path: '/imports',
      component: () => import('./imports/ImportsPage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'ledger', title: 'Old papers' },
    },
    {
      path: '/upkeep',
      component: () => import('./upkeep/UpkeepPage.vue'),
      meta: { title: 'Upkeep' },
    },
    {
      path: '/strand',
      component: () => import('./strand/StrandPage.vue'),
      meta: { tab: 'ledger', title: 'Strand' },
    },
    {
      path: '/series',
      component: () => import('./portraits/SeriesPage.vue'),
      meta: { tab: 'ledger', title: 'Series' },
    },
    {
      path: '/people/:id',
      component: () => import('./portraits/PersonPage.vue'),
      meta: { title: 'Person' },
    },
    {
      path: '/roll-up',
      component: () => import('./registers/RollUpPage.vue'),
      meta: { tab: 'registers', title: 'Roll-up' },
    },
    { path: '/lamp', component: () => import('./lamp/LampPage.vue'), meta: { title: 'Lamp' } },
    {
      path: '/people',
      component: () => import('./people/PeoplePage.vue'),
      meta: { title: 'People' },
    },
    {
      path: '/templates',
      component: () => import('./templates/TemplatesPage.vue'),
      meta: { needs: 'TAKES_PART', title: 'Templates' },
    },
    {
      path: '/house',
      component: () => import('./house/HouseDocumentPage.vue'),
      meta: { needs: 'TAKES_PART', title: 'House document' },
    },
    {
      path: '/marks',
      component: () => import('./marks/MarksPage.vue'),
      meta: { needs: 'TAKES_PART', title: 'Marks and abbreviations' },
    },
    {
      path: '/calendars',
      component: () => import('./calendars/CalendarsPage.vue'),
      meta: { needs: 'TAKES_PART', title: 'Calendars' },
    },
    {
      path: '/recorders',
      component: () => import('./recorder/RecordersPage.vue'),
      meta: { needs: 'TAKES_PART', title: 'Recorders' },
    },
    {
      path: '/tokens',
      component: () => import('./tokens/TokensPage.vue'),
      meta: { title: 'Access tokens' },
    },
    {
      path: '/post',
      component: () => import('./post/PostPage.vue'),
      meta: { needs: 'TAKES_PART', title: 'Post room' },
    },
    {
      path: '/meeting/:id/agenda',
      component: () => import('./post/AgendaLetterPage.vue'),
      meta: { needs: 'TAKES_PART', tab: 'day', title: 'Circulate the agenda' },
    },
    {
      path: '/:rest(.*)*',
      component: () => import('./frame/NoSuchPlace.vue'),
      meta: { title: 'Not found' },
    },
  ],
})

router.beforeEach(async (to) => {
  const session = useSession()
  await session.load()
  const member = session.member.value
  if (!member && (!to.meta.open || to.meta.guest)) {
    return { path: '/sign-in', query: to.fullPath === '/' ? {} : { to: to.fullPath } }
  }
  // A guest sees what they were let into; a member sees the folio itself.
  if (member?.guest && !to.meta.open) return '/let-in'
  if (member && !member.guest && to.meta.guest) {
    return to.params.number ? `/folio/${String(to.params.number)}` : '/'
  }
  if (member && to.path === '/sign-in') return '/'
})

router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? '')} · Ledger Lamp`
})

onSignedOut(() => {
  useSession().forget()
  void router.push({ path: '/sign-in', query: { to: router.currentRoute.value.fullPath } })
})
