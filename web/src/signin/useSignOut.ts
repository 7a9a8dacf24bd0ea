import { useRouter } from 'vue-router'
import { useNotices } from '../shared/notices'
import { useSession } from './session'

/** Signs out, and leads to where one signs in. */
export function useSignOut() {
  const session = useSession()
  const router = useRouter()
  const { attempt } = useNotices()
  return () => attempt(session.signOut().then(() => router.push('/sign-in')))
}
