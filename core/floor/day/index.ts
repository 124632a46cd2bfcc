export { roomsOfDay, type DayRoom, type RoomGiven, type RoomsOfDay, type SquadWish } from './roomsOfDay'
