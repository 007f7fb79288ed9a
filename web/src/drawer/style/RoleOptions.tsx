/** All emphasis roles, with the names that a style gives them. */
export function RoleOptions({ roles }: { roles: string[] }) {
  return [1, 2, 3, 4].map((role) => (
    <option key={role} value={role}>
      {roles[role - 1] ?? `emphasis ${role}`}
    </option>
  ));
}
